package org.ropebridge.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.ropebridge.model.Column;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.model.LinkPaths;
import org.ropebridge.model.LinkPaths.Way;
import org.ropebridge.model.Model;
import org.ropebridge.plan.PlanCheck.Fault;
import org.ropebridge.plan.PlanCheck.Kind;

/** What the parts of a plan stand on: items that exist, and ways between them. */
final class Ground {
  private final Model model;
  private final LinkPaths paths;
  private final List<Fault> faults = new ArrayList<>();

  Ground(Model model, LinkPaths paths) {
    this.model = model;
    this.paths = paths;
  }

  /**
   * A table that rows are read from, and the date that places them in time.
   *
   * @param stands whether its rows, which have no date, stand for any time
   */
  record Base(String table, Optional<ColumnRef> date, boolean stands) {
    Base(String table, Optional<ColumnRef> date) {
      this(table, date, false);
    }
  }

  Model model() {
    return model;
  }

  List<Fault> faults() {
    return faults;
  }

  boolean isSound() {
    return faults.isEmpty();
  }

  void fault(Kind kind, String message) {
    faults.add(Fault.of(kind, message));
  }

  void malformed(String message) {
    fault(Kind.MALFORMED, message);
  }

  void unknown(String what) {
    fault(Kind.UNKNOWN_ITEM, "The model has no " + what + ".");
  }

  void wrongStatistic(ColumnRef column, String message) {
    faults.add(new Fault(Kind.WRONG_STATISTIC, message, Optional.of(column), List.of()));
  }

  boolean hasTable(String table) {
    boolean exists = model.findTable(table).isPresent();
    if (!exists) {
      unknown("table " + table);
    }
    return exists;
  }

  boolean hasColumn(ColumnRef ref) {
    boolean exists =
        model.findTable(ref.table()).flatMap(t -> t.findColumn(ref.column())).isPresent();
    if (!exists) {
      unknown("column " + ref);
    }
    return exists;
  }

  boolean hasCondition(String table, String condition) {
    boolean exists = model.findTable(table).flatMap(t -> t.findCondition(condition)).isPresent();
    if (!exists) {
      unknown("condition " + condition);
    }
    return exists;
  }

  /** Holds the column to be there, reached from the base, and of one of the kinds. */
  void column(Base base, ColumnRef ref, Column.Holds... kinds) {
    if (!hasColumn(ref)) {
      return;
    }
    way(base.table(), ref);
    Column column = model.column(ref);
    if (kinds.length > 0 && !List.of(kinds).contains(column.holds())) {
      malformed(
          "\""
              + column.label()
              + "\" holds no "
              + kinds[0].name().toLowerCase(Locale.ROOT).replace('_', ' ')
              + ".");
    }
  }

  void condition(Base base, String table, String condition) {
    if (hasCondition(table, condition)) {
      way(base.table(), key(table, Optional.empty()));
    }
  }

  ColumnRef key(String table, Optional<String> role) {
    return new ColumnRef(table, model.table(table).key(), role);
  }

  /** Holds that there are hours where hours are asked for. */
  void hours(Base base, TimeUnit part, Optional<ColumnRef> said) {
    Optional<ColumnRef> date = said.or(base::date);
    boolean hasHours =
        date.isPresent()
            && hasColumn(date.get())
            && model.column(date.get()).holds() == Column.Holds.TIME;
    if (part == TimeUnit.HOUR_OF_DAY && !hasHours) {
      fault(Kind.NO_DATE, "The dates of " + plural(base) + " have no time of day.");
    }
  }

  void date(Base base, Optional<ColumnRef> said) {
    if (said.isPresent()) {
      if (hasColumn(said.get())) {
        if (!model.column(said.get()).holds().isTemporal()) {
          fault(Kind.NO_DATE, "\"" + model.column(said.get()).label() + "\" is no date.");
        }
        way(base.table(), said.get());
      }
    } else if (base.date().isEmpty()) {
      fault(
          Kind.NO_DATE, "The model gives " + plural(base) + " no date, so no period limits them.");
    }
  }

  String plural(Base base) {
    return model.table(base.table()).rowNounPlural();
  }

  /** Holds that there is just one way from the rows of a table to a column. */
  void way(String from, ColumnRef to) {
    List<Way> ways = paths.shortest(from, to.table(), to.role());
    boolean names =
        model.table(to.table()).knownBy().filter(k -> k.equals(to.column())).isPresent()
            || model.table(to.table()).key().equals(to.column());
    String label = names ? model.table(to.table()).rowNoun() : model.column(to).label();
    String rows = model.table(from).rowNounPlural();
    if (ways.isEmpty()) {
      faults.add(
          new Fault(
              Kind.NOT_REACHABLE,
              rows + " have no single " + label + ", so they cannot be split or limited by it.",
              Optional.of(to),
              List.of()));
    } else if (ways.size() > 1) {
      faults.add(
          new Fault(
              Kind.UNCLEAR_WAY,
              rows + " lead to \"" + label + "\" in " + ways.size() + " ways.",
              Optional.of(to),
              rolesThatDiffer(ways)));
    }
  }

  private static List<String> rolesThatDiffer(List<Way> ways) {
    List<String> roles = new ArrayList<>();
    for (Way way : ways) {
      way.steps().stream()
          .map(LinkPaths.Step::role)
          .filter(
              r ->
                  ways.stream()
                          .filter(w -> w.steps().stream().anyMatch(s -> s.role().equals(r)))
                          .count()
                      == 1)
          .findFirst()
          .ifPresent(roles::add);
    }
    return roles;
  }
}
