package org.ropebridge.reading.rule;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.Period;

/**
 * "members who stayed for the first time in 2025", "members whose first stay was in 2025" [how
 * many] [noun] [rows that point at it] [filter] [for the first time] [time] -> those with such rows
 * then, and none before, or after where the last is meant
 */
final class FirstTimeRule extends Rule {
  /** The slot of the rows that point. */
  private static final int ROWS = 6;

  /** The slot of the date at which the rows were done: "solved their first ticket". */
  private static final int DONE = 3;

  FirstTimeRule() {
    super(
        Slot.word(Role.COUNT).maybe(),
        Slot.a(Meaning.RowNoun.class),
        Slot.word(Role.WHICH, Role.PREPOSITION, Role.HAVE, Role.WITH).maybe(),
        Slot.a(Meaning.ColumnName.class).maybe(),
        Slot.word(Role.THEIR).maybe(),
        Slot.word(Role.OLDEST, Role.NEWEST).maybe(),
        Slot.a(Part.class, Relations::mayName),
        Slot.a(Contribution.Narrowing.class, n -> !(n.filter() instanceof Filter.InPeriod)).maybe(),
        Slot.word(Role.BE).maybe(),
        Slot.word(Role.FIRST_TIME).maybe(),
        Slot.a(
            Contribution.Narrowing.class,
            n -> n.filter() instanceof Filter.InPeriod in && in.date().isEmpty()));
  }

  @Override
  public double bonus() {
    return 1.6;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    String who = match.get(1, Meaning.RowNoun.class).table();
    Optional<String> rows = Relations.rowsNamed(match, ROWS, scope);
    Optional<ColumnRef> done =
        match.find(DONE, Meaning.ColumnName.class).map(Meaning.ColumnName::column);
    boolean fits =
        done.map(d -> scope.isTemporal(d) && rows.equals(Optional.of(d.table()))).orElse(true);
    if (match.has(ROWS - 1) == match.has(ROWS + 3)
        || !fits
        || rows.isEmpty()
        || !scope.pointsAt(rows.get(), who)) {
      return;
    }
    Filter.InPeriod said =
        (Filter.InPeriod) match.get(ROWS + 4, Contribution.Narrowing.class).filter();
    Filter.InPeriod time = new Filter.InPeriod(said.period(), done, said.negated());
    List<Filter> of = new ArrayList<>();
    match.find(ROWS + 1, Contribution.Narrowing.class).ifPresent(n -> of.add(n.filter()));
    (match.isWord(ROWS - 1, Role.NEWEST)
            ? lastIn(who, rows.get(), of, time, scope)
            : firstIn(who, rows.get(), of, time, scope))
        .ifPresent(filters -> out.accept(those(who, match.has(0), filters)));
  }

  /** How many of them meet the filters, or the rows that do. */
  static Contribution those(String who, boolean counted, List<Filter> filters) {
    List<Contribution> parts = new ArrayList<>();
    parts.add(
        counted ? Contribution.Measures.of(new Measure.RowCount(who)) : new Contribution.Noun(who));
    filters.forEach(f -> parts.add(new Contribution.Narrowing(f)));
    return new Contribution.Together(parts);
  }

  /** Rows with some in the time and none before; empty for a time without a beginning. */
  static Optional<List<Filter>> firstIn(
      String who, String rows, List<Filter> of, Filter.InPeriod time, Scope scope) {
    return scope
        .periods()
        .resolve(time.period())
        .first()
        .filter(first -> !time.negated())
        .map(first -> new Period.Range(Optional.empty(), Optional.of(first.minusDays(1))))
        .map(before -> butNone(who, rows, of, time, before));
  }

  /** Rows with some in the time and none after; empty for a time without an end. */
  private static Optional<List<Filter>> lastIn(
      String who, String rows, List<Filter> of, Filter.InPeriod time, Scope scope) {
    return scope
        .periods()
        .resolve(time.period())
        .end()
        .filter(end -> !time.negated())
        .map(end -> new Period.Range(Optional.of(end), Optional.empty()))
        .map(after -> butNone(who, rows, of, time, after));
  }

  private static List<Filter> butNone(
      String who, String rows, List<Filter> of, Filter.InPeriod time, Period without) {
    return List.of(
        having(who, rows, of, time, false),
        having(who, rows, of, new Filter.InPeriod(without, time.date(), false), true));
  }

  private static Filter having(
      String who, String rows, List<Filter> of, Filter time, boolean none) {
    List<Filter> filters = new ArrayList<>(of);
    filters.add(time);
    return new Filter.Having(who, rows, Optional.empty(), filters, none);
  }
}
