package org.ropebridge.language;

import java.math.BigDecimal;
import java.text.DecimalFormat;
import java.text.DecimalFormatSymbols;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.time.format.TextStyle;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.Period;
import org.ropebridge.plan.PeriodResolver;
import org.ropebridge.plan.Phrasebook;
import org.ropebridge.plan.Plan;
import org.ropebridge.plan.TimeUnit;

/** Restatements in English. */
final class EnglishPhrasebook implements Phrasebook {
  private static final DateTimeFormatter DAY =
      DateTimeFormatter.ofPattern("d MMMM yyyy", Locale.ENGLISH);
  private static final DateTimeFormatter MONTH =
      DateTimeFormatter.ofPattern("MMMM yyyy", Locale.ENGLISH);
  private static final String EXCLUDING = "excluding ";

  @Override
  public String and(List<String> items) {
    return joined(items, " and ");
  }

  @Override
  public String or(List<String> items) {
    return joined(items, " or ");
  }

  private static String joined(List<String> items, String last) {
    int n = items.size();
    return n == 1
        ? items.get(0)
        : String.join(", ", items.subList(0, n - 1)) + last + items.get(n - 1);
  }

  @Override
  public String plural(String noun) {
    return EnglishInflection.plural(noun);
  }

  @Override
  public String rowCount(String plural) {
    return "number of " + plural;
  }

  @Override
  public String distinctRows(String countedPlural, String withPlural, Optional<String> role) {
    return "number of different "
        + countedPlural
        + " with "
        + withPlural
        + role.map(r -> " via " + r).orElse("");
  }

  @Override
  public String distinctValues(String column) {
    return "number of different " + plural(column);
  }

  @Override
  public String statistic(Measure.Kind kind, int percentile, String column) {
    return switch (kind) {
      case SUM -> "total " + column;
      case AVERAGE -> "average " + column;
      case MEDIAN -> "median " + column;
      case MINIMUM -> "minimum " + column;
      case MAXIMUM -> "maximum " + column;
      case STANDARD_DEVIATION -> "standard deviation of " + column;
      case PERCENTILE -> percentile + ordinalEnding(percentile) + " percentile of " + column;
    };
  }

  private static String ordinalEnding(int n) {
    if (n / 10 % 10 == 1) {
      return "th";
    }
    return switch (n % 10) {
      case 1 -> "st";
      case 2 -> "nd";
      case 3 -> "rd";
      default -> "th";
    };
  }

  @Override
  public String by(List<String> groupings) {
    return "by " + and(groupings);
  }

  @Override
  public String timeUnit(TimeUnit unit) {
    return unit.name().toLowerCase(Locale.ROOT).replace('_', ' ');
  }

  @Override
  public String timeUnitOfDate(TimeUnit unit, String date) {
    return timeUnit(unit) + " of " + date;
  }

  @Override
  public String values(String column, List<String> names, boolean negated) {
    return (negated ? EXCLUDING : "for ") + column + " " + or(names);
  }

  @Override
  public String compare(
      String column,
      Filter.Comparison comparison,
      BigDecimal low,
      Optional<BigDecimal> high,
      Optional<String> unit) {
    String words =
        switch (comparison) {
          case MORE_THAN -> "more than ";
          case AT_LEAST -> "at least ";
          case LESS_THAN -> "less than ";
          case AT_MOST -> "at most ";
          case EQUAL_TO -> "exactly ";
          case BETWEEN -> "between ";
        };
    return "with "
        + column
        + " "
        + words
        + number(low)
        + high.map(h -> " and " + number(h)).orElse("")
        + unit.map(u -> " " + u).orElse("");
  }

  private static String number(BigDecimal number) {
    DecimalFormat format =
        new DecimalFormat("#,##0", DecimalFormatSymbols.getInstance(Locale.ENGLISH));
    format.setMaximumFractionDigits(Math.max(0, number.scale()));
    return number.abs().compareTo(BigDecimal.valueOf(10_000)) < 0
        ? number.toPlainString()
        : format.format(number);
  }

  @Override
  public String condition(String label, boolean negated) {
    return (negated ? EXCLUDING : "for ") + label;
  }

  @Override
  public String yes(String column, boolean negated) {
    return (negated ? EXCLUDING : "for ") + column;
  }

  @Override
  public String period(Period period, PeriodResolver resolver, boolean negated) {
    String bare = bare(period, resolver);
    if (negated) {
      return EXCLUDING + bare;
    }
    return preposition(period) + bare;
  }

  private static String preposition(Period period) {
    if (period instanceof Period.Span span) {
      return span.unit() == Period.Unit.DAY ? "on " : "in ";
    } else if (period instanceof Period.Relative relative) {
      boolean inTheLast = relative.from() != relative.to();
      return inTheLast ? "in " : "";
    } else if (period instanceof Period.InSeason) {
      return "in ";
    } else if (period instanceof Period.During) {
      return "during ";
    }
    return "";
  }

  private static String bare(Period period, PeriodResolver resolver) {
    if (period instanceof Period.Span span) {
      return span(span, resolver);
    } else if (period instanceof Period.Relative relative) {
      return relative(relative);
    } else if (period instanceof Period.ToDate toDate) {
      return "this " + unit(toDate.unit()) + " to date";
    } else if (period instanceof Period.InSeason season) {
      return season.season().replace('_', ' ') + " " + season.year();
    } else if (period instanceof Period.During during) {
      return during.occasion() + " " + during.year();
    }
    Period.Range range = (Period.Range) period;
    if (range.first().isPresent() && range.last().isPresent()) {
      return "between "
          + DAY.format(range.first().get())
          + " and "
          + DAY.format(range.last().get());
    }
    return range
        .first()
        .map(d -> "since " + DAY.format(d))
        .orElseGet(() -> "before " + DAY.format(range.last().orElseThrow().plusDays(1)));
  }

  private static String span(Period.Span span, PeriodResolver resolver) {
    LocalDate first = span.first();
    return switch (span.unit()) {
      case YEAR -> Integer.toString(first.getYear());
      case BUSINESS_YEAR -> "business year " + resolver.nameOfBusinessYear(first);
      case HALF ->
          "the "
              + (first.getMonthValue() <= 6 ? "first" : "second")
              + " half of "
              + first.getYear();
      case QUARTER -> "Q" + (first.getMonthValue() / 3 + 1) + " " + first.getYear();
      case MONTH -> MONTH.format(first);
      case WEEK -> "the week of " + DAY.format(first);
      case DAY -> DAY.format(first);
    };
  }

  private static String relative(Period.Relative relative) {
    String unit = unit(relative.unit());
    if (relative.from() == 0 && relative.to() == 0) {
      return relative.unit() == Period.Unit.DAY ? "today" : "this " + unit;
    }
    if (relative.from() == -1 && relative.to() == -1) {
      return relative.unit() == Period.Unit.DAY ? "yesterday" : "last " + unit;
    }
    return "the last " + (relative.to() - relative.from() + 1) + " " + unit + "s";
  }

  private static String unit(Period.Unit unit) {
    return unit == Period.Unit.HALF
        ? "half year"
        : unit.name().toLowerCase(Locale.ROOT).replace('_', ' ');
  }

  @Override
  public String weekdays(Set<DayOfWeek> days, boolean negated) {
    List<String> names =
        days.stream().map(d -> d.getDisplayName(TextStyle.FULL, Locale.ENGLISH) + "s").toList();
    return (negated ? EXCLUDING : "on ") + and(names);
  }

  @Override
  public String onDate(String date, String period) {
    return "with " + date + " " + period;
  }

  @Override
  public String ranked(boolean top, int count, String what, String measure) {
    return (top ? "top " : "bottom ") + count + " " + what + " by " + measure;
  }

  @Override
  public String rankedAtEnd(boolean top, int count, String measure) {
    return (top ? "top " : "bottom ") + count + " by " + measure;
  }

  @Override
  public String sorted(String by, boolean descending) {
    return "sorted by " + by + (descending ? " descending" : " ascending");
  }

  @Override
  public String picture(Plan.Picture picture) {
    return switch (picture) {
      case TABLE -> "as a table";
      case BAR -> "as a bar chart";
      case LINE -> "as a line chart";
    };
  }

  @Override
  public String value(String name) {
    boolean plain =
        name.matches("[\\p{L}\\p{M}]+([ '\u2019-][\\p{L}\\p{M}]+)*")
            && !name.toLowerCase(Locale.ROOT).matches("(.* )?(and|or|by|with)( .*)?");
    return plain ? name : "\"" + name.replace("\"", "") + "\"";
  }
}
