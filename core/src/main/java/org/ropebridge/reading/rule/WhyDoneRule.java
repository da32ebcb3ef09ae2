package org.ropebridge.reading.rule;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.Stream;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Filter;

/**
 * "why were sailings cancelled", "why do customers cancel", "why do people cancel" [why] [did]
 * [filter] [noun] [filter, or date] -> such rows, or those of the noun's that the filter is about,
 * by the column that tells why
 */
final class WhyDoneRule extends Rule {
  WhyDoneRule() {
    super(
        Slot.word(Role.WHY_DONE),
        Slot.word(Role.AUXILIARY, Role.BE).maybe(),
        Slot.a(Contribution.Narrowing.class).maybe(),
        Slot.a(Meaning.RowNoun.class).maybe(),
        Slot.a(Part.class, WhyDoneRule::isDeed).maybe());
  }

  @Override
  public double bonus() {
    return 0.3;
  }

  private static boolean isDeed(Part part) {
    return part instanceof Contribution.Narrowing || part instanceof Meaning.ColumnName;
  }

  /** "cancel", where rows have a date on which they were cancelled: those that have it. */
  private static Contribution.Narrowing done(Part deed, Scope scope) {
    return deed instanceof Meaning.ColumnName date
        ? new Contribution.Narrowing(new Filter.Missing(date.column(), true))
        : (Contribution.Narrowing) deed;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    if (match.has(2) == match.has(4)
        || match.has(3) && match.find(4, Meaning.ColumnName.class).isPresent()) {
      return;
    }
    Optional<String> noun = match.find(3, Meaning.RowNoun.class).map(Meaning.RowNoun::table);
    Contribution.Narrowing done =
        match.has(2)
            ? match.get(2, Contribution.Narrowing.class)
            : done(match.get(4, Part.class), scope);
    Stream.of(noun, done.filter().narrowedTable())
        .flatMap(Optional::stream)
        .filter(table -> noun.map(n -> table.equals(n) || scope.pointsAt(table, n)).orElse(true))
        .flatMap(table -> scope.reason(table).stream())
        .findFirst()
        .ifPresent(
            reason ->
                out.accept(new Contribution.Together(List.of(Contribution.rowsBy(reason), done))));
  }
}
