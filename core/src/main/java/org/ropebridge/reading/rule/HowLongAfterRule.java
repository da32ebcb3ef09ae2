package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Measure;

/**
 * "how long after the due date are jobs done", "how many days before arrival do people book", "how
 * long after the invoice do customers pay" [how long] [after] [date, or noun of rows with one]
 * [noun] [date] -> the average time between them
 */
final class HowLongAfterRule extends Rule {
  HowLongAfterRule() {
    super(
        Slot.word(Role.HOW_LONG_AFTER, Role.HOW_LONG_BEFORE),
        Slot.a(Part.class, Columns::isColumn),
        Slot.word(Role.BE, Role.AUXILIARY).maybe(),
        Slot.a(
                Part.class,
                p ->
                    p instanceof Meaning.RowNoun
                        || p.equals(new Meaning.FunctionWord(Role.EVERYONE)))
            .maybe(),
        Slot.a(Meaning.ColumnName.class));
  }

  @Override
  public double bonus() {
    return 1.0;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Optional<ColumnRef> said = DurationRule.date(match.get(1, Part.class), scope);
    if (said.isEmpty()) {
      return;
    }
    ColumnRef one = said.get();
    ColumnRef other = match.get(4, Meaning.ColumnName.class).column().withoutRole();
    boolean theirs =
        match
            .find(3, Meaning.RowNoun.class)
            .map(n -> n.table().equals(one.table()) || scope.pointsAt(one.table(), n.table()))
            .orElse(true);
    boolean dates =
        scope.isTemporal(one)
            && scope.isTemporal(other)
            && one.table().equals(other.table())
            && !one.equals(other);
    if (theirs && dates) {
      boolean after = match.isWord(0, Role.HOW_LONG_AFTER);
      out.accept(
          Contribution.Measures.of(
              new Measure.Duration(
                  Measure.Kind.AVERAGE, after ? one : other, after ? other : one)));
    }
  }
}
