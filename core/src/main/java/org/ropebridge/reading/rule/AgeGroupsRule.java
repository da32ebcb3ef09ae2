package org.ropebridge.reading.rule;

import java.math.BigDecimal;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Grouping;

/** "by age group" [age] [groups] -> steps of ten years, where no others are said */
final class AgeGroupsRule extends Rule {
  private static final BigDecimal YEARS = BigDecimal.TEN;

  AgeGroupsRule() {
    super(Slot.a(Meaning.ColumnName.class), Slot.word(Role.IN_BANDS));
  }

  @Override
  public double bonus() {
    return 0.2;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Meaning.ColumnName name = match.get(0, Meaning.ColumnName.class);
    if (Ages.isAge(name.column())) {
      out.accept(new Phrase.Groupable(new Grouping.BySteps(name.column(), YEARS)));
    }
  }
}
