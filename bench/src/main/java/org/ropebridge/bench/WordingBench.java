package org.ropebridge.bench;

import java.sql.Connection;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.ropebridge.lexicon.ValueIndex;
import org.ropebridge.model.Column;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.model.Link;
import org.ropebridge.model.Metric;
import org.ropebridge.model.Model;
import org.ropebridge.model.Table;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Plan;
import org.ropebridge.reading.QuestionReader;
import org.ropebridge.reading.Reading;

/**
 * Asks the same in many ways, with the words of each model, and says how many are read like the
 * plainest of them; so too what is said next, after a question. It needs no expected answers, so it
 * says nothing of whether the plainest is right.
 */
public final class WordingBench {
  private static final Pattern SLOT = Pattern.compile("\\{(\\w+)}");
  private static final int USUAL_TRIES = 5;
  private static final int MOST_GROUPS = 40;
  private static final int LISTED = 4;
  private static final List<Integer> NUMBERS = List.of(2, 5, 10, 100);

  private final Map<String, Tally> families = new LinkedHashMap<>();
  private final Map<String, Tally> models = new LinkedHashMap<>();
  private final Map<String, List<String>> misses = new LinkedHashMap<>();
  private int plainestUnread;

  private WordingBench() {}

  /** Ways of asking the same, after a question or by themselves. */
  private record Family(String name, Optional<String> before, List<String> wordings) {
    /** Of the cells of a line: its name, the question before if there is one, and the wordings. */
    static Family of(String line, boolean followsUp) {
      List<String> cells = List.of(line.split("\t"));
      return followsUp
          ? new Family(cells.get(0), Optional.of(cells.get(1)), cells.subList(2, cells.size()))
          : new Family(cells.get(0), Optional.empty(), cells.subList(1, cells.size()));
    }

    String plainest() {
      return wordings.get(0);
    }
  }

  /** How many were read like the plainest, not in full, and as something else. */
  private static final class Tally {
    private int like;
    private int notInFull;
    private int otherwise;

    void add(boolean same, boolean answered) {
      if (same) {
        like++;
      } else if (answered) {
        otherwise++;
      } else {
        notInFull++;
      }
    }

    String text(String name) {
      int sum = like + notInFull + otherwise;
      return String.format(
          Locale.ROOT,
          "%-12s %6d asked, %5.1f%% alike, %4.1f%% not in full, %4.1f%% otherwise",
          name,
          sum,
          100.0 * like / sum,
          100.0 * notInFull / sum,
          100.0 * otherwise / sum);
    }
  }

  /**
   * Runs the benchmark.
   *
   * @param arguments the URL of a database server's database {@code postgres}, then how often each
   *     wording is tried on each model, then {@code all} to list what is not read alike
   */
  public static void main(String[] arguments) throws SQLException {
    int tries = arguments.length > 1 ? Integer.parseInt(arguments[1]) : USUAL_TRIES;
    WordingBench alone = new WordingBench();
    WordingBench next = new WordingBench();
    for (String name : PracticeModels.NAMES) {
      try (Connection connection = QuestionBench.open(arguments[0])) {
        QuestionBench questions = QuestionBench.of(name, connection);
        alone.run(name, questions, connection, tries, families("/wordings.tsv", false));
        next.run(name, questions, connection, tries, families("/follow-ups.tsv", true));
      }
    }
    alone.report("questions", arguments.length > 2);
    next.report("follow-ups", arguments.length > 2);
  }

  private static List<Family> families(String file, boolean followsUp) {
    return PracticeModels.lines(file).stream()
        .filter(l -> !l.startsWith("#"))
        .map(l -> Family.of(l, followsUp))
        .toList();
  }

  private void run(
      String name, QuestionBench questions, Connection connection, int tries, List<Family> asked) {
    Model model = PracticeModels.model(name);
    Words words = new Words(model, PracticeModels.values(model, connection));
    for (Family family : asked) {
      for (int i = 0; i < tries; i++) {
        words
            .slots(family.before().orElse("") + family.plainest())
            .ifPresent(slots -> ask(name, questions.reader(), family, slots));
      }
    }
  }

  private void ask(String name, QuestionReader reader, Family family, Map<String, String> slots) {
    Optional<String> first = family.before().map(b -> filled(b, slots));
    List<Plan> before = new ArrayList<>();
    if (first.isPresent()) {
      Reading leantOn = reader.read(first.get());
      if (plan(leantOn).isEmpty()) {
        plainestUnread++;
        return;
      }
      before.add(leantOn.plan().orElseThrow());
    }
    Reading plainest = reader.read(filled(family.plainest(), slots), before);
    Optional<String> meant = plan(plainest);
    if (meant.isEmpty()) {
      plainestUnread++;
      return;
    }
    for (String wording : family.wordings().subList(1, family.wordings().size())) {
      String question = filled(wording, slots);
      Reading reading = reader.read(question, before);
      Optional<String> read = plan(reading);
      boolean same = read.equals(meant);
      Stream.of(
              families.computeIfAbsent(family.name(), f -> new Tally()),
              models.computeIfAbsent(name, m -> new Tally()))
          .forEach(t -> t.add(same, read.isPresent()));
      if (!same) {
        misses
            .computeIfAbsent(family.name() + ": " + wording, w -> new ArrayList<>())
            .add(
                name
                    + ": "
                    + first.map(f -> f + " / ").orElse("")
                    + question
                    + "\n          "
                    + reading.restatement().orElse(reading.status() + " " + reading.reason())
                    + "\n          and not "
                    + plainest.restatement().orElse(""));
      }
    }
  }

  /** What is planned, whatever the order of its filters; empty where it is not read in full. */
  private static Optional<String> plan(Reading reading) {
    return reading.status() == Reading.Status.ANSWERED
        ? reading.plan().map(WordingBench::inOrder).map(Plan::toString)
        : Optional.empty();
  }

  private static Plan inOrder(Plan plan) {
    return new Plan(
        plan.measures(),
        plan.groupings(),
        plan.filters().stream().sorted(Comparator.comparing(Filter::toString)).toList(),
        plan.keeps(),
        plan.ranking(),
        plan.sort(),
        plan.listing(),
        plan.claim(),
        plan.picture());
  }

  private static String filled(String wording, Map<String, String> slots) {
    return SLOT.matcher(wording).replaceAll(m -> Matcher.quoteReplacement(slots.get(m.group(1))));
  }

  private void report(String what, boolean lists) {
    families.forEach((family, tally) -> System.out.println(tally.text(family)));
    models.forEach((model, tally) -> System.out.println(tally.text(model)));
    Tally all = new Tally();
    models
        .values()
        .forEach(
            t -> {
              all.like += t.like;
              all.notInFull += t.notInFull;
              all.otherwise += t.otherwise;
            });
    System.out.println(all.text("all " + what));
    System.out.println(plainestUnread + " tries whose plainest wording is not read in full");
    if (lists) {
      misses.entrySet().stream()
          .sorted(Comparator.comparingInt(e -> -e.getValue().size()))
          .forEach(
              e -> {
                System.out.println(e.getValue().size() + " times " + e.getKey());
                e.getValue().stream().limit(LISTED).forEach(m -> System.out.println("      " + m));
              });
    }
  }

  /** The words of a model that may stand in the places of a wording. */
  private static final class Words {
    private final Model model;
    private final Random random = new Random(11);
    private final List<Named> groups = new ArrayList<>();
    private final List<Held> held = new ArrayList<>();
    private final List<Held> numbers = new ArrayList<>();

    /** One of something, and many. */
    private record Named(String one, String many) {}

    /** A column of a table, with two of its values. */
    private record Held(Table table, String column, String first, String second) {}

    Words(Model model, ValueIndex values) {
      this.model = model;
      for (Table table : model.tables()) {
        if (table.knownBy().isPresent()) {
          groups.add(new Named(table.rowNoun(), table.rowNounPlural()));
        }
        table
            .columns()
            .forEach(c -> add(table, c, values.of(ColumnRef.of(table.name(), c.name()))));
      }
    }

    private void add(Table table, Column column, List<String> values) {
      if (column.holds() == Column.Holds.NUMBER) {
        numbers.add(new Held(table, column.label(), "", ""));
      }
      if (values.size() < 2 || model.isKnownBy(ColumnRef.of(table.name(), column.name()))) {
        return;
      }
      if (values.size() <= MOST_GROUPS) {
        groups.add(new Named(column.label(), plural(column.label())));
      }
      List<String> words = values.stream().filter(v -> v.length() > 2 && v.length() < 25).toList();
      if (words.size() >= 2) {
        held.add(new Held(table, column.label(), any(words), any(words)));
      }
    }

    /** Words for every place; empty where those that were drawn do not differ. */
    Optional<Map<String, String>> slots(String wording) {
      Map<String, String> slots = new HashMap<>();
      Named group = any(groups);
      Named other = any(groups);
      Held value = any(held);
      Held number = any(numbers);
      Metric metric = any(model.metrics());
      Metric second = any(model.metrics());
      Table table =
          wording.contains("{n}")
              ? number.table()
              : wording.contains("{c}") || wording.contains("{cs}")
                  ? value.table()
                  : any(model.tables());
      int least = any(NUMBERS);
      if (wording.contains("{u}") || wording.contains("{us}")) {
        Table from = any(model.tables());
        if (from.links().isEmpty()) {
          return Optional.empty();
        }
        Link link = any(from.links());
        table = model.table(link.to());
        if (table.equals(from)) {
          return Optional.empty();
        }
        slots.put("u", from.rowNoun());
        slots.put("us", from.rowNounPlural());
      }
      slots.put("m", metric.label());
      slots.put("k", second.label());
      slots.put("g", group.one());
      slots.put("gs", group.many());
      slots.put("h", other.one());
      slots.put("c", value.column());
      slots.put("cs", plural(value.column()));
      slots.put("tc", value.column());
      slots.put("v", value.first());
      slots.put("w", value.second());
      slots.put("n", number.column());
      slots.put("t", table.rowNoun());
      slots.put("ts", table.rowNounPlural());
      slots.put("x", String.valueOf(least));
      slots.put("y", String.valueOf(3 * least));
      boolean differ =
          !metric.equals(second) && !group.equals(other) && !value.first().equals(value.second());
      return differ ? Optional.of(slots) : Optional.empty();
    }

    private <T> T any(List<T> all) {
      return all.get(random.nextInt(all.size()));
    }

    private static String plural(String name) {
      int of = name.indexOf(" of ");
      if (of > 0) {
        return plural(name.substring(0, of)) + name.substring(of);
      } else if (name.matches(".*([sx]|ch)")) {
        return name + "es";
      }
      return name.matches(".*[^aeiou]y")
          ? name.substring(0, name.length() - 1) + "ies"
          : name + "s";
    }
  }
}
