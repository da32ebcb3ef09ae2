package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.Metric;

/**
 * "customers without sales" [noun] [no] [metric that counts or sums up rows that point at it] ->
 * rows at which none of these point
 */
final class RelatedToMetricRule extends Rule {
  RelatedToMetricRule() {
    super(Slot.a(Meaning.RowNoun.class), Slot.word(Role.NONE), Slot.a(Meaning.MetricName.class));
  }

  @Override
  public double bonus() {
    return 0.45;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    String anchor = match.get(0, Meaning.RowNoun.class).table();
    Metric metric = scope.model().metric(match.get(2, Meaning.MetricName.class).metric());
    MetricRows.of(metric, scope)
        .filter(rows -> scope.pointsAt(rows.table(), anchor))
        .map(rows -> new Contribution.Related(anchor, rows.table(), rows.filters(), true))
        .ifPresent(out);
  }
}
