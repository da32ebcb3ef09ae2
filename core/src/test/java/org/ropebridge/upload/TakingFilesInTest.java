package org.ropebridge.upload;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.CharRange;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import net.jqwik.api.constraints.StringLength;
import org.junit.jupiter.api.Test;

/** Untidy files become tables; what is changed is told, and no row is lost. */
class TakingFilesInTest {
  private static final String VISITS =
      """
      Hut|Day|Visitors|Takings
      Larkspur|2025-03-01|12|120.50
      Gannet|2025-03-02|7|70
      Rook|2025-03-03|9|88.25""";

  @Test
  void aTidyFileIsTakenAsItStands() {
    UntidyFiles.Taken taken = UntidyFiles.take(VISITS);
    assertEquals(List.of("hut", "day", "visitors", "takings"), taken.names());
    assertEquals(List.of("Larkspur", "2025-03-01", "12", "120.50"), taken.rows().get(0));
    assertEquals(3, taken.rows().size());
    assertEquals(Kind.DAY, taken.kind("day"));
    assertEquals(Kind.WHOLE, taken.kind("visitors"));
    assertEquals(Kind.DECIMAL, taken.kind("takings"));
    assertTrue(taken.aside().isEmpty());
  }

  @Test
  void titlesEmptyRowsTotalsAndRemarksAreNoRows() {
    UntidyFiles.Taken taken =
        UntidyFiles.take(
            """
            Visits of the season|||
            |||
            Hut|Day|Visitors|Takings
            Larkspur|2025-03-01|12|120.50
            |||
            Gannet|2025-03-02|7|70.00
            Hut|Day|Visitors|Takings
            Rook|2025-03-03|9|88.25
            ||28|278.75
            Counted by the wardens|||""");
    assertEquals(3, taken.rows().size());
    assertEquals(3, taken.leftOut() - 1, "two empty rows, the heading, and the heading again");
    assertEquals(
        List.of(
            "1 stands above the heading", "9 is a row of totals", "10 is a remark below the table"),
        taken.aside().stream().map(a -> a.line() + " " + a.reason()).toList());
    assertTrue(
        taken.notes().contains("the file has its heading in line 3"), taken.notes().toString());
    assertTrue(taken.notes().contains("2 empty rows are left out"));
    assertTrue(taken.notes().contains("1 row that repeats the heading is left out"));
  }

  @Test
  void subtotalsInBetweenArePutAside() {
    UntidyFiles.Taken taken =
        UntidyFiles.take(
            """
            Valley|Hut|Visitors
            Ossel|Larkspur|12
            Ossel|Gannet|7
            Ossel total||19
            Quill|Rook|9
            Total||28""");
    assertEquals(3, taken.rows().size());
    assertEquals(
        List.of("4 is a row of subtotals", "6 is a row of totals"),
        taken.aside().stream().map(a -> a.line() + " " + a.reason()).toList());
  }

  @Test
  void aLastRowThatOnlyHappensToBeShortOfWordsStays() {
    UntidyFiles.Taken taken =
        UntidyFiles.take(
            """
            Hut|Valley|Visitors
            Larkspur|Ossel|12
            Gannet|Ossel|7
            Rook||9""");
    assertEquals(3, taken.rows().size());
    assertNull(taken.rows().get(2).get(1));
  }

  @Test
  void theDecimalMarkIsThatOfTheColumn() {
    UntidyFiles.Taken taken =
        UntidyFiles.take(
            """
            Hut|Takings|Debt
            Larkspur|1.234,50|1.234
            Gannet|70|-2.500
            Rook|88,25|(3.000)""");
    assertEquals(
        List.of("1234.50", "70", "88.25"), taken.rows().stream().map(r -> r.get(1)).toList());
    assertEquals(
        List.of("1234", "-2500", "-3000"), taken.rows().stream().map(r -> r.get(2)).toList());
    assertTrue(taken.notes().toString().contains("debt has numbers like \"1.234\" in line 2"));
  }

  @Test
  void whatCanBeReadInTwoWaysIsAsked() {
    String text =
        """
        Hut|Day|Debt
        Larkspur|03/04/2025|1.234
        Gannet|05/06/2025|2.500""";
    assertThrows(Untakable.class, () -> UntidyFiles.take(text));
    Detection.Result found = UntidyFiles.look(text);
    assertEquals(2, found.notes().stream().filter(FileNote::open).count());
    UntidyFiles.Taken taken =
        UntidyFiles.take(
            text,
            c ->
                new ColumnForm(
                    c.index(),
                    c.header(),
                    c.name(),
                    c.kind(),
                    DecimalMark.POINT,
                    DayOrder.MONTH_FIRST,
                    false,
                    true));
    assertEquals(List.of("Larkspur", "2025-03-04", "1.234"), taken.rows().get(0));
  }

  @Test
  void oneColumnTellsTheOrderOfDaysInTheOther() {
    UntidyFiles.Taken taken =
        UntidyFiles.take(
            """
            Hut|From|To
            Larkspur|03/04/2025|13/04/2025
            Gannet|05/06/2025|07/06/2025""");
    assertEquals(List.of("Larkspur", "2025-04-03", "2025-04-13"), taken.rows().get(0));
  }

  @Test
  void daysInSeveralFormsAreOneColumn() {
    UntidyFiles.Taken taken =
        UntidyFiles.take(
            """
            Hut|Day
            A|2025-03-01
            B|14.3.2025
            C|3 April 2025
            D|20/5/25""");
    assertEquals(
        List.of("2025-03-01", "2025-03-14", "2025-04-03", "2025-05-20"),
        taken.rows().stream().map(r -> r.get(1)).toList());
  }

  @Test
  void bothOrdersOfDaysInOneColumnAreKeptAsText() {
    UntidyFiles.Taken taken =
        UntidyFiles.take("Hut|Day\nA|14/03/2025\nB|03/14/2025\nC|04/03/2025\nD|13/03/2025");
    assertEquals(Kind.TEXT, taken.kind("day"));
    assertEquals("14/03/2025", taken.rows().get(0).get(1));
  }

  @Test
  void aFewMisfitsArePutAsideWithTheirReason() {
    StringBuilder text = new StringBuilder("Hut|Visitors|Day\n");
    for (int i = 1; i <= 38; i++) {
      text.append("Hut ").append(i).append('|').append(i).append("|2025-03-01\n");
    }
    text.append("Hut 39|many|2025-03-01\nHut 40|3|2025-02-30\n");
    UntidyFiles.Taken taken = UntidyFiles.take(text.toString());
    assertEquals(38, taken.rows().size());
    assertEquals(
        List.of(
            "40 visitors: \"many\" is no number",
            "41 day: \"2025-02-30\" is no day of the calendar"),
        taken.aside().stream().map(a -> a.line() + " " + a.reason()).toList());
  }

  @Test
  void manyMisfitsMakeTheColumnText() {
    UntidyFiles.Taken taken = UntidyFiles.take("Hut|Visitors\nA|12\nB|many\nC|7\nD|9");
    assertEquals(Kind.TEXT, taken.kind("visitors"));
    assertEquals(4, taken.rows().size());
    assertTrue(
        taken
            .notes()
            .contains(
                "visitors is kept as text, though 3 of 4 cells are numbers: others are not, like"
                    + " \"many\" in line 3"),
        taken.notes().toString());
  }

  @Test
  void codesKeepTheirZeros() {
    UntidyFiles.Taken taken = UntidyFiles.take("Hut|Code\nA|007\nB|123\nC|045");
    assertEquals(Kind.TEXT, taken.kind("code"));
    assertEquals("007", taken.rows().get(0).get(1));
  }

  @Test
  void percentagesAndOneCurrencyAreNumbersSeveralAreText() {
    UntidyFiles.Taken taken =
        UntidyFiles.take(
            "Hut|Full|Price|Paid\nA|12%|€ 12.50|$1\nB|7.5 %|€ 8.00|€ 2\nC|100%|9.10 €|3");
    assertEquals(List.of("A", "0.12", "12.50", "$1"), taken.rows().get(0));
    assertEquals(Kind.TEXT, taken.kind("paid"));
  }

  @Test
  void marksForNothingAreNothingAmongNumbersAndTextAmongTexts() {
    UntidyFiles.Taken taken = UntidyFiles.take("Hut|Visitors|Warden\nA|12|-\nB|n/a|Ode\nC|–|Bram");
    assertNull(taken.rows().get(1).get(1));
    assertEquals("-", taken.rows().get(0).get(2));
  }

  @Test
  void aYearOverItsColumnsJoinsTheirNames() {
    UntidyFiles.Taken taken =
        UntidyFiles.take(
            """
            |2024||2025|
            Hut|Stays|Guests|Stays|Guests
            A|1|2|3|4
            B|5|6|7|8""");
    assertEquals(
        List.of("hut", "c_2024_stays", "c_2024_guests", "c_2025_stays", "c_2025_guests"),
        taken.names());
    assertEquals(List.of("A", "1", "2", "3", "4"), taken.rows().get(0));
  }

  @Test
  void aFileWithoutHeadingHasItsColumnsNumbered() {
    UntidyFiles.Taken taken = UntidyFiles.take("A|1|2025-03-01\nB|2|2025-03-02\nC|3|2025-03-03");
    assertEquals(List.of("column_1", "column_2", "column_3"), taken.names());
    assertEquals(3, taken.rows().size());
  }

  @Test
  void namesAreUniqueAndFitADatabase() {
    UntidyFiles.Taken taken =
        UntidyFiles.take("Größe (m²)|größe m2|guestNights||Año\n1|2|3|4|5\n6|7|8|9|1");
    assertEquals(
        List.of("grosse_m2", "grosse_m2_2", "guest_nights", "column_4", "ano"), taken.names());
  }

  @Test
  void columnsWithoutNameAndCellsAreLeftOut() {
    UntidyFiles.Taken taken = UntidyFiles.take("Hut||Visitors||\nA||1||\nB||2||");
    assertEquals(List.of("hut", "visitors"), taken.names());
    assertTrue(taken.notes().contains("column 2 is empty and is left out"));
  }

  @Test
  void rowsOfAnotherWidthArePutAside() {
    UntidyFiles.Taken taken = UntidyFiles.take("Hut|Visitors|Note\nA|1|x\nB|2|y|z\nC|3\nD|4|w");
    assertEquals(2, taken.rows().size());
    assertEquals(
        List.of(
            "3 has 4 cells where there are 3 columns", "4 has 2 cells where there are 3 columns"),
        taken.aside().stream().map(a -> a.line() + " " + a.reason()).toList());
  }

  @Test
  void rowsOfASheetEndWhereTheirLastCellIs() {
    List<RawRow> rows =
        List.of(
            new RawRow(1, List.of("Hut", "Visitors", "Note")),
            new RawRow(2, List.of("A", "1")),
            new RawRow(3, List.of("B", "2", "late")));
    UntidyFiles.Taken taken = UntidyFiles.take(rows, true, c -> c);
    assertEquals(2, taken.rows().size());
    assertNull(taken.rows().get(0).get(2));
  }

  @Test
  void momentsAtMidnightAreDays() {
    UntidyFiles.Taken taken =
        UntidyFiles.take(
            "Hut|At|Left\nA|2025-03-01 00:00:00|1.3.2025 8:30\nB|2025-03-02 00:00|2.3.2025 9:00");
    assertEquals(Kind.DAY, taken.kind("at"));
    assertEquals(Kind.MOMENT, taken.kind("left"));
    assertEquals("2025-03-01T08:30", taken.rows().get(0).get(2));
  }

  @Test
  void aFileOfNothingIsRefused() {
    assertThrows(Untakable.class, () -> UntidyFiles.look("|\n|"));
  }

  @Property(tries = 200)
  void everyLineIsTakenPutAsideOrCounted(
      @ForAll @Size(min = 1, max = 30)
          List<@Size(max = 5) List<@StringLength(max = 6) @CharRange(from = ' ', to = '9') String>>
              cells,
      @ForAll @IntRange(min = 0, max = 1) int sheet) {
    List<RawRow> rows = new ArrayList<>();
    for (int i = 0; i < cells.size(); i++) {
      rows.add(new RawRow(i + 1, cells.get(i)));
    }
    UntidyFiles.Taken taken;
    try {
      taken =
          UntidyFiles.take(
              rows,
              sheet == 1,
              c ->
                  new ColumnForm(
                      c.index(),
                      c.header(),
                      c.name(),
                      c.kind(),
                      DecimalMark.POINT,
                      DayOrder.DAY_FIRST,
                      c.percent(),
                      c.kept()));
    } catch (Untakable e) {
      assertFalse(e.getMessage().isEmpty());
      return;
    }
    assertEquals(rows.size(), taken.rows().size() + taken.aside().size() + taken.leftOut());
  }
}
