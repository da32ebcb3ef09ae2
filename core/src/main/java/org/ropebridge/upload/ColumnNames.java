package org.ropebridge.upload;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.ropebridge.language.Identifiers;

/** Names of a table's columns from what stands above them. */
final class ColumnNames {
  /** PostgreSQL cuts longer names off. */
  private static final int LONGEST = 60;

  private ColumnNames() {}

  static List<String> of(List<String> headers) {
    List<String> names = new ArrayList<>();
    Set<String> taken = new HashSet<>();
    for (int i = 0; i < headers.size(); i++) {
      String words = headers.get(i).replaceAll("([a-z0-9])([A-Z])", "$1 $2");
      String name =
          words.isBlank()
              ? Identifiers.free("column_" + (i + 1), taken)
              : Identifiers.name(words, LONGEST, taken);
      taken.add(name);
      names.add(name);
    }
    return names;
  }
}
