package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import java.util.regex.Pattern;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.model.Condition;

/**
 * "more than 30 minutes late" [comparison with unit] [condition on a column in that unit] -> the
 * comparison of that column; how much says more than that it is so
 */
final class SoMuchRule extends Rule {
  SoMuchRule() {
    super(
        Slot.word(Role.PREPOSITION).maybe(),
        Slot.a(Phrase.Comparing.class, c -> c.unit().isPresent()),
        Slot.a(Meaning.ConditionName.class));
  }

  @Override
  public double bonus() {
    return 0.3;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Phrase.Comparing comparing = match.get(1, Phrase.Comparing.class);
    Meaning.ConditionName name = match.get(2, Meaning.ConditionName.class);
    String sql =
        scope
            .model()
            .table(name.table())
            .findCondition(name.condition())
            .map(Condition::sql)
            .orElse("");
    for (ColumnRef column : scope.columnsIn(comparing.unit().orElseThrow())) {
      boolean onIt =
          column.table().equals(name.table())
              && Pattern.compile("\\b" + Pattern.quote(column.column()) + "\\b")
                  .matcher(sql)
                  .find();
      if (onIt) {
        out.accept(new Contribution.Narrowing(comparing.of(column)));
      }
    }
  }
}
