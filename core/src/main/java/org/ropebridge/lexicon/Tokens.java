package org.ropebridge.lexicon;

import java.text.Normalizer;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Cuts a question into tokens, each with its place in the text. */
public final class Tokens {
  /** Words that are shortened by a dot, which ends no sentence. */
  private static final String SHORTENED = "\\b(?:no|nr|avg|max|min|approx|qty|incl|excl|vs)";

  private static final Map<Writing, Pattern> TOKEN =
      Stream.of(Writing.values()).collect(Collectors.toMap(w -> w, Tokens::pattern));
  private static final Pattern MARKS = Pattern.compile("\\p{M}+");
  private static final Pattern NO_DIGITS = Pattern.compile("\\D");
  private static final Pattern APOSTROPHES = Pattern.compile("['\u2019]s(?= |$)|['\u2019]");

  private Tokens() {}

  private static Pattern pattern(Writing writing) {
    return Pattern.compile(
        "(?<quoted>\"[^\"]*\"|\u201c[^\u201d]*\u201d)"
            + "|(?<date>"
            + WrittenDates.PATTERN
            + ")"
            + "|(?<shortYear>(?<![\\p{L}\\p{Nd}])['\u2019]\\d{2}(?![\\p{L}\\p{Nd}]))"
            + "|(?<ordinal>"
            + writing.placePattern()
            + ")"
            // A minus behind a word is one; behind a number it is a dash.
            + "|(?<number>(?:[-\u2212](?<=(?:^|[\\p{L}(<>=]\\s?)[-\u2212])(?=\\d))?\\d+(?:[.,]\\d+)*)"
            + "|(?<counting>"
            + writing.countingPattern()
            + ")"
            + "|(?<word>[\\p{L}\\p{M}_][\\p{L}\\p{M}\\p{Nd}_]*(?:['\u2019][\\p{L}\\p{M}]+)*"
            + "(?:(?<=[sS])['\u2019](?=[\\s,.?!]|$))?)"
            + "|(?<stop>(?<!"
            + SHORTENED
            + ")[.?!:]+(?=\\s|$))"
            + "|(?<space>(?<="
            + SHORTENED
            + ")\\.(?=\\s\\S)"
            + "|\\s+(?=[-\u2212]\\d)|[\\s\\-\u2013\u2014]+)"
            + "|(?<sign>>=|<=|\\X)",
        Pattern.CASE_INSENSITIVE);
  }

  /** The tokens of the text, in order. */
  public static List<Token> of(String text, Writing writing) {
    return of(text, writing, true);
  }

  /**
   * The same.
   *
   * @param quickly whether plain words and numbers between spaces, of which most texts are, are
   *     found without the pattern, which would find the same
   */
  static List<Token> of(String text, Writing writing, boolean quickly) {
    List<Token> tokens = new ArrayList<>();
    Matcher matcher = TOKEN.get(writing).matcher(text);
    boolean dash = false;
    int at = 0;
    while (at < text.length()) {
      int end = quickly ? endOfPlain(text, at) : at;
      if (end > at) {
        String found = text.substring(at, end);
        Token.Kind kind = isDigit(found.charAt(0)) ? Token.Kind.NUMBER : Token.Kind.WORD;
        tokens.add(new Token(kind, found, plain(found), at, end, dash));
        dash = false;
        at = isOneSpace(text, end) ? end + 1 : end;
        continue;
      } else if (!matcher.find(at)) {
        break;
      }
      at = matcher.end();
      String found = matcher.group();
      if (matcher.group("space") != null) {
        dash = dash || !found.isBlank();
        continue;
      }
      Token.Kind kind;
      String plain;
      if (matcher.group("quoted") != null) {
        kind = Token.Kind.QUOTED;
        plain = plain(found.substring(1, found.length() - 1));
      } else if (matcher.group("date") != null) {
        kind = Token.Kind.DATE;
        plain = found;
      } else if (matcher.group("shortYear") != null) {
        kind = Token.Kind.NUMBER;
        plain = WrittenDates.CENTURY + found.substring(1);
      } else if (matcher.group("ordinal") != null) {
        kind = Token.Kind.ORDINAL;
        plain = NO_DIGITS.matcher(found).replaceAll("");
      } else if (matcher.group("number") != null) {
        kind = Token.Kind.NUMBER;
        plain = found.replace('\u2212', '-');
      } else if (matcher.group("word") != null || matcher.group("counting") != null) {
        kind = Token.Kind.WORD;
        plain = withoutApostrophes(plain(found));
      } else if (matcher.group("stop") != null) {
        kind = Token.Kind.STOP;
        plain = found;
      } else {
        kind = Token.Kind.SIGN;
        plain = found;
      }
      tokens.add(new Token(kind, found, plain, matcher.start(), matcher.end(), dash));
      dash = false;
    }
    return tokens;
  }

  /**
   * Where a word of plain letters, or a number of digits, ends that begins here and stands between
   * spaces; here when there is none.
   */
  private static int endOfPlain(String text, int at) {
    if (at > 0 && text.charAt(at - 1) != ' ') {
      return at;
    }
    boolean number = isDigit(text.charAt(at));
    int end = at;
    while (end < text.length()
        && (number ? isDigit(text.charAt(end)) : isPlainLetter(text.charAt(end)))) {
      end++;
    }
    return end == text.length() || text.charAt(end) == ' ' ? end : at;
  }

  private static boolean isDigit(char c) {
    return c >= '0' && c <= '9';
  }

  private static boolean isOneSpace(String text, int at) {
    return at + 1 < text.length()
        && text.charAt(at) == ' '
        && (isPlainLetter(text.charAt(at + 1)) || isDigit(text.charAt(at + 1)));
  }

  private static boolean isPlainLetter(char c) {
    return c >= 'a' && c <= 'z' || c >= 'A' && c <= 'Z';
  }

  /** Plain words as those of a question are: "dont" of "don't", "what" of "what's". */
  public static String withoutApostrophes(String plain) {
    return APOSTROPHES.matcher(plain).replaceAll("");
  }

  /** Lower case and without accents. */
  public static String plain(String text) {
    if (isPlain(text)) {
      return text;
    }
    String parts = Normalizer.normalize(text, Normalizer.Form.NFKD);
    return MARKS.matcher(parts).replaceAll("").toLowerCase(Locale.ROOT).replace("\u00df", "ss");
  }

  private static boolean isPlain(String text) {
    for (int i = 0; i < text.length(); i++) {
      char c = text.charAt(i);
      if (c >= 128 || c >= 'A' && c <= 'Z') {
        return false;
      }
    }
    return true;
  }
}
