package org.ropebridge.language;

import java.text.Normalizer;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/** What the names that a warehouse's makers gave to tables and columns say in a language. */
public interface Identifiers {
  /** {@code custOrderNo} is "customer order number". Never empty for a name with letters. */
  List<String> words(String identifier);

  /** The singular of a phrase; the phrase itself when it is singular. */
  String singular(String phrase);

  /** The plural of a phrase in the singular. */
  String plural(String phrase);

  /** The unit that the last word of a name stands for: "m" in {@code altitude_m}. */
  Optional<String> unit(List<String> words);

  /** The words without a unit that is written and not said: "altitude" of {@code altitude_m}. */
  List<String> spoken(List<String> words);

  /** Whether the name is one of those by which people know a thing: name, title, code. */
  boolean namesThings(List<String> words);

  /** Whether the name belongs to the upkeep of the warehouse: loaded at, batch, hash. */
  boolean isTechnical(List<String> words);

  /** Whether the name says that the column may tell who someone is or how to reach them. */
  boolean isPersonal(List<String> words);

  /** Whether the name is that of an identifier: id, key, number. */
  boolean isIdentifier(List<String> words);

  /** Whether the name is that of a code: code, type, status, class. */
  boolean isCode(List<String> words);

  /** The values from the least to the most, when everyday language has an order for all of them. */
  List<String> inOrder(List<String> values);

  /** What a number of that name does over many rows. */
  Amount amount(List<String> words);

  /** Which part a date of that name has in what happened. */
  Moment moment(List<String> words);

  /** Whether the name says who stands above or before a row of the same table: parent, sponsor. */
  boolean pointsWithin(List<String> words);

  /** Whether texts of that name are written for people to read: notes, comments. */
  boolean isProse(List<String> words);

  /**
   * What people call a date or time of that name, the best first: {@code opened_on} is "date
   * opened", "opened", "opened on".
   */
  List<String> ofDate(List<String> words, boolean hasTime);

  /** Whether the name is that of a table of the warehouse's own upkeep. */
  boolean isUpkeep(List<String> words);

  /** Whether the name is that of a place on earth from south to north. */
  boolean isLatitude(List<String> words);

  /** Whether the name is that of a place on earth from west to east. */
  boolean isLongitude(List<String> words);

  /** What a number does over many rows, as far as its name tells. */
  enum Amount {
    /** An amount of money that adds up. */
    MONEY,
    /** Something counted or measured that adds up. */
    QUANTITY,
    /** A state at one time: adds up over things and not over time. */
    STOCK,
    /** A rate, a score or a measure of one thing: never adds up. */
    MEASURE,
    /** A year, a month, a number in a row: no amount at all. */
    POSITION,
    UNKNOWN
  }

  /** Which part a date has in what happened. */
  enum Moment {
    /** When it began or happened. */
    START,
    /** When it was agreed or written down. */
    RECORD,
    /** When it ended or should end. */
    END,
    /** When a person was born. */
    BIRTH,
    UNKNOWN
  }

  /**
   * A name for a table or column from words: small letters, digits and underscores, beginning with
   * a letter, and none of those taken.
   *
   * @param longest how many characters it may have before a number is added
   */
  static String name(String words, int longest, Set<String> taken) {
    String plain =
        Normalizer.normalize(words, Normalizer.Form.NFKD)
            .replaceAll("\\p{M}", "")
            .toLowerCase(Locale.ROOT)
            .replace("ß", "ss")
            .replaceAll("[^a-z0-9]+", "_")
            .replaceAll("^_+|_+$", "");
    String name = plain.isEmpty() || !Character.isLetter(plain.charAt(0)) ? "c_" + plain : plain;
    return free(name.length() > longest ? name.substring(0, longest) : name, taken);
  }

  /** The name, with a number behind it when it is taken. */
  static String free(String name, Set<String> taken) {
    String free = name;
    for (int i = 2; taken.contains(free); i++) {
      free = name + "_" + i;
    }
    return free;
  }
}
