package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Measure;

/**
 * "share of serious callouts" [share] [what tells apart the rows that a metric counts] [their noun]
 * -> the metric by the number of all
 */
final class ShareCountedRule extends Rule {
  ShareCountedRule() {
    super(Slot.word(Role.SHARE), Slot.a(Meaning.CountedWord.class), Slot.a(Meaning.RowNoun.class));
  }

  @Override
  public double bonus() {
    return 0.7;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    String metric = match.get(1, Meaning.CountedWord.class).metric();
    String table = match.get(2, Meaning.RowNoun.class).table();
    if (scope.model().metric(metric).table().equals(Optional.of(table))) {
      out.accept(
          Contribution.Measures.of(
              new Measure.Arithmetic(
                  Measure.Operator.DIVIDED_BY,
                  new Measure.MetricValue(metric),
                  new Measure.RowCount(table))));
    }
  }
}
