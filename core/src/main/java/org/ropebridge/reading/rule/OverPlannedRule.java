package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Filter;

/**
 * "spent more than the agreed cost", "over the planned hours" [number] [comparison] [number that
 * says what that was to be] -> rows whose number compares so with it
 */
final class OverPlannedRule extends Rule {
  OverPlannedRule() {
    super(
        Slot.a(Meaning.ColumnName.class).maybe(),
        Slot.word(Role.AMOUNTS_TO, Role.BE).maybe(),
        Slot.a(Part.class, OverPlannedRule::isCompared),
        Slot.a(Meaning.ColumnName.class));
  }

  @Override
  public double bonus() {
    return 2.2;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    ColumnRef wanted = match.get(3, Meaning.ColumnName.class).column().withoutRole();
    Filter.Comparison comparison = TargetMetRule.comparison(match.get(2, Part.class));
    scope
        .overrun(wanted)
        .filter(above -> isOf(match, above, scope))
        .ifPresent(
            above -> out.accept(new Contribution.Narrowing(LateRule.compare(above, comparison))));
  }

  private static boolean isOf(Match match, ColumnRef above, Scope scope) {
    return match
        .find(0, Meaning.ColumnName.class)
        .map(
            actual ->
                scope
                    .model()
                    .table(above.table())
                    .overrun(above.column())
                    .orElseThrow()
                    .to()
                    .name()
                    .equals(actual.column().column()))
        .orElse(true);
  }

  /** Whether it says on which side something is; "missing" a number is to have none. */
  private static boolean isCompared(Part part) {
    return part instanceof Meaning.ComparisonWord && TargetMetRule.isCompared(part)
        || part.equals(new Meaning.FunctionWord(Role.KEPT_WITHIN));
  }
}
