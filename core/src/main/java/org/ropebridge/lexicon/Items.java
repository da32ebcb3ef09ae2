package org.ropebridge.lexicon;

import java.util.Optional;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.model.Model;
import org.ropebridge.model.Table;

/**
 * The items of a model that words can mean, by the names that files and requests use: {@code
 * revenue} for a metric, {@code stays} for a table, {@code stays.nights} for a column, {@code
 * stays.cancelled} for a condition, and {@code valleys.name=Ossel} for a value as it is stored.
 */
public final class Items {
  private static final String STORED = "=";

  private Items() {}

  /** The name of an item; empty for words that mean no item of the model. */
  public static Optional<String> nameOf(Meaning meaning) {
    if (meaning instanceof Meaning.MetricName metric) {
      return Optional.of(metric.metric());
    } else if (meaning instanceof Meaning.RowNoun noun) {
      return Optional.of(noun.table());
    } else if (meaning instanceof Meaning.ColumnName column) {
      return Optional.of(column.column().toString());
    } else if (meaning instanceof Meaning.ConditionName condition) {
      return Optional.of(condition.table() + "." + condition.condition());
    } else if (meaning instanceof Meaning.ValueName value) {
      return Optional.of(value.column() + STORED + value.stored());
    }
    return Optional.empty();
  }

  /** The item that goes by a name; empty when the model has none, or not any more. */
  public static Optional<Meaning> meaning(Model model, String name) {
    int sign = name.indexOf(STORED);
    String item = sign < 0 ? name : name.substring(0, sign);
    if (model.findMetric(item).isPresent()) {
      return Optional.of(new Meaning.MetricName(item));
    } else if (model.findTable(item).isPresent()) {
      return Optional.of(new Meaning.RowNoun(item));
    }
    int dot = item.indexOf('.');
    Optional<Table> table = dot < 0 ? Optional.empty() : model.findTable(item.substring(0, dot));
    if (table.isEmpty()) {
      return Optional.empty();
    }
    String part = item.substring(dot + 1);
    if (table.get().findColumn(part).isPresent()) {
      ColumnRef column = ColumnRef.of(table.get().name(), part);
      return Optional.of(
          sign < 0
              ? new Meaning.ColumnName(column)
              : new Meaning.ValueName(column, name.substring(sign + 1)));
    }
    return table
        .get()
        .findCondition(part)
        .map(c -> new Meaning.ConditionName(table.get().name(), part));
  }

  /**
   * Whether an item is what a preference of the model names: the item, or the column that it is a
   * value of.
   */
  static boolean isCalled(Meaning meaning, String name) {
    return meaning instanceof Meaning.ValueName value
        ? value.column().toString().equals(name)
        : nameOf(meaning).filter(name::equals).isPresent();
  }
}
