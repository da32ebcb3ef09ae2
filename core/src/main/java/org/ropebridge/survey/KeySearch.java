package org.ropebridge.survey;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.ropebridge.language.Identifiers;
import org.ropebridge.sql.SurveySql;
import org.ropebridge.sql.SurveySql.Kind;
import org.ropebridge.sql.SurveySql.Look;
import org.ropebridge.sql.SurveySql.Statement;
import org.ropebridge.sql.SurveySql.Where;
import org.ropebridge.survey.Key.Proof;

/** Finds what identifies a row of a table, and proves it on all rows. */
final class KeySearch {
  /** Columns of which pairs and triples are tried. */
  private static final int MOST_PARTS = 7;

  /** Rows in which combinations are counted before one is proved on all. */
  private static final int ROWS_TRIED = 20_000;

  private final Survey survey;
  private final Identifiers identifiers;
  private final Warehouse warehouse;

  KeySearch(Survey survey, Identifiers identifiers, Warehouse warehouse) {
    this.survey = survey;
    this.identifiers = identifiers;
    this.warehouse = warehouse;
  }

  /** The table with a key of one column, if one identifies its rows; declared ones are believed. */
  static SurveyedTable withSingleKey(SurveyedTable table, Warehouse warehouse) {
    if (table.singleKey().isPresent()) {
      return table;
    }
    List<Key> keys = new ArrayList<>(table.keys());
    List<SurveyedColumn> candidates =
        table.columns().stream()
            .filter(c -> c.neverRepeats() && c.present() == c.looked() && c.looked() > 1)
            .filter(c -> c.kind() == Kind.WHOLE_NUMBER || c.kind() == Kind.TEXT)
            .filter(c -> c.kind() != Kind.TEXT || c.mean().orElse(0.0) <= 60)
            .sorted(Comparator.comparing(c -> c.kind() == Kind.TEXT))
            .toList();
    for (SurveyedColumn column : candidates) {
      Optional<Proof> proof = proof(table, List.of(column.name()), warehouse);
      if (proof.isPresent()) {
        keys.add(0, new Key(List.of(column.name()), proof.get()));
        break;
      }
    }
    return table.withKeys(keys, table.steady());
  }

  private static Optional<Proof> proof(
      SurveyedTable table, List<String> columns, Warehouse warehouse) {
    if (table.wasSeenWhole() && columns.size() == 1) {
      return Optional.of(Proof.VERIFIED);
    }
    try {
      Statement repeated = SurveySql.repeated(table.schema(), table.name(), columns);
      return warehouse.rows(repeated.text(), repeated.parameters(), 1).isEmpty()
          ? Optional.of(Proof.VERIFIED)
          : Optional.empty();
    } catch (Warehouse.Refused e) {
      return Optional.of(Proof.IN_SAMPLE);
    }
  }

  /** The table with the combinations of columns that identify its rows, and how steady it is. */
  SurveyedTable of(SurveyedTable table) {
    List<Key> keys = new ArrayList<>(table.keys());
    try {
      combinations(table).stream()
          .filter(c -> keys.stream().noneMatch(k -> Set.copyOf(k.columns()).equals(Set.copyOf(c))))
          .limit(3)
          .forEach(c -> proof(table, c, warehouse).ifPresent(proof -> keys.add(new Key(c, proof))));
    } catch (Warehouse.Refused e) {
      return table;
    }
    keys.sort(Comparator.comparing(k -> k.columns().size()));
    SurveyedTable known = table.withKeys(keys, table.steady());
    return ofDays(known).map(key -> known.withKeys(keys, steady(known, key))).orElse(known);
  }

  /** Pairs, or else triples, of which no combination came twice in the rows that were tried. */
  private List<List<String>> combinations(SurveyedTable table) {
    List<Look> parts = parts(table);
    List<List<Look>> pairs = new ArrayList<>();
    for (int i = 0; i < parts.size(); i++) {
      for (int j = i + 1; j < parts.size(); j++) {
        pairs.add(List.of(parts.get(i), parts.get(j)));
      }
    }
    List<List<String>> found =
        distinct(table, pairs).stream()
            .sorted(Comparator.comparing(c -> c.stream().noneMatch(this::isPosition)))
            .toList();
    boolean needed = found.isEmpty() && table.keys().isEmpty();
    if (!needed) {
      return found;
    }
    List<List<Look>> triples = new ArrayList<>();
    for (List<Look> pair : pairs) {
      for (int k = parts.indexOf(pair.get(1)) + 1; k < parts.size(); k++) {
        triples.add(List.of(pair.get(0), pair.get(1), parts.get(k)));
      }
    }
    return distinct(table, triples);
  }

  /** Whether a column counts rows within something, as line numbers do. */
  private boolean isPosition(String column) {
    return identifiers.amount(identifiers.words(column)) == Identifiers.Amount.POSITION;
  }

  /** Columns that may be parts of a key: pointers, days, numbers in a row, short texts. */
  private List<Look> parts(SurveyedTable table) {
    Set<String> pointing = new LinkedHashSet<>();
    survey.pointersOf(table).forEach(p -> pointing.add(p.column()));
    boolean hasKey = !table.keys().isEmpty();
    return table.columns().stream()
        .filter(c -> c.present() == c.looked() && c.present() > 0 && !c.neverRepeats())
        .filter(c -> c.distinct() > 1)
        .filter(
            c ->
                pointing.contains(c.name())
                    || c.kind() == Kind.DATE
                    || !hasKey && c.kind() == Kind.WHOLE_NUMBER
                    || !hasKey && c.kind() == Kind.TEXT && c.mean().orElse(99.0) <= 20)
        .sorted(Comparator.comparing(c -> !pointing.contains(c.name())))
        .limit(MOST_PARTS)
        .map(c -> new Look(c.name(), c.kind()))
        .toList();
  }

  private List<List<String>> distinct(SurveyedTable table, List<List<Look>> sets) {
    if (sets.isEmpty()) {
      return List.of();
    }
    Where where =
        new Where(table.schema(), table.name(), 100, table.rows() > ROWS_TRIED ? ROWS_TRIED : 0);
    Statement statement = SurveySql.combinations(where, sets);
    List<Object> row = warehouse.rows(statement.text(), statement.parameters(), 1).get(0);
    List<List<String>> found = new ArrayList<>();
    for (int i = 0; i < sets.size(); i++) {
      if (row.get(0).equals(row.get(i + 1))) {
        found.add(sets.get(i).stream().map(Look::column).toList());
      }
    }
    return found;
  }

  /** A key of a pointer and a day: the table tells something of each thing on each day. */
  Optional<Key> ofDays(SurveyedTable table) {
    return table.keys().stream()
        .filter(k -> k.columns().size() == 2)
        .filter(k -> k.columns().stream().filter(c -> isDay(table, c)).count() == 1)
        .filter(k -> k.columns().stream().anyMatch(c -> survey.pointer(table, c).isPresent()))
        .findFirst();
  }

  private static boolean isDay(SurveyedTable table, String column) {
    return table.findColumn(column).filter(c -> c.kind() == Kind.DATE).isPresent();
  }

  private Map<String, Double> steady(SurveyedTable table, Key key) {
    String day = key.columns().stream().filter(c -> isDay(table, c)).findFirst().orElseThrow();
    String owner = key.columns().stream().filter(c -> !c.equals(day)).findFirst().orElseThrow();
    List<String> numbers =
        table.columns().stream()
            .filter(c -> c.kind().isNumber() && !c.neverRepeats() && !c.name().equals(owner))
            .map(SurveyedColumn::name)
            .toList();
    if (numbers.isEmpty()) {
      return Map.of();
    }
    Map<String, Double> steady = new HashMap<>();
    try {
      Statement statement = SurveySql.steady(table.schema(), table.name(), owner, day, numbers);
      List<Object> row = warehouse.rows(statement.text(), statement.parameters(), 1).get(0);
      for (int i = 0; i < numbers.size(); i++) {
        if (row.get(i) instanceof Number share) {
          steady.put(numbers.get(i), share.doubleValue());
        }
      }
    } catch (Warehouse.Refused e) {
      return Map.of();
    }
    return steady;
  }
}
