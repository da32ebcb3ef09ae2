package org.ropebridge.reading.rule;

import java.util.List;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.model.ColumnRef;

/**
 * "how high is Larkspur" [how high] [values that name rows] -> those rows with the column that it
 * measures
 */
final class HowIsValueRule extends Rule {
  HowIsValueRule() {
    super(Slot.a(Meaning.HowWord.class), Slot.a(Phrase.Values.class));
  }

  @Override
  public double bonus() {
    return 0.4;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Phrase.Values values = match.get(1, Phrase.Values.class);
    List<ColumnRef> columns =
        scope.measuredBy(values.column().table(), match.get(0, Meaning.HowWord.class));
    if (columns.size() == 1) {
      Columns.ofNamed(values, columns.get(0), scope).ifPresent(out);
    }
  }
}
