package org.ropebridge.sql;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.ShrinkingMode;
import org.ropebridge.DemoModel;
import org.ropebridge.TestWarehouse;
import org.ropebridge.access.Access;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.Plan;
import org.ropebridge.plan.RandomPlans;

/** Whatever can be planned runs on a real database, and says the same beside other measures. */
class RandomPlansRunTest {
  private static final RandomPlans PLANS =
      new RandomPlans(DemoModel.MODEL, DemoModel.VALUES, DemoModel.READER.periods().today());
  private static final SqlWriter WRITER =
      new SqlWriter(
          Access.unlimited(DemoModel.MODEL),
          DemoModel.READER.periods(),
          DemoModel.READER.restatement());

  @Property(tries = 400, shrinking = ShrinkingMode.OFF, seed = "20261018")
  void run(@ForAll long seed) {
    Plan plan = PLANS.of(seed);
    SqlQuery query = WRITER.write(plan);
    List<List<Object>> rows = TestWarehouse.run(query);
    int shown =
        plan.groupings().size()
            + plan.measures().size()
            + plan.listing().map(l -> l.columns().size()).orElse(0)
            + (plan.claim().isPresent() ? 1 : 0);
    assertEquals(shown, query.columns().size());
    assertTrue(rows.stream().allMatch(r -> r.size() == query.columns().size()));
    assertTrue(rows.size() <= query.rowLimit() + 1);
  }

  /** Adding a measure never changes another: no join multiplies it, no group is lost. */
  @Property(tries = 120, shrinking = ShrinkingMode.OFF, seed = "20261018")
  void aMeasureBesideOthersIsTheMeasureAlone(@ForAll long seed) {
    Plan plan = PLANS.of(seed);
    if (!plan.measures().stream().allMatch(m -> m instanceof Measure.Plain)
        || plan.measures().isEmpty()) {
      return;
    }
    Plan together =
        new Plan(
            plan.measures(),
            plan.groupings(),
            plan.filters(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty());
    List<List<Object>> all = TestWarehouse.run(WRITER.write(together));
    if (all.size() > DemoModel.MODEL.preferences().rowsShown()) {
      return;
    }
    int groups = plan.groupings().size();
    boolean namesAreUnique =
        all.stream().map(r -> r.subList(0, groups)).distinct().count() == all.size();
    if (!namesAreUnique) {
      return;
    }
    for (int i = 0; i < plan.measures().size(); i++) {
      Measure measure = plan.measures().get(i);
      Plan alone =
          new Plan(
              List.of(measure),
              plan.groupings(),
              plan.filters(),
              Optional.empty(),
              Optional.empty(),
              Optional.empty());
      Map<List<Object>, Object> found = new HashMap<>();
      for (List<Object> row : all) {
        found.put(row.subList(0, groups), row.get(groups + i));
      }
      for (List<Object> row : TestWarehouse.run(WRITER.write(alone))) {
        assertEquals(
            text(row.get(groups)),
            text(found.get(row.subList(0, groups))),
            () -> measure + " for " + row + "\n" + WRITER.write(together).readable());
      }
    }
  }

  /** Numbers by their value; a count of nothing and nothing to count are the same. */
  private static String text(Object value) {
    if (value instanceof Number n) {
      java.math.BigDecimal exact = new java.math.BigDecimal(n.toString());
      return exact.signum() == 0
          ? "none"
          : exact.round(new java.math.MathContext(12)).stripTrailingZeros().toPlainString();
    }
    return value == null ? "none" : value.toString();
  }
}
