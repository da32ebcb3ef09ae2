package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Filter;

/**
 * "where channel is not website", "if fuel is solar", "warden = Jory Penrose" [if] [column or noun]
 * [is] [not] [values of it] -> keeps, or leaves out, rows with those values
 */
final class ColumnIsRule extends Rule {
  ColumnIsRule() {
    super(
        Slot.word(Role.PREPOSITION, Role.WHEN, Role.IF).maybe(),
        Slot.a(Part.class, ValuesOfColumnRule::isHolder),
        Slot.a(Part.class, ColumnIsRule::isEqual).maybe(),
        Slot.word(Role.EXCLUDING, Role.UNEQUAL).maybe(),
        Slot.a(Phrase.Values.class));
  }

  @Override
  public double bonus() {
    return 0.75;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    boolean not = match.has(3);
    boolean said =
        match.has(2)
            && (match.has(0) || match.get(2, Part.class) instanceof Meaning.ComparisonWord);
    boolean unlike = not && (match.has(2) || match.isWord(3, Role.UNEQUAL));
    if (unlike || said && !not) {
      ValuesOfColumnRule.narrowing(match, 1, 4, not, scope).ifPresent(out);
    }
  }

  private static boolean isEqual(Part part) {
    return part.equals(new Meaning.FunctionWord(Role.BE))
        || part instanceof Meaning.ComparisonWord word
            && word.comparison() == Filter.Comparison.EQUAL_TO;
  }
}
