package org.ropebridge.reference;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.ropebridge.TestDatabase;
import org.ropebridge.access.Access;
import org.ropebridge.language.LanguagePack;
import org.ropebridge.model.Column;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.model.Link;
import org.ropebridge.model.LinkPaths;
import org.ropebridge.model.Model;
import org.ropebridge.model.Table;
import org.ropebridge.plan.PeriodResolver;
import org.ropebridge.plan.Plan;
import org.ropebridge.plan.PlanCheck;
import org.ropebridge.plan.Restatement;
import org.ropebridge.sql.Guarantees;
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
  private Guarantees guarantees;

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
    guarantees = guaranteesOf(rows);
    database.execute(rows.script(SCHEMA));
  }

  /** What constraints on these very rows could promise. */
  private Guarantees guaranteesOf(MemoryWarehouse rows) {
    Set<String> links = new HashSet<>();
    Set<ColumnRef> columns = new HashSet<>();
    for (Table table : company.model().tables()) {
      List<Row> own = rows.rows(table.name());
      for (Link link : table.links()) {
        Set<Object> keys = new HashSet<>();
        String key = company.model().table(link.to()).key();
        rows.rows(link.to()).forEach(r -> keys.add(r.get(key)));
        boolean sound =
            own.stream().map(r -> r.get(link.by())).allMatch(p -> p == null || keys.contains(p));
        if (sound) {
          links.add(table.name() + "." + link.name());
        }
      }
      for (Column column : table.columns()) {
        if (column.sql().isEmpty() && own.stream().allMatch(r -> r.get(column.name()) != null)) {
          columns.add(ColumnRef.of(table.name(), column.name()));
        }
      }
    }
    return new Guarantees(links, columns);
  }

  SqlQuery sql(Plan plan) {
    return sql(plan, Access.unlimited(company.model()));
  }

  SqlQuery sql(Plan plan, Access access) {
    return new SqlWriter(access, periods, restatement, guarantees).write(plan);
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
