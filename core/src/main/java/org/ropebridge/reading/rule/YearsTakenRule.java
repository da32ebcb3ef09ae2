package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.ColumnRef;

/**
 * "tenancies of more than 2 years" [comparison with years] -> rows that took so long, where no file
 * writes down how long; ages are told in years sooner
 */
final class YearsTakenRule extends Rule {
  YearsTakenRule() {
    super(Slot.word(Role.PREPOSITION, Role.WITH).maybe(), Slot.a(Phrase.ComparingYears.class));
  }

  @Override
  public double bonus() {
    return -0.25;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Phrase.ComparingYears comparing = match.get(1, Phrase.ComparingYears.class);
    for (ColumnRef duration : scope.durations()) {
      out.accept(new Contribution.Narrowing(comparing.of(duration)));
    }
  }
}
