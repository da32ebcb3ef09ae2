package org.ropebridge.language;

import java.math.BigDecimal;
import java.text.DecimalFormat;
import java.text.DecimalFormatSymbols;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.Month;
import java.time.format.DateTimeFormatter;
import java.time.format.TextStyle;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import org.ropebridge.plan.Bound;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.Period;
import org.ropebridge.plan.PeriodResolver;
import org.ropebridge.plan.Plan;
import org.ropebridge.plan.TimeUnit;

/** Restatements in English. */
final class EnglishPhrasebook extends CommonPhrases {
  private static final DateTimeFormatter DAY =
      DateTimeFormatter.ofPattern("d MMMM yyyy", Locale.ENGLISH);
  private static final DateTimeFormatter MONTH =
      DateTimeFormatter.ofPattern("MMMM yyyy", Locale.ENGLISH);
  private static final Set<Integer> WEEKEND = Set.of(6, 7);
  private static final Set<Integer> WORKDAYS = Set.of(1, 2, 3, 4, 5);
  private static final String EXCLUDING = "excluding ";

  @Override
  public String and(List<String> items) {
    return joined(items, " and ");
  }

  @Override
  public String or(List<String> items) {
    return joined(items, " or ");
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
    return "with "
        + column
        + " "
        + bound(new Bound(comparison, low, high), false)
        + unit.map(u -> " " + u).orElse("");
  }

  private static String bound(Bound bound, boolean percent) {
    String words =
        switch (bound.comparison()) {
          case MORE_THAN -> "more than ";
          case AT_LEAST -> "at least ";
          case LESS_THAN -> "less than ";
          case AT_MOST -> "at most ";
          case EQUAL_TO -> "exactly ";
          case BETWEEN -> "between ";
        };
    return words
        + number(bound.low(), percent)
        + bound.high().map(h -> " and " + number(h, percent)).orElse("");
  }

  private static String number(BigDecimal number, boolean percent) {
    return percent
        ? number(new BigDecimal(number.movePointRight(2).stripTrailingZeros().toPlainString()))
            + "%"
        : number(number);
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
    if (relative.from() == relative.to() && relative.from() < 0) {
      return -relative.from() + " " + unit + "s ago";
    }
    if (relative.from() == 1) {
      return relative.to() == 1 ? "next " + unit : "the next " + relative.to() + " " + unit + "s";
    }
    return "the last " + (relative.to() - relative.from() + 1) + " " + unit + "s";
  }

  private static String unit(Period.Unit unit) {
    return unit == Period.Unit.HALF
        ? "half year"
        : unit.name().toLowerCase(Locale.ROOT).replace('_', ' ');
  }

  @Override
  public String recurring(TimeUnit part, Set<Integer> numbers, boolean negated) {
    if (part == TimeUnit.HOUR_OF_DAY) {
      return (negated ? EXCLUDING : "") + "between " + hours(numbers) + " o'clock";
    }
    boolean days = part == TimeUnit.DAY_OF_WEEK;
    List<String> names =
        numbers.stream()
            .map(
                n ->
                    days
                        ? DayOfWeek.of(n).getDisplayName(TextStyle.FULL, Locale.ENGLISH) + "s"
                        : Month.of(n).getDisplayName(TextStyle.FULL, Locale.ENGLISH))
            .toList();
    String all =
        days && numbers.equals(WEEKEND)
            ? "weekends"
            : days && numbers.equals(WORKDAYS)
                ? "weekdays"
                : and(names) + (days ? "" : " of any year");
    return (negated ? EXCLUDING : days ? "on " : "in ") + all;
  }

  private String hours(Set<Integer> numbers) {
    return and(Hours.stretches(numbers).stream().map(s -> s[0] + " and " + s[1]).toList());
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
      case STACKED -> "as stacked bars";
      case LINE -> "as a line chart";
      case AREA -> "as an area chart";
      case SCATTER -> "as a scatter plot";
      case HEAT_MAP -> "as a heat map";
      case TREE_MAP -> "as a tree map";
      case SUNBURST -> "as a sunburst";
      case SMALL_MULTIPLES -> "as small multiples";
      case BARS_WITH_LINE -> "as bars with a line";
      case CROSS_TABLE -> "as a cross table";
      case HISTOGRAM -> "as a histogram";
      case MAP -> "on a map";
    };
  }

  @Override
  public String value(String name) {
    boolean plain =
        name.matches("[\\p{L}\\p{M}]+([ '\u2019-][\\p{L}\\p{M}]+)*")
            && !name.toLowerCase(Locale.ROOT).matches("(.* )?(and|or|by|with)( .*)?");
    return plain ? name : quoted(name);
  }

  @Override
  public String duration(Measure.Kind kind, boolean inHours, String from, String to) {
    String unit = inHours ? "hours" : "days";
    return statistic(kind, 0, unit + " from " + from + " to " + to);
  }

  @Override
  public String portion(String measure, List<String> filters) {
    return "portion of " + narrowed(measure, filters);
  }

  @Override
  public String arithmetic(
      Measure.Operator operator, String left, String right, BigDecimal factor) {
    return switch (operator) {
      case PLUS -> left + " added to " + right;
      case MINUS -> left + " minus " + right;
      case TIMES -> left + " times " + right;
      case DIVIDED_BY ->
          factor.compareTo(BigDecimal.ONE) == 0
              ? left + " divided by " + right
              : left + " per " + number(factor) + " " + right;
    };
  }

  @Override
  public String overParts(Measure.Kind kind, String measure, String part) {
    return statistic(kind, 0, "over each " + part + " of " + measure);
  }

  @Override
  public String correlation(String first, String second, String part) {
    return "correlation of " + first + " with " + second + " over each " + part;
  }

  @Override
  public String share(String measure, Optional<String> within) {
    return "share of " + measure + within.map(w -> " within each " + w).orElse("");
  }

  @Override
  public String compared(Measure.Move move, String measure, String earlier) {
    return switch (move) {
      case BEFORE -> measure + " " + earlier;
      case CHANGE -> "change in " + measure + " from " + earlier;
      case GROWTH -> "growth of " + measure + " from " + earlier;
    };
  }

  @Override
  public String unitBefore(Period.Unit unit) {
    return "the " + unit(unit) + " before";
  }

  @Override
  public String spanBefore() {
    return "the period before";
  }

  @Override
  public String otherPeriod(Period period, PeriodResolver resolver) {
    return "the earlier time (" + period(period, resolver, false) + ")";
  }

  @Override
  public String cumulative(String measure) {
    return "cumulative " + measure;
  }

  @Override
  public String movingAverage(String measure, int spans) {
    return spans + "-period moving average of " + measure;
  }

  @Override
  public String rank(String measure) {
    return "rank of " + measure;
  }

  @Override
  public String distance(String measure, Measure.Level level) {
    return "difference of " + measure + " from the " + level.name().toLowerCase(Locale.ROOT);
  }

  @Override
  public String inSteps(String column, BigDecimal width) {
    return column + " in steps of " + number(width);
  }

  @Override
  public String inBands(String column, List<BigDecimal> edges) {
    return column + " in bands from " + and(edges.stream().map(EnglishPhrasebook::number).toList());
  }

  @Override
  public String byWords(String column, List<String> words) {
    return "the words " + or(words.stream().map(CommonPhrases::quoted).toList()) + " in " + column;
  }

  @Override
  public String whether(String condition) {
    return "whether " + condition;
  }

  @Override
  public String missing(String column, boolean negated) {
    return (negated ? "with known " : "with missing ") + column;
  }

  @Override
  public String hasText(String column, Filter.Where where, String text, boolean negated) {
    String verb =
        switch (where) {
          case ANYWHERE -> "mentioning ";
          case AT_START -> "starting with ";
          case AT_END -> "ending with ";
        };
    return "with " + column + (negated ? " not " : " ") + verb + quoted(text);
  }

  @Override
  public String having(String anchors, Optional<Bound> count, String inner, boolean negated) {
    return "for "
        + anchors
        + (negated ? " not having " : " having ")
        + count.map(c -> bound(c, false) + " ").orElse("")
        + "("
        + inner
        + ")";
  }

  @Override
  public String among(String column, String plan, boolean negated) {
    return "for " + column + (negated ? " not among (" : " among (") + plan + ")";
  }

  @Override
  public String keeps(String measure, Bound bound, boolean percent) {
    return "keeping " + measure + " " + bound(bound, percent);
  }

  @Override
  public String besideAverage(String measure, boolean above) {
    return "keeping " + measure + (above ? " above the average" : " below the average");
  }

  @Override
  public String besideGroup(String measure, boolean above, String column, String name) {
    return "keeping " + measure + (above ? " above" : " below") + " that of " + column + " " + name;
  }

  @Override
  public String likeGroup(String measure, String column, String name) {
    return "keeping " + measure + " the same as that of " + column + " " + name;
  }

  @Override
  public String amongFirst(String measure, boolean top, BigDecimal percent) {
    return "keeping "
        + measure
        + " among the "
        + (top ? "top " : "bottom ")
        + number(percent)
        + "%";
  }

  @Override
  public String claim(String measure, Bound bound, boolean percent) {
    return "whether " + measure + " is " + bound(bound, percent);
  }

  @Override
  public String within(String grouping) {
    return "within each " + grouping;
  }

  @Override
  public String listing(String rows, List<String> columns) {
    return "list of " + rows + " showing " + and(columns);
  }

  @Override
  public String firstRows(int count, String by, boolean descending) {
    return "first " + count + " by " + by + (descending ? " descending" : " ascending");
  }
}
