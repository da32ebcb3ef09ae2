package org.ropebridge.reading.rule;

import java.util.List;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/** "add altitude", "with the warden" [with] [column] -> a column of the rows that are listed */
final class ColumnAloneRule extends Rule {
  ColumnAloneRule() {
    super(Slot.word(Role.WITH, Role.PREPOSITION).maybe(), Slot.a(Meaning.ColumnName.class));
  }

  @Override
  public double bonus() {
    return -0.05;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(
        new Contribution.MoreColumns(
            List.of(match.get(1, Meaning.ColumnName.class).column()),
            Contribution.MoreColumns.Pointed.NO));
  }
}
