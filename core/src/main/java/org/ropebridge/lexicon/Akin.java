package org.ropebridge.lexicon;

import java.util.List;

/**
 * Words that people use for one another, in plain lower case and singular.
 *
 * @param names words that a model may call something by; each stands for the others
 * @param alsoSaid words that stand for the names, but never the other way round
 */
public record Akin(List<String> names, List<String> alsoSaid) {
  public Akin {
    names = List.copyOf(names);
    alsoSaid = List.copyOf(alsoSaid);
  }

  /** The same, with words that only stand for the names. */
  public Akin also(String... words) {
    return new Akin(names, List.of(words));
  }
}
