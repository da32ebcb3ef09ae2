package org.ropebridge.plan;

import java.time.LocalDate;
import java.util.Optional;

/**
 * Days of the calendar.
 *
 * @param first first day; empty for no beginning
 * @param end the day after the last; empty for no end
 */
public record DayRange(Optional<LocalDate> first, Optional<LocalDate> end) {
  public static DayRange of(LocalDate first, LocalDate end) {
    return new DayRange(Optional.of(first), Optional.of(end));
  }

  public Optional<LocalDate> last() {
    return end.map(d -> d.minusDays(1));
  }

  /** Whether some day is in both. */
  public boolean overlaps(DayRange other) {
    return startsBefore(other.end) && other.startsBefore(end);
  }

  /** Whether every day of the other is in this one. */
  public boolean contains(DayRange other) {
    boolean begins =
        first.isEmpty() || other.first.isPresent() && !other.first.get().isBefore(first.get());
    boolean ends = end.isEmpty() || other.end.isPresent() && !other.end.get().isAfter(end.get());
    return begins && ends;
  }

  /** Whether it is one whole calendar year. */
  public boolean isYear() {
    return first.filter(d -> d.getDayOfYear() == 1).isPresent()
        && end.equals(first.map(d -> d.plusYears(1)));
  }

  /** The longest of years and months that it is whole ones of; empty where it is of neither. */
  public Optional<TimeUnit> wholeUnit() {
    if (first.isEmpty() || end.isEmpty()) {
      return Optional.empty();
    } else if (first.get().getDayOfYear() == 1 && end.get().getDayOfYear() == 1) {
      return Optional.of(TimeUnit.YEAR);
    }
    boolean months = first.get().getDayOfMonth() == 1 && end.get().getDayOfMonth() == 1;
    return months ? Optional.of(TimeUnit.MONTH) : Optional.empty();
  }

  private boolean startsBefore(Optional<LocalDate> otherEnd) {
    return first.isEmpty() || otherEnd.isEmpty() || first.get().isBefore(otherEnd.get());
  }

  /** Whether the range runs past the day. */
  public boolean endsAfter(LocalDate day) {
    return end.isEmpty() || end.get().isAfter(day.plusDays(1));
  }
}
