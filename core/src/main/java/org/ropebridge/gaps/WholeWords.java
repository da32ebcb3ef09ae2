package org.ropebridge.gaps;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Finds what people really say where only a piece of it is unread: of "load factor", where "load"
 * is a word of the model, "factor" alone would be a poor synonym. A word belongs to the piece when
 * it stands beside it in nearly all different questions.
 */
final class WholeWords {
  private static final int FEWEST_QUESTIONS = 4;
  private static final double NEARLY_ALL = 0.9;
  private static final int MOST_MORE = 3;
  private static final Pattern WORD = Pattern.compile("[\\p{L}\\p{N}]+");

  private final Predicate<String> isOfLanguage;

  /**
   * @param isOfLanguage tells words of the language itself, as "by", from others; such words stand
   *     beside anything, and belong only to what they are joined to by a hyphen
   */
  WholeWords(Predicate<String> isOfLanguage) {
    this.isOfLanguage = isOfLanguage;
  }

  /** A question and where in it the piece is. */
  private record Place(String question, int from, int to) {
    /** What is beside the piece: the word, and what joins it; empty where nothing is. */
    Optional<Beside> before() {
      Beside last = null;
      Matcher words = WORD.matcher(question);
      while (words.find() && words.end() <= from) {
        last = beside(words, question.substring(words.end(), from));
      }
      return Optional.ofNullable(last);
    }

    Optional<Beside> after() {
      Matcher words = WORD.matcher(question);
      return words.find(to)
          ? Optional.of(beside(words, question.substring(to, words.start())))
          : Optional.empty();
    }

    private static Beside beside(Matcher words, String between) {
      return new Beside(words.group(), between.isBlank() ? " " : between.strip());
    }
  }

  private record Beside(String word, String joint) {}

  /** The piece with what belongs to it, in small letters if anything does. */
  String of(String piece, List<String> questions) {
    String whole = piece;
    for (int more = 0; more < MOST_MORE; more++) {
      List<Place> places = places(whole, questions);
      Optional<Beside> before = common(places.stream().map(Place::before).toList());
      Optional<Beside> after = common(places.stream().map(Place::after).toList());
      if (before.isPresent()) {
        whole = before.get().word() + before.get().joint() + whole;
      } else if (after.isPresent()) {
        whole = whole + after.get().joint() + after.get().word();
      } else {
        break;
      }
    }
    return whole;
  }

  /** Where the piece is in different questions, in small letters. */
  private static List<Place> places(String piece, List<String> questions) {
    Pattern wanted =
        Pattern.compile(
            "(?<![\\p{L}\\p{N}])"
                + Pattern.quote(piece.toLowerCase(Locale.ROOT))
                + "(?![\\p{L}\\p{N}])");
    Set<String> different = new HashSet<>();
    List<Place> places = new ArrayList<>();
    for (String question : questions) {
      String plain = question.toLowerCase(Locale.ROOT);
      Matcher found = wanted.matcher(plain);
      if (different.add(plain) && found.find()) {
        places.add(new Place(plain, found.start(), found.end()));
      }
    }
    return places;
  }

  private Optional<Beside> common(List<Optional<Beside>> all) {
    Map<Beside, Integer> times = new HashMap<>();
    all.forEach(b -> b.ifPresent(x -> times.merge(x, 1, Integer::sum)));
    return times.entrySet().stream()
        .filter(e -> all.size() >= FEWEST_QUESTIONS && e.getValue() >= NEARLY_ALL * all.size())
        .map(Map.Entry::getKey)
        .filter(b -> b.joint().equals("-") || b.joint().equals(" ") && !isOfLanguage.test(b.word()))
        .findFirst();
  }
}
