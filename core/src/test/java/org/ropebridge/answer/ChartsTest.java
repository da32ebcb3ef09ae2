package org.ropebridge.answer;

import static java.util.stream.Collectors.joining;
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
import org.ropebridge.sql.OutputColumn;
import org.ropebridge.sql.SqlWriter;

class ChartsTest {

  private static Optional<Map<String, Object>> chart(String question, int rows) {
    Plan plan = DemoModel.READER.read(question).plan().orElseThrow();
    List<OutputColumn> columns = columns(plan);
    return Charts.of(columns, shape(columns, rows), plan.picture());
  }

  /** Some groups of three values each, and numbers that all differ. */
  private static Charts.Shape shape(List<OutputColumn> columns, int rows) {
    return new Charts.Shape(
        rows, columns.stream().map(c -> c.isNumber() ? rows : 3).toList(), false);
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
    assertTrue(chart("revenue by valley, channel and guest kind", 60).isEmpty());
    assertTrue(chart("revenue by valley and channel as a cross table", 15).isEmpty());
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

  @ParameterizedTest
  @CsvSource({
    "revenue by hut as a tree map, 60, rect text",
    "revenue by valley and hut as a tree map, 61, rect text",
    "revenue by valley and channel as a sunburst, 20, arc text"
  })
  void partsWithinPartsAreNested(String question, int rows, String marks) {
    Map<String, Object> chart = chart(question, rows).orElseThrow();
    assertTrue(chart.get("$schema").toString().contains("/vega/"), chart::toString);
    assertEquals(
        marks,
        ((List<?>) chart.get("marks"))
            .stream().map(m -> ((Map<?, ?>) m).get("type").toString()).collect(joining(" ")));
  }

  @ParameterizedTest
  @CsvSource({
    "guest nights by hut and month, 60, 12, rect",
    "guest nights by month and hut, 12, 60, rect",
    "guest nights by valley and month, 5, 12, line",
    "guest nights by valley and hut kind, 5, 3, bar",
    "guest nights by valley and hut, 5, 60, rect"
  })
  void moreSeriesThanColoursAreFieldsOfAHeatMap(
      String question, int first, int second, String mark) {
    Plan plan = DemoModel.READER.read(question).plan().orElseThrow();
    Charts.Shape shape =
        new Charts.Shape(first * second, List.of(first, second, first * second), false);
    Map<String, Object> chart = Charts.of(columns(plan), shape, plan.picture()).orElseThrow();
    assertEquals(mark, ((Map<?, ?>) chart.get("mark")).get("type"));
  }

  private static List<OutputColumn> columns(Plan plan) {
    return new SqlWriter(
            Access.unlimited(DemoModel.MODEL),
            DemoModel.READER.periods(),
            DemoModel.READER.restatement())
        .write(plan)
        .columns();
  }

  @Test
  void whatIsBelowZeroIsNoPartOfAWhole() {
    Plan plan = DemoModel.READER.read("revenue by hut as a tree map").plan().orElseThrow();
    List<OutputColumn> columns = columns(plan);
    assertEquals(
        Optional.of(Plan.Picture.BAR),
        Charts.picture(columns, new Charts.Shape(9, List.of(9, 9), true), plan.picture()));
    assertTrue(Charts.Shape.of(List.of(List.of("a", 2), List.of("b", -1)), 2).hasNegative());
  }

  @Test
  void threeGroupsWithATimeAreSmallCharts() {
    for (String question :
        List.of(
            "revenue by valley, channel and month",
            "revenue by valley and month as small multiples",
            "revenue by valley and channel as small multiples")) {
      Map<String, Object> chart = chart(question, 100).orElseThrow();
      assertEquals("c0", ((Map<?, ?>) chart.get("facet")).get("field"), question);
    }
  }

  @Test
  void twoNumbersAreBarsAndALineWithScalesOfTheirOwn() {
    Map<String, Object> chart =
        chart("revenue and occupancy by month as bars with a line", 12).orElseThrow();
    assertEquals(
        List.of("bar", "line"),
        ((List<?>) chart.get("layer"))
            .stream().map(l -> ((Map<?, ?>) ((Map<?, ?>) l).get("mark")).get("type")).toList());
  }
}
