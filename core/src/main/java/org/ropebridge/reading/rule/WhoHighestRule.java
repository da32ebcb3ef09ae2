package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.Measure;

/** "who closes tickets fastest" [who] [measure] [fastest or slowest] -> the people at that end */
final class WhoHighestRule extends Rule {
  WhoHighestRule() {
    super(
        Slot.word(Role.WHO),
        Slot.a(Contribution.Measures.class, m -> m.measures().size() == 1 && !m.bare()),
        Slot.a(Meaning.RankWord.class, Meaning.RankWord::unlessTime));
  }

  @Override
  public double bonus() {
    return 0.5;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    if (match.start() > 0) {
      return;
    }
    Measure by = match.get(1, Contribution.Measures.class).measures().get(0);
    for (ColumnRef person : scope.persons()) {
      out.accept(
          new Contribution.Ranked(
              Rankings.direction(match.get(2, Part.class)),
              1,
              Optional.of(new Grouping.ByColumn(person)),
              Optional.of(by)));
    }
  }
}
