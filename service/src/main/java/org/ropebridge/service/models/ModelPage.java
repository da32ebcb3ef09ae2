package org.ropebridge.service.models;

import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.ropebridge.model.Column;
import org.ropebridge.model.Metric;
import org.ropebridge.model.Model;
import org.ropebridge.model.SampleQuestion;
import org.ropebridge.model.Table;
import org.ropebridge.plan.Naming;

/** A model explained to a person, as far as they may see it. */
record ModelPage(
    String name,
    String title,
    String about,
    int edition,
    Instant publishedAt,
    String publishedBy,
    List<MetricPart> metrics,
    List<TablePart> tables,
    List<Starter> starters,
    List<String> occasions) {

  /** A metric. */
  record MetricPart(
      String name,
      String label,
      String about,
      String sql,
      String over,
      String unit,
      List<String> alsoCalled) {}

  /**
   * A table.
   *
   * @param from where it stands in its source; "a query" when a query makes it
   */
  record TablePart(
      String name,
      String rows,
      String rowNoun,
      String about,
      String from,
      String source,
      List<String> alsoCalled,
      List<ColumnPart> columns,
      List<LinkPart> links,
      List<ConditionPart> conditions) {}

  /** A column. */
  record ColumnPart(
      String name,
      String label,
      String holds,
      String unit,
      List<String> alsoCalled,
      List<String> values) {}

  /**
   * A link.
   *
   * @param name its name in the model
   * @param label its role; empty when that is what the other table's rows are called
   * @param to what one row of the other table is called
   * @param table the other table's name in the model
   */
  record LinkPart(String name, String label, String to, String table) {}

  /** A named condition. */
  record ConditionPart(String label, String sql, List<String> alsoCalled) {}

  /** A question to begin with. */
  record Starter(String ask, String label) {}

  static ModelPage of(Engine engine, Edition edition) {
    Model model = engine.access().visible();
    Naming naming = new Naming(model);
    return new ModelPage(
        model.name(),
        model.title(),
        model.about(),
        edition.number(),
        edition.publishedAt(),
        edition.publishedBy(),
        model.metrics().stream().map(m -> metric(m, model)).toList(),
        model.tables().stream().map(t -> table(t, model, naming)).toList(),
        starters(engine),
        model.occasions().stream().map(o -> o.name()).distinct().toList());
  }

  /** Starters that the person's own view of the model answers. */
  private static List<Starter> starters(Engine engine) {
    return engine.access().visible().questions().stream()
        .filter(SampleQuestion::starter)
        .filter(q -> engine.reader().read(q.ask()).plan().isPresent())
        .map(q -> new Starter(q.ask(), q.label().orElse(q.ask())))
        .toList();
  }

  private static MetricPart metric(Metric m, Model model) {
    return new MetricPart(
        m.name(),
        m.label(),
        m.about(),
        m.sql(),
        m.table().flatMap(model::findTable).map(Table::rowNounPlural).orElse("metrics"),
        m.unit().orElse(""),
        m.alsoCalled());
  }

  private static TablePart table(Table t, Model model, Naming naming) {
    return new TablePart(
        t.name(),
        t.rowNounPlural(),
        t.rowNoun(),
        t.about(),
        t.from().isEmpty() ? "a query" : t.from(),
        t.source(),
        t.alsoCalled(),
        t.columns().stream().map(ModelPage::column).toList(),
        t.links().stream()
            .map(
                l ->
                    new LinkPart(
                        l.name(),
                        naming.isNamed(l) ? l.label() : "",
                        Optional.of(model.table(l.to())).map(Table::rowNoun).orElse(l.to()),
                        l.to()))
            .toList(),
        t.conditions().stream()
            .map(c -> new ConditionPart(c.label(), c.sql(), c.alsoCalled()))
            .toList());
  }

  private static ColumnPart column(Column c) {
    return new ColumnPart(
        c.name(),
        c.label(),
        c.holds().name().toLowerCase(Locale.ROOT).replace('_', ' '),
        c.unit().orElse(""),
        c.alsoCalled(),
        c.values().stream().map(Column.ValueName::name).toList());
  }
}
