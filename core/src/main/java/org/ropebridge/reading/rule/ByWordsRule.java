package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Grouping;

/**
 * 'the words "rope" or "ice" in note' [words] [texts] [in] [column] -> which of them a text
 * mentions
 */
final class ByWordsRule extends Rule {
  ByWordsRule() {
    super(
        Slot.word(Role.WORDS),
        Slot.a(Phrase.Texts.class),
        Slot.word(Role.PREPOSITION),
        Slot.a(Part.class, Columns::isColumn));
  }

  @Override
  public double bonus() {
    return 0.8;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Columns.of(match.get(3, Part.class), scope)
        .filter(scope::isText)
        .ifPresent(
            column ->
                out.accept(
                    new Phrase.Groupable(
                        new Grouping.ByWords(column, match.get(1, Phrase.Texts.class).texts()))));
  }
}
