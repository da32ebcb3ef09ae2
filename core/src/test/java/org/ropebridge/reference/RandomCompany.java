package org.ropebridge.reference;

import java.math.BigDecimal;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.Month;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.ropebridge.lexicon.ValueIndex;
import org.ropebridge.model.BusinessCalendar;
import org.ropebridge.model.Column;
import org.ropebridge.model.Condition;
import org.ropebridge.model.Link;
import org.ropebridge.model.Metric;
import org.ropebridge.model.Model;
import org.ropebridge.model.Occasion;
import org.ropebridge.model.Preferences;
import org.ropebridge.model.Table;

/**
 * A random model and random rows for it: links that lead nowhere, several links to one table, a
 * table that points at itself, missing values, rows of one name, dates yet to come. The same seed
 * gives the same company.
 */
final class RandomCompany {
  static final LocalDate TODAY = LocalDate.of(2026, 3, 17);
  private static final List<String> COLOURS = List.of("amber", "blue", "coral", "denim");
  private static final List<String> NAMES = List.of("ash", "birch", "cedar", "elm", "fir");
  private static final List<String> TEXTS =
      List.of("a loose rock", "ROPE torn", "rope and loose rock", "100% it's fine", "Gone", "5_0");

  private final Random random;
  private final String schema;
  private final List<Table> tables = new ArrayList<>();
  private final List<Metric> metrics = new ArrayList<>();
  private final StringBuilder script = new StringBuilder();
  private final Model model;
  private final MemoryWarehouse warehouse;

  /** Whether every pointer leads to a row, and every row has a name. */
  private final boolean tidy;

  RandomCompany(long seed, String schema) {
    this.random = new Random(seed);
    this.tidy = seed % 3 == 0;
    this.schema = schema;
    int count = 2 + random.nextInt(3);
    for (int i = 0; i < count; i++) {
      tables.add(table(i));
    }
    for (Table table : tables) {
      metricsOf(table);
    }
    metricsOfMetrics();
    this.model =
        new Model(
            "random",
            "Random",
            "",
            List.of("en"),
            calendar(),
            Map.of("main", new Model.Source("main", "postgresql")),
            new Preferences(Optional.empty(), 5_000, Map.of()),
            tables,
            metrics,
            List.of(),
            List.of(),
            List.of(
                new Occasion("fair", LocalDate.of(2019, 5, 10), LocalDate.of(2019, 5, 24), true)));
    this.warehouse = rows();
  }

  Model model() {
    return model;
  }

  MemoryWarehouse warehouse() {
    return warehouse;
  }

  /** Statements that make the tables, without rows. */
  String tablesScript() {
    return script.toString();
  }

  /** The values that people could name. */
  ValueIndex values() {
    return ValueIndex.load(
        model,
        ref ->
            warehouse.rows(ref.table()).stream()
                .map(r -> r.get(ref.column()))
                .filter(v -> v != null)
                .map(Object::toString)
                .distinct()
                .sorted()
                .toList());
  }

  private BusinessCalendar calendar() {
    return new BusinessCalendar(
        new BusinessCalendar.Today.Fixed(TODAY),
        pick(List.of(DayOfWeek.values())),
        pick(List.of(Month.values())),
        Optional.empty(),
        Map.of(
            "winter",
            new BusinessCalendar.Season(Month.NOVEMBER, Month.FEBRUARY),
            "summer",
            new BusinessCalendar.Season(Month.MAY, Month.AUGUST)));
  }

  private Table table(int index) {
    String name = "t" + index;
    List<Column> columns = new ArrayList<>();
    columns.add(column("id", Column.Holds.ID));
    columns.add(column("name", Column.Holds.CATEGORY));
    columns.add(column("colour", Column.Holds.CATEGORY));
    columns.add(column("size", Column.Holds.NUMBER));
    columns.add(column("price", Column.Holds.NUMBER));
    columns.add(column("made_on", Column.Holds.DATE));
    columns.add(column("seen_at", Column.Holds.TIME));
    columns.add(column("left_at", random.nextBoolean() ? Column.Holds.TIME : Column.Holds.DATE));
    columns.add(column("good", Column.Holds.YES_NO));
    columns.add(column("remark", Column.Holds.TEXT));
    columns.add(
        computed(
            pick(
                List.of(
                    "size * price",
                    "coalesce(price, 0) + 1",
                    "case when size > 20 then size else 0 end",
                    "size / price"))));
    List<Link> links = links(name, index);
    StringBuilder ddl =
        new StringBuilder(
            """
            create table %s.%s (id text primary key, name text, colour text, size integer,
              price numeric(9, 2), made_on date, seen_at timestamp, left_at %s, good boolean,
              remark text"""
                .formatted(
                    schema,
                    name,
                    columns.get(7).holds() == Column.Holds.TIME ? "timestamp" : "date"));
    links.forEach(l -> ddl.append(", ").append(l.by()).append(" text"));
    script.append(ddl).append(");\n");
    return new Table(
        name,
        "main",
        schema + "." + name,
        "",
        "",
        "thing " + index,
        "things " + index,
        List.of(),
        "id",
        mainDate(links),
        random.nextInt(4) == 0 ? Optional.empty() : Optional.of("name"),
        columns,
        List.of(),
        links,
        List.of(
            new Condition("large " + index, "large " + index, "size > 20", List.of()),
            new Condition(
                "odd " + index,
                "odd " + index,
                pick(
                    List.of(
                        "price is null",
                        "not good or colour in ('amber', 'coral')",
                        "colour <> 'blue' and price >= 5")),
                List.of())));
  }

  private Optional<String> mainDate(List<Link> links) {
    switch (random.nextInt(5)) {
      case 0:
        return Optional.of("seen_at");
      case 1:
        return links.isEmpty()
            ? Optional.of("made_on")
            : Optional.of(pick(links).name() + ".made_on");
      default:
        return Optional.of("made_on");
    }
  }

  private List<Link> links(String table, int index) {
    List<Link> links = new ArrayList<>();
    for (int other = 0; other < index; other++) {
      int count = random.nextInt(5) == 0 ? 2 : random.nextInt(2);
      for (int i = 0; i < count; i++) {
        String role = "of_t" + other + (i == 0 ? "" : "_too");
        links.add(link(role, "t" + other));
      }
    }
    if (random.nextInt(4) == 0) {
      links.add(link("parent", table));
    }
    return links;
  }

  private static Link link(String role, String to) {
    return new Link(role, role.replace('_', ' '), to, role + "_id", true, List.of());
  }

  private static Column column(String name, Column.Holds holds) {
    return new Column(
        name,
        name.replace('_', ' '),
        holds,
        Optional.empty(),
        Optional.empty(),
        List.of(),
        List.of(),
        List.of(),
        Optional.empty(),
        Optional.empty());
  }

  private static Column computed(String sql) {
    return new Column(
        "worth",
        "worth",
        Column.Holds.NUMBER,
        Optional.empty(),
        Optional.empty(),
        List.of(),
        List.of(),
        List.of(),
        Optional.of(sql),
        Optional.empty());
  }

  private void metricsOf(Table table) {
    List<String> formulas =
        List.of(
            "sum(price)",
            "count(*)",
            "avg(size)",
            "count(distinct colour)",
            "sum(price) filter (where good)",
            "sum(size) / count(*)",
            "count(*) filter (where price > 10) * 2",
            "coalesce(sum(worth), 0)",
            "max(price) - min(price)",
            "sum(case when colour = 'blue' then price else 0 end)");
    for (int i = 0; i < 3; i++) {
      boolean last = table.mainDate().isPresent() && random.nextInt(5) == 0;
      Optional<String> date =
          random.nextInt(4) == 0 ? Optional.of("made_on") : Optional.<String>empty();
      metrics.add(
          metric(
              table.name() + " metric " + i,
              Optional.of(table.name()),
              pick(formulas),
              last,
              date));
    }
  }

  private void metricsOfMetrics() {
    int own = metrics.size();
    for (int i = 0; i < 2; i++) {
      String left = "\"" + metrics.get(random.nextInt(own)).name() + "\"";
      String right = "\"" + metrics.get(random.nextInt(own)).name() + "\"";
      String operator = pick(List.of("/", "-", "+", "*"));
      metrics.add(
          metric(
              "mixed metric " + i,
              Optional.empty(),
              left + " " + operator + " " + right,
              false,
              Optional.empty()));
    }
  }

  private static Metric metric(
      String name, Optional<String> table, String sql, boolean last, Optional<String> date) {
    return new Metric(
        name.replace(' ', '_'),
        name,
        table,
        sql.replace("\"", "").replace(" metric ", "_metric_"),
        List.of(),
        Optional.empty(),
        Optional.empty(),
        last ? Metric.AcrossTime.LAST : Metric.AcrossTime.ADDS_UP,
        Metric.ShownAs.NUMBER,
        date,
        "");
  }

  private MemoryWarehouse rows() {
    Map<String, List<Row>> rows = new LinkedHashMap<>();
    for (Table table : tables) {
      int count = random.nextInt(8) == 0 ? 0 : 3 + random.nextInt(16);
      List<Row> ofTable = new ArrayList<>();
      rows.put(table.name(), ofTable);
      for (int i = 0; i < count; i++) {
        ofTable.add(row(table, i, count, rows));
      }
    }
    return new MemoryWarehouse(rows);
  }

  private Row row(Table table, int index, int count, Map<String, List<Row>> rows) {
    Map<String, Object> cells = new LinkedHashMap<>();
    cells.put("id", table.name() + "-" + index);
    cells.put("name", tidy ? pick(NAMES) : orMissing(pick(NAMES)));
    cells.put("colour", orMissing(pick(COLOURS)));
    cells.put("size", orMissing(BigDecimal.valueOf(random.nextInt(40))));
    cells.put("price", orMissing(BigDecimal.valueOf(random.nextInt(120) * 25L, 2)));
    cells.put("made_on", orMissing(day()));
    LocalDateTime seen = day().atTime(random.nextInt(24), random.nextInt(60));
    cells.put("seen_at", orMissing(seen));
    boolean time = table.column("left_at").holds() == Column.Holds.TIME;
    LocalDateTime left = seen.plusMinutes(random.nextInt(9_000));
    cells.put("left_at", orMissing(time ? left : left.toLocalDate()));
    cells.put("good", orMissing(random.nextBoolean()));
    cells.put("remark", orMissing(pick(TEXTS)));
    for (Link link : table.links()) {
      int others = link.to().equals(table.name()) ? count : rows.get(link.to()).size();
      boolean nowhere = others == 0 || !tidy && random.nextInt(12) == 0;
      Object pointer = orMissing(link.to() + "-" + (nowhere ? "gone" : random.nextInt(others)));
      cells.put(link.by(), tidy && nowhere ? null : pointer);
    }
    return new Row(table.name(), cells);
  }

  private LocalDate day() {
    return TODAY
        .minusDays(random.nextInt(5) == 0 ? random.nextInt(1_200) : random.nextInt(90))
        .plusDays(5);
  }

  private Object orMissing(Object value) {
    return random.nextInt(7) == 0 ? null : value;
  }

  private <T> T pick(List<T> from) {
    return from.get(random.nextInt(from.size()));
  }
}
