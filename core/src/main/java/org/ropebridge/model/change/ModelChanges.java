package org.ropebridge.model.change;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiConsumer;
import java.util.function.Function;
import org.ropebridge.model.Column;
import org.ropebridge.model.Condition;
import org.ropebridge.model.Link;
import org.ropebridge.model.Metric;
import org.ropebridge.model.Model;
import org.ropebridge.model.SampleQuestion;
import org.ropebridge.model.Table;
import org.ropebridge.model.change.Change.Kind;

/** Finds what changed between two states of a model. */
public final class ModelChanges {
  private final List<Change> changes = new ArrayList<>();

  private ModelChanges() {}

  /** The changes from one state to a later one; empty when both mean the same. */
  public static List<Change> between(Model before, Model after) {
    ModelChanges all = new ModelChanges();
    all.top(before, after);
    all.each(
        before.tables(),
        after.tables(),
        Table::name,
        t -> "tables/" + t.name(),
        t -> "Questions about " + t.rowNounPlural() + " can be asked",
        t -> t.rowNounPlural() + " are no longer in the model",
        all::table);
    all.each(
        before.metrics(),
        after.metrics(),
        Metric::name,
        m -> "metrics-file/metrics/" + m.name(),
        m -> "The metric " + m.label() + " is " + m.sql() + over(m),
        m -> "The metric " + m.label() + " is gone",
        all::metric);
    all.each(
        before.questions(),
        after.questions(),
        SampleQuestion::ask,
        q -> "questions-file/questions/" + q.ask(),
        q -> "The sample question \"" + q.ask() + "\" was added",
        q -> "The sample question \"" + q.ask() + "\" is gone",
        all::question);
    if (!before.access().equals(after.access())) {
      all.changed(
          "access-file/access",
          "Who may see what changed: there were "
              + before.access().size()
              + " access rules, there are "
              + after.access().size());
    }
    if (!before.occasions().equals(after.occasions())) {
      all.changed("occasions", "The occasions changed");
    }
    return all.changes;
  }

  private static String over(Metric metric) {
    return metric.table().map(t -> " over " + t).orElse("");
  }

  private void top(Model before, Model after) {
    value("model/title", "The model's title", before.title(), after.title());
    value("model/about", "What the model says it is for", before.about(), after.about());
    value("model/calendar/today", "Today", before.calendar().today(), after.calendar().today());
    if (!before.calendar().equals(after.calendar())
        && before.calendar().today().equals(after.calendar().today())) {
      changed("model/calendar", "The calendar changed");
    }
    value(
        "model/preferences/top_by",
        "What \"top\" ranks by when nothing is said",
        before.preferences().topBy().orElse(""),
        after.preferences().topBy().orElse(""));
    if (!before.preferences().meanings().equals(after.preferences().meanings())) {
      changed("model/preferences/meanings", "What words mean among several items changed");
    }
  }

  // ---- tables

  private void table(Table before, Table after) {
    String path = "tables/" + after.name();
    String rows = after.rowNounPlural();
    value(path + "/about", "What " + rows + " are", before.about(), after.about());
    value(path + "/one_row_is", "What a row is called", before.rowNoun(), after.rowNoun());
    words(path, rows, before.alsoCalled(), after.alsoCalled());
    value(path + "/from", "Where " + rows + " come from", before.from(), after.from());
    value(path + "/query", "The SELECT behind " + rows, before.query(), after.query());
    value(path + "/key", "The key of " + rows, before.key(), after.key());
    value(
        path + "/main_date",
        "The date that a period means for " + rows,
        before.mainDate().orElse(""),
        after.mainDate().orElse(""));
    value(
        path + "/known_by",
        "What people know " + rows + " by",
        before.knownBy().orElse(""),
        after.knownBy().orElse(""));
    each(
        before.columns(),
        after.columns(),
        Column::name,
        c -> path + "/columns/" + c.name(),
        c -> c.label() + " of " + rows + " can be asked for",
        c -> c.label() + " of " + rows + " can no longer be asked for",
        (b, a) -> column(path, rows, b, a));
    each(
        before.links(),
        after.links(),
        Link::name,
        l -> path + "/links/" + l.name(),
        l -> rows + " lead to " + l.to() + " by " + l.label(),
        l -> rows + " no longer lead to " + l.to() + " by " + l.label(),
        (b, a) -> {
          words(path + "/links/" + a.name(), a.label(), b.alsoCalled(), a.alsoCalled());
          value(path + "/links/" + a.name(), "What " + a.label() + " leads to", b.to(), a.to());
          value(path + "/links/" + a.name(), "The column behind " + a.label(), b.by(), a.by());
        });
    each(
        before.conditions(),
        after.conditions(),
        Condition::name,
        c -> path + "/conditions/" + c.name(),
        c -> "The condition " + c.label() + " means " + c.sql(),
        c -> "The condition " + c.label() + " is gone",
        (b, a) -> {
          String at = path + "/conditions/" + a.name();
          value(at + "/sql", "The condition " + a.label(), b.sql(), a.sql());
          value(at + "/label", "The condition's label", b.label(), a.label());
          words(at, a.label(), b.alsoCalled(), a.alsoCalled());
        });
  }

  private void column(String table, String rows, Column before, Column after) {
    String path = table + "/columns/" + after.name();
    String what = after.label() + " of " + rows;
    value(path + "/label", "The label of " + before.label(), before.label(), after.label());
    words(path, what, before.alsoCalled(), after.alsoCalled());
    value(path + "/holds", "What " + what + " holds", lower(before.holds()), lower(after.holds()));
    value(path + "/unit", "The unit of " + what, before.unit().orElse(""), after.unit().orElse(""));
    value(
        path + "/adds_up",
        "What " + what + " does over many rows",
        before.addsUp().map(ModelChanges::lower).orElse(""),
        after.addsUp().map(ModelChanges::lower).orElse(""));
    value(
        path + "/sql",
        "How " + what + " is computed",
        before.sql().orElse(""),
        after.sql().orElse(""));
    value(path + "/order", "The order of " + what, before.order(), after.order());
    value(
        path + "/time_zone",
        "The time zone of " + what,
        before.timeZone().orElse(""),
        after.timeZone().orElse(""));
    each(
        before.values(),
        after.values(),
        Column.ValueName::stored,
        v -> path + "/values/" + v.stored(),
        v -> "The value " + v.stored() + " of " + what + " is called " + v.name(),
        v -> "The value " + v.stored() + " of " + what + " has no name of its own any more",
        (b, a) -> {
          String at = path + "/values/" + a.stored();
          value(at, "The name of the value " + a.stored(), b.name(), a.name());
          words(at, a.name(), b.alsoCalled(), a.alsoCalled());
        });
  }

  // ---- metrics and questions

  private void metric(Metric before, Metric after) {
    String path = "metrics-file/metrics/" + after.name();
    String what = "the metric " + after.label();
    value(
        path + "/sql",
        "The metric " + after.label(),
        before.sql() + over(before),
        after.sql() + over(after));
    value(path + "/label", "The label of " + before.label(), before.label(), after.label());
    value(path + "/about", "What " + what + " is said to be", before.about(), after.about());
    words(path, what, before.alsoCalled(), after.alsoCalled());
    value(path + "/unit", "The unit of " + what, before.unit().orElse(""), after.unit().orElse(""));
    value(
        path + "/better",
        "What is good for " + what,
        before.better().map(ModelChanges::lower).orElse(""),
        after.better().map(ModelChanges::lower).orElse(""));
    value(
        path + "/across_time",
        "How " + what + " behaves over time",
        lower(before.acrossTime()),
        lower(after.acrossTime()));
    value(
        path + "/shown_as",
        "How " + what + " is shown",
        lower(before.shownAs()),
        lower(after.shownAs()));
    value(path + "/date", "The date of " + what, before.date().orElse(""), after.date().orElse(""));
  }

  private void question(SampleQuestion before, SampleQuestion after) {
    String path = "questions-file/questions/" + after.ask();
    String what = "\"" + after.ask() + "\"";
    value(
        path + "/means",
        "What " + what + " means",
        before.means().orElse(""),
        after.means().orElse(""));
    value(path + "/sql", "The SQL of " + what, before.sql().orElse(""), after.sql().orElse(""));
    if (before.agreed().isPresent() != after.agreed().isPresent()) {
      changed(
          path + "/agreed",
          what + (after.agreed().isPresent() ? " is agreed" : " is no longer agreed"));
    }
    if (before.starter() != after.starter()) {
      changed(
          path + "/starter",
          what
              + (after.starter()
                  ? " is offered to begin with"
                  : " is no longer offered to begin with"));
    }
    value(
        path + "/label",
        "The label of " + what,
        before.label().orElse(""),
        after.label().orElse(""));
  }

  // ---- telling

  private <T> void each(
      List<T> before,
      List<T> after,
      Function<T, String> name,
      Function<T, String> path,
      Function<T, String> came,
      Function<T, String> went,
      BiConsumer<T, T> compare) {
    Map<String, T> old = new LinkedHashMap<>();
    before.forEach(t -> old.putIfAbsent(name.apply(t), t));
    Set<String> kept = new LinkedHashSet<>();
    for (T item : after) {
      T was = old.get(name.apply(item));
      if (was == null) {
        changes.add(new Change(Kind.ADDED, path.apply(item), sentence(came.apply(item))));
      } else if (kept.add(name.apply(item)) && !was.equals(item)) {
        compare.accept(was, item);
      }
    }
    old.forEach(
        (n, item) -> {
          if (after.stream().noneMatch(t -> name.apply(t).equals(n))) {
            changes.add(new Change(Kind.REMOVED, path.apply(item), sentence(went.apply(item))));
          }
        });
  }

  private void value(String path, String what, Object before, Object after) {
    if (Objects.equals(before, after)) {
      return;
    }
    Optional<String> was = said(before);
    Optional<String> is = said(after);
    changed(
        path,
        what
            + was.map(w -> " was " + w + (is.isPresent() ? " and" : "")).orElse("")
            + is.map(i -> " is " + (was.isPresent() ? "now " : "") + i)
                .orElse(", and is nothing now"));
  }

  private static Optional<String> said(Object value) {
    String text = value.toString();
    if (value instanceof org.ropebridge.model.BusinessCalendar.Today today) {
      text =
          today instanceof org.ropebridge.model.BusinessCalendar.Today.Fixed fixed
              ? fixed.day().toString()
              : today instanceof org.ropebridge.model.BusinessCalendar.Today.Clock
                  ? "the day on the clock"
                  : "the newest date in the data";
    }
    return text.isEmpty() || text.equals("[]") ? Optional.empty() : Optional.of(text);
  }

  private void words(String path, String what, List<String> before, List<String> after) {
    List<String> came = after.stream().filter(w -> !before.contains(w)).toList();
    List<String> went = before.stream().filter(w -> !after.contains(w)).toList();
    if (!came.isEmpty()) {
      changes.add(
          new Change(
              Kind.ADDED,
              path + "/also_called",
              sentence(what + " may also be called " + String.join(", ", came))));
    }
    if (!went.isEmpty()) {
      changes.add(
          new Change(
              Kind.REMOVED,
              path + "/also_called",
              sentence(what + " may no longer be called " + String.join(", ", went))));
    }
  }

  private void changed(String path, String words) {
    changes.add(new Change(Kind.CHANGED, path, sentence(words)));
  }

  private static String sentence(String words) {
    return Character.toUpperCase(words.charAt(0)) + words.substring(1) + ".";
  }

  private static String lower(Enum<?> value) {
    return value.name().toLowerCase(Locale.ROOT).replace('_', ' ');
  }
}
