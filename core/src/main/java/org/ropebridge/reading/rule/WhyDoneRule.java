package org.ropebridge.reading.rule;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.Stream;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "why were sailings cancelled", "why do customers cancel" [why] [did] [filter] [noun] [filter] ->
 * such rows, or those of the noun's that the filter is about, by the column that tells why
 */
final class WhyDoneRule extends Rule {
  WhyDoneRule() {
    super(
        Slot.word(Role.WHY_DONE),
        Slot.word(Role.AUXILIARY, Role.BE).maybe(),
        Slot.a(Contribution.Narrowing.class).maybe(),
        Slot.a(Meaning.RowNoun.class),
        Slot.a(Contribution.Narrowing.class).maybe());
  }

  @Override
  public double bonus() {
    return 0.3;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    if (match.has(2) == match.has(4)) {
      return;
    }
    String noun = match.get(3, Meaning.RowNoun.class).table();
    Contribution.Narrowing done = match.get(match.has(2) ? 2 : 4, Contribution.Narrowing.class);
    Stream.of(Optional.of(noun), done.filter().narrowedTable())
        .flatMap(Optional::stream)
        .filter(table -> table.equals(noun) || scope.pointsAt(table, noun))
        .flatMap(table -> scope.reason(table).stream())
        .findFirst()
        .ifPresent(
            reason ->
                out.accept(new Contribution.Together(List.of(Contribution.rowsBy(reason), done))));
  }
}
