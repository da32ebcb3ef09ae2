package org.ropebridge.access;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import org.ropebridge.model.AccessRule;
import org.ropebridge.model.Metric;
import org.ropebridge.model.Model;
import org.ropebridge.model.Table;
import org.ropebridge.model.expression.Expression;
import org.ropebridge.model.expression.ExpressionParser;

/**
 * What one person may see of a model. Reading works on {@link #visible()} alone, so that what is
 * hidden is unknown there; SQL limits every scan of a table by {@link #rowRules}.
 *
 * @param model the whole model
 * @param visible the model without what the person may not see
 * @param rowRules for each table, expressions that must all be true of a row
 */
public record Access(
    Model model, Model visible, Person person, Map<String, List<Expression>> rowRules) {

  public Access {
    rowRules = Map.copyOf(rowRules);
  }

  /** Works out what the person may see. */
  public static Access of(Model model, Person person) {
    Set<String> hidden = new HashSet<>();
    Map<String, List<Expression>> rows = new LinkedHashMap<>();
    for (AccessRule rule : model.access()) {
      boolean applies =
          rule.role().equals(AccessRule.EVERYONE) || person.roles().contains(rule.role());
      if (applies) {
        hidden.addAll(rule.hide());
        rule.rows()
            .ifPresent(
                r ->
                    rows.computeIfAbsent(r.table(), t -> new ArrayList<>())
                        .add(ExpressionParser.parse(r.sql())));
      }
    }
    return new Access(model, visible(model, hidden), person, rows);
  }

  /** The whole model, for those whom no rule limits. */
  public static Access unlimited(Model model) {
    return new Access(model, model, Person.ANYONE, Map.of());
  }

  /**
   * What readings, values and answers may be shared by: two persons with the same key see the same.
   */
  public String key() {
    List<String> columns =
        visible.tables().stream()
            .flatMap(t -> t.columns().stream().map(c -> t.name() + "." + c.name()))
            .toList();
    List<String> metrics = visible.metrics().stream().map(Metric::name).toList();
    Map<String, List<String>> attributes =
        rowRules.isEmpty() ? Map.of() : new TreeMap<>(person.attributes());
    return columns + "/" + metrics + "/" + new TreeMap<>(rowRules) + "/" + attributes;
  }

  private static Model visible(Model model, Set<String> hidden) {
    if (hidden.isEmpty()) {
      return model;
    }
    List<Table> tables =
        model.tables().stream()
            .map(
                t ->
                    t.withColumns(
                        t.columns().stream()
                            .filter(c -> !hidden.contains(t.name() + "." + c.name()))
                            .toList()))
            .toList();
    Set<String> hiddenMetrics = new HashSet<>(hidden);
    boolean grown = true;
    while (grown) {
      grown = false;
      for (Metric metric : model.metrics()) {
        boolean madeOfHidden =
            metric.table().isEmpty()
                && ExpressionParser.parse(metric.sql()).names().stream()
                    .anyMatch(n -> hiddenMetrics.contains(n.name()));
        grown |= madeOfHidden && hiddenMetrics.add(metric.name());
      }
    }
    List<Metric> metrics =
        model.metrics().stream().filter(m -> !hiddenMetrics.contains(m.name())).toList();
    return model.withTables(tables).withMetrics(metrics);
  }
}
