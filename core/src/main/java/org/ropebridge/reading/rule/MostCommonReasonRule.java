package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.model.ColumnRef;

/**
 * "most common complaint" [number] [most common] [noun of rows without names] -> the reasons that
 * most rows have
 */
final class MostCommonReasonRule extends Rule {
  MostCommonReasonRule() {
    super(
        Slot.a(Meaning.NumberWord.class).maybe(),
        Slot.a(Meaning.CommonWord.class),
        Slot.a(Meaning.NumberWord.class).maybe(),
        Slot.a(Meaning.RowNoun.class));
  }

  @Override
  public double bonus() {
    return 0.3;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    String table = match.get(3, Meaning.RowNoun.class).table();
    Optional<ColumnRef> reason =
        scope.reason(table).filter(r -> scope.namingColumn(table).isEmpty());
    if (reason.isPresent() && !(match.has(0) && match.has(2))) {
      MostCommonRule.ranked(match, reason.get()).ifPresent(out);
    }
  }
}
