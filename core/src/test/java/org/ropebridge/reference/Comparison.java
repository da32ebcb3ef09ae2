package org.ropebridge.reference;

import java.util.List;
import java.util.Optional;
import org.ropebridge.TestDatabase;
import org.ropebridge.access.Access;
import org.ropebridge.language.LanguagePack;
import org.ropebridge.model.LinkPaths;
import org.ropebridge.model.Model;
import org.ropebridge.plan.PeriodResolver;
import org.ropebridge.plan.Plan;
import org.ropebridge.plan.PlanCheck;
import org.ropebridge.plan.Restatement;
import org.ropebridge.sql.SqlQuery;
import org.ropebridge.sql.SqlWriter;

/** A company whose rows are in memory and in a database, and what the two say about a plan. */
final class Comparison {
  private static final String SCHEMA = "company";
  private final TestDatabase database;
  private final RandomCompany company;
  private final PeriodResolver periods;
  private final Restatement restatement;
  private final PlanCheck check;
  private MemoryWarehouse warehouse;

  Comparison(TestDatabase database, long seed) {
    this.database = database;
    this.company = new RandomCompany(seed, SCHEMA);
    Model model = company.model();
    this.periods = new PeriodResolver(model, RandomCompany.TODAY);
    this.restatement = new Restatement(model, LanguagePack.ENGLISH.phrasebook(), periods);
    this.check = new PlanCheck(model, new LinkPaths(model));
    database.execute(
        "drop schema if exists %s cascade; create schema %s; ".formatted(SCHEMA, SCHEMA)
            + company.tablesScript());
    fill(company.warehouse());
  }

  RandomCompany company() {
    return company;
  }

  MemoryWarehouse warehouse() {
    return warehouse;
  }

  /** Puts other rows in place of all there are. */
  void fill(MemoryWarehouse rows) {
    warehouse = rows;
    database.execute(rows.script(SCHEMA));
  }

  SqlQuery sql(Plan plan) {
    return sql(plan, Access.unlimited(company.model()));
  }

  SqlQuery sql(Plan plan, Access access) {
    return new SqlWriter(access, periods, restatement).write(plan);
  }

  List<List<Object>> found(SqlQuery query) {
    return database.run(query);
  }

  List<List<Object>> expected(Plan plan) {
    return new Reference(company.model(), warehouse, periods).answer(plan);
  }

  boolean isSound(Plan plan) {
    return check.faults(plan).isEmpty();
  }

  /** How the database's answer differs from the reference's. */
  Optional<String> difference(Plan plan) {
    try {
      return Difference.between(expected(plan), found(sql(plan)));
    } catch (EmptySpans.TooLarge tooLarge) {
      return Optional.empty();
    } catch (IllegalStateException refused) {
      return Optional.of(refused.getMessage());
    }
  }

  /** The simplest plan over the fewest rows that still differs, told in full. */
  String smallest(Plan plan) {
    Plan smallest = plan;
    Optional<Plan> next = Optional.of(plan);
    while (next.isPresent()) {
      smallest = next.get();
      next =
          SmallerPlans.of(smallest).stream()
              .filter(this::isSound)
              .filter(p -> difference(p).isPresent())
              .findFirst();
    }
    for (Row row : warehouse.all()) {
      MemoryWarehouse before = warehouse;
      fill(before.without(row.table(), r -> r.equals(row)));
      if (difference(smallest).isEmpty()) {
        fill(before);
      }
    }
    StringBuilder rows = new StringBuilder();
    warehouse.all().forEach(r -> rows.append("\n  ").append(r.cells()));
    return smallest
        + "\n"
        + restatement.of(smallest)
        + rows
        + "\n"
        + difference(smallest).orElseThrow()
        + "\n"
        + sql(smallest).readable();
  }
}
