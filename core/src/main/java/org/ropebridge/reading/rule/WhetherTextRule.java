package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Grouping;

/**
 * "by whether the note mentions ice" [whether] [column] [mentioning] [text] -> rows whose text has
 * it, and the others
 */
final class WhetherTextRule extends Rule {
  WhetherTextRule() {
    super(
        Slot.word(Role.WHETHER),
        Slot.a(Part.class, Columns::isColumn),
        Slot.a(Meaning.WhereWord.class, w -> w.where() == Filter.Where.ANYWHERE),
        Slot.a(Phrase.Texts.class, t -> t.texts().size() == 1));
  }

  @Override
  public double bonus() {
    return 0.7;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Columns.of(match.get(1, Part.class), scope)
        .filter(scope::isText)
        .ifPresent(
            column ->
                out.accept(
                    new Phrase.Groupable(
                        new Grouping.ByWords(column, match.get(3, Phrase.Texts.class).texts()))));
  }
}
