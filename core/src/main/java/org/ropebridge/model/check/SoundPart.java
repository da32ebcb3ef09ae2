package org.ropebridge.model.check;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.ropebridge.model.Column;
import org.ropebridge.model.Metric;
import org.ropebridge.model.Model;
import org.ropebridge.model.Preferences;
import org.ropebridge.model.Table;
import org.ropebridge.model.expression.Expression;
import org.ropebridge.model.expression.ExpressionException;
import org.ropebridge.model.expression.ExpressionParser;

/**
 * What is left of a model with faults when everything that points nowhere is taken out, so that
 * sample questions can be read on the rest and one check finds all faults.
 */
public final class SoundPart {
  private SoundPart() {}

  /** The sound part of the model; the model itself when it has no faults. */
  public static Model of(Model model) {
    List<Table> tables = model.tables().stream().map(t -> sound(t, model)).toList();
    Model withTables = model.withTables(tables);
    Map<String, Boolean> known = new HashMap<>();
    List<Metric> metrics =
        model.metrics().stream().filter(m -> isSound(m, withTables, known)).toList();
    Model sound = withTables.withMetrics(metrics);
    Preferences preferences = model.preferences();
    return sound.withPreferences(
        new Preferences(
            preferences.topBy().filter(m -> sound.findMetric(m).isPresent()),
            preferences.rowsShown(),
            preferences.meanings()));
  }

  private static Table sound(Table table, Model model) {
    List<Column> columns =
        table.columns().stream().filter(c -> c.sql().map(SoundPart::parses).orElse(true)).toList();
    Optional<String> mainDate =
        table.mainDate().filter(d -> d.contains(".") || table.findColumn(d).isPresent());
    return new Table(
        table.name(),
        table.source(),
        table.from(),
        table.query(),
        table.about(),
        table.rowNoun(),
        table.rowNounPlural(),
        table.alsoCalled(),
        table.key(),
        mainDate,
        table.knownBy().filter(k -> table.findColumn(k).isPresent()),
        columns,
        table.hidden(),
        table.links().stream().filter(l -> model.findTable(l.to()).isPresent()).toList(),
        table.conditions().stream().filter(c -> parses(c.sql())).toList());
  }

  private static boolean parses(String sql) {
    try {
      ExpressionParser.parse(sql);
      return true;
    } catch (ExpressionException e) {
      return false;
    }
  }

  /** Whether the metric's parts are all there; a metric on the way to itself is not sound. */
  private static boolean isSound(Metric metric, Model model, Map<String, Boolean> known) {
    Boolean before = known.putIfAbsent(metric.name(), false);
    if (before != null) {
      return before;
    }
    boolean sound = parses(metric.sql());
    if (metric.table().isPresent()) {
      sound &= model.findTable(metric.table().get()).isPresent();
    } else if (sound) {
      for (Expression.NameUse use : ExpressionParser.parse(metric.sql()).names()) {
        sound &= model.findMetric(use.name()).map(m -> isSound(m, model, known)).orElse(false);
      }
    }
    known.put(metric.name(), sound);
    return sound;
  }
}
