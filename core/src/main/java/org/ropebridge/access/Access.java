package org.ropebridge.access;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import org.ropebridge.model.AccessRule;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.model.Link;
import org.ropebridge.model.LinkPaths;
import org.ropebridge.model.Metric;
import org.ropebridge.model.Model;
import org.ropebridge.model.SampleQuestion;
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
 * @param groupSizes for tables whose rows are not to be told apart, how many of them must stand
 *     behind a number
 */
public record Access(
    Model model,
    Model visible,
    Person person,
    Map<String, List<Expression>> rowRules,
    Map<String, Integer> groupSizes) {

  public Access {
    rowRules = Map.copyOf(rowRules);
    groupSizes = Map.copyOf(groupSizes);
  }

  /** Works out what the person may see. */
  public static Access of(Model model, Person person) {
    Set<String> hidden = new HashSet<>();
    Map<String, List<Expression>> rows = new LinkedHashMap<>();
    Map<String, Integer> groups = new TreeMap<>();
    for (AccessRule rule : model.access()) {
      boolean applies =
          rule.role().equals(AccessRule.EVERYONE) || person.roles().contains(rule.role());
      if (applies) {
        hidden.addAll(rule.hide());
        rule.groups().ifPresent(g -> groups.merge(g.table(), g.atLeast(), Math::max));
        rule.rows()
            .ifPresent(
                r ->
                    rows.computeIfAbsent(r.table(), t -> new ArrayList<>())
                        .add(ExpressionParser.parse(r.sql())));
      }
    }
    Access access = new Access(model, visible(model, hidden), person, rows, groups);
    List<SampleQuestion> questions =
        model.questions().stream().filter(q -> access.maySee(q, hidden)).toList();
    return questions.equals(model.questions())
        ? access
        : new Access(model, access.visible().withQuestions(questions), person, rows, groups);
  }

  /**
   * Whether nothing that a sample question's own SQL names is hidden from the person. Access rules
   * cannot limit such SQL, so it is for those alone whom none limits there.
   */
  private boolean maySee(SampleQuestion question, Set<String> hidden) {
    if (question.sql().isEmpty()) {
      return true;
    }
    Set<String> words =
        Set.copyOf(Arrays.asList(question.sql().get().toLowerCase(Locale.ROOT).split("\\W+")));
    boolean namesHidden =
        hidden.stream().map(h -> h.substring(h.indexOf('.') + 1)).anyMatch(words::contains);
    return !namesHidden
        && model.tables().stream()
            .filter(t -> isLimited(t.name()) || groupSizes.containsKey(t.name()))
            .noneMatch(
                t ->
                    !t.query().isEmpty()
                        || words.contains(t.from().substring(t.from().indexOf('.') + 1)));
  }

  /** The whole model, for those whom no rule limits. */
  public static Access unlimited(Model model) {
    return new Access(model, model, Person.ANYONE, Map.of(), Map.of());
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
    return columns
        + "/"
        + metrics
        + "/"
        + new TreeMap<>(rowRules)
        + "/"
        + attributes
        + "/"
        + new TreeMap<>(groupSizes);
  }

  /**
   * Whether some rows of a table are hidden: by a rule of its own, or because of what they show.
   */
  public boolean isLimited(String table) {
    return !rowRules.isEmpty() && isLimited(table, Set.of());
  }

  /** Whether a link hides rows of its table, because rows that it points to are hidden. */
  public boolean isLimited(String table, Link link) {
    return !rowRules.isEmpty() && isLimited(link.to(), Set.of(table));
  }

  /** Links that lead back hide nothing more. */
  private boolean isLimited(String table, Set<String> before) {
    if (rowRules.containsKey(table)) {
      return !before.contains(table);
    }
    Set<String> seen = new HashSet<>(before);
    return seen.add(table)
        && model.table(table).links().stream().anyMatch(l -> isLimited(l.to(), seen));
  }

  /** The same without regard to the size of groups. */
  public Access withoutGroupSizes() {
    return new Access(model, visible, person, rowRules, Map.of());
  }

  /**
   * The keys of guarded rows, those that are not to be told apart, that rows of a table lead to by
   * every shortest way.
   *
   * @param paths of this model
   */
  public List<ColumnRef> guardedBehind(String table, LinkPaths paths) {
    List<ColumnRef> keys = new ArrayList<>();
    for (String guarded : groupSizes.keySet().stream().sorted().toList()) {
      String key = model.table(guarded).key();
      List<LinkPaths.Way> ways = paths.shortest(table, guarded, Optional.empty());
      if (ways.size() == 1) {
        keys.add(ColumnRef.of(guarded, key));
      } else {
        ways.stream()
            .flatMap(w -> w.steps().stream())
            .map(LinkPaths.Step::role)
            .filter(r -> paths.shortest(table, guarded, Optional.of(r)).size() == 1)
            .distinct()
            .forEach(r -> keys.add(ColumnRef.of(guarded, key).withRole(r)));
      }
    }
    return keys;
  }

  /** Whether the person may learn which values a column has. */
  public boolean maySeeValues(ColumnRef column) {
    boolean tellsRowsApart =
        model.namesItsTable(column) || model.table(column.table()).key().equals(column.column());
    return !(groupSizes.containsKey(column.table()) && tellsRowsApart);
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
