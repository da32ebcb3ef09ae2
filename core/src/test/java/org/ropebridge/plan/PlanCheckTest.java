package org.ropebridge.plan;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.ropebridge.DemoModel;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.model.LinkPaths;

/** What cannot be computed without multiplying or losing rows is a fault. */
class PlanCheckTest {
  private static final Measure STAYS = new Measure.RowCount("stays");
  private final PlanCheck check = new PlanCheck(DemoModel.MODEL, new LinkPaths(DemoModel.MODEL));

  private List<PlanCheck.Kind> faults(Measure measure, Grouping... groupings) {
    Plan plan =
        new Plan(
            List.of(measure),
            List.of(groupings),
            List.of(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty());
    return check.faults(plan).stream().map(PlanCheck.Fault::kind).toList();
  }

  private static Grouping by(String table, String column) {
    return new Grouping.ByColumn(ColumnRef.of(table, column));
  }

  private static Measure statistic(Measure.Kind kind, String table, String column) {
    return Measure.Statistic.of(kind, ColumnRef.of(table, column));
  }

  @Test
  void manyToOneLinksCanBeFollowed() {
    assertEquals(List.of(), faults(STAYS, by("valleys", "name"), by("members", "home_region")));
    assertEquals(List.of(), faults(new Measure.MetricValue("revenue"), by("huts", "kind")));
  }

  @Test
  void oneToManyLinksCannot() {
    assertEquals(
        List.of(PlanCheck.Kind.NOT_REACHABLE),
        faults(new Measure.RowCount("huts"), by("stays", "channel")));
    assertEquals(
        List.of(PlanCheck.Kind.NOT_REACHABLE),
        faults(new Measure.MetricValue("occupancy"), by("stays", "channel")));
  }

  @Test
  void twoRolesAreToldApart() {
    assertEquals(
        List.of(PlanCheck.Kind.UNCLEAR_WAY),
        faults(new Measure.RowCount("bridges"), by("huts", "name")));
    assertEquals(
        List.of(),
        faults(
            new Measure.RowCount("bridges"),
            new Grouping.ByColumn(ColumnRef.of("valleys", "name").withRole("bridges.to_hut"))));
  }

  @Test
  void statisticsFitTheirColumns() {
    assertEquals(List.of(), faults(statistic(Measure.Kind.AVERAGE, "huts", "altitude_m")));
    assertEquals(
        List.of(PlanCheck.Kind.WRONG_STATISTIC),
        faults(statistic(Measure.Kind.SUM, "huts", "altitude_m")));
    assertEquals(
        List.of(PlanCheck.Kind.WRONG_STATISTIC),
        faults(statistic(Measure.Kind.MEDIAN, "huts", "fuel")));
    assertEquals(List.of(), faults(statistic(Measure.Kind.MAXIMUM, "stays", "booked_on")));
  }

  @Test
  void timeNeedsADate() {
    Grouping byMonth = new Grouping.ByTime(TimeUnit.MONTH, Optional.empty());
    assertEquals(List.of(PlanCheck.Kind.NO_DATE), faults(new Measure.RowCount("huts"), byMonth));
    assertEquals(List.of(), faults(new Measure.RowCount("charges"), byMonth));
    Grouping byHour = new Grouping.ByTime(TimeUnit.HOUR_OF_DAY, Optional.empty());
    assertEquals(List.of(PlanCheck.Kind.NO_DATE), faults(STAYS, byHour));
    assertEquals(List.of(), faults(new Measure.RowCount("callouts"), byHour));
  }

  @Test
  void unknownItemsAreFaults() {
    assertEquals(List.of(PlanCheck.Kind.UNKNOWN_ITEM), faults(new Measure.MetricValue("profit")));
    assertEquals(List.of(PlanCheck.Kind.UNKNOWN_ITEM), faults(STAYS, by("stays", "colour")));
  }

  @Test
  void rankingsAndSortsUseWhatIsShown() {
    Plan ranked =
        new Plan(
            List.of(STAYS),
            List.of(),
            List.of(),
            Optional.of(new Plan.Ranking(true, 3, STAYS)),
            Optional.empty(),
            Optional.empty());
    assertEquals(PlanCheck.Kind.MALFORMED, check.faults(ranked).get(0).kind());
    Plan sorted =
        new Plan(
            List.of(STAYS),
            List.of(),
            List.of(),
            Optional.empty(),
            Optional.of(new Plan.Sort(by("huts", "name"), true)),
            Optional.empty());
    assertEquals(PlanCheck.Kind.MALFORMED, check.faults(sorted).get(0).kind());
  }
}
