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

  /** The cosine of the angle between two vectors of length 1: 1 for the same direction. */
  static double cosine(float[] one, float[] other) {
    double sum = 0;
    for (int i = 0; i < one.length; i++) {
      sum += (double) one[i] * other[i];
    }
    return sum;
  }
}
