package org.ropebridge.steering;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.math.BigDecimal;
import java.util.List;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.ropebridge.DemoModel;
import org.ropebridge.TestWarehouse;
import org.ropebridge.access.Access;
import org.ropebridge.plan.Plan;
import org.ropebridge.sql.SqlQuery;
import org.ropebridge.sql.SqlWriter;

/** Whoever adds up the rows behind a number by hand gets the number. */
class RowsBehindTest {
  private static final int ALL = 1_000_000;
  private static final RowsBehind BEHIND = new RowsBehind(DemoModel.MODEL, DemoModel.READER);
  private static final SqlWriter WRITER =
      new SqlWriter(
          Access.unlimited(DemoModel.MODEL),
          DemoModel.READER.periods(),
          DemoModel.READER.restatement());

  private static Plan plan(String question) {
    return DemoModel.READER.read(question).plan().orElseThrow();
  }

  private static List<List<Object>> rows(Plan plan) {
    return TestWarehouse.run(WRITER.write(plan, ALL));
  }

  private static SqlQuery listed(String question) {
    List<NextQuestions.Next> behind = BEHIND.of(plan(question));
    assertEquals(1, behind.size(), behind.toString());
    return WRITER.write(plan(behind.get(0).question()), ALL);
  }

  private static int column(SqlQuery query, String name) {
    return query.columns().stream().map(c -> c.name()).toList().indexOf(name);
  }

  private static BigDecimal number(Object value) {
    return value == null ? BigDecimal.ZERO : new BigDecimal(value.toString());
  }

  @ParameterizedTest
  @CsvSource({
    "number of stays in Ossel in June 2026",
    "number of callouts in Ossel in 2025",
    "number of stays for hut Quill this year"
  })
  void rowsThatAreCountedAreListed(String question) {
    int counted = number(rows(plan(question)).get(0).get(0)).intValueExact();
    assertTrue(counted > 0, "the question counts nothing");
    assertEquals(counted, TestWarehouse.run(listed(question)).size());
  }

  @ParameterizedTest
  @CsvSource({
    "total nights in Ossel in June 2026, nights",
    "sum of amount of charges in 2025, amount",
    "total party size for channel website this year, party size"
  })
  void theRowsAddUpToTheNumber(String question, String column) {
    SqlQuery listed = listed(question);
    int at = column(listed, column);
    assertTrue(at >= 0, () -> column + " is not among " + listed.columns());
    BigDecimal sum =
        TestWarehouse.run(listed).stream()
            .map(r -> number(r.get(at)))
            .reduce(BigDecimal.ZERO, BigDecimal::add);
    assertEquals(0, sum.compareTo(number(rows(plan(question)).get(0).get(0))), sum.toString());
  }

  @Test
  void groupsAreTheSumsOfTheirRows() {
    String question = "total nights by channel in Ossel in June 2026";
    SqlQuery listed = listed(question);
    int nights = column(listed, "nights");
    int channel = column(listed, "channel");
    TreeMap<String, Integer> byHand =
        TestWarehouse.run(listed).stream()
            .collect(
                Collectors.groupingBy(
                    r -> String.valueOf(r.get(channel)),
                    TreeMap::new,
                    Collectors.summingInt(r -> number(r.get(nights)).intValue())));
    TreeMap<String, Integer> told = new TreeMap<>();
    rows(plan(question))
        .forEach(r -> told.put(String.valueOf(r.get(0)), number(r.get(1)).intValue()));
    assertEquals(told, byHand);
  }

  @ParameterizedTest
  @CsvSource({
    "guest nights by valley this year, stays",
    "revenue per guest night in 2025, charges stays",
    "occupancy last month, stays bed offers",
    "share of revenue by valley, charges",
    "growth of revenue this year, charges"
  })
  void everyTableOfTheMeasuresIsListed(String question, String tables) {
    String labels =
        BEHIND.of(plan(question)).stream()
            .map(NextQuestions.Next::label)
            .collect(Collectors.joining(" "));
    assertEquals(tables, labels);
  }

  @Test
  void theColumnsOfAFormulaAreShown() {
    String list = BEHIND.of(plan("guest nights in Ossel last month")).get(0).question();
    assertTrue(list.contains("party size") && list.contains("nights"), list);
  }

  @Test
  void aListHasNothingBehindIt() {
    assertEquals(List.of(), BEHIND.of(plan("list stays in Ossel in June 2026")));
  }
}
