package org.ropebridge.steering;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.ropebridge.lexicon.Tokens;
import org.ropebridge.lexicon.ValueIndex;
import org.ropebridge.model.Column;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.model.Condition;
import org.ropebridge.model.Metric;
import org.ropebridge.model.Model;
import org.ropebridge.model.Occasion;
import org.ropebridge.model.SampleQuestion;
import org.ropebridge.model.Table;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Plan;
import org.ropebridge.reading.QuestionReader;
import org.ropebridge.reading.Reading;

/**
 * What a question that is being typed may become. Every completion has been read, and is a question
 * that the model answers. Knows only names that the person may see.
 */
public final class Completions {
  private static final int MOST = 7;

  /** Reading is what takes time; each keystroke waits for no more than this. */
  private static final int MOST_READ = 12;

  private static final int MOST_WORDS = 4;
  private static final int MOST_VALUES_OF_A_COLUMN = 5_000;
  private static final List<String> CONTINUATIONS =
      List.of("this year", "last year", "last month", "by month", "by year");

  private final QuestionReader reader;
  private final Parts parts;

  /** Names by their plain form, sorted, so that those that begin alike stand together. */
  private final Name[] names;

  private final List<String> starters;

  private record Name(String plain, String text, String kind) {}

  /**
   * A way to go on.
   *
   * @param question the whole text after choosing it
   * @param adds what it writes at the end of the text
   * @param kind metric, table, column, value, condition, occasion, question or next
   */
  public record Completion(String question, String adds, String kind) {}

  Completions(Parts parts, ValueIndex values, QuestionReader reader) {
    Model model = parts.model();
    this.reader = reader;
    this.parts = parts;
    Map<String, Name> all = new LinkedHashMap<>();
    for (Metric metric : model.metrics()) {
      add(all, "metric", metric.label());
      metric.alsoCalled().forEach(n -> add(all, "metric", n));
    }
    for (Table table : model.tables()) {
      add(all, "table", table.rowNounPlural());
      for (Condition condition : table.conditions()) {
        add(all, "condition", condition.label());
      }
      for (Column column : table.columns()) {
        add(all, "column", column.label());
        addValues(all, column, values.of(ColumnRef.of(table.name(), column.name())));
      }
      add(all, "table", table.rowNoun());
    }
    for (Occasion occasion : model.occasions()) {
      add(all, "occasion", occasion.name());
    }
    model.calendar().seasons().keySet().forEach(s -> add(all, "occasion", s));
    this.starters =
        model.questions().stream()
            .filter(q -> q.starter() && q.agreed().isPresent())
            .map(SampleQuestion::ask)
            .toList();
    model.questions().stream()
        .filter(q -> q.agreed().isPresent())
        .forEach(q -> add(all, "question", q.ask()));
    this.names =
        all.values().stream().sorted(Comparator.comparing(Name::plain)).toArray(Name[]::new);
  }

  private static void add(Map<String, Name> all, String kind, String text) {
    String plain = Tokens.plain(text);
    all.putIfAbsent(plain, new Name(plain, text, kind));
  }

  private static void addValues(Map<String, Name> all, Column column, List<String> stored) {
    if (stored.size() <= MOST_VALUES_OF_A_COLUMN) {
      stored.forEach(v -> add(all, "value", column.nameOfValue(v)));
    }
  }

  /**
   * What the text may become, likeliest first.
   *
   * @param before the plans of the questions before in the thread, the last one first
   */
  public List<Completion> of(String text, List<Plan> before) {
    return text.isBlank() ? started() : of(reader.read(text, before), before);
  }

  private List<Completion> started() {
    return starters.stream().limit(MOST).map(s -> new Completion(s, s, "question")).toList();
  }

  /**
   * What a text may become that has been read already.
   *
   * @param reading its reading, with the same questions before
   * @param before the plans of the questions before in the thread, the last one first
   */
  public List<Completion> of(Reading reading, List<Plan> before) {
    String text = reading.question();
    if (text.isBlank()) {
      return started();
    }
    if (text.length() > QuestionReader.LONGEST_QUESTION / 2) {
      return List.of();
    }
    Found found = new Found(before, hasSlips(reading));
    for (int start : wordStarts(text)) {
      String typed = Tokens.plain(text.substring(start));
      if (typed.isEmpty() || start == 0 && typed.length() < 2) {
        continue;
      }
      for (Name name : beginningWith(typed)) {
        String question = text.substring(0, start) + name.text();
        boolean longer = name.plain().length() > typed.length();
        if (longer && (start == 0 || !name.kind().equals("question"))) {
          found.take(new Completion(question, name.text(), name.kind()));
        }
      }
    }
    continuations(reading, found);
    return found.all;
  }

  /** Whether what stands there was only read with other words in place of some. */
  private static boolean hasSlips(Reading reading) {
    return reading.words().stream().anyMatch(Reading.WordUse::isSlip);
  }

  /** Completions that are answered, one for each meaning. */
  private final class Found {
    private int read;
    private final List<Plan> before;
    private final boolean hasSlips;
    private final List<Completion> all = new ArrayList<>();
    private final Set<String> meanings = new HashSet<>();

    Found(List<Plan> before, boolean hasSlips) {
      this.before = before;
      this.hasSlips = hasSlips;
    }

    void take(Completion completion) {
      if (read == MOST_READ || all.size() == MOST) {
        return;
      }
      read++;
      Optional<String> meaning = reader.meaning(completion.question(), before, hasSlips);
      if (meaning.isPresent() && meanings.add(meaning.get())) {
        all.add(completion);
      }
    }
  }

  /** A question that can be answered already may go on. */
  private void continuations(Reading reading, Found found) {
    if (reading.status() != Reading.Status.ANSWERED || reading.plan().isEmpty()) {
      return;
    }
    Plan plan = reading.plan().get();
    String head = reading.question().stripTrailing() + " ";
    List<String> more = new ArrayList<>();
    if (plan.groupings().isEmpty() && plan.listing().isEmpty()) {
      parts.groupings(plan).stream()
          .limit(4)
          .map(g -> reader.restatement().breakdown(g))
          .forEach(more::add);
    }
    boolean timed = plan.filters().stream().anyMatch(f -> f instanceof Filter.InPeriod);
    CONTINUATIONS.stream()
        .filter(c -> !timed || c.startsWith("by"))
        .filter(c -> plan.groupings().isEmpty() || !c.startsWith("by"))
        .forEach(more::add);
    for (String words : more) {
      found.take(new Completion(head + words, words, "next"));
    }
  }

  /** Where the last few words begin, the longest stretch first. */
  private static List<Integer> wordStarts(String text) {
    List<Integer> starts = new ArrayList<>();
    boolean inside = false;
    for (int i = 0; i < text.length(); i++) {
      boolean letter = !Character.isWhitespace(text.charAt(i));
      if (letter && !inside) {
        starts.add(i);
      }
      inside = letter;
    }
    if (!inside) {
      return List.of();
    }
    List<Integer> last = starts.subList(Math.max(0, starts.size() - MOST_WORDS), starts.size());
    Set<Integer> all = new LinkedHashSet<>();
    if (!starts.isEmpty()) {
      all.add(starts.get(0));
    }
    all.addAll(last);
    return List.copyOf(all);
  }

  private List<Name> beginningWith(String typed) {
    int at =
        Arrays.binarySearch(names, new Name(typed, typed, ""), Comparator.comparing(Name::plain));
    List<Name> alike = new ArrayList<>();
    for (int i = at < 0 ? -at - 1 : at;
        i < names.length && names[i].plain().startsWith(typed) && alike.size() < 200;
        i++) {
      alike.add(names[i]);
    }
    alike.sort(
        Comparator.comparingInt((Name n) -> order(n.kind()))
            .thenComparing(n -> n.plain().length())
            .thenComparing(n -> n.plain().toLowerCase(Locale.ROOT)));
    return alike;
  }

  private static int order(String kind) {
    return List.of("metric", "table", "value", "condition", "occasion", "column", "question")
        .indexOf(kind);
  }
}
