package org.ropebridge.survey;

import java.util.Locale;

/** Counts in the reasons of proposals. */
final class Words {
  private Words() {}

  static String count(long n, String noun) {
    return String.format(Locale.ENGLISH, "%,d %s%s", n, noun, n == 1 ? "" : "s");
  }

  static String rows(long n) {
    return count(n, "row");
  }
}
