package org.ropebridge.reading;

/** Turns words into vectors whose directions tell how near they are in meaning. */
@FunctionalInterface
public interface WordVectors {
  /**
   * The vector of some words.
   *
   * @return of length 1, and always as many numbers
   */
  float[] of(String words);
}
