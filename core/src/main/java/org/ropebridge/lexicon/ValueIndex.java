package org.ropebridge.lexicon;

import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.ropebridge.model.Column;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.model.Model;

/**
 * The distinct stored values of a model's categories, as far as one person may see them.
 *
 * @param values by column, in a stable order
 */
public record ValueIndex(Map<ColumnRef, List<String>> values) {
  public static final ValueIndex EMPTY = new ValueIndex(Map.of());

  public ValueIndex {
    values =
        values.entrySet().stream()
            .collect(
                Collectors.toUnmodifiableMap(Map.Entry::getKey, e -> List.copyOf(e.getValue())));
  }

  /** The values of a column; none when it is not indexed. */
  public List<String> of(ColumnRef column) {
    return values.getOrDefault(column.withoutRole(), List.of());
  }

  /** The columns whose values people may name. */
  public static List<ColumnRef> columnsToIndex(Model model) {
    return model.tables().stream()
        .flatMap(
            t ->
                t.columns().stream()
                    .filter(
                        c -> c.holds() == Column.Holds.CATEGORY || c.holds() == Column.Holds.REGION)
                    .map(c -> ColumnRef.of(t.name(), c.name())))
        .toList();
  }

  /** Loads each column's values by the given function. */
  public static ValueIndex load(Model model, Function<ColumnRef, List<String>> loader) {
    return new ValueIndex(columnsToIndex(model).stream().collect(Collectors.toMap(c -> c, loader)));
  }
}
