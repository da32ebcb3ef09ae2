package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Filter;

/** "members named Anna" [noun] [named] [words] -> rows whose name has the words */
final class NamedRule extends Rule {
  NamedRule() {
    super(
        Slot.a(Meaning.RowNoun.class),
        Slot.word(Role.NAMED),
        Slot.a(Phrase.Texts.class, t -> t.texts().size() == 1));
  }

  @Override
  public double bonus() {
    return 0.6;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    String table = match.get(0, Meaning.RowNoun.class).table();
    String text = match.get(2, Phrase.Texts.class).texts().get(0);
    scope
        .namingColumn(table)
        .filter(c -> scope.isText(c) && !text.isBlank())
        .ifPresent(
            c ->
                out.accept(
                    new Contribution.NounWith(
                        table, new Filter.HasText(c, Filter.Where.ANYWHERE, text, false))));
  }
}
