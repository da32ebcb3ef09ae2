package org.ropebridge.survey;

import java.util.List;
import java.util.Optional;

/**
 * What a source looks like.
 *
 * @param tables in order of schema and name
 * @param pointers from columns of a table to keys of others, declared or found
 */
public record Survey(String source, List<SurveyedTable> tables, List<Pointer> pointers) {
  public Survey {
    tables = List.copyOf(tables);
    pointers = List.copyOf(pointers);
  }

  public Optional<SurveyedTable> findTable(String path) {
    return tables.stream().filter(t -> t.path().equals(path)).findFirst();
  }

  /** The pointers that start in a table. */
  public List<Pointer> pointersOf(SurveyedTable table) {
    return pointers.stream().filter(p -> p.table().equals(table.path())).toList();
  }

  /** Where a column points. */
  public Optional<Pointer> pointer(SurveyedTable table, String column) {
    return pointersOf(table).stream().filter(p -> p.column().equals(column)).findFirst();
  }
}
