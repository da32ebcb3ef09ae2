package org.ropebridge.survey;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.ropebridge.language.Identifiers;

/** What tables, columns and links of a survey are called in a model. */
final class Names {
  private final Identifiers identifiers;
  private final Map<String, String> nouns = new LinkedHashMap<>();
  private final Map<String, String> tables = new LinkedHashMap<>();

  Names(List<SurveyedTable> all, Identifiers identifiers) {
    this.identifiers = identifiers;
    Map<String, Integer> times = new HashMap<>();
    for (SurveyedTable table : all) {
      String noun = noun(table.name());
      nouns.put(table.path(), noun);
      times.merge(noun, 1, Integer::sum);
    }
    for (SurveyedTable table : all) {
      String noun = nouns.get(table.path());
      if (times.get(noun) > 1) {
        noun = String.join(" ", identifiers.words(table.schema())) + " " + noun;
        nouns.put(table.path(), noun);
      }
      tables.put(table.path(), identifier(identifiers.plural(noun), Set.copyOf(tables.values())));
    }
  }

  private String noun(String table) {
    return identifiers.singular(String.join(" ", identifiers.words(table)));
  }

  /** What one row is called. */
  String nounOf(String path) {
    return nouns.get(path);
  }

  /** The table's name in the model. */
  String tableOf(String path) {
    return tables.get(path);
  }

  /** What each column is called in the model, by its name in the warehouse. */
  static Map<String, String> columns(SurveyedTable table) {
    Map<String, String> names = new LinkedHashMap<>();
    Set<String> taken = new HashSet<>();
    for (SurveyedColumn column : table.columns()) {
      String name = identifier(column.name().replaceAll("([a-z0-9])([A-Z])", "$1 $2"), taken);
      taken.add(name);
      names.put(column.name(), name);
    }
    return names;
  }

  /** The link of a pointer: the role that its column's name gives it. */
  String linkOf(Pointer pointer) {
    List<String> words = new ArrayList<>(identifiers.words(pointer.column()));
    if (words.size() > 1 && identifiers.isIdentifier(words)) {
      words.remove(words.size() - 1);
    }
    return identifier(String.join(" ", words), Set.of());
  }

  private static String identifier(String words, Set<String> taken) {
    return Identifiers.name(words, Integer.MAX_VALUE, taken);
  }
}
