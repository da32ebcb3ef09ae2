package org.ropebridge.upload;

import static org.junit.jupiter.api.Assertions.assertEquals;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What cells look like. */
class ShapesTest {

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "''                          | EMPTY",
        "n/a                         | MARK",
        "–                           | MARK",
        "12                          | WHOLE",
        "-7                          | WHOLE",
        "7-                          | WHOLE",
        "(12)                        | WHOLE",
        "€ 12                        | WHOLE",
        "12 CHF                      | WHOLE",
        "-$3                         | WHOLE",
        "12 %                        | WHOLE",
        "20250314                    | DAY_DIGITS",
        "20251314                    | WHOLE",
        "007                         | CODE",
        "0                           | WHOLE",
        "1234567890123456789         | CODE",
        "1 234 567                   | SPACED",
        "1'234                       | SPACED",
        "12 34                       | TEXT",
        "1,234                       | ONE_COMMA_GROUP",
        "1.234                       | ONE_POINT_GROUP",
        "1,234,567                   | COMMA_GROUPS",
        "1.234.567                   | POINT_GROUPS",
        "1,23,456                    | TEXT",
        "1.5                         | POINT_DECIMAL",
        ".5                          | POINT_DECIMAL",
        "0.125                       | POINT_DECIMAL",
        "1,234.5                     | POINT_DECIMAL",
        "1 234.5                     | POINT_DECIMAL",
        "1.5E-3                      | POINT_DECIMAL",
        "12E4                        | TEXT",
        "1,5                         | COMMA_DECIMAL",
        "1.234,50                    | COMMA_DECIMAL",
        "1.23,5                      | TEXT",
        "2025-03-14                  | DAY_ISO",
        "2025/3/4                    | DAY_ISO",
        "2025-02-30                  | NO_DAY",
        "14.3.2025                   | DAY_FIRST",
        "3.4.25                      | DAY_FIRST",
        "14/03/2025                  | DAY_FIRST",
        "03/14/2025                  | MONTH_FIRST",
        "03/04/2025                  | DAY_EITHER",
        "03/03/2025                  | DAY_ISO",
        "31/31/2025                  | NO_DAY",
        "14 Mar 2025                 | DAY_NAMED",
        "14-Mar-25                   | DAY_NAMED",
        "'March 14, 2025'            | DAY_NAMED",
        "14th March 2025             | DAY_NAMED",
        "14. März 2025               | DAY_NAMED",
        "31 Feb 2025                 | NO_DAY",
        "2025-03                     | MONTH_ONLY",
        "Mar 2025                    | MONTH_ONLY",
        "2025-03-14T08:30            | MOMENT_ISO",
        "14.3.2025 8:30              | MOMENT_FIRST",
        "3/14/2025 8:30:00 PM        | MOMENT_MONTH_FIRST",
        "2025-03-14T08:30:00+01:00   | INSTANT",
        "2025-03-14 08:30:00.123Z    | INSTANT",
        "08:30                       | TIME",
        "25:00                       | TEXT",
        "yes                         | YES_NO",
        "FALSE                       | YES_NO",
        "#REF!                       | ERROR",
        "Ossel                       | TEXT",
        "Hut 7                       | TEXT",
        "may                         | TEXT",
        "12 kg                       | TEXT",
        "1.2.3                       | TEXT",
      })
  void looksLike(String cell, Shape shape) {
    assertEquals(shape, Shapes.of(CellText.tidy(cell)).shape());
  }
}
