package org.ropebridge.reading.rule;

import java.util.List;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.model.Column;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Measure;

/**
 * "average bill" [statistic] [noun, in the singular] -> the statistic of the only amount of money
 * that its rows have
 */
final class StatisticOfNounRule extends Rule {
  StatisticOfNounRule() {
    super(
        Slot.a(Phrase.Statistics.class, StatisticOfNounRule::mayBeOfMoney),
        Slot.a(Meaning.RowNoun.class));
  }

  private static boolean mayBeOfMoney(Phrase.Statistics asked) {
    return asked.statistics().size() == 1
        && (asked.dimension().isEmpty() || asked.dimension().equals("money"));
  }

  @Override
  public double bonus() {
    return 0.1;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    String table = match.get(1, Meaning.RowNoun.class).table();
    Phrase.Statistic statistic = match.get(0, Phrase.Statistics.class).statistics().get(0);
    List<ColumnRef> amounts =
        scope.measuredBy(table, "money").stream()
            .filter(
                c ->
                    scope
                        .model()
                        .column(c)
                        .addsUp()
                        .filter(a -> a == Column.AddsUp.SUM)
                        .isPresent())
            .toList();
    boolean sum = statistic.kind() == Measure.Kind.SUM;
    // "most expensive machine" is a machine, and "biggest invoice" one, where these have names.
    boolean end =
        statistic.kind() == Measure.Kind.MAXIMUM || statistic.kind() == Measure.Kind.MINIMUM;
    boolean row = end && scope.namingColumn(table).isPresent();
    if (!match.isPlural(1) && !sum && !row && amounts.size() == 1) {
      out.accept(
          Contribution.Measures.of(
              new Measure.Statistic(statistic.kind(), amounts.get(0), statistic.percentile())));
    }
  }
}
