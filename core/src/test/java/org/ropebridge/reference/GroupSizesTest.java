package org.ropebridge.reference;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.ropebridge.TestDatabase;
import org.ropebridge.access.Access;
import org.ropebridge.access.Person;
import org.ropebridge.model.AccessRule;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.model.LinkPaths;
import org.ropebridge.model.Model;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.Listing;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.MeasureTables;
import org.ropebridge.plan.Plan;
import org.ropebridge.plan.RandomPlans;
import org.ropebridge.sql.NotAllowed;

/** Numbers about few rows of a guarded table are not shown, and do not follow from others. */
class GroupSizesTest {
  private static final TestDatabase DATABASE = TestDatabase.fresh("group_sizes_test");
  private static final int COMPANIES = 60;
  private static final int PLANS = 25;
  private static final int AT_LEAST = 3;
  private static final String GUARDED = "t0";

  private static Access access(Model model) {
    AccessRule rule =
        new AccessRule(
            AccessRule.EVERYONE,
            Optional.empty(),
            List.of(),
            Optional.of(new AccessRule.GroupRule(GUARDED, AT_LEAST)));
    return Access.of(MetamorphicTest.withRule(model, rule), Person.ANYONE);
  }

  /** What counts the guarded rows behind rows of a table; empty when there is no single way. */
  private static Optional<Measure> counting(String base, Model model) {
    int ways = new LinkPaths(model).shortest(base, GUARDED, Optional.empty()).size();
    if (base.equals(GUARDED)) {
      return Optional.of(new Measure.RowCount(GUARDED));
    }
    return ways == 1
        ? Optional.of(new Measure.DistinctRows(GUARDED, base, Optional.empty()))
        : Optional.empty();
  }

  @Test
  void noShownNumberIsAboutFewAndNoneFollows() {
    int tried = 0;
    int withheld = 0;
    for (int seed = 5_000; seed < 5_000 + COMPANIES; seed++) {
      Comparison comparison = new Comparison(DATABASE, seed);
      Model model = comparison.company().model();
      RandomPlans plans =
          new RandomPlans(model, comparison.company().values(), RandomCompany.TODAY);
      for (int i = 0; i < PLANS; i++) {
        Plan any = plans.of(seed * 1_000L + i);
        String base = MeasureTables.of(any, model).iterator().next();
        Optional<Measure> counting = counting(base, model);
        boolean ownNames =
            any.groupings().stream()
                .anyMatch(
                    g -> g instanceof Grouping.ByColumn by && model.namesItsTable(by.column()));
        // What another plan finds is itself limited, and so another question.
        boolean nested = any.filters().stream().anyMatch(Filter.Among.class::isInstance);
        if (counting.isEmpty() || any.listing().isPresent() || ownNames || nested) {
          continue;
        }
        Plan counts = Plan.of(counting.get(), any.groupings(), any.filters());
        if (!comparison.isSound(counts)) {
          continue;
        }
        try {
          withheld += check(comparison, counts, base);
          tried++;
        } catch (EmptySpans.TooLarge tooLarge) {
          // Other plans show as much.
        }
      }
    }
    assertTrue(tried > 300, "only " + tried + " plans were fit to be tried");
    assertTrue(withheld > 100, "only " + withheld + " groups were withheld");
  }

  private static int check(Comparison comparison, Plan counts, String base) {
    Map<List<Object>, BigDecimal> behind = new HashMap<>();
    int groupings = counts.groupings().size();
    for (List<Object> row : comparison.expected(counts)) {
      behind.put(plain(row.subList(0, groupings)), (BigDecimal) row.get(groupings));
    }
    Plan plan = counts.withMeasures(List.of(new Measure.RowCount(base)));
    List<List<Object>> shown = new ArrayList<>();
    for (List<Object> row :
        comparison.found(comparison.sql(plan, access(comparison.company().model())))) {
      List<Object> values = new ArrayList<>();
      row.forEach(v -> values.add(Values.of(v)));
      shown.add(plain(values.subList(0, groupings)));
    }
    for (List<Object> group : shown) {
      assertTrue(isEnoughOrNone(behind.get(group)), () -> group + " is shown of " + counts);
    }
    Map<List<Object>, BigDecimal> missing = new HashMap<>(behind);
    missing.keySet().removeAll(shown);
    missing.values().removeIf(b -> b.signum() == 0);
    for (int i = 0; i < groupings; i++) {
      int varied = i;
      Map<List<Object>, BigDecimal> together = new HashMap<>();
      missing.forEach((group, rows) -> together.merge(rest(group, varied), rows, BigDecimal::add));
      for (List<Object> group : shown) {
        BigDecimal withheld = together.getOrDefault(rest(group, varied), BigDecimal.ZERO);
        assertTrue(
            behind.get(group).signum() == 0 || isEnoughOrNone(withheld),
            () -> "what is withheld beside " + group + " follows in " + counts);
      }
    }
    return missing.size();
  }

  /** What a group shares with others of its series. */
  private static List<Object> rest(List<Object> group, int varied) {
    List<Object> rest = new ArrayList<>(group);
    rest.remove(varied);
    return rest;
  }

  private static boolean isEnoughOrNone(BigDecimal count) {
    return count.signum() == 0 || count.intValue() >= AT_LEAST;
  }

  private static List<Object> plain(List<Object> group) {
    List<Object> plain = new ArrayList<>();
    group.forEach(v -> plain.add(v instanceof BigDecimal n ? n.stripTrailingZeros() : v));
    return plain;
  }

  @Test
  void rowsAreNotListed() {
    Comparison comparison = new Comparison(DATABASE, 1);
    Model model = comparison.company().model();
    Plan list =
        Plan.of(
            new Listing(
                GUARDED,
                List.of(ColumnRef.of(GUARDED, "colour")),
                Optional.empty(),
                Optional.empty(),
                Optional.empty()),
            List.of());
    NotAllowed refused = assertThrows(NotAllowed.class, () -> comparison.sql(list, access(model)));
    assertTrue(refused.getMessage().contains("at least 3 things 0"), refused.getMessage());
    assertEquals(comparison.warehouse().rows(GUARDED).size(), comparison.expected(list).size());
  }
}
