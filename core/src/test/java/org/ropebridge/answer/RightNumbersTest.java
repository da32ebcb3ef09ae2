package org.ropebridge.answer;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.TestFactory;
import org.ropebridge.DemoModel;
import org.ropebridge.TestWarehouse;
import org.ropebridge.access.Access;
import org.ropebridge.demo.DemoFiles;
import org.ropebridge.plan.Plan;
import org.ropebridge.reading.Reading;
import org.ropebridge.sql.SqlQuery;
import org.ropebridge.sql.SqlWriter;

/** Answers to questions are the rows that SQL written by hand gives. */
class RightNumbersTest {
  private static final int DIGITS = 4;
  private final SqlWriter writer =
      new SqlWriter(
          Access.unlimited(DemoModel.MODEL),
          DemoModel.READER.periods(),
          DemoModel.READER.restatement());

  @TestFactory
  Stream<DynamicTest> likeSqlWrittenByHand() {
    return DemoFiles.text("questions/answers.tsv")
        .lines()
        .filter(line -> !line.isBlank() && !line.startsWith("#"))
        .map(line -> line.split("\t"))
        .map(row -> DynamicTest.dynamicTest(row[0], () -> check(row[0], row[1])));
  }

  private void check(String question, String sql) {
    Reading reading = DemoModel.READER.read(question);
    Plan plan =
        reading
            .plan()
            .orElseThrow(() -> new AssertionError(reading.status() + " " + reading.reason()));
    SqlQuery query = writer.write(plan);
    List<List<Object>> rows = rounded(Rows.shown(TestWarehouse.run(query), plan, DemoModel.MODEL));
    List<List<Object>> expected = rounded(TestWarehouse.run(sql, List.of()));
    assertFalse(expected.isEmpty());
    assertEquals(expected, rows, query::readable);
    List<List<Object>> pasted =
        rounded(Rows.shown(TestWarehouse.run(query.readable(), List.of()), plan, DemoModel.MODEL));
    assertEquals(rows, pasted, "the SQL to paste gives other rows");
  }

  private static List<List<Object>> rounded(List<List<Object>> rows) {
    List<List<Object>> result = new ArrayList<>();
    for (List<Object> row : rows) {
      List<Object> cells = new ArrayList<>();
      for (Object cell : row) {
        cells.add(
            cell instanceof Number n
                ? new BigDecimal(n.toString())
                    .setScale(DIGITS, RoundingMode.HALF_UP)
                    .stripTrailingZeros()
                    .toPlainString()
                : cell == null ? null : cell.toString());
      }
      result.add(cells);
    }
    return result;
  }
}
