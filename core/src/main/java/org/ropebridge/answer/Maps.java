package org.ropebridge.answer;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.ropebridge.plan.Places;
import org.ropebridge.sql.OutputColumn;

/** Draws answers whose rows are places, as Vega-Lite, from the model's own points and outlines. */
public final class Maps {
  /** Most places, or areas, that are drawn; more would be a blot, and slow. */
  public static final int MOST_PLACES = 2_000;

  private static final int HEIGHT = 420;
  private static final String AREA = "#8C8C8C";

  private Maps() {}

  /**
   * The map; empty when no place of the answer is known.
   *
   * @param places rows of {@link Places#places()}
   * @param around rows of {@link Places#around()}; none without it
   */
  public static Optional<Map<String, Object>> of(
      List<OutputColumn> columns,
      Places where,
      List<List<Object>> places,
      List<List<Object>> around) {
    List<Map<String, Object>> known = where.outlined() ? outlines(places) : points(places);
    if (known.isEmpty()) {
      return Optional.empty();
    }
    List<Object> layers = new ArrayList<>();
    List<Map<String, Object>> areas = outlines(around);
    if (!areas.isEmpty()) {
      layers.add(background(areas));
      layers.add(names(areas));
    }
    if (where.outlined()) {
      layers.add(shapes(columns, where, known));
      layers.add(names(known));
    } else {
      layers.add(dots(columns, where, known));
    }
    Map<String, Object> map = new LinkedHashMap<>();
    map.put("$schema", "https://vega.github.io/schema/vega-lite/v6.json");
    map.put("data", Map.of("name", "rows"));
    map.put("width", "container");
    map.put("height", HEIGHT);
    map.put("projection", Map.of("type", "mercator"));
    map.put("layer", layers);
    return Optional.of(map);
  }

  private static List<Map<String, Object>> points(List<List<Object>> rows) {
    List<Map<String, Object>> points = new ArrayList<>();
    for (List<Object> row : rows) {
      if (row.stream().noneMatch(Objects::isNull)) {
        Map<String, Object> point = new LinkedHashMap<>();
        point.put("name", row.get(0));
        point.put("latitude", row.get(1));
        point.put("longitude", row.get(2));
        points.add(point);
      }
    }
    return points;
  }

  private static List<Map<String, Object>> outlines(List<List<Object>> rows) {
    return rows.stream()
        .filter(r -> r.stream().noneMatch(Objects::isNull))
        .flatMap(r -> Outlines.feature(r.get(0).toString(), r.get(1).toString()).stream())
        .toList();
  }

  private static Map<String, Object> background(List<Map<String, Object>> areas) {
    Map<String, Object> layer = new LinkedHashMap<>();
    layer.put("data", Map.of("values", areas));
    layer.put(
        "mark", Map.of("type", "geoshape", "fill", AREA, "fillOpacity", 0.12, "stroke", AREA));
    layer.put(
        "encoding", Map.of("tooltip", Map.of("field", "name", "type", "nominal", "title", "area")));
    return layer;
  }

  /** The name of each area above it. */
  private static Map<String, Object> names(List<Map<String, Object>> areas) {
    Map<String, Object> layer = new LinkedHashMap<>();
    layer.put("data", Map.of("values", areas.stream().map(Outlines::label).toList()));
    layer.put("mark", Map.of("type", "text", "baseline", "bottom", "dy", -3, "fontSize", 12));
    Map<String, Object> encoding = new LinkedHashMap<>();
    encoding.put("latitude", Map.of("field", "latitude", "type", "quantitative"));
    encoding.put("longitude", Map.of("field", "longitude", "type", "quantitative"));
    encoding.put("text", Map.of("field", "name", "type", "nominal"));
    layer.put("encoding", encoding);
    return layer;
  }

  private static Map<String, Object> dots(
      List<OutputColumn> columns, Places where, List<Map<String, Object>> known) {
    Map<String, Object> layer = new LinkedHashMap<>();
    layer.put("transform", List.of(lookUp(where, known, List.of("latitude", "longitude"))));
    layer.put(
        "mark", Map.of("type", "circle", "opacity", 0.85, "stroke", "white", "strokeWidth", 0.5));
    Map<String, Object> encoding = new LinkedHashMap<>();
    encoding.put("latitude", Map.of("field", "latitude", "type", "quantitative"));
    encoding.put("longitude", Map.of("field", "longitude", "type", "quantitative"));
    Optional<Integer> number = number(columns);
    if (number.isPresent()) {
      OutputColumn column = columns.get(number.get());
      Map<String, Object> size = new LinkedHashMap<>();
      size.put("field", "c" + number.get());
      size.put("type", "quantitative");
      size.put("scale", Map.of("range", List.of(40, 900)));
      size.put("title", Charts.title(column));
      size.put("legend", null);
      encoding.put("size", size);
      encoding.put("color", color(column, number.get()));
    } else {
      encoding.put("size", Map.of("value", 120));
    }
    encoding.put("tooltip", Charts.tooltip(columns));
    layer.put("encoding", encoding);
    return layer;
  }

  private static Map<String, Object> shapes(
      List<OutputColumn> columns, Places where, List<Map<String, Object>> known) {
    Map<String, Object> layer = new LinkedHashMap<>();
    layer.put("transform", List.of(lookUp(where, known, List.of("type", "geometry"))));
    layer.put("mark", Map.of("type", "geoshape", "stroke", "white", "strokeWidth", 1));
    Map<String, Object> encoding = new LinkedHashMap<>();
    number(columns).ifPresent(n -> encoding.put("color", color(columns.get(n), n)));
    encoding.put("tooltip", Charts.tooltip(columns));
    layer.put("encoding", encoding);
    return layer;
  }

  private static Map<String, Object> lookUp(
      Places where, List<Map<String, Object>> known, List<String> fields) {
    Map<String, Object> from = new LinkedHashMap<>();
    from.put("data", Map.of("values", known));
    from.put("key", "name");
    from.put("fields", fields);
    Map<String, Object> lookUp = new LinkedHashMap<>();
    lookUp.put("lookup", "c" + where.column());
    lookUp.put("from", from);
    return lookUp;
  }

  private static Map<String, Object> color(OutputColumn column, int at) {
    Map<String, Object> color = new LinkedHashMap<>();
    color.put("field", "c" + at);
    color.put("type", "quantitative");
    color.put("title", Charts.title(column));
    color.put("scale", Map.of("scheme", "viridis", "reverse", true));
    Map<String, Object> legend = new LinkedHashMap<>();
    legend.put("format", Charts.numberFormat(column));
    legend.put("orient", "top");
    legend.put("direction", "horizontal");
    color.put("legend", legend);
    return color;
  }

  private static Optional<Integer> number(List<OutputColumn> columns) {
    for (int i = 0; i < columns.size(); i++) {
      if (columns.get(i).isNumber()) {
        return Optional.of(i);
      }
    }
    return Optional.empty();
  }
}
