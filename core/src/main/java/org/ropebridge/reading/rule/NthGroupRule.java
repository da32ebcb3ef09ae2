package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Measure;

/**
 * "second best hut by revenue", "the hut with the third highest occupancy" [ordinal] [superlative]
 * [noun] [by] [measure] -> the group at that place
 */
final class NthGroupRule extends Rule {
  NthGroupRule() {
    super(
        Slot.a(Meaning.RowNoun.class).maybe(),
        Slot.word(Role.WITH, Role.HAVE).maybe(),
        Slot.a(Meaning.OrdinalWord.class, o -> o.number() > 1),
        Slot.a(Part.class, NthGroupRule::isTop),
        Slot.a(Meaning.RowNoun.class).maybe(),
        Slot.word(Role.BY, Role.PREPOSITION).maybe(),
        Slot.a(Part.class, Rankings::canRank));
  }

  @Override
  public double bonus() {
    return 0.6;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    boolean before = match.has(0) && !match.has(4) && !match.has(5);
    boolean behind = match.has(4) && match.has(5) && !match.has(0) && !match.has(1);
    if (before != behind) {
      String table = match.get(before ? 0 : 4, Meaning.RowNoun.class).table();
      Measure of = Rankings.measure(match.get(6, Part.class));
      int place = match.get(2, Meaning.OrdinalWord.class).number();
      scope.namingColumn(table).ifPresent(c -> out.accept(Keeps.atPlace(c, of, place)));
    }
  }

  private static boolean isTop(Part part) {
    return part instanceof Meaning.SuperlativeWord word
            && word.most()
            && (word.isOfAnything() || word.dimension().equals("amount"))
        || part instanceof Meaning.JudgementWord judgement && judgement.good();
  }
}
