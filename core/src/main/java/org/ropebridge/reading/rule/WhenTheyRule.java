package org.ropebridge.reading.rule;

import java.util.List;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.ColumnRef;

/**
 * "when did they join", "when were those opened" [when] [those] [date] -> that date of the rows
 * that are listed
 */
final class WhenTheyRule extends Rule {
  WhenTheyRule() {
    super(Slot.word(Role.WHEN), Slot.word(Role.THOSE), Slot.a(Meaning.ColumnName.class));
  }

  @Override
  public double bonus() {
    return 0.8;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    ColumnRef date = match.get(2, Meaning.ColumnName.class).column();
    if (scope.isTemporal(date)) {
      out.accept(new Contribution.MoreColumns(List.of(date), Contribution.MoreColumns.Pointed.YES));
    }
  }
}
