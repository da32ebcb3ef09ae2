package org.ropebridge.reading.rule;

import java.math.BigDecimal;
import java.util.List;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.Measure;

/**
 * "callouts per hut by valley" [measure] [per] [noun of rows with names] [by] [what those rows are
 * in] -> the measure divided by the number of such rows, for each
 */
final class PerNounByRule extends Rule {
  PerNounByRule() {
    super(
        Slot.a(Part.class, Operands::isOperand),
        Slot.word(Role.PER),
        Slot.a(Meaning.RowNoun.class),
        Slot.word(Role.BY),
        Slot.a(Phrase.Groupable.class));
  }

  @Override
  public double bonus() {
    return 0.6;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Meaning.RowNoun each = match.get(2, Meaning.RowNoun.class);
    Grouping grouping = match.get(4, Phrase.Groupable.class).grouping();
    boolean within =
        grouping instanceof Grouping.ByColumn by
            && scope.namingColumn(each.table()).filter(by.column()::equals).isEmpty()
            && scope.paths().to(each.table(), by.column()).isPresent();
    if (!within || match.isPlural(2) || !scope.haveNames(each.table())) {
      return;
    }
    Operands.summed(Operands.of(match.get(0, Part.class)), scope)
        .flatMap(
            summed ->
                Operands.together(
                    Measure.Operator.DIVIDED_BY,
                    Contribution.Measures.of(summed),
                    each,
                    BigDecimal.ONE))
        .filter(Contribution.class::isInstance)
        .map(Contribution.class::cast)
        .ifPresent(
            ratio ->
                out.accept(
                    new Contribution.Together(
                        List.of(ratio, new Contribution.Groupings(List.of(grouping))))));
  }
}
