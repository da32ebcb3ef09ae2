package org.ropebridge.reading.rule;

import java.util.List;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Filter;

/** "without email or phone" [without] [column] [or] [column] -> rows that lack both */
final class WithoutEitherRule extends Rule {
  WithoutEitherRule() {
    super(
        Slot.word(Role.LACKING, Role.MISSING),
        Slot.a(Meaning.ColumnName.class),
        Slot.word(Role.OR),
        Slot.a(Meaning.ColumnName.class));
  }

  @Override
  public double bonus() {
    return 0.7;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(
        new Contribution.Together(
            List.of(
                lacking(match.get(1, Meaning.ColumnName.class).column()),
                lacking(match.get(3, Meaning.ColumnName.class).column()))));
  }

  private static Contribution lacking(ColumnRef column) {
    return new Contribution.Narrowing(new Filter.Missing(column, false));
  }
}
