package org.ropebridge.model.words;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Stream;
import org.ropebridge.model.Column;
import org.ropebridge.model.Condition;
import org.ropebridge.model.Link;
import org.ropebridge.model.Metric;
import org.ropebridge.model.Model;
import org.ropebridge.model.Table;
import org.ropebridge.model.file.FileEdit;
import org.ropebridge.model.file.Places;

/** An item of a model that has words, and where they stand. */
final class Nameable {
  private final String item;
  private final String called;
  private final List<String> ownNames;
  private final List<String> alsoCalled;
  private final String about;
  private final String file;
  private final List<String> path;
  private final boolean isValue;

  private Nameable(
      String item,
      List<String> ownNames,
      List<String> alsoCalled,
      String about,
      String file,
      List<String> path,
      boolean isValue) {
    this.item = item;
    this.called = ownNames.get(0);
    this.ownNames = ownNames;
    this.alsoCalled = alsoCalled;
    this.about = about;
    this.file = file;
    this.path = path;
    this.isValue = isValue;
  }

  /** All items of a model by their paths: tables with what is in them first, then metrics. */
  static Map<String, Nameable> of(Model model, Places places) {
    List<Nameable> all = new ArrayList<>();
    model.tables().forEach(t -> table(t, places.of("tables/" + t.name()).file(), all));
    for (Metric metric : model.metrics()) {
      all.add(
          new Nameable(
              "metrics/" + metric.name(),
              List.of(metric.label()),
              metric.alsoCalled(),
              metric.about(),
              places.of("metrics-file/metrics/" + metric.name()).file(),
              List.of("metrics", metric.name()),
              false));
    }
    Map<String, Nameable> byItem = new LinkedHashMap<>();
    all.forEach(n -> byItem.put(n.item, n));
    return byItem;
  }

  private static void table(Table table, String file, List<Nameable> all) {
    String item = "tables/" + table.name();
    all.add(
        new Nameable(
            item,
            List.of(table.rowNoun(), table.rowNounPlural()),
            table.alsoCalled(),
            table.about(),
            file,
            List.of(),
            false));
    for (Column column : table.columns()) {
      List<String> path = List.of(column.sql().isPresent() ? "computed" : "columns", column.name());
      String below = item + "/columns/" + column.name();
      all.add(
          new Nameable(below, List.of(column.label()), column.alsoCalled(), "", file, path, false));
      for (Column.ValueName value : column.values()) {
        all.add(
            new Nameable(
                below + "/values/" + value.stored(),
                List.of(value.name()),
                value.alsoCalled(),
                "",
                file,
                Stream.concat(path.stream(), Stream.of("values", value.stored())).toList(),
                true));
      }
    }
    for (Condition condition : table.conditions()) {
      all.add(
          new Nameable(
              item + "/conditions/" + condition.name(),
              List.of(condition.label()),
              condition.alsoCalled(),
              "",
              file,
              List.of("conditions", condition.name()),
              false));
    }
    for (Link link : table.links()) {
      all.add(
          new Nameable(
              item + "/links/" + link.name(),
              List.of(link.label()),
              link.alsoCalled(),
              "",
              file,
              List.of("links", link.name()),
              false));
    }
  }

  String item() {
    return item;
  }

  String called() {
    return called;
  }

  boolean isColumn() {
    return item.contains("/columns/") && !isValue;
  }

  boolean isValue() {
    return isValue;
  }

  boolean isLink() {
    return item.contains("/links/");
  }

  /** Whether people can say the word for it already. */
  boolean goesBy(String word) {
    String wanted = plain(word);
    return Stream.concat(ownNames.stream(), alsoCalled.stream())
        .anyMatch(w -> plain(w).equals(wanted));
  }

  static String plain(String word) {
    return word.strip().replaceAll("\\s+", " ").toLowerCase(Locale.ROOT);
  }

  WordEntry entry() {
    return new WordEntry(item, called, alsoCalled, about);
  }

  /** What gives it more words. */
  FileEdit with(List<String> more) {
    List<String> all = Stream.concat(alsoCalled.stream(), more.stream()).toList();
    if (!isValue) {
      List<String> place = Stream.concat(path.stream(), Stream.of("also_called")).toList();
      return FileEdit.set(file, place, all);
    }
    Map<String, Object> value = new LinkedHashMap<>();
    value.put("name", called);
    value.put("also_called", all);
    return FileEdit.set(file, path, value);
  }
}
