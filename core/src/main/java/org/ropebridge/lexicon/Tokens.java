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
  private static final String SHORTENED = "\\b(?:no|nr|avg|max|min|approx|qty|incl|excl)";

  private static final Map<Writing, Pattern> TOKEN =
      Stream.of(Writing.values()).collect(Collectors.toMap(w -> w, Tokens::pattern));
  private static final Pattern MARKS = Pattern.compile("\\p{M}+");

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
    List<Token> tokens = new ArrayList<>();
    Matcher matcher = TOKEN.get(writing).matcher(text);
    boolean dash = false;
    while (matcher.find()) {
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
        plain = found.replaceAll("\\D", "");
      } else if (matcher.group("number") != null) {
        kind = Token.Kind.NUMBER;
        plain = found.replace('\u2212', '-');
      } else if (matcher.group("word") != null || matcher.group("counting") != null) {
        kind = Token.Kind.WORD;
        plain = plain(found).replaceAll("['\u2019]s$", "").replaceAll("['\u2019]", "");
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
