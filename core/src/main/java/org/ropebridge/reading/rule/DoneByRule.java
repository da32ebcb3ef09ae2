package org.ropebridge.reading.rule;

import java.util.List;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Filter;

/**
 * "collected by Asta Berg", "by phone" [date column] [by] [values] -> rows with those values, for
 * which the date has come
 */
final class DoneByRule extends Rule {
  DoneByRule() {
    super(
        Slot.a(Meaning.ColumnName.class).maybe(),
        Slot.word(Role.PLAIN_BY, Role.MADE_BY),
        Slot.a(Phrase.Values.class));
  }

  @Override
  public double bonus() {
    return 0.0;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    boolean verb =
        match.find(0, Meaning.ColumnName.class).map(c -> scope.isTemporal(c.column())).orElse(true);
    if (verb) {
      Phrase.Values values = match.get(2, Phrase.Values.class);
      Contribution by = new Contribution.Narrowing(values.filter(false));
      out.accept(
          match
              .find(0, Meaning.ColumnName.class)
              .map(Meaning.ColumnName::column)
              .filter(scope.ends()::contains)
              .<Contribution>map(
                  c ->
                      new Contribution.Together(
                          List.of(
                              new Contribution.Narrowing(new Filter.Missing(c, true), true), by)))
              .orElse(by));
    }
  }
}
