package org.ropebridge.model.file;

import java.io.IOException;
import java.io.StringReader;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.temporal.Temporal;
import java.util.ArrayList;
import java.util.List;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.data.ParserException;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.Component;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.DtEnd;
import net.fortuna.ical4j.model.property.DtStart;
import net.fortuna.ical4j.model.property.RRule;
import net.fortuna.ical4j.model.property.Summary;
import org.ropebridge.model.Occasion;

/**
 * Reads occasions from iCalendar (RFC 5545): whole-day events with a summary; DTEND is the day
 * after the last; {@code RRULE:FREQ=YEARLY} brings an occasion back each year.
 */
final class OccasionsReader {
  private OccasionsReader() {}

  static List<Occasion> read(String file, String text, Places places, List<Fault> faults) {
    List<Occasion> occasions = new ArrayList<>();
    Calendar calendar;
    try {
      calendar = new CalendarBuilder().build(new StringReader(text.replaceAll("\r?\n", "\r\n")));
    } catch (ParserException e) {
      faults.add(
          Fault.error(
              new Place(file, Math.max(1, e.getLineNo()), 1),
              "not readable as iCalendar: " + e.getMessage(),
              "write events with SUMMARY, DTSTART;VALUE=DATE and DTEND;VALUE=DATE"));
      return occasions;
    } catch (IOException | RuntimeException e) {
      faults.add(
          Fault.error(new Place(file, 1, 1), "not readable as iCalendar: " + e.getMessage(), ""));
      return occasions;
    }
    for (Object component : calendar.getComponents(Component.VEVENT)) {
      VEvent event = (VEvent) component;
      String name = event.getProperty("SUMMARY").map(p -> ((Summary) p).getValue()).orElse("");
      Place place = placeOf(file, text, name);
      LocalDate first =
          event.getProperty("DTSTART").map(p -> day(((DtStart<?>) p).getDate())).orElse(null);
      LocalDate end =
          event
              .getProperty("DTEND")
              .map(p -> day(((DtEnd<?>) p).getDate()))
              .orElse(first == null ? null : first.plusDays(1));
      if (name.isBlank() || first == null || end == null || !end.isAfter(first)) {
        faults.add(
            Fault.error(
                place,
                "an occasion needs a SUMMARY, a DTSTART and a later DTEND",
                "DTEND is the day after the last"));
        continue;
      }
      boolean yearly =
          event
              .getProperty("RRULE")
              .map(p -> ((RRule<?>) p).getValue().contains("FREQ=YEARLY"))
              .orElse(false);
      places.put("occasions/" + name, place);
      occasions.add(new Occasion(name, first, end.minusDays(1), yearly));
    }
    return occasions;
  }

  private static LocalDate day(Temporal temporal) {
    if (temporal instanceof LocalDate date) {
      return date;
    }
    return temporal instanceof LocalDateTime time ? time.toLocalDate() : LocalDate.from(temporal);
  }

  private static Place placeOf(String file, String text, String name) {
    String[] lines = text.split("\r?\n");
    for (int i = 0; i < lines.length; i++) {
      if (!name.isBlank() && lines[i].contains(name)) {
        return new Place(file, i + 1, 1);
      }
    }
    return new Place(file, 1, 1);
  }
}
