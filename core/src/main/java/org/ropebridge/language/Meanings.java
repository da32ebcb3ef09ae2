package org.ropebridge.language;

import static java.util.Map.entry;

import java.math.BigDecimal;
import java.time.DayOfWeek;
import java.time.Month;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;
import java.util.function.Function;
import org.ropebridge.lexicon.Contrast;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.Period;
import org.ropebridge.plan.Plan;
import org.ropebridge.plan.TimeUnit;

/**
 * The kinds of meaning that sections of a language pack give to words, by the names that they have
 * there, and what the names under each kind stand for.
 */
final class Meanings {
  private static final Map<String, Function<String, Meaning>> KINDS =
      Map.ofEntries(
          entry("roles", n -> new Meaning.FunctionWord(Role.valueOf(n))),
          entry("statistics", n -> new Meaning.StatisticWord(Measure.Kind.valueOf(n))),
          entry("superlatives", Meanings::superlative),
          entry("judgements", n -> new Meaning.JudgementWord(either(n, "BEST", "WORST"))),
          entry(
              "common",
              n ->
                  n.equals("POPULAR")
                      ? new Meaning.CommonWord(true, true)
                      : new Meaning.CommonWord(either(n, "MOST", "LEAST"), false)),
          entry("often", n -> new Meaning.OftenWord(either(n, "MOST", "LEAST"))),
          entry("ranks", n -> new Meaning.RankWord(either(n, "TOP", "BOTTOM"), false)),
          entry("ranks but of time", n -> new Meaning.RankWord(either(n, "TOP", "BOTTOM"), true)),
          entry("how", n -> new Meaning.HowWord(List.of(n.split(" ")))),
          entry("comparisons", n -> new Meaning.ComparisonWord(Filter.Comparison.valueOf(n))),
          entry("measured comparisons", Meanings::measuredThan),
          entry("contrasts", n -> new Meaning.ComparativeWord(Contrast.valueOf(n))),
          entry(
              "contrasts with time", n -> new Meaning.ComparativeToWord(either(n, "MORE", "LESS"))),
          entry("drifts", n -> new Meaning.DriftWord(Contrast.valueOf(n))),
          entry("moves", n -> new Meaning.MoveWord(Measure.Move.valueOf(n))),
          entry("earlier", Meanings::earlierOf),
          entry("same time", n -> earlier(n, Meaning.EarlierUse.SAME_TIME)),
          entry("every span", n -> earlier(n, Meaning.EarlierUse.EVERY_SPAN)),
          entry("operators", n -> new Meaning.OperatorWord(Measure.Operator.valueOf(n))),
          entry("levels", n -> new Meaning.LevelWord(Measure.Level.valueOf(n))),
          entry("places of text", n -> new Meaning.WhereWord(Filter.Where.valueOf(n))),
          entry("pictures", n -> new Meaning.PictureWord(Plan.Picture.valueOf(n))),
          entry(
              "directions of time",
              n -> new Meaning.DirectionWord(either(n, "DESCENDING", "ASCENDING"), true)),
          entry(
              "directions",
              n -> new Meaning.DirectionWord(either(n, "DESCENDING", "ASCENDING"), false)),
          entry(
              "units of time",
              n -> time(TimeUnit.valueOf(n), Optional.of(Period.Unit.valueOf(n)), false)),
          entry("parts of time", n -> time(TimeUnit.valueOf(n), Optional.empty(), false)),
          entry("adverbs of time", n -> time(TimeUnit.valueOf(n), Optional.empty(), true)),
          entry("hours", Meanings::hours),
          entry("months", n -> new Meaning.MonthWord(Month.valueOf(n))),
          entry("weekdays", n -> new Meaning.WeekdayWord(DayOfWeek.valueOf(n))),
          entry("quarters", n -> new Meaning.QuarterWord(Integer.parseInt(n))),
          entry("times", n -> new Meaning.TimesWord(Integer.parseInt(n))),
          entry("halves", n -> new Meaning.HalfWord(Integer.parseInt(n))),
          entry("ordinals", n -> new Meaning.OrdinalWord(Integer.parseInt(n))),
          entry("numbers", n -> new Meaning.NumberWord(new BigDecimal(n))));

  private Meanings() {}

  /**
   * The meaning of a name under a kind: of {@code MORE_THAN} under {@code comparisons}.
   *
   * @throws IllegalArgumentException if there is no such kind, or no such name in it
   */
  static Meaning of(String kind, String name) {
    Function<String, Meaning> meanings = KINDS.get(kind);
    if (meanings == null) {
      throw new IllegalArgumentException(
          "no kind \"" + kind + "\"; there are " + new TreeSet<>(KINDS.keySet()));
    }
    try {
      return meanings.apply(name);
    } catch (IllegalArgumentException e) {
      throw new IllegalArgumentException("no \"" + name + "\" among " + kind, e);
    }
  }

  private static boolean either(String name, String yes, String no) {
    if (name.equals(yes) || name.equals(no)) {
      return name.equals(yes);
    }
    throw new IllegalArgumentException("neither " + yes + " nor " + no);
  }

  /** "MORE_THAN length time": what is compared may be either. */
  private static Meaning measuredThan(String name) {
    List<String> parts = List.of(name.split(" "));
    return new Meaning.MeasuredThanWord(
        Filter.Comparison.valueOf(parts.get(0)), parts.subList(1, parts.size()));
  }

  /** "MOST money", or "LEAST" for any dimension. */
  private static Meaning superlative(String name) {
    String[] parts = name.split(" ", 2);
    String dimension = parts.length == 1 ? "" : parts[1];
    return new Meaning.SuperlativeWord(either(parts[0], "MOST", "LEAST"), dimension);
  }

  /** "YEAR", or "YEAR of MONTH": the same month of the year before. */
  private static Meaning earlierOf(String name) {
    String[] parts = name.split(" of ", 2);
    Optional<Period.Unit> of =
        parts.length == 1 ? Optional.empty() : Optional.of(Period.Unit.valueOf(parts[1]));
    Meaning.EarlierUse use =
        of.isPresent() ? Meaning.EarlierUse.SAME_TIME : Meaning.EarlierUse.TIME;
    return new Meaning.EarlierWord(earlier(parts[0]), use, of);
  }

  private static Meaning earlier(String name, Meaning.EarlierUse use) {
    return new Meaning.EarlierWord(earlier(name), use, Optional.empty());
  }

  private static Measure.Earlier earlier(String name) {
    return name.equals("SPAN")
        ? new Measure.SpanBefore()
        : new Measure.UnitBefore(Period.Unit.valueOf(name));
  }

  private static Meaning time(TimeUnit grouping, Optional<Period.Unit> period, boolean adverb) {
    return new Meaning.TimeUnitWord(grouping, period, adverb);
  }

  /** "22-6": from one hour to another. */
  private static Meaning hours(String name) {
    String[] ends = name.split("-", 2);
    return new Meaning.HoursWord(Integer.parseInt(ends[0]), Integer.parseInt(ends[1]));
  }
}
