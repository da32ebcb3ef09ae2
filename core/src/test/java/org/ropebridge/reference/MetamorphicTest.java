package org.ropebridge.reference;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.ropebridge.TestDatabase;
import org.ropebridge.access.Access;
import org.ropebridge.access.Person;
import org.ropebridge.model.AccessRule;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.model.Link;
import org.ropebridge.model.LinkPaths;
import org.ropebridge.model.Model;
import org.ropebridge.model.Table;
import org.ropebridge.model.expression.Expression;
import org.ropebridge.model.expression.ExpressionParser;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.MeasureTables;
import org.ropebridge.plan.Plan;
import org.ropebridge.plan.RandomPlans;

/** What must hold between the answers to different questions, whatever the answers are. */
class MetamorphicTest {
  private static final TestDatabase DATABASE = TestDatabase.fresh("metamorphic_test");
  private static final int COMPANIES = 25;
  private static final int PLANS = 21;
  private static final List<String> RULES =
      List.of("size > 12", "colour in (:person.colours)", "not good", "price is not null");

  /** A plan of a company. */
  private interface Trial {
    /** Returns whether the plan was fit to be tried. */
    boolean with(Comparison comparison, Plan plan, Random random);
  }

  private static void tryPlans(int atLeast, Trial trial) {
    int tried = 0;
    for (int seed = 1_000; seed < 1_000 + COMPANIES; seed++) {
      Comparison comparison = new Comparison(DATABASE, seed);
      RandomPlans plans =
          new RandomPlans(
              comparison.company().model(), comparison.company().values(), RandomCompany.TODAY);
      for (int i = 0; i < PLANS; i++) {
        long planSeed = seed * 1_000L + i;
        tried += trial.with(comparison, plans.of(planSeed), new Random(planSeed)) ? 1 : 0;
      }
    }
    assertTrue(tried >= atLeast, "only " + tried + " plans were fit to be tried");
  }

  private static void same(Comparison comparison, Plan plan, List<List<Object>> expected) {
    Optional<String> difference =
        Difference.between(values(expected), comparison.found(comparison.sql(plan)));
    assertEquals(Optional.empty(), difference, () -> plan + "\n" + comparison.sql(plan).readable());
  }

  private static List<List<Object>> values(List<List<Object>> rows) {
    List<List<Object>> values = new ArrayList<>();
    for (List<Object> row : rows) {
      List<Object> cells = new ArrayList<>();
      row.forEach(v -> cells.add(Values.of(v)));
      values.add(cells);
    }
    return values;
  }

  @Test
  void aRowRuleIsAWarehouseThatHoldsOnlyTheAllowedRows() {
    tryPlans(
        COMPANIES * PLANS,
        (comparison, plan, random) -> {
          Model model = comparison.company().model();
          Table limited = model.tables().get(random.nextInt(model.tables().size()));
          String rule = RULES.get(random.nextInt(RULES.size()));
          Person person = new Person(Set.of("guard"), Map.of("colours", List.of("blue", "coral")));
          Access access =
              Access.of(
                  withRule(
                      model,
                      new AccessRule(
                          "guard",
                          Optional.of(new AccessRule.RowRule(limited.name(), rule)),
                          List.of(),
                          Optional.empty())),
                  person);
          List<List<Object>> found = comparison.found(comparison.sql(plan, access));
          MemoryWarehouse all = comparison.warehouse();
          Reach reach = new Reach(model, all);
          Expression allowed =
              ExpressionParser.parse(rule.replace(":person.colours", "'blue', 'coral'"));
          comparison.fill(
              seen(
                  model,
                  limited.name(),
                  all.without(
                      limited.name(),
                      row ->
                          !Boolean.TRUE.equals(
                              Formula.over(name -> reach.own(row, name)).value(allowed)))));
          same(comparison, plan, found);
          comparison.fill(all);
          return true;
        });
  }

  /** Without rows that point to one that is not there, of tables that lead to a limited one. */
  private static MemoryWarehouse seen(Model model, String limited, MemoryWarehouse rows) {
    MemoryWarehouse seen = rows;
    LinkPaths paths = new LinkPaths(model);
    for (Table table : model.tables()) {
      for (Link link : table.links()) {
        boolean leads =
            link.to().equals(limited)
                || !paths.shortest(link.to(), limited, Optional.empty()).isEmpty();
        if (leads && !link.to().equals(table.name())) {
          MemoryWarehouse before = seen;
          seen =
              seen.without(
                  table.name(),
                  row ->
                      row.get(link.by()) != null
                          && before.rows(link.to()).stream()
                              .noneMatch(t -> Values.same(t.get("id"), row.get(link.by()))));
        }
      }
    }
    return seen;
  }

  static Model withRule(Model model, AccessRule rule) {
    return new Model(
        model.name(),
        model.title(),
        model.about(),
        model.languages(),
        model.calendar(),
        model.sources(),
        model.preferences(),
        model.tables(),
        model.metrics(),
        model.questions(),
        List.of(rule),
        model.occasions());
  }

  @Test
  void theOrderOfRowsInTheWarehouseMeansNothing() {
    tryPlans(
        COMPANIES * PLANS,
        (comparison, plan, random) -> {
          List<List<Object>> found = comparison.found(comparison.sql(plan));
          Map<String, List<Row>> shuffled = new LinkedHashMap<>();
          comparison
              .warehouse()
              .tables()
              .forEach(
                  (table, rows) -> {
                    List<Row> mixed = new ArrayList<>(rows);
                    Collections.shuffle(mixed, random);
                    shuffled.put(table, mixed);
                  });
          comparison.fill(new MemoryWarehouse(shuffled));
          same(comparison, plan, found);
          return true;
        });
  }

  @Test
  void theOrderOfTablesAndLinksInAModelMeansNothing() {
    tryPlans(
        COMPANIES * PLANS,
        (comparison, plan, random) -> {
          Model model = comparison.company().model();
          List<Table> tables = new ArrayList<>(model.tables());
          Collections.shuffle(tables, random);
          Access access = Access.unlimited(model.withTables(tables));
          same(comparison, plan, comparison.found(comparison.sql(plan, access)));
          return true;
        });
  }

  /** A plan of one measure that a random plan has, with its filters. */
  private static Optional<Plan> total(Plan plan) {
    return plan.measures().stream()
        .filter(m -> m instanceof Measure.Plain)
        .map(m -> Plan.of(m, List.of(), plan.filters()))
        .findFirst();
  }

  private static ColumnRef colour(Plan plan, Model model) {
    return ColumnRef.of(MeasureTables.of(plan, model).iterator().next(), "colour");
  }

  @Test
  void partsAddUpToTheWhole() {
    tryPlans(
        60,
        (comparison, plan, random) -> {
          Model model = comparison.company().model();
          Optional<Plan> total =
              total(plan).filter(t -> MeasureTables.addsUp(t.measures().get(0), model));
          if (total.isEmpty()) {
            return false;
          }
          Plan parts =
              total.get().withGroupings(List.of(new Grouping.ByColumn(colour(total.get(), model))));
          if (!comparison.isSound(parts)) {
            return false;
          }
          List<Object> ofParts = new ArrayList<>();
          values(comparison.found(comparison.sql(parts)))
              .forEach(r -> ofParts.add(r.get(1) == null ? BigDecimal.ZERO : r.get(1)));
          Object whole = values(comparison.found(comparison.sql(total.get()))).get(0).get(0);
          BigDecimal sum = ofParts.isEmpty() ? BigDecimal.ZERO : Values.sum(ofParts);
          assertTrue(
              Values.close(sum, whole == null ? BigDecimal.ZERO : whole),
              () -> parts + " adds up to " + sum + " and not to " + whole);
          return true;
        });
  }

  @Test
  void aFilterGivesTheRowOfItsGroup() {
    tryPlans(
        150,
        (comparison, plan, random) -> {
          Model model = comparison.company().model();
          Optional<Plan> total = total(plan);
          if (total.isEmpty()) {
            return false;
          }
          ColumnRef colour = colour(total.get(), model);
          List<Filter> filters = new ArrayList<>(total.get().filters());
          filters.add(new Filter.InValues(colour, List.of("blue"), false));
          Plan blue = total.get().withFilters(filters);
          Plan each = total.get().withGroupings(List.of(new Grouping.ByColumn(colour)));
          boolean fit = comparison.isSound(blue) && comparison.isSound(each);
          Optional<List<Object>> row =
              fit
                  ? values(comparison.found(comparison.sql(each))).stream()
                      .filter(r -> "blue".equals(r.get(0)))
                      .findFirst()
                  : Optional.empty();
          if (row.isEmpty()) {
            return false;
          }
          same(comparison, blue, List.of(row.get().subList(1, 2)));
          return true;
        });
  }

  @Test
  void aMeasureBesideOthersIsTheMeasureAlone() {
    tryPlans(
        30,
        (comparison, plan, random) -> {
          List<Measure> measures =
              plan.measures().stream().filter(m -> m instanceof Measure.Plain).toList();
          if (measures.size() < 2) {
            return false;
          }
          Plan all = Plan.of(measures.get(0), List.of(), plan.filters()).withMeasures(measures);
          List<Object> together = comparison.found(comparison.sql(all)).get(0);
          for (int i = 0; i < measures.size(); i++) {
            same(
                comparison,
                all.withMeasures(List.of(measures.get(i))),
                List.of(together.subList(i, i + 1)));
          }
          return true;
        });
  }
}
