package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Measure;

/**
 * "how old are our members", "how old is Larkspur Hut" [how old] [noun or values that name rows] ->
 * their average age, or that of each
 */
final class HowOldRule extends Rule {
  HowOldRule() {
    super(
        Slot.word(Role.HOW_OLD),
        Slot.a(Part.class, p -> p instanceof Meaning.RowNoun || p instanceof Phrase.Values),
        Slot.a(Meaning.StatisticWord.class, s -> s.kind() == Measure.Kind.AVERAGE).maybe());
  }

  @Override
  public double bonus() {
    return 0.5;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    if (match.get(1, Part.class) instanceof Phrase.Values values) {
      Ages.of(values.column().table(), scope)
          .flatMap(age -> Columns.ofNamed(values, age, scope))
          .ifPresent(out);
      return;
    }
    Ages.of(match.get(1, Meaning.RowNoun.class).table(), scope)
        .map(age -> Measure.Statistic.of(Measure.Kind.AVERAGE, age))
        .ifPresent(average -> out.accept(Contribution.Measures.of(average)));
  }
}
