package org.ropebridge.reading.rule;

import java.util.List;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/** "with their wage" [with] [their] [column] -> a column of the rows that are listed */
final class ColumnsOfTheseRule extends Rule {
  ColumnsOfTheseRule() {
    super(
        Slot.word(Role.WITH, Role.PREPOSITION, Role.AND).maybe(),
        Slot.word(Role.THOSE),
        Slot.a(Meaning.ColumnName.class));
  }

  @Override
  public double bonus() {
    return 0.4;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(
        new Contribution.MoreColumns(
            List.of(match.get(2, Meaning.ColumnName.class).column()),
            match.has(0)
                ? Contribution.MoreColumns.Pointed.BESIDE
                : Contribution.MoreColumns.Pointed.YES));
  }
}
