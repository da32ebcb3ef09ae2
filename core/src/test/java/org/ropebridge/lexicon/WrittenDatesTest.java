package org.ropebridge.lexicon;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.ropebridge.plan.Period;

/** Days, months and years that are written in digits alone. */
class WrittenDatesTest {
  static Stream<Arguments> written() {
    return Stream.of(
        Arguments.of("2025-05-12", List.of(day(2025, 5, 12))),
        Arguments.of("13/5/2025", List.of(day(2025, 5, 13))),
        Arguments.of("5/13/25", List.of(day(2025, 5, 13))),
        Arguments.of("5/5/2025", List.of(day(2025, 5, 5))),
        // Some write the day first, and others the month.
        Arguments.of("3/4/2025", List.of(day(2025, 4, 3), day(2025, 3, 4))),
        Arguments.of("2025-05", List.of(may())),
        Arguments.of("05/2025", List.of(may())),
        Arguments.of("2024/25", List.of(new Meaning.TwoYearsWord(2024))),
        Arguments.of("2024/2025", List.of(new Meaning.TwoYearsWord(2024))),
        Arguments.of("24/25", List.of(new Meaning.TwoYearsWord(2024))),
        Arguments.of("2024/2027", List.of()),
        Arguments.of("2025-13", List.of()),
        Arguments.of("31/2/2025", List.of()),
        Arguments.of("14/2025", List.of()));
  }

  private static Meaning day(int year, int month, int day) {
    return new Meaning.DayWord(LocalDate.of(year, month, day));
  }

  private static Meaning may() {
    return new Meaning.PeriodWord(new Period.Span(Period.Unit.MONTH, LocalDate.of(2025, 5, 1)));
  }

  @ParameterizedTest
  @MethodSource("written")
  void digitsAreDates(String text, List<Meaning> meanings) {
    assertEquals(meanings, WrittenDates.of(text));
  }

  @Test
  void daysWithPoints() {
    assertEquals(Optional.of(day(2025, 5, 12)), WrittenDates.dotted("12.5.2025"));
    assertEquals(Optional.of(day(2025, 5, 12)), WrittenDates.dotted("12.05.2025"));
    assertEquals(Optional.empty(), WrittenDates.dotted("31.2.2025"));
    assertEquals(Optional.empty(), WrittenDates.dotted("12.5"));
  }

  @ParameterizedTest
  @ValueSource(strings = {"'25", "\u201925"})
  void yearsOfTwoDigitsAreOfThisCentury(String typed) {
    assertEquals("2025", Tokens.of("May " + typed, Writing.POINTS).get(1).plain());
  }

  @Test
  void dashesAreSeenBetweenWords() {
    List<Token> tokens = Tokens.of("Jan-Mar 2025 \u2013 hut by hut", Writing.POINTS);
    assertEquals(
        List.of("mar", "hut"), tokens.stream().filter(Token::afterDash).map(Token::plain).toList());
  }
}
