package org.ropebridge.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.Plan;

/** What becomes of groups that were kept by their place, or beside one of them. */
final class KeptGroups {
  private KeptGroups() {}

  /** All groups, where some were kept by their place. */
  static Plan all(Plan plan) {
    return without(plan, KeptGroups::isPlace);
  }

  /** All groups, where one was kept with its like. */
  static Plan ofOthers(Plan plan) {
    return without(plan, k -> k.test() instanceof Plan.LikeGroup);
  }

  private static Plan without(Plan plan, Predicate<Plan.Keep> gone) {
    return plan.withKeeps(plan.keeps().stream().filter(gone.negate()).toList());
  }

  private static boolean isPlace(Plan.Keep keep) {
    return keep.test() instanceof Plan.AmongFirst || keep.test() instanceof Plan.LikeGroup;
  }

  /**
   * "and Quill", after where Larkspur ranks: the same of another group.
   *
   * @param filters what is said
   */
  static Optional<Plan> beside(Plan plan, List<Filter> filters) {
    if (filters.size() != 1
        || !(filters.get(0) instanceof Filter.InValues in)
        || in.negated()
        || in.values().size() != 1) {
      return Optional.empty();
    }
    List<Plan.Keep> keeps =
        plan.keeps().stream().map(k -> new Plan.Keep(k.measure(), beside(k.test(), in))).toList();
    return keeps.equals(plan.keeps()) ? Optional.empty() : Optional.of(plan.withKeeps(keeps));
  }

  private static Plan.Test beside(Plan.Test test, Filter.InValues other) {
    if (!test.group().equals(Optional.of(other.column()))) {
      return test;
    }
    String value = other.values().get(0);
    return test instanceof Plan.BesideGroup beside
        ? new Plan.BesideGroup(beside.above(), beside.column(), value)
        : new Plan.LikeGroup(other.column(), value);
  }

  /**
   * "by guest nights instead": places go by what takes the place of the measure.
   *
   * @param plan with groups kept by their place
   * @param other the only measure that is said
   * @return empty where no places are kept by what is shown
   */
  static Optional<Plan> measuredBy(Plan plan, Measure other) {
    boolean places = plan.keeps().stream().anyMatch(KeptGroups::isPlace);
    if (!places || !(other instanceof Measure.Plain plain) || !plan.ranking().isEmpty()) {
      return Optional.empty();
    }
    List<Measure> measures = new ArrayList<>(List.of(plain));
    List<Plan.Keep> keeps = new ArrayList<>();
    for (Plan.Keep keep : plan.keeps()) {
      Measure by = keep.measure() instanceof Measure.Rank ? new Measure.Rank(plain) : plain;
      if (!isPlace(keep)) {
        keeps.add(keep);
        continue;
      }
      keeps.add(new Plan.Keep(by, keep.test()));
      if (!measures.contains(by)) {
        measures.add(by);
      }
    }
    return Optional.of(
        plan.withMeasures(measures)
            .withKeeps(keeps)
            .withSort(
                plan.sort()
                    .map(
                        s ->
                            s.by() instanceof Grouping
                                ? s
                                : new Plan.Sort(plain, s.descending()))));
  }
}
