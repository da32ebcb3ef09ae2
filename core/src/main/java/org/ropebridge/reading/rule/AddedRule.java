package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "add channel", "with guest nights", "and their altitude", "vs guest nights" [add, with, versus]
 * [their] [measure or breakdown] -> it beside what there was
 */
final class AddedRule extends Rule {
  AddedRule() {
    super(
        Slot.word(Role.ADD, Role.WITH, Role.AND, Role.VERSUS).maybe(),
        Slot.word(Role.THOSE).maybe(),
        Slot.a(Part.class, AddedRule::canBeAdded));
  }

  @Override
  public double bonus() {
    return 0.35;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    boolean group = match.get(2, Part.class) instanceof Phrase.Groupable;
    // "with voucher" keeps to what has one; "with their valley" tells it.
    boolean adds = match.isWord(0, Role.ADD) ? group : match.has(1) || !group;
    adds &= !match.isWord(0, Role.VERSUS) || !group;
    boolean plainAnd = match.isWord(0, Role.AND) && !match.has(1);
    if (match.start() == 0 && match.has(0) && adds && !plainAnd) {
      Named.of(match.get(2, Part.class)).ifPresent(w -> out.accept(new Contribution.Added(w)));
    }
  }

  private static boolean canBeAdded(Part part) {
    return part instanceof Phrase.Groupable || part instanceof Contribution.Measures;
  }
}
