package org.ropebridge.answer;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNull;

import java.math.BigDecimal;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.ropebridge.DemoModel;
import org.ropebridge.TestWarehouse;
import org.ropebridge.access.Access;
import org.ropebridge.plan.Plan;
import org.ropebridge.sql.SqlWriter;

/** A total under a column is the number that is told without the breakdown. */
class TotalsTest {
  private static final SqlWriter WRITER =
      new SqlWriter(
          Access.unlimited(DemoModel.MODEL),
          DemoModel.READER.periods(),
          DemoModel.READER.restatement());

  private static Plan plan(String question) {
    return DemoModel.READER.read(question).plan().orElseThrow();
  }

  private static List<List<Object>> rows(Plan plan) {
    return Rows.shown(TestWarehouse.run(WRITER.write(plan, 1000)), plan, DemoModel.MODEL);
  }

  private static List<Object> totals(String question) {
    Plan plan = plan(question);
    return Totals.of(plan, rows(plan), true, DemoModel.MODEL);
  }

  @ParameterizedTest
  @CsvSource({
    "guest nights by valley this year, guest nights this year",
    "revenue by month in 2025, revenue in 2025",
    "number of stays by channel in Ossel, number of stays in Ossel",
    "callouts by cause and valley in 2025, callouts in 2025",
    "revenue minus refunds by valley in 2025, revenue minus refunds in 2025"
  })
  void theTotalIsTheNumberOfTheWhole(String brokenDown, String whole) {
    List<Object> totals = totals(brokenDown);
    Object told = rows(plan(whole)).get(0).get(0);
    BigDecimal total = (BigDecimal) totals.get(totals.size() - 1);
    assertEquals(0, total.compareTo(new BigDecimal(told.toString())), total + " " + told);
    assertNull(totals.get(0), "groups have no total");
  }

  @ParameterizedTest
  @CsvSource({
    "average party size by channel",
    "occupancy by valley this year",
    "share of revenue by valley",
    "top 3 valleys by revenue",
    "number of different members by valley",
    "revenue this year",
    "growth of revenue by valley this year",
    "list stays in Ossel in June 2026"
  })
  void whatDoesNotAddUpHasNone(String question) {
    assertEquals(List.of(), totals(question));
  }

  @Test
  void rowsThatWereCutHaveNoTotal() {
    Plan plan = plan("revenue by hut");
    assertEquals(List.of(), Totals.of(plan, rows(plan), false, DemoModel.MODEL));
  }
}
