package org.ropebridge.model.file;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;
import org.ropebridge.demo.DemoFiles;
import org.snakeyaml.engine.v2.api.Load;
import org.snakeyaml.engine.v2.api.LoadSettings;
import org.snakeyaml.engine.v2.schema.FailsafeSchema;

class FileEditorTest {
  private static final String STAYS =
      """
      # What guests do.
      table: stays
      one_row_is: stay
      also_called: [visit, booking]  # the wardens' words
      columns:
        arrival: {holds: date}  # first night

        # one letter
        channel:
          holds: category
          values:
            W: website
            P: {name: phone, also_called: [telephone]}
        note: hidden
      links:
        hut: {to: huts, by: hut_id}
      """;

  private static String edited(String before, FileEdit... edits) {
    return FileEditor.apply(Map.of("f.yaml", before), List.of(edits)).get("f.yaml");
  }

  private static FileEdit set(Object value, String... path) {
    return FileEdit.set("f.yaml", List.of(path), value);
  }

  private static FileEdit remove(String... path) {
    return FileEdit.remove("f.yaml", List.of(path));
  }

  @Test
  void aValueInBracesGetsAKeyAndTheCommentStays() {
    assertEquals(
        STAYS.replace(
            "arrival: {holds: date}  #", "arrival: {holds: date, also_called: [check-in]}  #"),
        edited(STAYS, set(List.of("check-in"), "columns", "arrival", "also_called")));
  }

  @Test
  void aListOnOneLineChangesThere() {
    assertEquals(
        STAYS.replace("[visit, booking]  #", "[visit, booking, \"trip, long\"]  #"),
        edited(STAYS, set(List.of("visit", "booking", "trip, long"), "also_called")));
  }

  @Test
  void aNewKeyStandsWhereItUsuallyDoes() {
    assertEquals(
        STAYS.replace("wardens' words\n", "wardens' words\nkey: stay_id\n"),
        edited(STAYS, set("stay_id", "key")));
  }

  @Test
  void aNewColumnStandsBehindTheLast() {
    assertEquals(
        STAYS.replace(
            "  note: hidden\n", "  note: hidden\n  nights: {holds: number, unit: nights}\n"),
        edited(STAYS, set(ordered("holds", "number", "unit", "nights"), "columns", "nights")));
  }

  @Test
  void missingParentsAreMade() {
    assertEquals(
        STAYS + "conditions:\n  long: {sql: nights > 4}\n",
        edited(STAYS, set("nights > 4", "conditions", "long", "sql")));
  }

  @Test
  void removingAKeyTakesItsLinesAndNoOthers() {
    String without = edited(STAYS, remove("columns", "channel"));
    assertEquals(
        STAYS.replace(
            """
              channel:
                holds: category
                values:
                  W: website
                  P: {name: phone, also_called: [telephone]}
            """,
            ""),
        without);
  }

  @Test
  void theLastEntryTakesItsParentWithIt() {
    assertEquals(
        STAYS.replace("links:\n  hut: {to: huts, by: hut_id}\n", ""),
        edited(STAYS, remove("links", "hut")));
    assertEquals(
        STAYS.replace("P: {name: phone, also_called: [telephone]}", "P: {name: phone}"),
        edited(STAYS, remove("columns", "channel", "values", "P", "also_called", "0")));
  }

  @Test
  void aColumnIsRenamed() {
    assertEquals(
        STAYS.replace("  arrival:", "  came_on:"),
        edited(STAYS, FileEdit.rename("f.yaml", List.of("columns", "arrival"), "came_on")));
    assertThrows(
        FileEdit.Impossible.class,
        () -> edited(STAYS, FileEdit.rename("f.yaml", List.of("columns", "arrival"), "note")));
  }

  @Test
  void onlyTheChangedLineOfALongListChanges() {
    String list = "questions:\n  - ask: one  # first\n    means: a\n  - ask: two\n    means: b\n";
    assertEquals(
        list.replace("means: b", "means: number of stays"),
        edited(list, set("number of stays", "questions", "1", "means")));
    assertEquals(
        list + "  - ask: three\n    means: c\n",
        edited(list, set(ordered("ask", "three", "means", "c"), "questions", "2")));
    assertEquals(
        "questions:\n  - ask: two\n    means: b\n", edited(list, remove("questions", "0")));
    String words = "also_called:\n  - one  # first\n  - two\n  - three\n";
    assertEquals(
        words.replace("  - two\n", "  - deux\n  - zwei\n"),
        edited(words, set(List.of("one", "deux", "zwei", "three"), "also_called")));
  }

  @Test
  void aPlaceThatIsNotThereIsRefused() {
    assertThrows(FileEdit.Impossible.class, () -> edited(STAYS, remove("columns", "arival")));
    assertThrows(FileEdit.Impossible.class, () -> edited(STAYS, set("x", "also_called", "7")));
    assertThrows(FileEdit.Impossible.class, () -> edited("a: [1\nb: 2", set("x", "also_called")));
  }

  @Test
  void aFileIsMadeAndRemoved() {
    Map<String, String> files =
        FileEditor.apply(
            Map.of(),
            List.of(
                FileEdit.set("metrics.yaml", List.of("metrics", "stays_made", "sql"), "count(*)")));
    assertEquals("metrics:\n  stays_made: {sql: count(*)}\n", files.get("metrics.yaml"));
    assertTrue(
        FileEditor.apply(files, List.of(FileEdit.remove("metrics.yaml", List.of()))).isEmpty());
  }

  /** A place in one of the demo's files, and what to do there. */
  record Try(String file, List<String> path, Object value, int what) {}

  @Provide
  Arbitrary<Try> tries() {
    List<Map.Entry<String, List<String>>> places = new ArrayList<>();
    DemoFiles.model()
        .forEach(
            (file, text) -> {
              if (file.endsWith(".yaml")) {
                collect(tree(text), List.of(), p -> places.add(Map.entry(file, p)));
              }
            });
    Arbitrary<String> texts =
        Arbitraries.of(
            "plain",
            "two words",
            "a: b",
            "it's",
            "- dash",
            "#no",
            "true",
            "12",
            "",
            "ä, ö",
            "line\nline",
            " padded ",
            "{x}",
            "say \"hi\"",
            "sum(a) filter (where b = 'x')",
            "a\n\nb\n",
            "tab\there",
            "?",
            "& all",
            "100%");
    Arbitrary<Object> values =
        Arbitraries.oneOf(
            texts.map(t -> (Object) t),
            texts.list().ofMinSize(1).ofMaxSize(4).map(l -> (Object) l),
            texts.map(
                t -> (Object) ordered("holds", "text", "label", t, "also_called", List.of(t))));
    return Combinators.combine(Arbitraries.of(places), values, Arbitraries.integers().between(0, 3))
        .as((place, value, what) -> new Try(place.getKey(), place.getValue(), value, what));
  }

  /** Whatever is edited, reading the file gives the tree with just that change. */
  @Property(tries = 3000)
  void readingGivesTheOldTreeWithTheChange(@ForAll("tries") Try attempt) {
    Map<String, String> files = DemoFiles.model();
    String before = files.get(attempt.file());
    Object expected = tree(before);
    FileEdit edit;
    if (attempt.what() == 0) {
      edit = FileEdit.remove(attempt.file(), attempt.path());
      expected = without(expected, attempt.path());
    } else if (attempt.what() == 1) {
      List<String> path = new ArrayList<>(attempt.path().subList(0, attempt.path().size() - 1));
      Object parent = at(expected, path);
      path.add(parent instanceof List<?> list ? Integer.toString(list.size()) : "a_new_key");
      edit = FileEdit.set(attempt.file(), path, attempt.value());
      expected = with(expected, path, attempt.value());
    } else {
      edit = FileEdit.set(attempt.file(), attempt.path(), attempt.value());
      expected = with(expected, attempt.path(), attempt.value());
    }
    String after = FileEditor.apply(files, List.of(edit)).getOrDefault(attempt.file(), "");
    assertEquals(expected, after.isEmpty() ? Map.of() : tree(after), () -> edit + "\n" + after);
    long comments = before.lines().filter(l -> l.strip().startsWith("#")).count();
    assertEquals(
        comments,
        after.isEmpty() ? comments : after.lines().filter(l -> l.strip().startsWith("#")).count());
    if (attempt.path().size() > 1) {
      assertTrue(
          changedLines(before, after) <= spannedLines(before, attempt) + 12,
          () -> edit + "\n" + after);
    }
  }

  /** Lines of the one text that the other does not have. */
  private static long changedLines(String before, String after) {
    List<String> rest = new ArrayList<>(after.lines().toList());
    return before.lines().filter(l -> !rest.remove(l)).count();
  }

  /** Lines that the value at the place takes, written as simply as can be. */
  private static long spannedLines(String before, Try attempt) {
    Object value = at(tree(before), attempt.path());
    return YamlText.behindKey(value, 0, false).lines().count();
  }

  // ---- the same on trees

  private static Object tree(String text) {
    return new Load(LoadSettings.builder().setSchema(new FailsafeSchema()).build())
        .loadFromString(text);
  }

  private static void collect(
      Object tree, List<String> path, java.util.function.Consumer<List<String>> into) {
    if (!path.isEmpty()) {
      into.accept(path);
    }
    if (tree instanceof Map<?, ?> map) {
      map.forEach((k, v) -> collect(v, longer(path, k.toString()), into));
    } else if (tree instanceof List<?> list) {
      for (int i = 0; i < list.size(); i++) {
        collect(list.get(i), longer(path, Integer.toString(i)), into);
      }
    }
  }

  private static List<String> longer(List<String> path, String key) {
    List<String> longer = new ArrayList<>(path);
    longer.add(key);
    return longer;
  }

  private static Object at(Object tree, List<String> path) {
    Object found = tree;
    for (String key : path) {
      found =
          found instanceof Map<?, ?> map
              ? map.get(key)
              : ((List<?>) found).get(Integer.parseInt(key));
    }
    return found;
  }

  private static Object with(Object tree, List<String> path, Object value) {
    if (path.isEmpty()) {
      return value;
    }
    List<String> rest = path.subList(1, path.size());
    if (tree instanceof List<?> list) {
      List<Object> copy = new ArrayList<>(list);
      int index = Integer.parseInt(path.get(0));
      if (index == copy.size()) {
        copy.add(value);
      } else {
        copy.set(index, with(copy.get(index), rest, value));
      }
      return copy;
    }
    Map<Object, Object> copy = new LinkedHashMap<>((Map<?, ?>) tree);
    copy.put(path.get(0), with(copy.get(path.get(0)), rest, value));
    return copy;
  }

  private static Object without(Object tree, List<String> path) {
    Object changed;
    if (path.size() == 1) {
      changed = shorter(tree, path.get(0));
    } else {
      Object below = without(at(tree, path.subList(0, 1)), path.subList(1, path.size()));
      boolean empty = below instanceof Map<?, ?> m ? m.isEmpty() : ((List<?>) below).isEmpty();
      changed = empty ? shorter(tree, path.get(0)) : with(tree, path.subList(0, 1), below);
    }
    return changed;
  }

  private static Object shorter(Object tree, String key) {
    if (tree instanceof List<?> list) {
      List<Object> copy = new ArrayList<>(list);
      copy.remove(Integer.parseInt(key));
      return copy;
    }
    Map<Object, Object> copy = new LinkedHashMap<>((Map<?, ?>) tree);
    copy.remove(key);
    return copy;
  }

  private static Map<String, Object> ordered(Object... keysAndValues) {
    Map<String, Object> map = new LinkedHashMap<>();
    for (int i = 0; i < keysAndValues.length; i += 2) {
      map.put(keysAndValues[i].toString(), keysAndValues[i + 1]);
    }
    return map;
  }
}
