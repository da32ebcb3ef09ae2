package org.ropebridge.steering;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.ToIntFunction;
import org.ropebridge.lexicon.Items;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Tokens;
import org.ropebridge.lexicon.ValueIndex;
import org.ropebridge.model.Column;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.model.Condition;
import org.ropebridge.model.Metric;
import org.ropebridge.model.Model;
import org.ropebridge.model.Table;

/**
 * Finds what words could mean: metrics, tables, columns, conditions and values of a model, as far
 * as a person may see them.
 */
public final class ItemFinder {
  private static final int MOST_FOUND = 20;
  private static final int MOST_VALUES_OF_A_COLUMN = 5_000;

  private final Model model;
  private final Map<String, Named> items = new LinkedHashMap<>();

  /**
   * An item.
   *
   * @param item its name, see {@link Items}
   * @param kind metric, table, column, condition or value
   * @param label what people call it, told apart from others of the same name
   */
  public record Item(String item, String kind, String label) {}

  /** An item with all its names, in plain letters. */
  private record Named(Item item, List<String> names) {}

  ItemFinder(Model model, ValueIndex values) {
    this.model = model;
    for (Metric metric : model.metrics()) {
      add("metric", metric.name(), metric.label(), metric.alsoCalled());
    }
    for (Table table : model.tables()) {
      add("table", table.name(), table.rowNounPlural(), table.alsoCalled());
    }
    for (Table table : model.tables()) {
      for (Condition condition : table.conditions()) {
        String name = table.name() + "." + condition.name();
        add("condition", name, condition.label(), condition.alsoCalled());
      }
      for (Column column : table.columns()) {
        String name = table.name() + "." + column.name();
        String label = column.label() + " of " + table.rowNounPlural();
        add("column", name, label, column.alsoCalled());
        addValues(table, column, values.of(ColumnRef.of(table.name(), column.name())));
      }
    }
  }

  private void addValues(Table table, Column column, List<String> stored) {
    if (stored.size() > MOST_VALUES_OF_A_COLUMN) {
      return;
    }
    String of =
        model.isKnownBy(ColumnRef.of(table.name(), column.name()))
            ? table.rowNoun()
            : column.label() + " of " + table.rowNounPlural();
    for (String value : stored) {
      Meaning meaning = new Meaning.ValueName(ColumnRef.of(table.name(), column.name()), value);
      String name = Items.nameOf(meaning).orElseThrow();
      add("value", name, column.nameOfValue(value) + " (" + of + ")", List.of(value));
    }
  }

  private void add(String kind, String name, String label, List<String> alsoCalled) {
    List<String> names = new ArrayList<>(List.of(Tokens.plain(label)));
    alsoCalled.forEach(n -> names.add(Tokens.plain(n)));
    items.putIfAbsent(name, new Named(new Item(name, kind, label), names));
  }

  /** The item of that name; empty when the person sees none. */
  public Optional<Item> of(String name) {
    return Optional.ofNullable(items.get(name)).map(Named::item);
  }

  /**
   * Items one of whose names has the words in it, those first that begin with them.
   *
   * @param words any text; blank finds the first items there are
   */
  public List<Item> find(String words) {
    String plain = Tokens.plain(words);
    ToIntFunction<Named> place =
        n -> n.names().stream().mapToInt(x -> place(x, plain)).min().orElse(Integer.MAX_VALUE);
    return items.values().stream()
        .filter(n -> place.applyAsInt(n) < Integer.MAX_VALUE)
        .sorted(Comparator.comparingInt(place))
        .limit(MOST_FOUND)
        .map(Named::item)
        .toList();
  }

  /** How near to the front of a name the words are; the largest number where they are not in it. */
  private static int place(String name, String words) {
    if (name.startsWith(words)) {
      return 0;
    } else if (name.contains(" " + words)) {
      return 1;
    }
    return name.contains(words) ? 2 : Integer.MAX_VALUE;
  }
}
