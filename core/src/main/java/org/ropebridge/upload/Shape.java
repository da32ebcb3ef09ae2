package org.ropebridge.upload;

/** What a cell looks like, before its column is known. */
enum Shape {
  EMPTY,
  /** Says that there is nothing: {@code n/a}, {@code -}. */
  MARK,
  /** {@code 12}, {@code -7}. */
  WHOLE,
  /** {@code 20250314}: a whole number that can be a day. */
  DAY_DIGITS,
  /** {@code 007}: digits that a number would lose, or too many for one. */
  CODE,
  /** {@code 1 234}: grouped by spaces or apostrophes. */
  SPACED,
  /** {@code 1,234}: thousands, or three decimals. */
  ONE_COMMA_GROUP,
  /** {@code 1.234}: thousands, or three decimals. */
  ONE_POINT_GROUP,
  /** {@code 1,234,567}. */
  COMMA_GROUPS,
  /** {@code 1.234.567}. */
  POINT_GROUPS,
  /** {@code 1.5}, {@code 1,234.5}. */
  POINT_DECIMAL,
  /** {@code 1,5}, {@code 1.234,5}. */
  COMMA_DECIMAL,
  /** {@code 2025-03-14}. */
  DAY_ISO,
  /** {@code 14.3.2025}, {@code 14/03/25}. */
  DAY_FIRST,
  /** {@code 03/14/2025}. */
  MONTH_FIRST,
  /** {@code 03/04/2025}. */
  DAY_EITHER,
  /** {@code 14 Mar 2025}, {@code March 14, 2025}. */
  DAY_NAMED,
  /** {@code 2025-03}, {@code Mar 2025}. */
  MONTH_ONLY,
  /** Looks like a day, but the calendar has none such. */
  NO_DAY,
  MOMENT_ISO,
  MOMENT_FIRST,
  MOMENT_MONTH_FIRST,
  MOMENT_EITHER,
  MOMENT_NAMED,
  /** {@code 2025-03-14T08:30:00+01:00}. */
  INSTANT,
  /** {@code 08:30}. */
  TIME,
  YES_NO,
  /** {@code #REF!}: a sheet could not compute it. */
  ERROR,
  TEXT;

  boolean isMissing() {
    return this == EMPTY || this == MARK;
  }

  boolean isNumber() {
    return ordinal() >= WHOLE.ordinal() && ordinal() <= COMMA_DECIMAL.ordinal() && this != CODE;
  }

  boolean isDayOrMoment() {
    return ordinal() >= DAY_ISO.ordinal() && ordinal() <= INSTANT.ordinal() && this != NO_DAY;
  }

  /** Whether it could be the name of a column. */
  boolean isWords() {
    return this == TEXT || this == YES_NO;
  }
}
