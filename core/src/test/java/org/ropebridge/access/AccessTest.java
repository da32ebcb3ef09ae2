package org.ropebridge.access;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.ropebridge.DemoModel;
import org.ropebridge.TestWarehouse;
import org.ropebridge.demo.DemoData;
import org.ropebridge.language.LanguagePack;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.Listing;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.Plan;
import org.ropebridge.reading.QuestionReader;
import org.ropebridge.reading.Reading;
import org.ropebridge.sql.SqlWriter;

/** What a person may not see is unknown in reading, and out of every computed number. */
class AccessTest {
  private static final Person WARDEN =
      new Person(Set.of("warden"), Map.of("huts", List.of("1", "7")));

  /** Sizes of groups have tests of their own. */
  private final Access limited = Access.of(DemoModel.MODEL, WARDEN).withoutGroupSizes();

  private final QuestionReader reader =
      new QuestionReader(limited.visible(), DemoModel.VALUES, LanguagePack.ENGLISH, DemoData.TODAY);
  private final SqlWriter writer = new SqlWriter(limited, reader.periods(), reader.restatement());

  private Object number(String question) {
    Plan plan = reader.read(question).plan().orElseThrow();
    return TestWarehouse.run(writer.write(plan)).get(0).get(0);
  }

  private static Object byHand(String sql) {
    return TestWarehouse.run(sql, List.of()).get(0).get(0);
  }

  @Test
  void rowRulesLimitEveryScan() {
    assertEquals(
        byHand("select count(*) from hut.stay where hut_id in (1, 7)"), number("number of stays"));
    assertEquals(
        byHand(
            "select sum(party_size * (departure - arrival)) filter (where status = 'D') from hut.stay where hut_id in (1, 7)"),
        number("guest nights"));
    assertEquals(
        byHand("select count(distinct member_id) from hut.stay where hut_id in (1, 7)"),
        number("number of different members with stays"));
  }

  @Test
  void rowRulesHoldBelowLinksToo() {
    assertEquals(
        byHand(
            "select count(*) from hut.charge c join hut.stay s using (stay_id) where hut_id in (1, 7)"
                + " and arrival >= '2025-01-01' and arrival < '2026-01-01'"),
        number("number of charges in 2025"));
  }

  @Test
  void withoutTheAttributeNothingIsSeen() {
    Access nobody = Access.of(DemoModel.MODEL, new Person(Set.of("warden"), Map.of()));
    SqlWriter none = new SqlWriter(nobody, reader.periods(), reader.restatement());
    assertEquals(
        0L, TestWarehouse.run(none.write(Plan.of(new Measure.RowCount("stays")))).get(0).get(0));
  }

  @Test
  void hiddenMetricsAreDeclinedLikeUnknownWords() {
    for (String hidden : List.of("supply cost", "supply cost per guest night", "load cost")) {
      Reading asked = reader.read("total " + hidden);
      assertNotEquals(Reading.Status.ANSWERED, asked.status(), hidden);
      assertFalse(asked.suggestions().stream().anyMatch(s -> s.contains("cost")), hidden);
    }
    Reading unknown = reader.read("total unicorn price");
    Reading hidden = reader.read("total load cost");
    assertEquals(
        unknown.reason().replaceAll("\"[^\"]*\"", "x").replace(", x", ""),
        hidden.reason().replaceAll("\"[^\"]*\"", "x").replace(", x", ""));
  }

  @Test
  void aPlanOverHiddenColumnsIsRefused() {
    Plan plan =
        new Plan(
            List.of(new Measure.DistinctValues(ColumnRef.of("members", "email"))),
            List.of(),
            List.of(),
            java.util.Optional.empty(),
            java.util.Optional.empty(),
            java.util.Optional.empty());
    assertThrows(IllegalArgumentException.class, () -> writer.write(plan));
  }

  @Test
  void hiddenColumnsAreRefusedInEveryPartOfAPlan() {
    ColumnRef email = ColumnRef.of("members", "email");
    Measure.Basic count = new Measure.RowCount("members");
    ColumnRef name = ColumnRef.of("members", "name");
    List<Filter> filters =
        List.of(
            new Filter.Missing(email, false),
            new Filter.HasText(email, Filter.Where.ANYWHERE, "a", false),
            new Filter.InValues(email, List.of("a@example.org"), true));
    List<Plan> plans = new ArrayList<>();
    for (Filter filter : filters) {
      plans.add(Plan.of(count, List.of(), List.of(filter)));
      plans.add(Plan.of(new Measure.Portion(count, List.of(filter))));
      Filter inside = new Filter.Among(name, Plan.of(listing(name), List.of(filter)), false);
      plans.add(Plan.of(count, List.of(), List.of(inside)));
      Filter pointing =
          new Filter.Having("huts", "stays", Optional.empty(), List.of(filter), false);
      plans.add(Plan.of(new Measure.RowCount("huts"), List.of(), List.of(pointing)));
    }
    plans.add(Plan.of(count, List.of(new Grouping.ByWords(email, List.of("a"))), List.of()));
    plans.add(Plan.of(listing(email), List.of()));
    plans.add(Plan.of(new Measure.MetricValue("supply_cost")));
    plans.add(
        Plan.of(
            new Measure.Arithmetic(
                Measure.Operator.PLUS, count, new Measure.MetricValue("supply_cost"))));
    for (Plan plan : plans) {
      assertThrows(IllegalArgumentException.class, () -> writer.write(plan), plan::toString);
    }
  }

  private static Listing listing(ColumnRef column) {
    return new Listing(
        column.table(), List.of(column), Optional.empty(), Optional.empty(), Optional.empty());
  }

  @Test
  void rowRulesHoldInListsAndConditions() {
    assertEquals(
        byHand(
            "select count(*) from hut.hut h where exists (select 1 from safety.callout c"
                + " where c.hut_id = h.hut_id and c.hut_id in (1, 7))"),
        number("number of huts for huts having (callouts)"));
    assertEquals(
        byHand(
            "select count(*) from (select member_id from hut.stay where hut_id in (1, 7)"
                + " and member_id is not null group by 1 having count(*) >= 2) m"),
        number("how many members have at least 2 stays"));
    Plan list = reader.read("list stays in 2025").plan().orElseThrow();
    assertEquals(
        byHand(
            "select count(*) from hut.stay where hut_id in (1, 7)"
                + " and arrival >= '2025-01-01' and arrival < '2026-01-01'"),
        (long) TestWarehouse.run(writer.write(list)).size());
    for (String question :
        List.of(
            "members with missing email", "list members with their email", "members by email")) {
      assertNotEquals(Reading.Status.ANSWERED, reader.read(question).status(), question);
    }
  }

  @Test
  void onlyPeopleWhoSeeTheSameShareAnEngine() {
    Access other =
        Access.of(DemoModel.MODEL, new Person(Set.of("warden"), Map.of("huts", List.of("2"))));
    assertNotEquals(limited.key(), other.key());
    assertNotEquals(limited.key(), Access.of(DemoModel.MODEL, Person.ANYONE).key());
    assertTrue(Access.of(DemoModel.MODEL, WARDEN).withoutGroupSizes().key().equals(limited.key()));
    assertNotEquals(Access.of(DemoModel.MODEL, WARDEN).key(), limited.key());
  }
}
