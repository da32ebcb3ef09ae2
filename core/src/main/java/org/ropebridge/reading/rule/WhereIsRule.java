package org.ropebridge.reading.rule;

import java.util.List;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "where is Larkspur" [where] [be] [value that names rows] -> those rows with the nearest kind of
 * places
 */
final class WhereIsRule extends Rule {
  WhereIsRule() {
    super(
        Slot.word(Role.WHERE),
        Slot.word(Role.AUXILIARY, Role.BE).maybe(),
        Slot.a(Phrase.Values.class));
  }

  @Override
  public double bonus() {
    return 0.5;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Phrase.Values values = match.get(2, Phrase.Values.class);
    String table = values.column().table();
    if (scope.model().namesItsTable(values.column())) {
      Places.nearest(table, scope)
          .ifPresent(
              place ->
                  out.accept(
                      new Contribution.Rows(
                          table, List.of(values.column(), place), List.of(values.filter(false)))));
    }
  }
}
