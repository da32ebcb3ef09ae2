package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.Column;
import org.ropebridge.plan.Filter;

/**
 * "callouts that mention rope", "huts starting with G" [noun] [mentioning] [words] -> rows whose
 * own text has them
 */
final class RowsMentioningRule extends Rule {
  RowsMentioningRule() {
    super(
        Slot.a(Meaning.RowNoun.class),
        Slot.word(Role.NOT, Role.EXCLUDING).maybe(),
        Slot.a(Meaning.WhereWord.class),
        Slot.a(Phrase.Texts.class, t -> t.texts().size() == 1));
  }

  @Override
  public double bonus() {
    return 0.5;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    String table = match.get(0, Meaning.RowNoun.class).table();
    Meaning.WhereWord where = match.get(2, Meaning.WhereWord.class);
    String text = match.get(3, Phrase.Texts.class).texts().get(0);
    scope
        .textOf(table, where)
        .filter(c -> scope.isText(c) && !scope.holds(c, Column.Holds.ID) && !text.isBlank())
        .ifPresent(
            c ->
                out.accept(
                    new Contribution.NounWith(
                        table, new Filter.HasText(c, where.where(), text, match.has(1)))));
  }
}
