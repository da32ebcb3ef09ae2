package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;

/**
 * "Ossel valley", "bivouac huts" [values] [column or noun of them] -> the values, surely of that
 * column
 */
final class ValuesBeforeNounRule extends Rule {
  ValuesBeforeNounRule() {
    super(
        Slot.a(Phrase.Values.class, v -> v.column().role().isEmpty()),
        Slot.a(Part.class, ValuesOfColumnRule::isHolder));
  }

  @Override
  public double bonus() {
    return 0.2;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    ValuesOfColumnRule.holder(match.get(1, Part.class), match.get(0, Phrase.Values.class), scope)
        .ifPresent(out);
  }
}
