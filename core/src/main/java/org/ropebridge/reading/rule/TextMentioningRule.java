package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Grouping;

/**
 * "by note mentioning rockfall, ice or lightning" [column] [mentioning] [texts] -> which of them a
 * text mentions
 */
final class TextMentioningRule extends Rule {
  TextMentioningRule() {
    super(
        Slot.a(Meaning.ColumnName.class),
        Slot.a(Meaning.WhereWord.class, w -> w.where() == Filter.Where.ANYWHERE),
        Slot.a(Phrase.Texts.class, t -> t.texts().size() > 1));
  }

  @Override
  public double bonus() {
    return 0.6;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    ColumnRef column = match.get(0, Meaning.ColumnName.class).column();
    if (scope.isText(column)) {
      out.accept(
          new Phrase.Groupable(
              new Grouping.ByWords(column, match.get(2, Phrase.Texts.class).texts())));
    }
  }
}
