package org.ropebridge.reading.rule;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.Plan;

/**
 * "operators with less than 2000 pieces made" [noun or role of others than the column's rows]
 * [comparison] [number column that adds up] -> keeps groups whose rows have so many altogether
 */
final class KeepSumRule extends Rule {
  KeepSumRule() {
    super(
        Slot.a(Part.class, p -> p instanceof Meaning.RowNoun || p instanceof Meaning.RoleName),
        Slot.word(Role.WITH, Role.HAVE).maybe(),
        Slot.a(Phrase.Comparing.class),
        Slot.a(Meaning.ColumnName.class));
  }

  @Override
  public double bonus() {
    return 0.5;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    ColumnRef column = match.get(3, Meaning.ColumnName.class).column();
    Optional<Meaning.RoleName> role = match.find(0, Meaning.RoleName.class);
    String table =
        role.map(Meaning.RoleName::to).orElseGet(() -> match.get(0, Meaning.RowNoun.class).table());
    if (!scope.addsUp(column)
        || Columns.isCalledByUnit(column, scope)
        || !scope.pointsAt(column.table(), table)) {
      return;
    }
    Measure sum = Measure.Statistic.of(Measure.Kind.SUM, column.withoutRole());
    Keeps.compared(sum, match.get(2, Phrase.Comparing.class), scope)
        .flatMap(keep -> told(role, table, keep, scope))
        .ifPresent(out);
  }

  private static Optional<Part> told(
      Optional<Meaning.RoleName> role, String table, Plan.Keep keep, Scope scope) {
    return role.isEmpty()
        ? Optional.of(new Contribution.Grouped(table, keep))
        : scope
            .namingColumn(table)
            .map(c -> new Grouping.ByColumn(c.withRole(role.get().role())))
            .map(
                who ->
                    new Contribution.Together(
                        List.of(
                            new Contribution.Subject(who, true),
                            new Contribution.Keeping(keep, false))));
  }
}
