package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.Measure;

/**
 * "how often do members stay" [how often] [do] [who] [what is done, as its rows] -> how many of
 * these each has on average
 */
final class HowOftenRule extends Rule {
  HowOftenRule() {
    super(
        Slot.word(Role.HOW_OFTEN),
        Slot.word(Role.AUXILIARY).maybe(),
        Slot.a(Meaning.RowNoun.class),
        Slot.a(Meaning.RowNoun.class));
  }

  @Override
  public double bonus() {
    return 0.8;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    String who = match.get(2, Meaning.RowNoun.class).table();
    String done = match.get(3, Meaning.RowNoun.class).table();
    Optional<ColumnRef> name = scope.namingColumn(who);
    boolean leads =
        !who.equals(done) && scope.paths().shortest(done, who, Optional.empty()).size() == 1;
    if (match.isPlural(2) && leads && name.isPresent()) {
      Operands.overParts(
              Measure.Kind.AVERAGE,
              new Measure.RowCount(done),
              new Phrase.Groupable(new Grouping.ByColumn(name.get())),
              scope)
          .ifPresent(out);
    }
  }
}
