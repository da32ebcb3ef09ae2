package org.ropebridge.sql;

import java.util.Optional;
import org.ropebridge.model.Column;
import org.ropebridge.model.Metric;
import org.ropebridge.model.Model;
import org.ropebridge.plan.Measure;

/** How measures appear in an answer. */
final class OutputColumns {
  private OutputColumns() {}

  static OutputColumn of(String name, Measure measure, Model model) {
    if (measure instanceof Measure.MetricValue value) {
      Metric metric = model.metric(value.metric());
      return new OutputColumn(name, OutputColumn.Kind.NUMBER, metric.unit(), metric.shownAs());
    } else if (measure instanceof Measure.Statistic statistic) {
      Column column = model.column(statistic.column());
      return new OutputColumn(
          name,
          column.holds().isTemporal() ? OutputColumn.Kind.DATE : OutputColumn.Kind.NUMBER,
          column.unit(),
          Metric.ShownAs.NUMBER);
    }
    return new OutputColumn(
        name, OutputColumn.Kind.NUMBER, Optional.empty(), Metric.ShownAs.NUMBER);
  }
}
