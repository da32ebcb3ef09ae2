package org.ropebridge.language;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.ropebridge.lexicon.AboutFrame;
import org.ropebridge.lexicon.Akin;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Tokens;
import org.snakeyaml.engine.v2.api.Load;
import org.snakeyaml.engine.v2.api.LoadSettings;

/**
 * The words of a language, as its pack writes them down: a folder of sections, each a YAML file.
 *
 * <p>A section maps kinds of meaning to names, and names to phrases: {@code comparisons: {AT_LEAST:
 * at least, no less than}}. Phrases are in small letters without apostrophes, words separated by
 * one space, phrases by a comma and a space; a list where a phrase is itself a comma. What stands
 * under {@code alternatives} may be used in phrases of its section: {@code <had>} stands for each
 * of them in turn.
 */
final class Sections {
  /** The sections whose words have a task in questions; where two fit equally, the first counts. */
  static final List<String> OF_WORDS =
      List.of(
          "fillers",
          "sentences",
          "connectors",
          "not-planned",
          "shares",
          "moves",
          "figures",
          "absence",
          "rows",
          "missing",
          "texts",
          "durations",
          "counting",
          "superlatives",
          "comparisons",
          "periods",
          "calendar",
          "hours",
          "order",
          "pictures",
          "numbers");

  /** All sections: those, and what else a pack writes down. */
  static final List<String> ALL =
      Stream.concat(
              OF_WORDS.stream(),
              Stream.of("follow-ups", "about", "nouns", "units", "thesaurus", "countries"))
          .toList();

  private static final String ALTERNATIVES = "alternatives";

  private final String language;
  private final Map<String, List<Meaning>> words = new LinkedHashMap<>();
  private final Map<String, List<Meaning>> followUps = new LinkedHashMap<>();
  private final List<AboutFrame> aboutFrames = new ArrayList<>();
  private final Map<String, Set<String>> nouns = new LinkedHashMap<>();
  private final Map<String, List<String>> units = new LinkedHashMap<>();
  private final Map<String, Set<String>> dimensions = new LinkedHashMap<>();
  private final Map<String, Set<String>> usualNames = new LinkedHashMap<>();
  private final List<Akin> akin = new ArrayList<>();

  private Sections(String language, Set<String> leftOut) {
    this.language = language;
    Set<String> sections = new LinkedHashSet<>(ALL);
    sections.removeAll(leftOut);
    OF_WORDS.stream().filter(sections::contains).forEach(s -> words(s, words));
    if (sections.contains("follow-ups")) {
      words("follow-ups", followUps);
    }
    if (sections.contains("about")) {
      named("about").forEach(this::addFrames);
    }
    if (sections.contains("nouns")) {
      named("nouns").forEach((kind, phrases) -> nouns.put(kind, new LinkedHashSet<>(phrases)));
    }
    if (sections.contains("units")) {
      Map<String, Map<String, List<String>>> kinds = kinds("units");
      kinds
          .getOrDefault("usual names", Map.of())
          .forEach((what, names) -> usualNames.put(what, new LinkedHashSet<>(names)));
      units.putAll(kinds.getOrDefault("units", Map.of()));
      kinds
          .getOrDefault("dimensions", Map.of())
          .forEach((what, names) -> dimensions.put(what, new LinkedHashSet<>(names)));
    }
    Stream.of("thesaurus", "countries").filter(sections::contains).forEach(this::addAkin);
  }

  private void addAkin(String section) {
    ((List<?>) load(section)).forEach(group -> akin.add(akin((String) group)));
  }

  private void addFrames(String kind, List<String> phrases) {
    phrases.forEach(p -> aboutFrames.add(AboutFrame.of(AboutFrame.Kind.valueOf(kind), p)));
  }

  /**
   * All sections of a language.
   *
   * @param language the name of the folder
   * @throws IllegalStateException if a section is missing or not written as it should be
   */
  static Sections of(String language) {
    return new Sections(language, Set.of());
  }

  /** The same without one section, to see what it is there for. */
  static Sections without(String section, String language) {
    return new Sections(language, Set.of(section));
  }

  /** What each phrase means, by its plain words. */
  Map<String, List<Meaning>> words() {
    return words;
  }

  /** The same of words that have a task in follow-ups only. */
  Map<String, List<Meaning>> followUps() {
    return followUps;
  }

  List<AboutFrame> aboutFrames() {
    return aboutFrames;
  }

  /**
   * Nouns of a kind, in the singular.
   *
   * @param kind such as {@code PERSON}
   */
  Set<String> nouns(String kind) {
    return nouns.getOrDefault(kind, Set.of());
  }

  /** What people call units besides the names that models have for them. */
  Map<String, List<String>> units() {
    return units;
  }

  /** Names of units by what they measure. */
  Map<String, Set<String>> dimensions() {
    return dimensions;
  }

  /** What an amount of a dimension is called where nothing else is said of it. */
  Map<String, Set<String>> usualNames() {
    return usualNames;
  }

  /** Groups of words that people use for one another. */
  List<Akin> akin() {
    return akin;
  }

  private void words(String section, Map<String, List<Meaning>> into) {
    kinds(section)
        .forEach(
            (kind, names) ->
                names.forEach(
                    (name, phrases) -> {
                      Meaning meaning = meaning(section, kind, name);
                      phrases.stream()
                          .map(Tokens::withoutApostrophes)
                          .distinct()
                          .forEach(
                              p -> into.computeIfAbsent(p, k -> new ArrayList<>(1)).add(meaning));
                    }));
  }

  private Meaning meaning(String section, String kind, String name) {
    try {
      return Meanings.of(kind, name);
    } catch (IllegalArgumentException e) {
      throw fault(section, e.getMessage());
    }
  }

  /** The names and phrases of a section of one kind. */
  private Map<String, List<String>> named(String section) {
    Map<String, List<String>> named = new LinkedHashMap<>();
    kinds(section).values().forEach(named::putAll);
    return named;
  }

  private Map<String, Map<String, List<String>>> kinds(String section) {
    Map<String, Map<String, List<String>>> kinds = new LinkedHashMap<>();
    if (!(load(section) instanceof Map<?, ?> written)) {
      throw fault(section, "write kinds of meaning, each with names and phrases");
    }
    Map<String, List<String>> alternatives = new LinkedHashMap<>();
    written.forEach(
        (kind, names) -> {
          if (!(names instanceof Map<?, ?> entries)) {
            throw fault(section, "write names and phrases under \"" + kind + "\"");
          }
          boolean isAlternatives = kind.equals(ALTERNATIVES);
          Map<String, List<String>> into =
              isAlternatives
                  ? alternatives
                  : kinds.computeIfAbsent(String.valueOf(kind), k -> new LinkedHashMap<>());
          entries.forEach(
              (name, text) ->
                  into.put(
                      isAlternatives ? Tokens.plain(String.valueOf(name)) : String.valueOf(name),
                      phrases(text).flatMap(p -> each(p, alternatives)).distinct().toList()));
        });
    return kinds;
  }

  private static Stream<String> phrases(Object text) {
    return text instanceof List<?> list
        ? list.stream().map(String::valueOf).map(Tokens::plain)
        : Stream.of(Tokens.plain(String.valueOf(text)).split(", +"));
  }

  /** The phrase with each alternative in the place of its name. */
  private static Stream<String> each(String phrase, Map<String, List<String>> alternatives) {
    for (Map.Entry<String, List<String>> of : alternatives.entrySet()) {
      String name = "<" + of.getKey() + ">";
      if (phrase.contains(name)) {
        return of.getValue().stream()
            .map(a -> phrase.replace(name, a))
            .flatMap(p -> each(p, alternatives));
      }
    }
    return Stream.of(phrase);
  }

  /** "repair, fix | mended": names, and what only stands for them. */
  private static Akin akin(String group) {
    String[] parts = group.split(" \\| ");
    Akin names = new Akin(phrases(parts[0]).toList(), List.of());
    return parts.length == 1 ? names : names.also(parts[1].split(", +"));
  }

  private Object load(String section) {
    String name = language + "/" + section + ".yaml";
    try (InputStream in = Sections.class.getResourceAsStream(name)) {
      if (in == null) {
        throw fault(section, "the section is missing");
      }
      return new Load(LoadSettings.builder().setLabel(name).build()).loadFromInputStream(in);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private IllegalStateException fault(String section, String what) {
    return new IllegalStateException(language + "/" + section + ".yaml: " + what);
  }
}
