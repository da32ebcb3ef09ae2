package org.ropebridge.survey;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.ropebridge.language.Identifiers;
import org.ropebridge.model.Column;
import org.ropebridge.model.Link;
import org.ropebridge.model.Metric;
import org.ropebridge.model.Model;
import org.ropebridge.model.Table;
import org.ropebridge.model.file.FileEdit;
import org.ropebridge.model.file.ModelWriter;

/**
 * What a draft has that a model does not have yet: tables of the warehouse that the model leaves
 * out, linked to those that it has, and their metrics. What the model says already stays.
 *
 * @param tables the new tables, by names that the model does not use
 * @param metrics of the new tables
 * @param proposals the reasons, in terms of the new names
 */
public record Growth(List<Table> tables, List<Metric> metrics, List<Proposal> proposals) {
  public Growth {
    tables = List.copyOf(tables);
    metrics = List.copyOf(metrics);
    proposals = List.copyOf(proposals);
  }

  /** What of the draft is new to the model. */
  public static Growth of(Draft draft, Model model, Identifiers identifiers) {
    return new Finding(draft, model, identifiers).growth();
  }

  /** The files of the new tables, by path. */
  public Map<String, String> files() {
    return ModelWriter.write(tables);
  }

  /** What writes the new metrics into the model's files. */
  public List<FileEdit> edits() {
    return ModelWriter.added(metrics);
  }

  private static final class Finding {
    private final Draft draft;
    private final Model model;

    /** What the tables of the draft are called in the model. */
    private final Map<String, String> names = new HashMap<>();

    private final List<Table> added = new ArrayList<>();

    private final Identifiers identifiers;

    /** What people call the items of the model, in the singular. */
    private final Set<String> words = new HashSet<>();

    Finding(Draft draft, Model model, Identifiers identifiers) {
      this.draft = draft;
      this.model = model;
      this.identifiers = identifiers;
      for (Table table : model.tables()) {
        use(table.rowNoun(), table.alsoCalled());
        table.columns().forEach(c -> use(c.label(), c.alsoCalled()));
        table.links().forEach(l -> use(l.label(), l.alsoCalled()));
        table.conditions().forEach(c -> use(c.label(), c.alsoCalled()));
      }
      model.metrics().forEach(m -> use(m.label(), m.alsoCalled()));
    }

    private void use(String label, List<String> alsoCalled) {
      words.add(plain(label));
      alsoCalled.forEach(a -> words.add(plain(a)));
    }

    private String plain(String phrase) {
      return identifiers.singular(phrase.toLowerCase(Locale.ROOT));
    }

    private boolean isUsed(String phrase) {
      return words.contains(plain(phrase));
    }

    Growth growth() {
      Set<String> taken = new HashSet<>();
      model.tables().forEach(t -> taken.add(t.name()));
      for (Table table : draft.model().tables()) {
        Optional<Table> known =
            model.tables().stream().filter(t -> t.from().equals(table.from())).findFirst();
        if (known.isPresent()) {
          names.put(table.name(), known.get().name());
        } else {
          String name = Identifiers.free(table.name(), taken);
          taken.add(name);
          names.put(table.name(), name);
          added.add(table);
        }
      }
      List<Table> tables = added.stream().map(this::renamed).toList();
      List<Metric> metrics = metrics();
      return new Growth(tables, metrics, proposals(metrics));
    }

    private Table renamed(Table table) {
      List<Link> links =
          table.links().stream()
              .map(
                  l ->
                      new Link(
                          l.name(),
                          l.label(),
                          names.get(l.to()),
                          l.by(),
                          l.mayBeMissing(),
                          l.alsoCalled()))
              .toList();
      return table
          .renamed(names.get(table.name()))
          .withLinks(links)
          .withColumns(table.columns().stream().map(c -> toldApart(c, table)).toList());
    }

    /** A column that is called like something in the model is called by what a row is, too. */
    private Column toldApart(Column column, Table table) {
      List<String> also = column.alsoCalled().stream().filter(a -> !isUsed(a)).toList();
      String label =
          isUsed(column.label()) ? table.rowNoun() + " " + column.label() : column.label();
      return column.called(label, also);
    }

    /** Metrics over the new tables whose names and words the model does not use. */
    private List<Metric> metrics() {
      return draft.model().metrics().stream()
          .filter(m -> m.table().filter(this::isAdded).isPresent())
          .filter(m -> model.findMetric(m.name()).isEmpty() && !isUsed(m.label()))
          .filter(m -> m.alsoCalled().stream().noneMatch(this::isUsed))
          .map(m -> m.withTable(names.get(m.table().orElseThrow())))
          .toList();
    }

    private boolean isAdded(String table) {
      return added.stream().anyMatch(t -> t.name().equals(table));
    }

    private List<Proposal> proposals(List<Metric> metrics) {
      List<Proposal> proposals = new ArrayList<>();
      for (Proposal proposal : draft.proposals()) {
        String[] parts = proposal.path().split("/", 3);
        if (parts[0].equals("tables") && isAdded(parts[1])) {
          String rest = parts.length > 2 ? "/" + parts[2] : "";
          proposals.add(
              new Proposal(
                  "tables/" + names.get(parts[1]) + rest, proposal.words(), proposal.reason()));
        } else if (parts[0].equals("metrics-file")
            && metrics.stream().anyMatch(m -> m.name().equals(parts[2]))) {
          proposals.add(proposal);
        }
      }
      return proposals;
    }
  }
}
