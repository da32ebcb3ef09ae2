package org.ropebridge.answer;

import java.util.ArrayList;
import java.util.Collections;
import java.util.DoubleSummaryStatistics;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.snakeyaml.engine.v2.api.Load;
import org.snakeyaml.engine.v2.api.LoadSettings;
import org.snakeyaml.engine.v2.exceptions.YamlEngineException;

/** Reads shapes of areas, as GeoJSON (RFC 7946), and turns their rings as pictures need them. */
final class Outlines {
  private static final int LONGEST = 2_000_000;

  private Outlines() {}

  /** A feature with the shape, and the name of what has it; empty for text that is no area. */
  static Optional<Map<String, Object>> feature(String name, String geoJson) {
    return geometry(geoJson)
        .map(
            geometry -> {
              Map<String, Object> feature = new LinkedHashMap<>();
              feature.put("type", "Feature");
              feature.put("name", name);
              feature.put("geometry", geometry);
              return feature;
            });
  }

  /** Where the name of a feature is written: at its top, in the middle between west and east. */
  static Map<String, Object> label(Map<String, Object> feature) {
    DoubleSummaryStatistics across = new DoubleSummaryStatistics();
    DoubleSummaryStatistics up = new DoubleSummaryStatistics();
    points(((Map<?, ?>) feature.get("geometry")).get("coordinates"), across, up);
    return Map.of(
        "name",
        feature.get("name"),
        "longitude",
        (across.getMin() + across.getMax()) / 2,
        "latitude",
        up.getMax());
  }

  private static void points(
      Object part, DoubleSummaryStatistics across, DoubleSummaryStatistics up) {
    List<?> list = (List<?>) part;
    if (!list.isEmpty() && list.get(0) instanceof Number) {
      across.accept(number(list, 0));
      up.accept(number(list, 1));
    } else {
      list.forEach(p -> points(p, across, up));
    }
  }

  private static Optional<Map<String, Object>> geometry(String geoJson) {
    if (geoJson.length() > LONGEST) {
      return Optional.empty();
    }
    Object read;
    try {
      // JSON is YAML.
      read =
          new Load(LoadSettings.builder().setCodePointLimit(LONGEST).build())
              .loadFromString(geoJson);
    } catch (YamlEngineException e) {
      return Optional.empty();
    }
    if (read instanceof Map<?, ?> map && map.get("geometry") instanceof Map<?, ?> inner) {
      read = inner;
    }
    if (!(read instanceof Map<?, ?> shape)
        || !(shape.get("coordinates") instanceof List<?> parts)) {
      return Optional.empty();
    }
    try {
      return switch (String.valueOf(shape.get("type"))) {
        case "Polygon" -> Optional.of(Map.of("type", "Polygon", "coordinates", rings(parts)));
        case "MultiPolygon" -> {
          List<Object> polygons = new ArrayList<>();
          parts.forEach(p -> polygons.add(rings((List<?>) p)));
          yield Optional.of(Map.of("type", "MultiPolygon", "coordinates", polygons));
        }
        default -> Optional.empty();
      };
    } catch (ClassCastException | IndexOutOfBoundsException e) {
      return Optional.empty();
    }
  }

  /**
   * Outer rings clockwise and holes against it: on a globe, the other way round is all the rest.
   */
  private static List<Object> rings(List<?> rings) {
    List<Object> turned = new ArrayList<>();
    for (Object ring : rings) {
      List<Object> points = new ArrayList<>((List<?>) ring);
      boolean clockwise = area(points) < 0;
      if (clockwise != turned.isEmpty()) {
        Collections.reverse(points);
      }
      turned.add(points);
    }
    return turned;
  }

  /** Twice the area of the ring, negative when it runs clockwise. */
  private static double area(List<?> points) {
    double sum = 0;
    for (int i = 0; i < points.size(); i++) {
      List<?> a = (List<?>) points.get(i);
      List<?> b = (List<?>) points.get((i + 1) % points.size());
      sum += number(a, 0) * number(b, 1) - number(b, 0) * number(a, 1);
    }
    return sum;
  }

  private static double number(List<?> point, int at) {
    return ((Number) point.get(at)).doubleValue();
  }
}
