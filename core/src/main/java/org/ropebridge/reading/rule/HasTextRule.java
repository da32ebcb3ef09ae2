package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Filter;

/**
 * "note mentioning rope", "names starting with G" [column] [mentioning] [words] -> rows whose text
 * has them
 */
final class HasTextRule extends Rule {
  HasTextRule() {
    super(
        Slot.word(Role.PREPOSITION).maybe(),
        Slot.a(Part.class, Columns::isColumn),
        Slot.word(Role.NOT, Role.EXCLUDING).maybe(),
        Slot.a(Meaning.WhereWord.class),
        Slot.a(Phrase.Texts.class, t -> t.texts().size() == 1));
  }

  @Override
  public double bonus() {
    return 0.6;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Filter.Where where = match.get(3, Meaning.WhereWord.class).where();
    String text = match.get(4, Phrase.Texts.class).texts().get(0);
    Columns.of(match.get(1, Part.class), scope)
        .filter(c -> scope.isText(c) && !text.isBlank())
        .ifPresent(
            c ->
                out.accept(
                    new Contribution.Narrowing(new Filter.HasText(c, where, text, match.has(2)))));
  }
}
