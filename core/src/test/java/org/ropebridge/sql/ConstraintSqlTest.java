package org.ropebridge.sql;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.ropebridge.DemoModel;
import org.ropebridge.TestDatabase;
import org.ropebridge.access.Access;
import org.ropebridge.access.Person;
import org.ropebridge.demo.DemoFiles;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.model.expression.ExpressionParser;
import org.ropebridge.plan.Plan;

/** What the demo's constraints promise, and the joins that this saves. */
class ConstraintSqlTest {
  private static final TestDatabase DATABASE = TestDatabase.fresh("constraint_sql_test");

  static {
    DATABASE.execute(DemoFiles.text("schema.sql"));
    DATABASE.execute("alter table hut.charge drop constraint charge_stay_id_fkey");
    DATABASE.execute(
        "alter table hut.charge add constraint later foreign key (stay_id) references hut.stay"
            + " not valid");
  }

  private static final Guarantees FOUND =
      ConstraintSql.guarantees(
          DemoModel.MODEL, "ledger", DATABASE.run(ConstraintSql.TEXT, List.of()));

  @Test
  void keysThatTheWarehouseHoldsToLeadSomewhere() {
    assertTrue(
        FOUND.soundLinks().containsAll(Set.of("stays.member", "stays.hut")), FOUND::toString);
    assertFalse(FOUND.soundLinks().contains("members.sponsor"), "only indexes.sql adds that one");
    assertFalse(FOUND.soundLinks().contains("charges.stay"), "that one was never validated");
  }

  @Test
  void columnsThatMustHaveAValueAlwaysHaveOne() {
    assertTrue(FOUND.neverMissing().contains(ColumnRef.of("members", "name")));
    assertFalse(FOUND.neverMissing().contains(ColumnRef.of("members", "born")));
    assertFalse(FOUND.neverMissing().contains(ColumnRef.of("stays", "nights")), "computed");
  }

  @Test
  void anotherSourceIsPromisedNothing() {
    assertEquals(
        Guarantees.NONE,
        ConstraintSql.guarantees(
            DemoModel.MODEL, "other", DATABASE.run(ConstraintSql.TEXT, List.of())));
    assertEquals(FOUND, FOUND.and(Guarantees.NONE));
  }

  @ParameterizedTest
  @CsvSource({
    "how many members stayed in July",
    "stays without a member",
    "how many members have more than 3 stays",
  })
  void joinsThatCannotMatterAreLeftOut(String question) {
    Plan plan = DemoModel.READER.read(question).plan().orElseThrow();
    Access all = Access.unlimited(DemoModel.MODEL);
    assertTrue(sql(plan, all, Guarantees.NONE).contains("join"));
    assertFalse(sql(plan, all, FOUND).contains("join"));
  }

  @Test
  void whatWasFoundIsCountedWhereItStands() {
    Plan plan =
        DemoModel.READER.read("how many members have more than 3 stays").plan().orElseThrow();
    Access all = Access.unlimited(DemoModel.MODEL);
    assertFalse(sql(plan, all, FOUND).contains("member.member"), sql(plan, all, FOUND));
    assertTrue(sql(plan, all, Guarantees.NONE).contains("member.member"));
    assertEquals(
        DATABASE.run(sql(plan, all, Guarantees.NONE), List.of(3)),
        DATABASE.run(sql(plan, all, FOUND), List.of(3)));
    Access limited =
        new Access(
            DemoModel.MODEL,
            DemoModel.MODEL,
            Person.ANYONE,
            Map.of("members", List.of(ExpressionParser.parse("type = 'A'"))),
            Map.of());
    assertTrue(sql(plan, limited, FOUND).contains("type = 'A'"));
  }

  @Test
  void whereRowsAreHiddenTheyAreStillLookedAt() {
    Plan plan = DemoModel.READER.read("how many members stayed in July").plan().orElseThrow();
    Access access =
        new Access(
            DemoModel.MODEL,
            DemoModel.MODEL,
            Person.ANYONE,
            Map.of("members", List.of(ExpressionParser.parse("type = 'A'"))),
            Map.of());
    assertTrue(sql(plan, access, FOUND).contains("type = 'A'"));
  }

  private static String sql(Plan plan, Access access, Guarantees guarantees) {
    return new SqlWriter(
            access, DemoModel.READER.periods(), DemoModel.READER.restatement(), guarantees)
        .write(plan)
        .text();
  }
}
