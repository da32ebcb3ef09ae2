package org.ropebridge.bench;

import java.sql.Connection;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.ropebridge.language.LanguagePack;
import org.ropebridge.reading.Reading;

/**
 * Types questions with one slip each: a letter dropped, doubled, swapped with the next or replaced
 * by its neighbour on the keyboard. Says how many are read like the question without the slip, and
 * which are read as something else, with and without saying that a word was taken for another. The
 * questions are those of the development part that are answered; words that are searched for as
 * they are typed have no slips.
 */
public final class SlipBench {
  private static final int VARIANTS = 10;
  private static final int SHORTEST = 4;
  private static final Pattern WORD = Pattern.compile("(?<![\\p{L}\\d])\\p{L}{" + SHORTEST + ",}");
  private static final String[] KEYS = {"qwertyuiop", "asdfghjkl", "zxcvbnm"};

  private final Random random = new Random(7);
  private final Map<Read, List<String>> slips = new EnumMap<>(Read.class);

  /** Slips that are other right words, which are never taken for what was meant. */
  private final Map<Read, List<String>> rightWords = new EnumMap<>(Read.class);

  private SlipBench() {}

  /** How a question with a slip is read. */
  private enum Read {
    LIKE_THE_ORIGINAL,
    NOT_IN_FULL,
    OTHERWISE_AND_SAYS_SO,
    OTHERWISE
  }

  /**
   * Runs the benchmark.
   *
   * @param arguments the URL of a database server's database {@code postgres}, then {@code all} to
   *     list what is not read like the original
   */
  public static void main(String[] arguments) throws SQLException {
    SlipBench bench = new SlipBench();
    for (String name : PracticeModels.NAMES) {
      try (Connection connection = QuestionBench.open(arguments[0])) {
        bench.run(name, QuestionBench.of(name, connection));
      }
    }
    boolean lists = arguments.length > 1;
    report("slips", bench.slips, lists);
    report("slips to another right word", bench.rightWords, lists);
  }

  private void run(String name, QuestionBench questions) {
    for (String line : PracticeModels.lines("/questions/" + name + ".tsv")) {
      if (line.startsWith("#") || line.startsWith("h\t")) {
        continue;
      }
      String question = QuestionBench.Question.of(line).ask();
      Optional<Reading> meant =
          Optional.of(questions.reader().read(question)).filter(r -> plan(r).isPresent());
      if (meant.isEmpty()) {
        continue;
      }
      for (int i = 0; i < VARIANTS; i++) {
        Slip slip = slip(question, meant.get());
        if (slip != null) {
          String typed = slip.in(question);
          boolean isRight = LanguagePack.ENGLISH.vocabulary().isRightWord(slip.typed());
          (isRight ? rightWords : slips)
              .computeIfAbsent(
                  read(plan(meant.get()).orElseThrow(), questions.reader().read(typed)),
                  r -> new ArrayList<>())
              .add(typed + "   (" + question + ")");
        }
      }
    }
  }

  private static Optional<String> plan(Reading reading) {
    return reading.status() == Reading.Status.ANSWERED
        ? reading.plan().map(Object::toString)
        : Optional.empty();
  }

  private static Read read(String meant, Reading reading) {
    Optional<String> plan = plan(reading);
    if (plan.isEmpty()) {
      return Read.NOT_IN_FULL;
    } else if (plan.get().equals(meant)) {
      return Read.LIKE_THE_ORIGINAL;
    }
    boolean says = reading.words().stream().anyMatch(w -> w.found().equals("slip"));
    return says ? Read.OTHERWISE_AND_SAYS_SO : Read.OTHERWISE;
  }

  /** A word and what was typed instead. */
  private record Slip(int from, int to, String typed) {
    String in(String question) {
      return question.substring(0, from) + typed + question.substring(to);
    }
  }

  /** A slip in one of the words that are not searched for; null where none is long enough. */
  private Slip slip(String question, Reading meant) {
    List<int[]> words = new ArrayList<>();
    Matcher matcher = WORD.matcher(question);
    while (matcher.find()) {
      int at = matcher.start();
      boolean isSearchedFor =
          meant.words().stream()
              .anyMatch(w -> w.kind().equals("text") && w.start() <= at && at < w.end());
      if (!isSearchedFor) {
        words.add(new int[] {matcher.start(), matcher.end()});
      }
    }
    if (words.isEmpty()) {
      return null;
    }
    int[] word = words.get(random.nextInt(words.size()));
    return new Slip(word[0], word[1], slip(question.substring(word[0], word[1])));
  }

  private String slip(String word) {
    // The first letter is seldom mistyped.
    int at = 1 + random.nextInt(word.length() - 1);
    String before = word.substring(0, at);
    String after = word.substring(at + 1);
    char letter = word.charAt(at);
    return switch (random.nextInt(4)) {
      case 0 -> before + after;
      case 1 -> before + letter + letter + after;
      case 2 ->
          after.isEmpty()
              ? before + letter + letter
              : before + after.charAt(0) + letter + after.substring(1);
      default -> before + neighbour(letter) + after;
    };
  }

  private char neighbour(char letter) {
    char small = Character.toLowerCase(letter);
    for (String row : KEYS) {
      int at = row.indexOf(small);
      if (at >= 0) {
        boolean right = at == 0 || at < row.length() - 1 && random.nextBoolean();
        return row.charAt(right ? at + 1 : at - 1);
      }
    }
    return letter;
  }

  private static void report(String title, Map<Read, List<String>> all, boolean lists) {
    int sum = all.values().stream().mapToInt(List::size).sum();
    System.out.println(title);
    for (Read read : Read.values()) {
      List<String> of = all.getOrDefault(read, List.of());
      System.out.printf(
          Locale.ROOT,
          "%5d of %d (%4.1f %%) %s%n",
          of.size(),
          sum,
          100.0 * of.size() / sum,
          read.name().toLowerCase(Locale.ROOT).replace('_', ' '));
      if (lists && read != Read.LIKE_THE_ORIGINAL) {
        of.forEach(q -> System.out.println("        " + q));
      }
    }
  }
}
