package org.ropebridge.answer;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.model.BusinessCalendar;
import org.ropebridge.model.Column;
import org.ropebridge.model.Condition;
import org.ropebridge.model.LinkPaths;
import org.ropebridge.model.Metric;
import org.ropebridge.model.Model;
import org.ropebridge.model.Occasion;
import org.ropebridge.model.Table;
import org.ropebridge.reading.About;

/** Answers questions about the model in its author's words. */
public final class Explanations {
  private static final int MOST_LISTED = 30;
  private static final DateTimeFormatter DAY =
      DateTimeFormatter.ofPattern("d MMMM yyyy", Locale.ENGLISH);

  private final Model model;
  private final LinkPaths paths;
  private final Definitions definitions;

  /**
   * Makes explanations.
   *
   * @param model what the person may see of the model
   */
  public Explanations(Model model) {
    this.model = model;
    this.paths = new LinkPaths(model);
    this.definitions = new Definitions(model);
  }

  /**
   * An answer in words.
   *
   * @param title what it is about
   * @param sentences what there is to say of it, in order
   * @param definitions the formulas of what is explained
   * @param questions whole questions that it leads to
   */
  public record Explained(
      String title,
      List<String> sentences,
      List<Definitions.Definition> definitions,
      List<String> questions) {
    public Explained {
      sentences = List.copyOf(sentences);
      definitions = List.copyOf(definitions);
      questions = List.copyOf(questions);
    }
  }

  /** What is gathered for an answer. */
  private static final class Page {
    private final List<String> sentences = new ArrayList<>();
    private final List<Definitions.Definition> definitions = new ArrayList<>();
    private final Set<String> questions = new LinkedHashSet<>();

    void say(String sentence) {
      if (!sentence.isBlank()) {
        sentences.add(sentence.strip());
      }
    }

    Explained as(String title) {
      return new Explained(title, sentences, definitions, List.copyOf(questions));
    }
  }

  /** Answers. */
  public Explained of(About about) {
    Page page = new Page();
    if (about instanceof About.Sense sense) {
      List<String> titles = sense.items().stream().map(this::title).distinct().toList();
      for (Meaning item : sense.items()) {
        if (titles.size() > 1) {
          page.say(capital(title(item)) + ":");
        }
        sense(item, page);
      }
      return page.as(String.join(" and ", titles));
    } else if (about instanceof About.Origin origin) {
      origin.items().forEach(i -> origin(i, page));
      return page.as("Where " + title(origin.items().get(0)) + " comes from");
    } else if (about instanceof About.Relation relation) {
      Table one = model.table(relation.one());
      Table other = model.table(relation.other());
      relation(one, other, page);
      return page.as(capital(one.rowNounPlural()) + " and " + other.rowNounPlural());
    } else if (about instanceof About.Breakdowns breakdowns) {
      breakdowns(breakdowns.items(), page);
      return page.as(
          breakdowns.items().isEmpty()
              ? "What to split by"
              : "What to split " + title(breakdowns.items().get(0)) + " by");
    } else if (about instanceof About.Calendar calendar) {
      calendar(calendar.today(), page);
      return page.as("Calendar");
    } else if (about instanceof About.Access) {
      page.say(
          "You see what the model's stewards let you see, and nothing else is answered to you.");
      page.say("Who else may see what is not told here: ask a steward.");
      return page.as("Who may see what");
    } else if (about instanceof About.Metrics) {
      metrics(page);
      return page.as("Metrics");
    } else if (about instanceof About.Tables) {
      model.tables().forEach(t -> page.say(line(t)));
      return page.as("Tables");
    }
    coverage(page);
    return page.as(model.title());
  }

  private String title(Meaning item) {
    if (item instanceof Meaning.MetricName name) {
      return model.metric(name.metric()).label();
    } else if (item instanceof Meaning.RowNoun rows) {
      return model.table(rows.table()).rowNounPlural();
    } else if (item instanceof Meaning.ColumnName name) {
      return model.column(name.column()).label();
    } else if (item instanceof Meaning.ConditionName name) {
      return condition(name).label();
    } else if (item instanceof Meaning.ValueName value) {
      return model.column(value.column()).nameOfValue(value.stored());
    } else if (item instanceof Meaning.SeasonName name) {
      return name.season();
    }
    return ((Meaning.OccasionName) item).occasion();
  }

  private Condition condition(Meaning.ConditionName name) {
    return model.table(name.table()).findCondition(name.condition()).orElseThrow();
  }

  // ---- what something means

  private void sense(Meaning item, Page page) {
    if (item instanceof Meaning.MetricName name) {
      metric(model.metric(name.metric()), page);
    } else if (item instanceof Meaning.RowNoun rows) {
      table(model.table(rows.table()), page);
    } else if (item instanceof Meaning.ColumnName name) {
      column(model.table(name.column().table()), model.column(name.column()), page);
    } else if (item instanceof Meaning.ConditionName name) {
      Table table = model.table(name.table());
      Condition condition = condition(name);
      page.say(
          capital(condition.label())
              + " is a condition of "
              + table.rowNounPlural()
              + also(condition.alsoCalled()));
      page.definitions.add(
          new Definitions.Definition(
              condition.label(), "", condition.sql(), table.rowNounPlural()));
      page.questions.add("number of " + table.rowNounPlural() + " for " + condition.label());
    } else if (item instanceof Meaning.ValueName value) {
      Table table = model.table(value.column().table());
      String name = model.column(value.column()).nameOfValue(value.stored());
      page.say(
          capital(name)
              + " is a value of "
              + model.column(value.column()).label()
              + " of "
              + table.rowNounPlural()
              + (name.equals(value.stored()) ? "." : ", stored as " + value.stored() + "."));
    } else if (item instanceof Meaning.SeasonName name) {
      BusinessCalendar.Season season = model.calendar().seasons().get(name.season());
      page.say(
          capital(name.season())
              + " is the time from the first day of "
              + month(season.first())
              + " to the last of "
              + month(season.last())
              + ", every year.");
    } else if (item instanceof Meaning.OccasionName name) {
      occasion(name.occasion(), page);
    }
  }

  private void metric(Metric metric, Page page) {
    page.say(metric.about());
    metric
        .table()
        .map(model::table)
        .ifPresent(t -> page.say("It is computed over " + t.rowNounPlural() + "."));
    metric.unit().ifPresent(u -> page.say("It is counted in " + u + "."));
    date(metric)
        .ifPresent(
            d -> page.say("A period means the " + d.label() + ", where no other date is named."));
    if (metric.acrossTime() == Metric.AcrossTime.LAST) {
      page.say("It does not add up over time: the last value of a period stands for the period.");
    }
    metric
        .better()
        .ifPresent(b -> page.say(capital(b.name().toLowerCase(Locale.ROOT)) + " is better."));
    if (!metric.alsoCalled().isEmpty()) {
      page.say("It is also called " + listed(metric.alsoCalled()) + ".");
    }
    page.definitions.addAll(definitions.of(metric));
    page.questions.add(metric.label());
    page.questions.add(metric.label() + " by month");
  }

  private Optional<Column> date(Metric metric) {
    return metric
        .table()
        .map(model::table)
        .flatMap(t -> metric.date().or(t::mainDate).flatMap(t::findColumn));
  }

  private void table(Table table, Page page) {
    page.say(table.about());
    page.say("One row is one " + table.rowNoun() + also(table.alsoCalled()));
    page.say("It has " + listed(table.columns().stream().map(Column::label).toList()) + ".");
    table.links().stream()
        .filter(l -> model.findTable(l.to()).isPresent())
        .map(l -> "one " + noun(model.table(l.to()), l.label()))
        .reduce((a, b) -> a + " and " + b)
        .ifPresent(all -> page.say("Each points at " + all + "."));
    table.conditions().stream()
        .map(Condition::label)
        .reduce((a, b) -> a + ", " + b)
        .ifPresent(all -> page.say("Named conditions: " + all + "."));
    page.questions.add("number of " + table.rowNounPlural());
    page.questions.add("list of " + table.rowNounPlural());
  }

  private static String noun(Table to, String role) {
    return to.rowNoun().equalsIgnoreCase(role) ? to.rowNoun() : to.rowNoun() + ", as its " + role;
  }

  private void column(Table table, Column column, Page page) {
    String holds = column.holds().name().toLowerCase(Locale.ROOT).replace('_', ' ');
    page.say(
        capital(column.label())
            + " is a column of "
            + table.rowNounPlural()
            + " ("
            + holds
            + column.unit().map(u -> ", in " + u).orElse("")
            + ")"
            + also(column.alsoCalled()));
    if (!column.values().isEmpty()) {
      page.say(
          "Its values are "
              + listed(column.values().stream().map(Column.ValueName::name).toList())
              + ".");
    }
    column
        .sql()
        .ifPresent(
            sql ->
                page.definitions.add(
                    new Definitions.Definition(column.label(), "", sql, table.rowNounPlural())));
  }

  private void occasion(String name, Page page) {
    for (Occasion occasion : model.occasions()) {
      if (occasion.name().equals(name)) {
        page.say(
            capital(name)
                + " is from "
                + DAY.format(occasion.first())
                + " to "
                + DAY.format(occasion.last())
                + (occasion.everyYear() ? ", and on the same days of every year since." : "."));
      }
    }
  }

  // ---- where something comes from

  private void origin(Meaning item, Page page) {
    Set<String> tables = new LinkedHashSet<>();
    tablesOf(item, tables);
    if (item instanceof Meaning.MetricName name) {
      page.definitions.addAll(definitions.of(model.metric(name.metric())));
    } else if (tables.isEmpty()) {
      sense(item, page);
    }
    for (String name : tables) {
      Table table = model.table(name);
      page.say(
          capital(table.rowNounPlural())
              + " are read from "
              + (table.from().isEmpty() ? "a query" : table.from())
              + " in the source "
              + table.source()
              + ".");
    }
  }

  /** The tables that hold an item; times have none. */
  private void tablesOf(Meaning item, Set<String> tables) {
    if (item instanceof Meaning.MetricName name) {
      tablesOf(model.metric(name.metric()), tables, 0);
    } else if (item instanceof Meaning.RowNoun rows) {
      tables.add(rows.table());
    } else if (item instanceof Meaning.ColumnName name) {
      tables.add(name.column().table());
    } else if (item instanceof Meaning.ConditionName name) {
      tables.add(name.table());
    } else if (item instanceof Meaning.ValueName value) {
      tables.add(value.column().table());
    }
  }

  /** The tables of a metric, and of those that it is made of; an own-made circle ends. */
  private void tablesOf(Metric metric, Set<String> tables, int depth) {
    metric.table().ifPresent(tables::add);
    if (metric.table().isEmpty() && depth < model.metrics().size()) {
      definitions.parts(metric).forEach(p -> tablesOf(p, tables, depth + 1));
    }
  }

  // ---- how two tables hang together

  private void relation(Table one, Table other, Page page) {
    List<LinkPaths.Way> down = paths.shortest(one.name(), other.name(), Optional.empty());
    List<LinkPaths.Way> up = paths.shortest(other.name(), one.name(), Optional.empty());
    down.forEach(w -> say(one, w, page));
    if (down.isEmpty()) {
      up.forEach(w -> say(other, w, page));
    }
    if (down.isEmpty() && up.isEmpty()) {
      List<Table> shared =
          model.tables().stream().filter(t -> leads(one, t) && leads(other, t)).toList();
      page.say(
          shared.isEmpty()
              ? "Nothing in the model links them."
              : "Neither points at the other, but both belong to "
                  + listed(shared.stream().map(Table::rowNounPlural).toList())
                  + ", so both can be asked for side by side, by those.");
      shared.stream()
          .findFirst()
          .ifPresent(
              t ->
                  page.questions.add(
                      "number of "
                          + one.rowNounPlural()
                          + " and number of "
                          + other.rowNounPlural()
                          + " by "
                          + t.rowNoun()));
      return;
    }
    Table many = down.isEmpty() ? other : one;
    Table few = down.isEmpty() ? one : other;
    if (down.size() + up.size() == 1) {
      page.questions.add("number of " + many.rowNounPlural() + " by " + few.rowNoun());
    }
  }

  private boolean leads(Table from, Table to) {
    return !from.equals(to) && !paths.shortest(from.name(), to.name(), Optional.empty()).isEmpty();
  }

  private void say(Table from, LinkPaths.Way way, Page page) {
    StringBuilder sentence =
        new StringBuilder("Each " + from.rowNoun() + " belongs to at most one ");
    Table last = from;
    for (LinkPaths.Step step : way.steps()) {
      Table to = model.table(step.link().to());
      if (!last.equals(from)) {
        sentence.append(", and that to one ");
      }
      sentence.append(noun(to, step.link().label()));
      last = to;
    }
    sentence
        .append("; one ")
        .append(last.rowNoun())
        .append(" can have many ")
        .append(from.rowNounPlural())
        .append('.');
    page.say(sentence.toString());
  }

  // ---- by what numbers are split

  /**
   * The categories, and dates, of the tables that hold what is told of, and of those they lead to.
   */
  private void breakdowns(List<Meaning> items, Page page) {
    Set<String> from = new LinkedHashSet<>();
    items.forEach(i -> tablesOf(i, from));
    List<Table> bases = from.stream().map(model::table).toList();
    for (Table table : model.tables()) {
      boolean within = bases.stream().allMatch(b -> b.equals(table) || leads(b, table));
      List<String> columns =
          table.columns().stream().filter(Explanations::splits).map(Column::label).toList();
      if (within && !columns.isEmpty()) {
        page.say("By " + listed(columns) + " of " + table.rowNounPlural() + ".");
      }
    }
    page.say("Over time by day, week, month, quarter and year, where rows have a date.");
    items.stream().findFirst().ifPresent(i -> page.questions.add(title(i) + " by month"));
  }

  private static boolean splits(Column column) {
    return switch (column.holds()) {
      case CATEGORY, REGION, YES_NO -> true;
      default -> false;
    };
  }

  // ---- which day it is

  private void calendar(LocalDate today, Page page) {
    BusinessCalendar calendar = model.calendar();
    page.say(
        "Today is "
            + DAY.format(today)
            + (calendar.fixedToday().isPresent() ? ", as the model sets it." : "."));
    page.say(
        "Weeks begin on "
            + capital(calendar.weekStarts().name().toLowerCase(Locale.ROOT))
            + ", business years with "
            + month(calendar.yearStarts())
            + ".");
    calendar.seasons().keySet().forEach(name -> sense(new Meaning.SeasonName(name), page));
    model.occasions().stream().map(Occasion::name).distinct().forEach(name -> occasion(name, page));
  }

  // ---- what there is

  private void metrics(Page page) {
    for (Metric metric : model.metrics()) {
      page.say(capital(metric.label()) + (metric.about().isEmpty() ? "." : ": " + metric.about()));
      if (page.questions.size() < 4) {
        page.questions.add("what is " + metric.label());
      }
    }
    if (model.metrics().isEmpty()) {
      page.say("The model has no metrics; rows can be counted, and their columns added up.");
    }
  }

  private static String line(Table table) {
    return capital(table.rowNounPlural()) + (table.about().isEmpty() ? "." : ": " + table.about());
  }

  private void coverage(Page page) {
    page.say(model.about());
    if (!model.metrics().isEmpty()) {
      page.say("Metrics: " + listed(model.metrics().stream().map(Metric::label).toList()) + ".");
    }
    page.say(
        "Things that can be counted and listed: "
            + listed(model.tables().stream().map(Table::rowNounPlural).toList())
            + ".");
    if (!model.occasions().isEmpty()) {
      page.say(
          "Named times: "
              + listed(model.occasions().stream().map(Occasion::name).distinct().toList())
              + ".");
    }
    model.questions().stream()
        .filter(q -> q.starter())
        .limit(MOST_LISTED)
        .forEach(q -> page.questions.add(q.ask()));
  }

  // ---- words

  private static String also(List<String> words) {
    return words.isEmpty() ? "." : ", also called " + listed(words) + ".";
  }

  private static String listed(List<String> words) {
    List<String> shown = words.subList(0, Math.min(words.size(), MOST_LISTED));
    String all = String.join(", ", shown);
    return words.size() > MOST_LISTED
        ? all + " and " + (words.size() - MOST_LISTED) + " more"
        : all;
  }

  private static String month(java.time.Month month) {
    return capital(month.name().toLowerCase(Locale.ROOT));
  }

  private static String capital(String text) {
    return text.isEmpty()
        ? text
        : text.substring(0, 1).toUpperCase(Locale.ROOT) + text.substring(1);
  }
}
