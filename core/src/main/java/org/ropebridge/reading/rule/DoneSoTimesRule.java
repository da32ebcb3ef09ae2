package org.ropebridge.reading.rule;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Measure;

/**
 * "growers who delivered late more than 20 times" [noun] [what was done] [filter] [comparison]
 * [times] -> keeps groups with so many such rows
 */
final class DoneSoTimesRule extends Rule {
  DoneSoTimesRule() {
    super(
        Slot.a(Meaning.RowNoun.class),
        Slot.word(Role.HAVE, Role.BE, Role.PREPOSITION).maybe(),
        Slot.a(Contribution.Narrowing.class),
        Slot.a(Phrase.Comparing.class, c -> c.unit().isEmpty()),
        Slot.word(Role.TIMES));
  }

  @Override
  public double bonus() {
    return 1.4;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    String who = match.get(0, Meaning.RowNoun.class).table();
    Filter filter = match.get(2, Contribution.Narrowing.class).filter();
    Optional<String> rows = filter.narrowedTable();
    if (rows.filter(t -> scope.pointsAt(t, who)).isEmpty()) {
      return;
    }
    Keeps.compared(new Measure.RowCount(rows.get()), match.get(3, Phrase.Comparing.class), scope)
        .ifPresent(keep -> out.accept(new Contribution.Grouped(who, keep, List.of(filter))));
  }
}
