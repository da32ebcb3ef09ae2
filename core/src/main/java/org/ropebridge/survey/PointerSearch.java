package org.ropebridge.survey;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.ropebridge.language.Identifiers;
import org.ropebridge.sql.SurveySql;
import org.ropebridge.sql.SurveySql.Kind;
import org.ropebridge.sql.SurveySql.Statement;

/**
 * Finds which columns point at rows of other tables: those that the warehouse declares, and those
 * whose name says so and whose values are there.
 */
final class PointerSearch {
  /** Distinct values of a column that are looked for among the keys of another table. */
  private static final int VALUES_LOOKED_FOR = 2_000;

  /** The least share of them that must be there. */
  private static final double ENOUGH = 0.9;

  private final List<SurveyedTable> tables;
  private final Constraints constraints;
  private final Identifiers identifiers;
  private final Warehouse warehouse;

  PointerSearch(
      List<SurveyedTable> tables,
      Constraints constraints,
      Identifiers identifiers,
      Warehouse warehouse) {
    this.tables = tables;
    this.constraints = constraints;
    this.identifiers = identifiers;
    this.warehouse = warehouse;
  }

  /** A table that a column may point at, and how well its name says so. */
  private record Candidate(SurveyedTable to, String key, int fit) {}

  /** The pointers of a table to tables of the survey. */
  List<Pointer> of(SurveyedTable table) {
    List<Pointer> found =
        new ArrayList<>(
            constraints.pointersOf(table.path()).stream()
                .filter(p -> tables.stream().anyMatch(t -> t.path().equals(p.to())))
                .toList());
    for (SurveyedColumn column : table.columns()) {
      boolean known = found.stream().anyMatch(p -> p.column().equals(column.name()));
      boolean comparable = column.kind() == Kind.WHOLE_NUMBER || column.kind() == Kind.TEXT;
      if (!known && comparable && column.present() > 0) {
        pointer(table, column).ifPresent(found::add);
      }
    }
    return found;
  }

  private Optional<Pointer> pointer(SurveyedTable table, SurveyedColumn column) {
    return tables.stream()
        .map(to -> candidate(table, column, to))
        .flatMap(Optional::stream)
        .sorted(Comparator.comparing(c -> -c.fit()))
        .limit(3)
        .map(c -> contained(table, column, c))
        .flatMap(Optional::stream)
        .findFirst();
  }

  private Optional<Candidate> candidate(
      SurveyedTable table, SurveyedColumn column, SurveyedTable to) {
    Optional<String> key = to.singleKey().map(k -> k.columns().get(0));
    if (key.isEmpty()
        || table == to && key.get().equals(column.name())
        || to.findColumn(key.get()).filter(c -> c.kind() == column.kind()).isEmpty()) {
      return Optional.empty();
    }
    int fit = fit(table, column, to, key.get());
    return fit == 0 ? Optional.empty() : Optional.of(new Candidate(to, key.get(), fit));
  }

  private int fit(SurveyedTable table, SurveyedColumn column, SurveyedTable to, String key) {
    List<String> said = identifiers.words(column.name());
    List<String> named = nounOf(to);
    List<String> keyWords = identifiers.words(key);
    boolean ownKey = table.singleKey().filter(k -> k.columns().contains(column.name())).isPresent();
    if (ownKey && !endsWith(withoutIdentifier(said), named)) {
      return 0;
    } else if (keyWords.size() > 1 && endsWith(said, keyWords)) {
      boolean fullyNamed = endsWith(withoutIdentifier(keyWords), named);
      return (said.equals(keyWords) ? 5 : 4) + (fullyNamed ? 2 : 0);
    } else if (endsWith(withoutIdentifier(said), named)) {
      return 3;
    }
    return table == to && identifiers.pointsWithin(said) ? 2 : 0;
  }

  private List<String> nounOf(SurveyedTable table) {
    String noun = String.join(" ", identifiers.words(table.name()));
    return List.of(identifiers.singular(noun).split(" "));
  }

  private List<String> withoutIdentifier(List<String> words) {
    return words.size() > 1 && identifiers.isIdentifier(words)
        ? words.subList(0, words.size() - 1)
        : words;
  }

  private static boolean endsWith(List<String> words, List<String> end) {
    return words.size() >= end.size()
        && words.subList(words.size() - end.size(), words.size()).equals(end);
  }

  private Optional<Pointer> contained(
      SurveyedTable table, SurveyedColumn column, Candidate candidate) {
    Statement statement =
        SurveySql.contained(
            TableLook.firstRows(table),
            column.name(),
            candidate.to().schema(),
            candidate.to().name(),
            candidate.key(),
            VALUES_LOOKED_FOR);
    try {
      List<Object> row = warehouse.rows(statement.text(), statement.parameters(), 1).get(0);
      long asked = ((Number) row.get(0)).longValue();
      double share = asked == 0 ? 0 : ((Number) row.get(1)).doubleValue() / asked;
      return share < ENOUGH
          ? Optional.empty()
          : Optional.of(
              new Pointer(
                  table.path(),
                  column.name(),
                  candidate.to().path(),
                  candidate.key(),
                  false,
                  share));
    } catch (Warehouse.Refused e) {
      return Optional.empty();
    }
  }
}
