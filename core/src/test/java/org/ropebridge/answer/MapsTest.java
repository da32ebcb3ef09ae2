package org.ropebridge.answer;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.math.BigDecimal;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.ropebridge.DemoModel;
import org.ropebridge.model.Metric;
import org.ropebridge.plan.Places;
import org.ropebridge.plan.Plan;
import org.ropebridge.sql.OutputColumn;

/** Maps of points and outlines. */
class MapsTest {
  private static final List<OutputColumn> BY_PLACE =
      List.of(
          new OutputColumn(
              "hut", OutputColumn.Kind.CATEGORY, Optional.empty(), Metric.ShownAs.NUMBER),
          new OutputColumn(
              "revenue", OutputColumn.Kind.NUMBER, Optional.of("EUR"), Metric.ShownAs.MONEY));

  /** Against the clock, as RFC 7946 wants outer rings. */
  private static final String SQUARE =
      "{\"type\": \"Polygon\", \"coordinates\": [[[7, 46], [8, 46], [8, 47], [7, 47], [7, 46]]]}";

  private static Plan plan(String question) {
    return DemoModel.READER.read(question).plan().orElseThrow();
  }

  private static Optional<Places> places(String question) {
    return Places.of(plan(question), DemoModel.MODEL);
  }

  @Test
  void placesAreFoundWhereRowsAreNamedAndLieSomewhere() {
    Places huts = places("revenue by hut on a map").orElseThrow();
    assertEquals(false, huts.outlined());
    assertTrue(huts.around().isPresent());
    assertTrue(places("occupancy by valley on a map").orElseThrow().outlined());
    assertEquals(0, places("map of the huts in Ossel").orElseThrow().column());
  }

  @Test
  void otherRowsAreNoPlaces() {
    assertTrue(places("revenue by month").isEmpty());
    assertTrue(places("revenue by hut and year").isEmpty());
    assertTrue(places("revenue by warden").isEmpty());
    assertTrue(places("revenue in 2025").isEmpty());
  }

  @Test
  void aPlaceWithoutCoordinatesIsLeftOut() {
    Places where = places("revenue by hut on a map").orElseThrow();
    List<List<Object>> known =
        List.of(
            List.of("Larkspur Hut", new BigDecimal("46.2"), new BigDecimal("7.1")),
            java.util.Arrays.asList("Nowhere Hut", null, null));
    Map<String, Object> map = Maps.of(BY_PLACE, where, known, List.of()).orElseThrow();
    assertTrue(map.toString().contains("Larkspur Hut"));
    assertEquals(false, map.toString().contains("Nowhere Hut"));
    assertTrue(Maps.of(BY_PLACE, where, List.of(), List.of()).isEmpty());
  }

  @Test
  void ringsAreTurnedSoThatTheAreaIsInside() {
    Map<String, Object> feature = Outlines.feature("Ossel", SQUARE).orElseThrow();
    assertTrue(
        feature
            .get("geometry")
            .toString()
            .contains("[[7, 46], [7, 47], [8, 47], [8, 46], [7, 46]]"),
        feature::toString);
    assertEquals(
        Map.of("name", "Ossel", "longitude", 7.5, "latitude", 47.0), Outlines.label(feature));
  }

  @Test
  void textThatIsNoAreaIsNoOutline() {
    for (String text :
        List.of(
            "",
            "Ossel",
            "{",
            "{\"type\": \"Point\", \"coordinates\": [7, 46]}",
            "{\"type\": \"Polygon\", \"coordinates\": 7}",
            "{\"type\": \"Polygon\", \"coordinates\": [[\"a\"]]}",
            "{\"type\": \"Polygon\", \"coordinates\": [[[7]]]}")) {
      assertEquals(Optional.empty(), Outlines.feature("x", text), text);
    }
  }
}
