package org.ropebridge.lexicon;

/** Which way something is asked to differ from another time: "more", "worse". */
public enum Contrast {
  MORE,
  LESS,
  /** More, or less where that is better. */
  BETTER,
  WORSE
}
