package org.ropebridge.model;

import java.time.Clock;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.Month;
import java.time.ZoneId;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;

/**
 * What time words mean in a model.
 *
 * @param today the day that relative periods count from
 * @param weekStarts first day of a week
 * @param yearStarts first month of the business year
 * @param timeZone the zone in which people count days, an identifier of the IANA database; empty
 *     when that is the service's own
 * @param seasons first and last month of each season, by name; a season may run over New Year
 */
public record BusinessCalendar(
    Today today,
    DayOfWeek weekStarts,
    Month yearStarts,
    Optional<String> timeZone,
    Map<String, Season> seasons) {
  public static final BusinessCalendar STANDARD =
      new BusinessCalendar(
          new Today.Clock(), DayOfWeek.MONDAY, Month.JANUARY, Optional.empty(), Map.of());

  public BusinessCalendar {
    // In the order of the file, so that all that is made from it is the same in each process.
    seasons = Collections.unmodifiableMap(new LinkedHashMap<>(seasons));
  }

  /** First and last month of a season, both whole. */
  public record Season(Month first, Month last) {
    public boolean runsOverNewYear() {
      return last.compareTo(first) < 0;
    }
  }

  /** Where "today" comes from. */
  public sealed interface Today {
    /** A day written in the model. */
    record Fixed(LocalDate day) implements Today {}

    /** The day on the clock of the service. */
    record Clock() implements Today {}

    /** The newest main date in the data. */
    record Latest() implements Today {}
  }

  /** The day that a clock shows where people count days. */
  public LocalDate day(Clock clock) {
    return LocalDate.ofInstant(clock.instant(), timeZone.map(ZoneId::of).orElseGet(clock::getZone));
  }

  /** The day written in the model, if one is. */
  public Optional<LocalDate> fixedToday() {
    return today instanceof Today.Fixed fixed ? Optional.of(fixed.day()) : Optional.empty();
  }
}
