package org.ropebridge.survey;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.ropebridge.model.Link;
import org.ropebridge.model.Metric;
import org.ropebridge.model.Model;
import org.ropebridge.model.Table;
import org.ropebridge.model.file.FileEdit;

/** What has to change in a model's files for a proposal of a draft to be taken out again. */
public final class Dropping {
  private static final String HIDDEN = "hidden";
  private final Model model;
  private final List<FileEdit> edits = new ArrayList<>();

  private Dropping(Model model) {
    this.model = model;
  }

  /**
   * The edits that take a proposal out, with all that cannot stand without it.
   *
   * @param path of the proposal
   * @param model as the files say it now
   * @return nothing if the item is gone already
   */
  public static List<FileEdit> edits(String path, Model model) {
    Dropping dropping = new Dropping(model);
    List<String> parts = Arrays.asList(path.split("/"));
    switch (parts.get(0)) {
      case "tables" -> model.findTable(parts.get(1)).ifPresent(t -> dropping.ofTable(t, parts));
      case "metrics-file" -> dropping.metric(parts.get(2));
      case "model" ->
          dropping.edits.add(FileEdit.remove("model.yaml", parts.subList(1, parts.size())));
      default -> throw new IllegalArgumentException("no proposal stands at " + path);
    }
    return dropping.edits;
  }

  private void ofTable(Table table, List<String> parts) {
    String file = fileOf(table);
    if (parts.size() == 2) {
      table(table);
    } else if (parts.get(2).equals("columns")) {
      if (table.findColumn(parts.get(3)).isPresent()) {
        hide(table, parts.get(3));
      }
    } else if (parts.get(2).equals("links")) {
      table.findLink(parts.get(3)).ifPresent(l -> link(table, l));
    } else {
      edits.add(FileEdit.remove(file, parts.subList(2, parts.size())));
    }
  }

  private void hide(Table table, String column) {
    edits.add(FileEdit.set(fileOf(table), List.of("columns", column), HIDDEN));
    removeDate(table, column);
    if (table.knownBy().equals(java.util.Optional.of(column))) {
      edits.add(FileEdit.remove(fileOf(table), List.of("known_by")));
    }
  }

  private void link(Table table, Link link) {
    edits.add(FileEdit.remove(fileOf(table), List.of("links", link.name())));
    table
        .mainDate()
        .filter(d -> d.startsWith(link.name() + "."))
        .ifPresent(d -> removeDate(table, d));
  }

  private void removeDate(Table table, String date) {
    if (table.mainDate().equals(java.util.Optional.of(date))) {
      edits.add(FileEdit.remove(fileOf(table), List.of("main_date")));
    }
  }

  private void table(Table table) {
    edits.add(FileEdit.remove(fileOf(table), List.of()));
    for (Table other : model.tables()) {
      if (other != table) {
        other.links().stream()
            .filter(l -> l.to().equals(table.name()))
            .forEach(l -> link(other, l));
      }
    }
    for (Metric metric : model.metrics()) {
      if (metric.table().equals(java.util.Optional.of(table.name()))) {
        metric(metric.name());
      }
    }
  }

  private void metric(String name) {
    if (model.findMetric(name).isEmpty()) {
      return;
    }
    edits.add(FileEdit.remove("metrics.yaml", List.of("metrics", name)));
    if (model.preferences().topBy().equals(java.util.Optional.of(name))) {
      edits.add(FileEdit.remove("model.yaml", List.of("preferences", "top_by")));
    }
  }

  private static String fileOf(Table table) {
    return "tables/" + table.name() + ".yaml";
  }
}
