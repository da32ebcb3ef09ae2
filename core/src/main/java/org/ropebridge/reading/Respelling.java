package org.ropebridge.reading;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.ropebridge.lexicon.Lexicon;
import org.ropebridge.lexicon.Token;
import org.ropebridge.reading.Reading.Choice;
import org.ropebridge.reading.Reading.Status;
import org.ropebridge.reading.Reading.WordUse;

/**
 * Reads a question with slips of the keyboard as if it had been typed right, and says which words
 * were taken for which. A question that is read in full as it was typed is left alone. Where a slip
 * may be several words that are as likely, each is tried; if several of them give an answer, the
 * person chooses. A right word is never taken for another; that it may have been meant is
 * suggested.
 */
final class Respelling {
  private static final int MOST_WORDS = 6;
  private static final int MOST_TEXTS = 8;

  /** With more unread words, one of them put right makes no question yet. */
  private static final int MOST_UNREAD = 2;

  private static final double AS_LIKELY = 0.4;

  private final Lexicon lexicon;

  Respelling(Lexicon lexicon) {
    this.lexicon = lexicon;
  }

  /** A word in place of another. */
  private record Replaced(Token token, String by) {}

  /** A text with words in place of slips; the less it weighs, the likelier it is. */
  private record Text(List<Replaced> replaced, double weight) {
    Text with(Token token, String by, double slip) {
      if (by.equals(token.plain())) {
        // A word of some names, which none of them is beside the others: it was typed right.
        return this;
      }
      List<Replaced> more = new ArrayList<>(replaced);
      more.add(new Replaced(token, by));
      return new Text(more, weight + slip);
    }

    /** The question with the words in their places. */
    String in(String question) {
      StringBuilder text = new StringBuilder();
      int from = 0;
      for (Replaced one : replaced) {
        text.append(question, from, one.token().start()).append(one.by());
        from = one.token().end();
      }
      return text.append(question.substring(from)).toString();
    }
  }

  /** A text and how it is read. */
  private record Read(Text text, Reading reading) {
    boolean isAnswered() {
      return isRead(reading);
    }

    boolean isBetterThan(Reading other) {
      int mine = rank(reading);
      int its = rank(other);
      return mine != its ? mine > its : reading.unread().size() < other.unread().size();
    }

    private static int rank(Reading reading) {
      return switch (reading.status()) {
        case ANSWERED, EXPLAINED -> 3;
        case UNCLEAR -> 2;
        case PARTLY -> 1;
        case DECLINED -> 0;
      };
    }
  }

  /**
   * The reading of a question.
   *
   * @param reader reads a text as it is
   */
  Reading read(String question, Function<String, Reading> reader) {
    Reading typed = reader.apply(question);
    if (isRead(typed) || question.length() > QuestionReader.LONGEST_QUESTION) {
      return typed;
    }
    List<Token> tokens = lexicon.tokens(question);
    Reading reading = respelt(question, tokens, typed, reader);
    return reading.status() == Status.DECLINED || reading.status() == Status.PARTLY
        ? withNearly(reading, tokens, reader)
        : reading;
  }

  private static boolean isRead(Reading reading) {
    return reading.status() == Status.ANSWERED || reading.status() == Status.EXPLAINED;
  }

  /** Suggests the question with another word where a right word was not read: "per moth". */
  private Reading withNearly(
      Reading reading, List<Token> tokens, Function<String, Reading> reader) {
    for (int i = 0; i < tokens.size(); i++) {
      Token token = tokens.get(i);
      boolean isUnread =
          reading.words().stream().anyMatch(w -> w.isUnread() && w.start() == token.start());
      if (!isUnread || reading.unread().size() > MOST_UNREAD) {
        continue;
      }
      Optional<Lexicon.Misspelt> nearly = lexicon.nearly(i, token);
      for (Text text : nearly.map(n -> texts(List.of(n), tokens)).orElse(List.of())) {
        String suggested = text.in(reading.question());
        if (isRead(reader.apply(suggested))) {
          List<String> suggestions = new ArrayList<>(List.of(suggested));
          reading.suggestions().stream()
              .filter(s -> !s.equals(suggested))
              .forEach(suggestions::add);
          return reading.withSuggestions(suggestions);
        }
      }
    }
    return reading;
  }

  private Reading respelt(
      String question, List<Token> tokens, Reading typed, Function<String, Reading> reader) {
    List<Lexicon.Misspelt> misspelt = lexicon.misspelt(tokens);
    if (misspelt.isEmpty() || misspelt.size() > MOST_WORDS) {
      return typed;
    }
    Read best = null;
    List<Read> answers = new ArrayList<>();
    for (Text text : texts(misspelt, tokens)) {
      if (!answers.isEmpty() && text.weight() > answers.get(0).text().weight() + AS_LIKELY) {
        break;
      }
      Read read = new Read(text, reader.apply(text.in(question)));
      best = best == null || read.isBetterThan(best.reading()) ? read : best;
      if (read.isAnswered()) {
        answers.add(read);
      }
    }
    if (answers.stream().map(a -> a.reading().plan()).distinct().count() > 1) {
      return choice(question, answers);
    }
    return best.isBetterThan(typed) ? asTyped(question, best) : typed;
  }

  /** The texts that may have been meant, the likeliest first. */
  private static List<Text> texts(List<Lexicon.Misspelt> misspelt, List<Token> tokens) {
    List<Text> texts = List.of(new Text(List.of(), 0));
    for (Lexicon.Misspelt word : misspelt) {
      List<Text> more = new ArrayList<>();
      for (Text text : texts) {
        word.meant().forEach((by, slip) -> more.add(text.with(tokens.get(word.token()), by, slip)));
      }
      texts =
          more.stream().sorted(Comparator.comparingDouble(Text::weight)).limit(MOST_TEXTS).toList();
    }
    return texts;
  }

  /** Several words may have been meant, and each gives an answer of its own. */
  private static Reading choice(String question, List<Read> answers) {
    List<Choice> choices =
        answers.stream()
            .flatMap(a -> a.reading().plan().stream().map(p -> new Choice(said(a), p)))
            .distinct()
            .toList();
    return asTyped(question, answers.get(0)).unclear(choices);
  }

  private static String said(Read read) {
    return read.reading().restatement().orElse("");
  }

  /** A reading of another text as one of the question. */
  private static Reading asTyped(String question, Read read) {
    List<WordUse> words = new ArrayList<>();
    Map<Replaced, String> taken = new HashMap<>();
    for (WordUse use : read.reading().words()) {
      List<Replaced> within = new ArrayList<>();
      int start = place(use.start(), read.text(), within, use);
      int end = place(use.end(), read.text(), within, use);
      boolean isSlip = !within.isEmpty() && !use.isUnread();
      within.forEach(r -> taken.put(r, use.means().isEmpty() ? r.by() : use.means()));
      words.add(
          new WordUse(
              start,
              end,
              question.substring(start, end),
              use.kind(),
              use.means(),
              isSlip ? WordUse.SLIP : use.found()));
    }
    Map<String, String> typed =
        read.text().replaced().stream()
            .collect(Collectors.toMap(Replaced::by, r -> r.token().text(), (a, b) -> a));
    Set<Replaced> used = taken.keySet();
    List<Assumption> assumptions = new ArrayList<>();
    read.text().replaced().stream()
        .filter(used::contains)
        .map(r -> new Assumption.Spelling(r.token().text(), taken.get(r)))
        .distinct()
        .forEach(assumptions::add);
    assumptions.addAll(read.reading().assumptions());
    return read.reading()
        .ofText(
            question,
            words,
            read.reading().unread().stream().map(w -> typed.getOrDefault(w, w)).toList(),
            assumptions);
  }

  /** A place of the other text in the question; notes which words in place of others are there. */
  private static int place(int at, Text text, List<Replaced> within, WordUse use) {
    int moved = 0;
    for (Replaced one : text.replaced()) {
      int start = one.token().start() + moved;
      int end = start + one.by().length();
      if (use.start() < end && start < use.end() && !within.contains(one)) {
        within.add(one);
      }
      if (at > start && at < end) {
        // Words are not cut: the place is one of the word's ends.
        return at - start < end - at ? one.token().start() : one.token().end();
      }
      if (at <= start) {
        return at - moved;
      }
      moved += one.by().length() - (one.token().end() - one.token().start());
    }
    return at - moved;
  }
}
