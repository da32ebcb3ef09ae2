package org.ropebridge.upload;

import java.util.Locale;
import java.util.Map;

/** Yes and no as files say them. */
final class YesNo {
  private static final Map<String, Boolean> WORDS =
      Map.of(
          "yes", true, "no", false, "true", true, "false", false, "y", true, "n", false, "ja", true,
          "nein", false);

  private static final int LONGEST = 5;

  private YesNo() {}

  /** What the word says; null if it says neither. */
  static Boolean read(String tidy) {
    return tidy.length() > LONGEST ? null : WORDS.get(tidy.toLowerCase(Locale.ROOT));
  }
}
