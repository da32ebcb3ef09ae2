package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Measure;

/**
 * "average number of stays per member", "average revenue per month" [statistic] [measure] [per]
 * [something to group by] -> the statistic over those parts
 */
final class StatisticPerRule extends Rule {
  StatisticPerRule() {
    super(
        Slot.a(Meaning.StatisticWord.class),
        Slot.a(Part.class, Operands::isOperand),
        Slot.word(Role.PER, Role.BY),
        Slot.a(Part.class, Operands::isPart));
  }

  @Override
  public double bonus() {
    return 0.45;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Measure.Kind kind = match.get(0, Meaning.StatisticWord.class).kind();
    // "average bill per customer" is no number of bills.
    boolean counted = !(match.get(1, Part.class) instanceof Meaning.RowNoun) || match.isPlural(1);
    // "average number of callouts by hut": a number of rows has an average over others only.
    boolean each =
        match.isWord(2, Role.PER)
            || Operands.of(match.get(1, Part.class)) instanceof Measure.RowCount
                && kind == Measure.Kind.AVERAGE;
    if (match.get(3, Part.class) instanceof Meaning.RowNoun) {
      if (kind == Measure.Kind.AVERAGE
          && counted
          && Operands.of(match.get(1, Part.class)) instanceof Measure.RowCount) {
        Operands.averageOver(match, 1, 3, scope).ifPresent(out);
      }
    } else if (each && kind != Measure.Kind.SUM && counted) {
      Operands.overParts(
              kind,
              Operands.of(match.get(1, Part.class)),
              match.get(3, Phrase.Groupable.class),
              scope)
          .ifPresent(out);
    }
  }
}
