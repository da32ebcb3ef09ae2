package org.ropebridge.upload;

/** Whether the day or the month stands first in 03/04/2025. */
public enum DayOrder {
  DAY_FIRST,
  MONTH_FIRST
}
