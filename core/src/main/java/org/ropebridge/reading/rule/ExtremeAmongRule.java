package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "highest revenue among huts" [superlative] [measure] [among] [groups] -> the groups at that end
 * of it
 */
final class ExtremeAmongRule extends Rule {
  ExtremeAmongRule() {
    super(
        Slot.a(Part.class, Rankings::isAnyEnd),
        Slot.a(Contribution.Measures.class, m -> m.measures().size() == 1),
        Slot.word(Role.AMONG_GROUPS),
        Slot.a(Phrase.Groupable.class));
  }

  @Override
  public double bonus() {
    return 0.8;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Contribution.Measures of = match.get(1, Contribution.Measures.class);
    // "biggest spenders" are several, "highest guest nights" one.
    boolean several =
        match.isPlural(1)
            && match.get(0, Part.class) instanceof Meaning.SuperlativeWord word
            && word.dimension().equals("size");
    out.accept(
        new Contribution.Ranked(
            Rankings.direction(match.get(0, Part.class)),
            several ? Contribution.Ranked.SEVERAL : 1,
            Optional.of(match.get(3, Phrase.Groupable.class).grouping()),
            Optional.of(of.measures().get(0))));
  }
}
