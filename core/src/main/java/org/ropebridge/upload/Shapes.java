package org.ropebridge.upload;

import java.util.Optional;

/** Tells what a cell looks like. */
final class Shapes {
  /** Longer texts are neither numbers nor days. */
  private static final int LONGEST = 40;

  private Shapes() {}

  /**
   * A cell that was looked at.
   *
   * @param number the number that it looks like; null when it does not
   */
  record Seen(Shape shape, NumberText number) {
    private static final Seen EMPTY = new Seen(Shape.EMPTY, null);
    private static final Seen MARK = new Seen(Shape.MARK, null);
    private static final Seen TEXT = new Seen(Shape.TEXT, null);
  }

  static Seen of(String tidy) {
    if (tidy.isEmpty()) {
      return Seen.EMPTY;
    }
    if (CellText.isMark(tidy)) {
      return Seen.MARK;
    }
    if (tidy.length() > LONGEST) {
      return Seen.TEXT;
    }
    if (!hasDigit(tidy)) {
      return ofWords(tidy);
    }
    if (tidy.indexOf(':') >= 0) {
      return new Seen(Moments.read(tidy).map(Moments.Written::shape).orElse(Shape.TEXT), null);
    }
    Optional<NumberText> number = NumberText.of(tidy);
    if (number.isPresent()) {
      Shape shape = number.get().shape();
      if (shape != Shape.TEXT) {
        return new Seen(shape, number.get());
      }
    }
    return new Seen(Days.read(tidy).map(Days.Written::shape).orElse(Shape.TEXT), null);
  }

  private static Seen ofWords(String tidy) {
    if (YesNo.read(tidy) != null) {
      return new Seen(Shape.YES_NO, null);
    }
    boolean isError = tidy.charAt(0) == '#' && (tidy.endsWith("!") || tidy.endsWith("?"));
    return isError ? new Seen(Shape.ERROR, null) : Seen.TEXT;
  }

  private static boolean hasDigit(String text) {
    for (int i = 0; i < text.length(); i++) {
      char c = text.charAt(i);
      if (c >= '0' && c <= '9') {
        return true;
      }
    }
    return false;
  }
}
