package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Filter;

/** "with fog in the note" [with] [words] [in] [column] -> rows whose text has them */
final class TextInColumnRule extends Rule {
  TextInColumnRule() {
    super(
        Slot.word(Role.WITH, Role.WITH_A, Role.HAVE).maybe(),
        Slot.a(Phrase.Texts.class, t -> t.texts().size() == 1),
        Slot.word(Role.PREPOSITION),
        Slot.word(Role.THEIR).maybe(),
        Slot.a(Meaning.ColumnName.class));
  }

  @Override
  public double bonus() {
    return 0.6;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    ColumnRef column = match.get(4, Meaning.ColumnName.class).column();
    String text = match.get(1, Phrase.Texts.class).texts().get(0);
    if (scope.isText(column) && !text.isBlank()) {
      out.accept(
          new Contribution.Narrowing(
              new Filter.HasText(column, Filter.Where.ANYWHERE, text, false)));
    }
  }
}
