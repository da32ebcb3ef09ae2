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

/**
 * Restatements in German. They are built from parts whose gender is not known, so articles are left
 * out, as in headings.
 */
final class GermanPhrasebook extends CommonPhrases {
  private static final DateTimeFormatter DAY =
      DateTimeFormatter.ofPattern("d. MMMM yyyy", Locale.GERMAN);
  private static final DateTimeFormatter MONTH =
      DateTimeFormatter.ofPattern("MMMM yyyy", Locale.GERMAN);
  private static final Set<Integer> WEEKEND = Set.of(6, 7);
  private static final Set<Integer> WORKDAYS = Set.of(1, 2, 3, 4, 5);
  private static final String EXCLUDING = "außer ";
  private static final String WITH = "mit ";
  private static final String FOR = "für ";
  private static final BigDecimal FOUR_DIGITS = BigDecimal.valueOf(10_000);

  @Override
  public String and(List<String> items) {
    return joined(items, " und ");
  }

  @Override
  public String or(List<String> items) {
    return joined(items, " oder ");
  }

  /** Only units of time are made plural; nouns of rows come with their plural from the author. */
  @Override
  public String plural(String noun) {
    for (Period.Unit unit : Period.Unit.values()) {
      if (singular(unit).equals(noun)) {
        return plural(unit);
      }
    }
    return noun;
  }

  @Override
  public String rowCount(String plural) {
    return "Anzahl " + plural;
  }

  @Override
  public String distinctRows(String countedPlural, String withPlural, Optional<String> role) {
    return "Anzahl verschiedener "
        + countedPlural
        + " mit "
        + GermanInflection.dativePlural(withPlural)
        + role.map(r -> " via " + r).orElse("");
  }

  @Override
  public String distinctValues(String column) {
    return "Anzahl verschiedener " + column;
  }

  @Override
  public String statistic(Measure.Kind kind, int percentile, String column) {
    return switch (kind) {
      case SUM -> "Summe von " + column;
      case AVERAGE -> "Durchschnitt von " + column;
      case MEDIAN -> "Median von " + column;
      case MINIMUM -> "Minimum von " + column;
      case MAXIMUM -> "Maximum von " + column;
      case STANDARD_DEVIATION -> "Standardabweichung von " + column;
      case PERCENTILE -> percentile + ". Perzentil von " + column;
    };
  }

  @Override
  public String by(List<String> groupings) {
    return "nach " + and(groupings);
  }

  @Override
  public String timeUnit(TimeUnit unit) {
    return switch (unit) {
      case YEAR -> "Jahr";
      case BUSINESS_YEAR -> "Geschäftsjahr";
      case QUARTER -> "Quartal";
      case MONTH -> "Monat";
      case WEEK -> "Woche";
      case DAY -> "Tag";
      case DAY_OF_WEEK -> "Wochentag";
      case HOUR_OF_DAY -> "Stunde des Tages";
      case MONTH_OF_YEAR -> "Monat des Jahres";
    };
  }

  @Override
  public String timeUnitOfDate(TimeUnit unit, String date) {
    return timeUnit(unit) + " laut " + date;
  }

  @Override
  public String values(String column, List<String> names, boolean negated) {
    return (negated ? EXCLUDING : FOR) + column + " " + or(names);
  }

  @Override
  public String compare(
      String column,
      Filter.Comparison comparison,
      BigDecimal low,
      Optional<BigDecimal> high,
      Optional<String> unit) {
    return WITH
        + column
        + " "
        + bound(new Bound(comparison, low, high), false)
        + unit.map(u -> " " + u).orElse("");
  }

  private static String bound(Bound bound, boolean percent) {
    String words =
        switch (bound.comparison()) {
          case MORE_THAN -> "mehr als ";
          case AT_LEAST -> "mindestens ";
          case LESS_THAN -> "weniger als ";
          case AT_MOST -> "höchstens ";
          case EQUAL_TO -> "genau ";
          case BETWEEN -> "zwischen ";
        };
    return words
        + number(bound.low(), percent)
        + bound.high().map(h -> " und " + number(h, percent)).orElse("");
  }

  private static String number(BigDecimal number, boolean percent) {
    return percent
        ? number(new BigDecimal(number.movePointRight(2).stripTrailingZeros().toPlainString()))
            + " %"
        : number(number);
  }

  private static String number(BigDecimal number) {
    boolean grouped = number.abs().compareTo(FOUR_DIGITS) >= 0;
    DecimalFormat format =
        new DecimalFormat(grouped ? "#,##0" : "0", DecimalFormatSymbols.getInstance(Locale.GERMAN));
    int decimals = Math.max(0, number.scale());
    format.setMaximumFractionDigits(decimals);
    format.setMinimumFractionDigits(grouped ? 0 : decimals);
    return format.format(number);
  }

  @Override
  public String condition(String label, boolean negated) {
    return (negated ? EXCLUDING : FOR) + label;
  }

  @Override
  public String yes(String column, boolean negated) {
    return (negated ? EXCLUDING : FOR) + column;
  }

  @Override
  public String period(Period period, PeriodResolver resolver, boolean negated) {
    return negated
        ? EXCLUDING + bare(period, resolver)
        : preposition(period) + bare(period, resolver);
  }

  private static String preposition(Period period) {
    if (period instanceof Period.Span span) {
      return switch (span.unit()) {
        case DAY -> "am ";
        case YEAR -> "im Jahr ";
        case WEEK, HALF -> "in ";
        case BUSINESS_YEAR, MONTH, QUARTER -> "im ";
      };
    } else if (period instanceof Period.Relative relative) {
      return relative.from() == relative.to() ? "" : "in ";
    } else if (period instanceof Period.InSeason) {
      return "im ";
    }
    return period instanceof Period.During ? "während " : "";
  }

  private static String bare(Period period, PeriodResolver resolver) {
    if (period instanceof Period.Span span) {
      return span(span, resolver);
    } else if (period instanceof Period.Relative relative) {
      return relative(relative);
    } else if (period instanceof Period.ToDate toDate) {
      return thisUnit(toDate.unit()) + " bis heute";
    } else if (period instanceof Period.InSeason season) {
      return season.season().replace('_', ' ') + " " + season.year();
    } else if (period instanceof Period.During during) {
      return during.occasion() + " " + during.year();
    }
    Period.Range range = (Period.Range) period;
    if (range.first().isPresent() && range.last().isPresent()) {
      return "zwischen dem "
          + DAY.format(range.first().get())
          + " und dem "
          + DAY.format(range.last().get());
    }
    return range
        .first()
        .map(d -> "seit dem " + DAY.format(d))
        .orElseGet(() -> "vor dem " + DAY.format(range.last().orElseThrow().plusDays(1)));
  }

  private static String span(Period.Span span, PeriodResolver resolver) {
    LocalDate first = span.first();
    return switch (span.unit()) {
      case YEAR -> Integer.toString(first.getYear());
      case BUSINESS_YEAR -> "Geschäftsjahr " + resolver.nameOfBusinessYear(first);
      case HALF ->
          "der "
              + (first.getMonthValue() <= Month.JUNE.getValue() ? "ersten" : "zweiten")
              + " Hälfte von "
              + first.getYear();
      case QUARTER -> "Q" + (first.getMonthValue() / 3 + 1) + " " + first.getYear();
      case MONTH -> MONTH.format(first);
      case WEEK -> "der Woche vom " + DAY.format(first);
      case DAY -> DAY.format(first);
    };
  }

  private static String relative(Period.Relative relative) {
    Period.Unit unit = relative.unit();
    if (relative.from() == 0 && relative.to() == 0) {
      return unit == Period.Unit.DAY ? "heute" : thisUnit(unit);
    } else if (relative.from() == -1 && relative.to() == -1) {
      return unit == Period.Unit.DAY ? "gestern" : ending("letzte", unit) + " " + singular(unit);
    } else if (relative.from() == relative.to() && relative.from() < 0) {
      return "vor " + -relative.from() + " " + dative(unit);
    } else if (relative.from() == 1) {
      return relative.to() == 1
          ? ending("nächste", unit) + " " + singular(unit)
          : "den nächsten " + relative.to() + " " + dative(unit);
    }
    return "den letzten " + (relative.to() - relative.from() + 1) + " " + dative(unit);
  }

  private static String thisUnit(Period.Unit unit) {
    return ending("diese", unit) + " " + singular(unit);
  }

  /** As an adjective ends before the unit where it says when: diesen Monat, diese Woche. */
  private static String ending(String adjective, Period.Unit unit) {
    return switch (unit) {
      case MONTH, DAY -> adjective + "n";
      case WEEK -> adjective;
      default -> adjective + "s";
    };
  }

  private static String singular(Period.Unit unit) {
    return switch (unit) {
      case YEAR -> "Jahr";
      case BUSINESS_YEAR -> "Geschäftsjahr";
      case HALF -> "Halbjahr";
      case QUARTER -> "Quartal";
      case MONTH -> "Monat";
      case WEEK -> "Woche";
      case DAY -> "Tag";
    };
  }

  private static String plural(Period.Unit unit) {
    return singular(unit) + (unit == Period.Unit.WEEK ? "n" : "e");
  }

  private static String dative(Period.Unit unit) {
    return GermanInflection.dativePlural(plural(unit));
  }

  @Override
  public String recurring(TimeUnit part, Set<Integer> numbers, boolean negated) {
    if (part == TimeUnit.HOUR_OF_DAY) {
      return (negated ? EXCLUDING : "") + "zwischen " + hours(numbers) + " Uhr";
    }
    boolean days = part == TimeUnit.DAY_OF_WEEK;
    if (days && numbers.equals(WEEKEND)) {
      return (negated ? EXCLUDING : "an ") + "Wochenenden";
    } else if (days && numbers.equals(WORKDAYS)) {
      return (negated ? EXCLUDING : "an ") + "Werktagen";
    }
    List<String> names =
        numbers.stream()
            .map(
                n ->
                    days
                        ? DayOfWeek.of(n).getDisplayName(TextStyle.FULL, Locale.GERMAN) + "en"
                        : Month.of(n).getDisplayName(TextStyle.FULL, Locale.GERMAN))
            .toList();
    String all = days ? and(names) : and(names) + " in allen Jahren";
    return (negated ? EXCLUDING : days ? "an " : "im ") + all;
  }

  private String hours(Set<Integer> numbers) {
    return and(Hours.stretches(numbers).stream().map(s -> s[0] + " und " + s[1]).toList());
  }

  @Override
  public String onDate(String date, String period) {
    return WITH + date + " " + period;
  }

  @Override
  public String ranked(boolean top, int count, String what, String measure) {
    return (top ? "Top " : "Flop ") + count + " " + what + " nach " + measure;
  }

  @Override
  public String rankedAtEnd(boolean top, int count, String measure) {
    return (top ? "Top " : "Flop ") + count + " nach " + measure;
  }

  @Override
  public String sorted(String by, boolean descending) {
    return "sortiert nach " + by + direction(descending);
  }

  private static String direction(boolean descending) {
    return descending ? " absteigend" : " aufsteigend";
  }

  @Override
  public String picture(Plan.Picture picture) {
    return switch (picture) {
      case TABLE -> "als Tabelle";
      case BAR -> "als Balkendiagramm";
      case STACKED -> "als gestapelte Balken";
      case LINE -> "als Liniendiagramm";
      case AREA -> "als Flächendiagramm";
      case SCATTER -> "als Streudiagramm";
      case HEAT_MAP -> "als Wärmekarte";
      case TREE_MAP -> "als Kacheldiagramm";
      case SUNBURST -> "als Sonnendiagramm";
      case SMALL_MULTIPLES -> "als kleine Diagramme";
      case BARS_WITH_LINE -> "als Balken mit Linie";
      case CROSS_TABLE -> "als Kreuztabelle";
      case HISTOGRAM -> "als Histogramm";
      case MAP -> "auf einer Karte";
    };
  }

  @Override
  public String value(String name) {
    boolean plain =
        name.matches("[\\p{L}\\p{M}]+([ '\u2019-][\\p{L}\\p{M}]+)*")
            && !name.toLowerCase(Locale.ROOT).matches("(.* )?(und|oder|nach|mit|pro|je)( .*)?");
    return plain ? name : quoted(name);
  }

  @Override
  public String duration(Measure.Kind kind, boolean inHours, String from, String to) {
    String unit = inHours ? "Stunden" : "Tagen";
    return statistic(kind, 0, unit + " von " + from + " bis " + to);
  }

  @Override
  public String portion(String measure, List<String> filters) {
    return "Teil von " + narrowed(measure, filters);
  }

  @Override
  public String arithmetic(
      Measure.Operator operator, String left, String right, BigDecimal factor) {
    return switch (operator) {
      case PLUS -> left + " zuzüglich " + right;
      case MINUS -> left + " abzüglich " + right;
      case TIMES -> left + " mal " + right;
      case DIVIDED_BY ->
          factor.compareTo(BigDecimal.ONE) == 0
              ? left + " geteilt durch " + right
              : left + " pro " + number(factor) + " " + right;
    };
  }

  @Override
  public String overParts(Measure.Kind kind, String measure, String part) {
    return statistic(kind, 0, "").strip().replaceFirst(" von$", "")
        + " genommen je "
        + part
        + " von "
        + measure;
  }

  @Override
  public String correlation(String first, String second, String part) {
    return "Korrelation von " + first + " mit " + second + " genommen je " + part;
  }

  @Override
  public String share(String measure, Optional<String> within) {
    return "Anteil von " + measure + within.map(w -> " innerhalb je " + w).orElse("");
  }

  @Override
  public String compared(Measure.Move move, String measure, String earlier) {
    return switch (move) {
      case BEFORE -> measure + " " + earlier;
      case CHANGE -> "Veränderung von " + measure + " gegenüber " + earlier;
      case GROWTH -> "Wachstum von " + measure + " gegenüber " + earlier;
    };
  }

  @Override
  public String unitBefore(Period.Unit unit) {
    return (unit == Period.Unit.WEEK ? "der " : "dem ") + singular(unit) + " davor";
  }

  @Override
  public String spanBefore() {
    return "dem Zeitraum davor";
  }

  @Override
  public String otherPeriod(Period period, PeriodResolver resolver) {
    return "der früheren Zeit (" + period(period, resolver, false) + ")";
  }

  @Override
  public String cumulative(String measure) {
    return "kumulierte Summe von " + measure;
  }

  @Override
  public String movingAverage(String measure, int spans) {
    return spans + "-Perioden gleitender Durchschnitt von " + measure;
  }

  @Override
  public String rank(String measure) {
    return "Rang von " + measure;
  }

  @Override
  public String distance(String measure, Measure.Level level) {
    String from =
        switch (level) {
          case AVERAGE -> "Durchschnitt";
          case HIGHEST -> "höchsten Wert";
          case LOWEST -> "niedrigsten Wert";
        };
    return "Abstand von " + measure + " vom " + from;
  }

  @Override
  public String inSteps(String column, BigDecimal width) {
    return column + " in Schritten von " + number(width);
  }

  @Override
  public String inBands(String column, List<BigDecimal> edges) {
    return column + " in Klassen ab " + and(edges.stream().map(GermanPhrasebook::number).toList());
  }

  @Override
  public String byWords(String column, List<String> words) {
    return "die Wörter " + or(words.stream().map(CommonPhrases::quoted).toList()) + " in " + column;
  }

  @Override
  public String whether(String condition) {
    return "ob " + condition;
  }

  @Override
  public String missing(String column, boolean negated) {
    return (negated ? "mit bekanntem " : "mit fehlendem ") + column;
  }

  @Override
  public String hasText(String column, Filter.Where where, String text, boolean negated) {
    String verb =
        switch (where) {
          case ANYWHERE -> "enthaltend ";
          case AT_START -> "beginnend mit ";
          case AT_END -> "endend mit ";
        };
    return WITH + column + (negated ? " nicht " : " ") + verb + quoted(text);
  }

  @Override
  public String having(String anchors, Optional<Bound> count, String inner, boolean negated) {
    return FOR
        + anchors
        + (negated ? " ohne vorhandene " : " mit vorhandenen ")
        + count.map(c -> bound(c, false) + " ").orElse("")
        + "("
        + inner
        + ")";
  }

  @Override
  public String among(String column, String plan, boolean negated) {
    return FOR + column + (negated ? " nicht aus den (" : " aus den (") + plan + ")";
  }

  @Override
  public String keeps(String measure, Bound bound, boolean percent) {
    return "nur wo " + measure + " " + bound(bound, percent);
  }

  @Override
  public String besideAverage(String measure, boolean above) {
    return "nur wo " + measure + (above ? " über dem Durchschnitt" : " unter dem Durchschnitt");
  }

  @Override
  public String besideGroup(String measure, boolean above, String column, String name) {
    return "nur wo " + measure + (above ? " über" : " unter") + " dem von " + column + " " + name;
  }

  @Override
  public String likeGroup(String measure, String column, String name) {
    return "nur wo " + measure + " gleich dem von " + column + " " + name;
  }

  @Override
  public String amongFirst(String measure, boolean top, BigDecimal percent) {
    String end = top ? "obersten " : "untersten ";
    return "nur wo " + measure + " aus den " + end + number(percent) + " %";
  }

  @Override
  public String claim(String measure, Bound bound, boolean percent) {
    return "Prüfung: " + measure + " ist " + bound(bound, percent);
  }

  @Override
  public String within(String grouping) {
    return "innerhalb je " + grouping;
  }

  @Override
  public String listing(String rows, List<String> columns) {
    return "Liste der " + rows + " mit Spalten " + and(columns);
  }

  @Override
  public String firstRows(int count, String by, boolean descending) {
    return "die ersten " + count + " nach " + by + direction(descending);
  }
}
