package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.Plan;

/**
 * "sorted by revenue descending", "sorted by name" [sorted by] [measure, breakdown or name]
 * [direction] -> an order of rows
 */
final class SortRule extends Rule {
  SortRule() {
    super(
        Slot.word(Role.SORTED),
        Slot.a(Part.class, SortRule::isKey).maybe(),
        Slot.word(Role.COMMA).maybe(),
        Slot.a(Meaning.DirectionWord.class).maybe());
  }

  @Override
  public double bonus() {
    return 0.3;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    if (match.has(2) && !(match.has(1) && match.has(3)) || !match.has(1) && !match.has(3)) {
      return;
    }
    Optional<Plan.SortKey> key = Optional.empty();
    boolean byName = false;
    if (match.has(1)) {
      Part part = match.get(1, Part.class);
      if (part instanceof Contribution.Measures measures) {
        key = Optional.of(measures.measures().get(0));
      } else if (part instanceof Meaning.RowNoun noun) {
        if (scope.namingColumn(noun.table()).isPresent()) {
          return;
        }
        key = Optional.of(new Measure.RowCount(noun.table()));
      } else if (part instanceof Phrase.Groupable groupable) {
        key = Optional.of(groupable.grouping());
      } else {
        byName = true;
      }
    }
    out.accept(
        new Contribution.Order(
            key,
            byName,
            match.find(3, Meaning.DirectionWord.class).map(Meaning.DirectionWord::descending)));
  }

  private static boolean isKey(Part part) {
    return part instanceof Contribution.Measures m && m.measures().size() == 1
        || part instanceof Phrase.Groupable
        || part instanceof Meaning.RowNoun
        || part.equals(new Meaning.FunctionWord(Role.BY_NAME));
  }
}
