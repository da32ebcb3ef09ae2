package org.ropebridge.language;

import java.util.List;
import org.ropebridge.plan.Phrasebook;

/** What restatements share in languages that set things off with commas, brackets and quotes. */
abstract class CommonPhrases implements Phrasebook {
  /** "a, b" and the last one behind the word that joins it. */
  static String joined(List<String> items, String last) {
    int n = items.size();
    return n == 1
        ? items.get(0)
        : String.join(", ", items.subList(0, n - 1)) + last + items.get(n - 1);
  }

  /** The text in quotes, without those that it has itself. */
  static String quoted(String text) {
    return "\"" + text.replace("\"", "") + "\"";
  }

  @Override
  public String narrowed(String measure, List<String> filters) {
    return measure + " (" + String.join(", ", filters) + ")";
  }

  @Override
  public String enclosed(String words) {
    return "(" + words + ")";
  }

  @Override
  public String via(String rows, String role) {
    return rows + " via " + role;
  }
}
