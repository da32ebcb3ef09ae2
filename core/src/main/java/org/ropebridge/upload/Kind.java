package org.ropebridge.upload;

/** What a column holds. */
public enum Kind {
  TEXT,
  /** Whole numbers of at most 18 digits. */
  WHOLE,
  /** Numbers with decimals, kept exactly. */
  DECIMAL,
  DAY,
  /** A day and a time on it, without a time zone. */
  MOMENT,
  /** A day and a time with its distance from UTC. */
  INSTANT,
  TIME,
  YES_NO
}
