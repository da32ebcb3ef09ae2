package org.ropebridge.reading.rule;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "details of Larkspur", "show Larkspur" [details or list] [value that names rows] -> those rows
 * with what tells most of them
 */
final class RowDetailsRule extends Rule {
  RowDetailsRule() {
    super(
        Slot.word(Role.DETAILS, Role.LIST),
        Slot.a(Part.class, p -> p instanceof Phrase.Values || p instanceof Contribution.NounWith));
  }

  @Override
  public double bonus() {
    return 0.3;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Optional<Contribution.NounWith> narrowed = match.find(1, Contribution.NounWith.class);
    if (narrowed.isPresent() && match.isWord(0, Role.DETAILS)) {
      out.accept(
          new Contribution.Rows(
              narrowed.get().table(), List.of(), List.of(narrowed.get().filter())));
    }
    match
        .find(1, Phrase.Values.class)
        .filter(v -> v.column().role().isEmpty() && scope.model().namesItsTable(v.column()))
        .ifPresent(
            v ->
                out.accept(
                    new Contribution.Rows(
                        v.column().table(), List.of(), List.of(v.filter(false)))));
  }
}
