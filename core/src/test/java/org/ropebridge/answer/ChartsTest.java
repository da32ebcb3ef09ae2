package org.ropebridge.answer;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.ropebridge.DemoModel;
import org.ropebridge.access.Access;
import org.ropebridge.plan.Plan;
import org.ropebridge.sql.SqlQuery;
import org.ropebridge.sql.SqlWriter;

class ChartsTest {

  private static Optional<Map<String, Object>> chart(String question, int rows) {
    Plan plan = DemoModel.READER.read(question).plan().orElseThrow();
    SqlQuery query =
        new SqlWriter(
                Access.unlimited(DemoModel.MODEL),
                DemoModel.READER.periods(),
                DemoModel.READER.restatement())
            .write(plan);
    return Charts.of(query.columns(), rows, plan.picture());
  }

  @ParameterizedTest
  @CsvSource({
    "revenue by month, 12, line",
    "revenue by valley, 5, bar",
    "stays by day of week, 7, bar",
    "revenue by month as a bar chart, 12, bar",
    "revenue by valley as a line, 5, line",
    "revenue by valley and month, 60, line",
    "revenue by month as an area chart, 12, area",
    "revenue by valley and channel as stacked bars, 20, bar",
    "revenue by valley and channel as a heat map, 20, rect",
    "revenue by valley and hut, 61, rect",
    "revenue and occupancy by hut as a scatter plot, 60, point",
    "stays by party size in groups of 2 as a histogram, 6, bar",
    "revenue by valley as a scatter plot, 5, bar"
  })
  void marksFitTheShape(String question, int rows, String mark) {
    assertEquals(mark, ((Map<?, ?>) chart(question, rows).orElseThrow().get("mark")).get("type"));
  }

  @Test
  void whatANumberOrATableSaysBetterIsNotDrawn() {
    assertTrue(chart("total revenue", 1).isEmpty());
    assertTrue(chart("revenue by month as a table", 12).isEmpty());
    assertTrue(chart("revenue by member", 900).isEmpty());
    assertTrue(chart("revenue by valley, channel and month", 200).isEmpty());
  }

  @Test
  void stackedBarsStandOnEachOther() {
    Map<String, Object> chart =
        chart("revenue by valley and channel as stacked bars", 20).orElseThrow();
    Map<?, ?> encoding = (Map<?, ?>) chart.get("encoding");
    assertEquals("zero", ((Map<?, ?>) encoding.get("x")).get("stack"));
    assertTrue(!encoding.containsKey("yOffset"), encoding::toString);
  }

  @Test
  void severalMeasuresStandUnderEachOther() {
    Map<String, Object> chart = chart("revenue and occupancy by month", 12).orElseThrow();
    assertEquals(2, ((List<?>) chart.get("vconcat")).size());
  }
}
