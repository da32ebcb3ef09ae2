package org.ropebridge.reading.rule;

import java.util.Set;
import java.util.TreeSet;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/** "July", "June, July and August" [month] [and] [months] -> the months together */
final class MonthsRule extends Rule {
  MonthsRule() {
    super(
        Slot.a(Meaning.MonthWord.class),
        Slot.word(Role.AND, Role.OR, Role.COMMA).maybe(),
        Slot.a(Phrase.Months.class).maybe());
  }

  @Override
  public double bonus() {
    return 0.0;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    if (match.has(1) != match.has(2)) {
      return;
    }
    Set<Integer> months = new TreeSet<>();
    months.add(match.get(0, Meaning.MonthWord.class).month().getValue());
    match.find(2, Phrase.Months.class).ifPresent(more -> months.addAll(more.numbers()));
    out.accept(new Phrase.Months(months));
  }
}
