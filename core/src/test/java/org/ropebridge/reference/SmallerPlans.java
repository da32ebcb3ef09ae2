package org.ropebridge.reference;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.Plan;

/** Plans that are one step simpler than a plan; some may have faults. */
final class SmallerPlans {
  private SmallerPlans() {}

  static List<Plan> of(Plan plan) {
    List<Plan> smaller = new ArrayList<>();
    plan.ranking().ifPresent(r -> smaller.add(plan.withRanking(Optional.empty())));
    plan.sort().ifPresent(s -> smaller.add(plan.withSort(Optional.empty())));
    plan.picture().ifPresent(p -> smaller.add(plan.withPicture(Optional.empty())));
    if (!plan.keeps().isEmpty()) {
      smaller.add(plan.withKeeps(List.of()));
    }
    for (int i = 0; i < plan.filters().size(); i++) {
      smaller.add(plan.withFilters(without(plan.filters(), i)));
      for (Filter simpler : simpler(plan.filters().get(i))) {
        smaller.add(plan.withFilters(with(plan.filters(), i, simpler)));
      }
    }
    for (int i = 0; i < plan.groupings().size(); i++) {
      List<org.ropebridge.plan.Grouping> fewer = without(plan.groupings(), i);
      attempt(smaller, () -> plan.withGroupings(fewer));
    }
    for (int i = 0; i < plan.measures().size(); i++) {
      List<Measure> fewer = without(plan.measures(), i);
      attempt(smaller, () -> plan.withMeasures(fewer));
      for (Measure simpler : simpler(plan.measures().get(i))) {
        List<Measure> changed = with(plan.measures(), i, simpler);
        attempt(smaller, () -> plan.withMeasures(changed));
      }
    }
    return smaller;
  }

  private static void attempt(List<Plan> plans, java.util.function.Supplier<Plan> plan) {
    try {
      plans.add(plan.get());
    } catch (IllegalArgumentException notAPlan) {
      // Some parts cannot be taken out alone.
    }
  }

  private static List<Measure> simpler(Measure measure) {
    if (measure instanceof Measure.Figure figure) {
      return List.of(figure.of());
    } else if (measure instanceof Measure.Narrowed narrowed) {
      return List.of(narrowed.of());
    } else if (measure instanceof Measure.Portion portion) {
      return List.of(portion.of(), new Measure.Narrowed(portion.of(), portion.filters()));
    } else if (measure instanceof Measure.Arithmetic arithmetic) {
      return List.of(arithmetic.left(), arithmetic.right());
    } else if (measure instanceof Measure.OverParts over) {
      return List.of(over.of());
    }
    return List.of();
  }

  private static List<Filter> simpler(Filter filter) {
    List<Filter> simpler = new ArrayList<>();
    if (filter instanceof Filter.Having having) {
      for (int i = 0; i < having.filters().size(); i++) {
        simpler.add(having.with(having.role(), without(having.filters(), i)));
      }
    } else if (filter instanceof Filter.Among among) {
      of(among.plan())
          .forEach(p -> simpler.add(new Filter.Among(among.column(), p, among.negated())));
    }
    return simpler;
  }

  private static <T> List<T> without(List<T> list, int index) {
    List<T> fewer = new ArrayList<>(list);
    fewer.remove(index);
    return fewer;
  }

  private static <T> List<T> with(List<T> list, int index, T item) {
    List<T> changed = new ArrayList<>(list);
    changed.set(index, item);
    return changed;
  }
}
