package org.ropebridge.answer;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.ropebridge.plan.Plan;
import org.ropebridge.sql.OutputColumn;

/**
 * Pictures of parts within parts, as Vega specifications (https://vega.github.io/vega/): a tree
 * map, and a sunburst of two rings. The first group gives the colour.
 */
final class Nested {
  /** Pieces that take less of the circle (as an angle) have no room for their name. */
  private static final String ROOM_FOR_NAME = "datum.a1 - datum.a0 > 0.2";

  /** Parents that a nest makes have no first group; rows have. */
  private static final String IS_LEAF = "isDefined(datum.c0)";

  private Nested() {}

  /**
   * The picture.
   *
   * @param tooltip fields to tell on hover, with title, type and format
   */
  static Map<String, Object> drawn(
      List<OutputColumn> columns, Plan.Picture picture, List<Map<String, Object>> tooltip) {
    List<String> keys = IntStream.range(0, columns.size() - 1).mapToObj(i -> "c" + i).toList();
    boolean rings = picture == Plan.Picture.SUNBURST;
    Map<String, Object> layout = new LinkedHashMap<>();
    layout.put("type", rings ? "partition" : "treemap");
    layout.put("field", "c" + keys.size());
    layout.put("sort", Map.of("field", "value", "order", "descending"));
    if (rings) {
      layout.put("size", List.of(signal("2 * PI"), signal("min(width, height) / 2")));
      layout.put("as", List.of("a0", "r0", "a1", "r1", "depth", "children"));
    } else {
      layout.put("paddingInner", 1);
      layout.put("paddingOuter", keys.size() > 1 ? 2 : 0);
      layout.put("round", true);
      layout.put("size", List.of(signal("width"), signal("height")));
    }
    Map<String, Object> nest = new LinkedHashMap<>();
    nest.put("type", "nest");
    // The last group's values are the rows themselves.
    nest.put("keys", keys.subList(0, keys.size() - 1));
    nest.put("generate", true);
    List<Map<String, Object>> data = new ArrayList<>();
    data.add(Map.of("name", "rows"));
    data.add(Map.of("name", "tree", "source", "rows", "transform", List.of(nest, layout)));
    data.add(
        Map.of(
            "name",
            "pieces",
            "source",
            "tree",
            "transform",
            List.of(Map.of("type", "filter", "expr", rings ? "datum.depth > 0" : IS_LEAF))));
    Map<String, Object> chart = new LinkedHashMap<>();
    chart.put("data", data);
    chart.put(
        "scales",
        List.of(
            Map.of(
                "name",
                "color",
                "type",
                "ordinal",
                "domain",
                Map.of("data", "rows", "field", "c0"),
                "range",
                "category")));
    if (!rings && keys.size() > 1) {
      chart.put(
          "legends", List.of(Map.of("fill", "color", "orient", "top", "direction", "horizontal")));
    }
    chart.put("marks", rings ? rings(keys, tooltip) : rectangles(keys, tooltip));
    return chart;
  }

  private static List<Map<String, Object>> rectangles(
      List<String> keys, List<Map<String, Object>> tooltip) {
    Map<String, Object> at = new LinkedHashMap<>();
    at.put("x", Map.of("field", "x0"));
    at.put("x2", Map.of("field", "x1"));
    at.put("y", Map.of("field", "y0"));
    at.put("y2", Map.of("field", "y1"));
    at.put(
        "fill",
        keys.size() > 1 ? Map.of("scale", "color", "field", "c0") : signal("range('color')[0]"));
    at.put("fillOpacity", Map.of("value", 0.45));
    at.put("tooltip", signal(told(tooltip)));
    Map<String, Object> name = new LinkedHashMap<>();
    name.put("x", signal("datum.x0 + 5"));
    name.put("y", signal("datum.y0 + 5"));
    name.put(
        "text",
        signal(
            "datum.y1 - datum.y0 > 18 && datum.x1 - datum.x0 > 36 ? datum."
                + keys.get(keys.size() - 1)
                + " : ''"));
    name.put("limit", signal("datum.x1 - datum.x0 - 8"));
    name.put("baseline", Map.of("value", "top"));
    return List.of(mark("rect", at), mark("text", name));
  }

  private static List<Map<String, Object>> rings(
      List<String> keys, List<Map<String, Object>> tooltip) {
    String first = IS_LEAF + " ? datum.c0 : datum.key";
    Map<String, Object> at = new LinkedHashMap<>();
    at.put("x", signal("width / 2"));
    at.put("y", signal("height / 2"));
    at.put("fill", signal("scale('color', " + first + ")"));
    at.put("fillOpacity", signal(IS_LEAF + " ? 0.45 : 0.75"));
    at.put("stroke", Map.of("value", "white"));
    at.put("startAngle", Map.of("field", "a0"));
    at.put("endAngle", Map.of("field", "a1"));
    at.put("innerRadius", Map.of("field", "r0"));
    at.put("outerRadius", Map.of("field", "r1"));
    at.put(
        "tooltip",
        signal(
            IS_LEAF
                + " ? "
                + told(tooltip)
                + " : datum.key + ': ' + format(datum.value, '"
                + tooltip.get(tooltip.size() - 1).get("format")
                + "')"));
    Map<String, Object> name = new LinkedHashMap<>();
    name.put("x", signal("width / 2"));
    name.put("y", signal("height / 2"));
    name.put("radius", signal("(datum.r0 + datum.r1) / 2"));
    name.put("theta", signal("(datum.a0 + datum.a1) / 2"));
    name.put("align", Map.of("value", "center"));
    name.put("baseline", Map.of("value", "middle"));
    name.put("limit", signal("datum.r1 - datum.r0"));
    name.put(
        "text",
        signal(
            ROOM_FOR_NAME
                + " ? ("
                + IS_LEAF
                + " ? datum."
                + keys.get(keys.size() - 1)
                + " : datum.key) : ''"));
    return List.of(mark("arc", at), mark("text", name));
  }

  private static Map<String, Object> mark(String type, Map<String, Object> encoding) {
    Map<String, Object> mark = new LinkedHashMap<>();
    mark.put("type", type);
    mark.put("from", Map.of("data", "pieces"));
    if (type.equals("text")) {
      mark.put("interactive", false);
    }
    mark.put("encode", Map.of("enter", encoding));
    return mark;
  }

  private static Map<String, Object> signal(String expression) {
    return Map.of("signal", expression);
  }

  /** An object of what is told on hover. */
  private static String told(List<Map<String, Object>> tooltip) {
    List<String> told = new ArrayList<>();
    for (Map<String, Object> tip : tooltip) {
      String value = "datum." + tip.get("field");
      told.add(
          quoted((String) tip.get("title"))
              + ": "
              + (tip.containsKey("format")
                  ? "format(" + value + ", '" + tip.get("format") + "')"
                  : value));
    }
    return "{" + String.join(", ", told) + "}";
  }

  private static String quoted(String text) {
    return "'" + text.replace("\\", "\\\\").replace("'", "\\'") + "'";
  }
}
