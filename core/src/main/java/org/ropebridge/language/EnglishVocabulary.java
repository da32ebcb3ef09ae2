package org.ropebridge.language;

import java.math.BigDecimal;
import java.time.DayOfWeek;
import java.time.Month;
import java.time.format.TextStyle;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Role;
import org.ropebridge.lexicon.Vocabulary;
import org.ropebridge.plan.Filter.Comparison;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.Period;
import org.ropebridge.plan.Plan.Picture;
import org.ropebridge.plan.TimeUnit;

/** The English words that have a task in questions, whatever the model. */
final class EnglishVocabulary implements Vocabulary {
  /** Words of questions that look like slips of model words but are right as they are. */
  private static final Set<String> COMMON =
      Set.of(
          "price",
          "prices",
          "share",
          "shares",
          "close",
          "closed",
          "open",
          "delete",
          "develop",
          "future",
          "forecast",
          "predict",
          "should",
          "would",
          "because",
          "better",
          "other",
          "carbon",
          "emissions",
          "alter",
          "insert",
          "update",
          "select",
          "drop",
          "table",
          "where",
          "when",
          "whose",
          "whom",
          "relation",
          "related",
          "growth",
          "house",
          "horse",
          "houses",
          "horses",
          "staff",
          "state",
          "stage",
          "months",
          "rent",
          "rating",
          "ratings",
          "never",
          "ever",
          "every",
          "after",
          "often",
          "than",
          "then",
          "them",
          "they",
          "both",
          "same",
          "next",
          "text",
          "cost",
          "post",
          "lost",
          "most",
          "must",
          "rate",
          "date",
          "late",
          "name",
          "game",
          "male",
          "female",
          "sale",
          "sales",
          "night",
          "light",
          "right",
          "member");

  private static final Map<String, List<String>> UNITS =
      Map.ofEntries(
          Map.entry("m", List.of("metre", "meter")),
          Map.entry("km", List.of("kilometre", "kilometer")),
          Map.entry("cm", List.of("centimetre", "centimeter")),
          Map.entry("kg", List.of("kilogram", "kilo")),
          Map.entry("g", List.of("gram")),
          Map.entry("t", List.of("tonne", "ton")),
          Map.entry("l", List.of("litre", "liter")),
          Map.entry("h", List.of("hour")),
          Map.entry("EUR", List.of("euro", "\u20ac")),
          Map.entry("USD", List.of("dollar", "$")),
          Map.entry("GBP", List.of("pound", "\u00a3")));

  private final Map<String, List<Meaning>> words = new LinkedHashMap<>();

  EnglishVocabulary() {
    fillers();
    connectors();
    notPlanned();
    counting();
    comparisons();
    time();
    showing();
    numbers();
  }

  @Override
  public String singular(String word) {
    return EnglishInflection.singular(word);
  }

  @Override
  public String stem(String word) {
    return EnglishInflection.stem(word);
  }

  @Override
  public Map<String, List<Meaning>> words() {
    return words;
  }

  @Override
  public List<String> unitNames(String unit) {
    return UNITS.getOrDefault(unit, List.of());
  }

  @Override
  public boolean isCommon(String word) {
    return COMMON.contains(word);
  }

  private void put(Meaning meaning, String... phrases) {
    for (String phrase : phrases) {
      words.computeIfAbsent(phrase, p -> new ArrayList<>(1)).add(meaning);
    }
  }

  private void put(Role role, String... phrases) {
    put(new Meaning.FunctionWord(role), phrases);
  }

  private void fillers() {
    put(
        Role.FILLER,
        "the",
        "a",
        "an",
        "of",
        "our",
        "my",
        "their",
        "its",
        "his",
        "her",
        "your",
        "all",
        "any",
        "some",
        "please",
        "thanks",
        "thank you",
        "hi",
        "hello",
        "hey",
        "ok",
        "okay",
        "so",
        "well",
        "now",
        "show",
        "show me",
        "give",
        "give me",
        "tell",
        "tell me",
        "list",
        "display",
        "see",
        "get",
        "find",
        "find out",
        "calculate",
        "compute",
        "compare",
        "plot",
        "draw",
        "chart",
        "report",
        "could you",
        "can you",
        "would you",
        "will you",
        "could",
        "can",
        "i",
        "me",
        "we",
        "us",
        "you",
        "i would like",
        "i would like to",
        "id like",
        "id like to",
        "i want",
        "i want to",
        "i need",
        "want",
        "need",
        "know",
        "look at",
        "let me",
        "lets",
        "to know",
        "to see",
        "is",
        "are",
        "was",
        "were",
        "be",
        "been",
        "do",
        "did",
        "does",
        "have",
        "has",
        "had",
        "having",
        "get",
        "got",
        "there",
        "here",
        "it",
        "that",
        "who",
        "whats",
        "hows",
        "how",
        "what",
        "what is",
        "what are",
        "what was",
        "what were",
        "how is",
        "how was",
        "how did",
        "how much",
        "how much is",
        "how much was",
        "how did our",
        "in total",
        "altogether",
        "exactly how",
        "took place",
        "made the",
        "make the",
        "makes the",
        "got the",
        "earned the",
        "take place",
        "happened",
        "were there",
        "are there",
        "was there",
        "is there",
        "each of",
        "figures",
        "numbers for",
        "value of",
        "stats",
        "data on",
        "respectively",
        "pls",
        "plz",
        "gimme",
        "numbers",
        "make",
        "makes",
        "bring",
        "brings",
        "earn",
        "earns",
        "earned",
        "generate",
        "generates",
        "generated",
        "produce",
        "produced",
        "actually",
        "currently",
        "really");
    put(Role.WHICH, "which", "what", "whose");
  }

  private void connectors() {
    put(Role.AND, "and", "as well as", "plus", "along with", "together with", "&", "also");
    put(Role.OR, "or");
    put(Role.COMMA, ",", ";", "/");
    put(
        Role.PREPOSITION,
        "in",
        "at",
        "on",
        "for",
        "from",
        "with",
        "within",
        "inside",
        "during",
        "by means of",
        "through",
        "via",
        "that are",
        "which are",
        "that were",
        "which were",
        "where",
        "who are",
        "who were",
        "whose",
        "coming from",
        "due to",
        "because of",
        "owing to",
        "thanks to",
        "made by",
        "belonging to",
        "in the",
        "over the");
    put(Role.FROM, "from", "from the");
    put(
        Role.BY,
        "by",
        "per",
        "for each",
        "for every",
        "each",
        "every",
        "in each",
        "in every",
        "split by",
        "broken down by",
        "breakdown by",
        "grouped by",
        "group by",
        "across",
        "across all",
        "according to",
        "of each",
        "of every",
        "for all the different",
        "at each",
        "by each",
        "divided by",
        "separated by",
        "for the different",
        "from each",
        "depending on");
    put(
        Role.EXCLUDING,
        "excluding",
        "exclude",
        "except",
        "except for",
        "excepting",
        "without",
        "not",
        "not in",
        "not from",
        "not for",
        "other than",
        "but not",
        "but not in",
        "apart from",
        "leaving out",
        "not counting",
        "everything but",
        "all but",
        "anything but",
        "outside",
        "outside of",
        "non",
        "not by",
        "minus those in",
        "not on",
        "not at",
        "not during",
        "aside from");
    put(
        Role.ONLY,
        "only",
        "just",
        "solely",
        "but only",
        "only for",
        "only in",
        "restricted to",
        "limited to");
    put(Role.VIA, "via", "by way of");
  }

  /**
   * Words that ask for what cannot be planned in this version. They are known, so that a question
   * is declined for them and never answered without them.
   */
  private void notPlanned() {
    put(
        Role.NOT_PLANNED,
        "share",
        "shares",
        "share of",
        "percentage",
        "percentage of",
        "what percent",
        "proportion",
        "proportion of",
        "ratio",
        "ratio of",
        "growth",
        "growth of",
        "change",
        "changes",
        "grew",
        "rise",
        "rose",
        "fell",
        "fall",
        "drop",
        "dropped",
        "increase",
        "increased",
        "decrease",
        "decreased",
        "vs",
        "versus",
        "against",
        "compared with",
        "compared to",
        "relative to",
        "cumulative",
        "running",
        "moving",
        "rank of",
        "distribution",
        "correlation",
        "relation",
        "difference",
        "difference between",
        "forecast",
        "predict",
        "next",
        "why",
        "never",
        "no",
        "neither",
        "nor",
        "none",
        "unless",
        "same",
        "again",
        "former",
        "both",
        "either",
        "new",
        "first",
        "earliest",
        "latest",
        "most recent",
        "newest",
        "oldest",
        "youngest",
        "if",
        "increase in",
        "decrease in",
        "minus",
        "times",
        "will",
        "should",
        "would",
        "might");
  }

  private void counting() {
    put(
        Role.COUNT,
        "how many",
        "number of",
        "the number of",
        "count of",
        "count",
        "the count of",
        "total number of",
        "amount of",
        "quantity of",
        "how many of",
        "no of");
    put(Role.DIFFERENT, "different", "distinct", "unique", "various", "individual");
    put(
        new Meaning.StatisticWord(Measure.Kind.SUM),
        "total",
        "sum",
        "sum of",
        "overall",
        "total of",
        "summed",
        "combined");
    put(
        new Meaning.StatisticWord(Measure.Kind.AVERAGE),
        "average",
        "avg",
        "mean",
        "average of",
        "typical",
        "on average",
        "averaged");
    put(new Meaning.StatisticWord(Measure.Kind.MEDIAN), "median", "median of", "middle");
    put(new Meaning.StatisticWord(Measure.Kind.MINIMUM), "minimum", "min", "minimum of", "minimal");
    put(
        new Meaning.StatisticWord(Measure.Kind.MAXIMUM),
        "maximum",
        "max",
        "maximum of",
        "maximal",
        "record");
    put(
        new Meaning.StatisticWord(Measure.Kind.STANDARD_DEVIATION),
        "standard deviation",
        "standard deviation of",
        "std dev",
        "stddev",
        "std deviation",
        "spread");
    put(Role.PERCENTILE, "percentile", "percentile of", "centile", "percentile for");
    superlative(true, "", "highest", "largest", "biggest", "greatest", "most", "the most");
    superlative(false, "", "lowest", "smallest", "fewest", "least", "the least", "the fewest");
    superlative(true, "time", "longest");
    superlative(false, "time", "shortest", "briefest");
    superlative(true, "length", "longest", "tallest", "widest");
    superlative(false, "length", "shortest", "narrowest");
    put(new Meaning.JudgementWord(true), "best", "best performing", "strongest");
    put(new Meaning.JudgementWord(false), "worst", "worst performing", "weakest", "poorest");
    put(new Meaning.RankWord(true), "top", "leading");
    put(new Meaning.RankWord(false), "bottom");
  }

  private void superlative(boolean most, String dimension, String... phrases) {
    put(new Meaning.SuperlativeWord(most, dimension), phrases);
  }

  private void comparisons() {
    put(
        new Meaning.ComparisonWord(Comparison.MORE_THAN),
        "more than",
        "over",
        "above",
        "greater than",
        "higher than",
        "longer than",
        "larger than",
        "bigger than",
        "exceeding",
        "beyond",
        ">",
        "in excess of",
        "is more than",
        "upwards of");
    put(
        new Meaning.ComparisonWord(Comparison.AT_LEAST),
        "at least",
        "no less than",
        "not less than",
        "no fewer than",
        ">=",
        "a minimum of",
        "minimum of");
    put(
        new Meaning.ComparisonWord(Comparison.LESS_THAN),
        "less than",
        "under",
        "below",
        "fewer than",
        "lower than",
        "shorter than",
        "smaller than",
        "<");
    put(
        new Meaning.ComparisonWord(Comparison.AT_MOST),
        "at most",
        "up to",
        "no more than",
        "not more than",
        "<=",
        "a maximum of",
        "maximum of");
    put(new Meaning.ComparisonWord(Comparison.EQUAL_TO), "exactly", "equal to", "=", "precisely");
    put(Role.BETWEEN, "between");
    put(
        Role.OR_MORE,
        "or more",
        "or above",
        "or over",
        "or longer",
        "or higher",
        "and more",
        "and above",
        "upwards");
    put(Role.OR_LESS, "or less", "or fewer", "or below", "or shorter", "or lower", "and less");
    put(Role.PERCENT, "%", "percent", "per cent");
  }

  private void time() {
    unit(TimeUnit.YEAR, Period.Unit.YEAR, "year", "calendar year");
    unit(
        TimeUnit.BUSINESS_YEAR,
        Period.Unit.BUSINESS_YEAR,
        "business year",
        "financial year",
        "fiscal year",
        "accounting year");
    unit(TimeUnit.QUARTER, Period.Unit.QUARTER, "quarter", "calendar quarter");
    unit(TimeUnit.MONTH, Period.Unit.MONTH, "month", "calendar month");
    unit(TimeUnit.WEEK, Period.Unit.WEEK, "week", "calendar week");
    unit(TimeUnit.DAY, Period.Unit.DAY, "day", "calendar day");
    part(TimeUnit.DAY_OF_WEEK, "day of week", "day of the week", "weekday", "week day");
    part(TimeUnit.HOUR_OF_DAY, "hour of day", "hour of the day", "hour", "time of day");
    part(
        TimeUnit.MONTH_OF_YEAR, "month of year", "month of the year", "calendar month of the year");
    adverb(
        TimeUnit.YEAR,
        "yearly",
        "annually",
        "annual",
        "year by year",
        "over the years",
        "through the years",
        "each and every year");
    adverb(TimeUnit.QUARTER, "quarterly", "quarter by quarter");
    adverb(TimeUnit.MONTH, "monthly", "month by month");
    adverb(TimeUnit.WEEK, "weekly", "week by week");
    adverb(TimeUnit.DAY, "daily", "day by day");
    adverb(TimeUnit.HOUR_OF_DAY, "hourly");
    for (Month month : Month.values()) {
      String name = month.getDisplayName(TextStyle.FULL, Locale.ENGLISH).toLowerCase(Locale.ROOT);
      put(new Meaning.MonthWord(month), name);
      if (name.length() > 4) {
        put(new Meaning.MonthWord(month), name.substring(0, 3));
      }
    }
    put(new Meaning.MonthWord(Month.SEPTEMBER), "sept");
    for (DayOfWeek day : DayOfWeek.values()) {
      String name = day.getDisplayName(TextStyle.FULL, Locale.ENGLISH).toLowerCase(Locale.ROOT);
      put(new Meaning.WeekdayWord(day), name);
    }
    put(Role.WEEKEND, "weekend", "weekends", "the weekend");
    put(Role.THIS, "this", "current", "the current", "this current");
    put(Role.LAST, "last", "past", "previous", "the last", "the past", "preceding", "prior");
    put(Role.SINCE, "since", "from", "starting", "starting in", "since the start of", "as of");
    put(Role.BEFORE, "before", "prior to", "earlier than");
    put(
        Role.UNTIL,
        "until",
        "till",
        "up to",
        "up until",
        "through",
        "to the end of",
        "up to and including");
    put(Role.AFTER, "after", "later than");
    put(Role.TO, "to", "until", "till", "through", "and");
    put(Role.TO_DATE, "to date", "so far", "up to now", "until now", "up to today");
    put(Role.YEAR_TO_DATE, "ytd", "year to date");
    put(Role.HALF, "half", "half of");
    put(
        Role.OVER_TIME,
        "over time",
        "trend",
        "through time",
        "trend of",
        "develop",
        "development of");
    put(Role.TODAY, "today");
    put(Role.YESTERDAY, "yesterday");
    quarter("q1", 1);
    quarter("q2", 2);
    quarter("q3", 3);
    quarter("q4", 4);
    for (int i = 1; i <= 6; i++) {
      put(
          new Meaning.OrdinalWord(i),
          List.of("first", "second", "third", "fourth", "fifth", "sixth").get(i - 1));
    }
  }

  private void quarter(String word, int number) {
    put(new Meaning.QuarterWord(number), word);
  }

  private void unit(TimeUnit grouping, Period.Unit period, String... phrases) {
    put(new Meaning.TimeUnitWord(grouping, Optional.of(period), false), phrases);
  }

  private void part(TimeUnit grouping, String... phrases) {
    put(new Meaning.TimeUnitWord(grouping, Optional.empty(), false), phrases);
  }

  private void adverb(TimeUnit grouping, String... phrases) {
    put(new Meaning.TimeUnitWord(grouping, Optional.empty(), true), phrases);
  }

  private void showing() {
    put(
        Role.SORTED,
        "sorted by",
        "sort by",
        "ordered by",
        "order by",
        "sorted",
        "in order of",
        "sort",
        "ordered",
        "arranged by");
    put(Role.BY_NAME, "name", "by name", "alphabetically", "in alphabetical order", "a to z");
    put(
        new Meaning.DirectionWord(true),
        "descending",
        "desc",
        "highest first",
        "largest first",
        "from highest to lowest",
        "high to low",
        "newest first",
        "most first",
        "biggest first",
        "from high to low");
    put(
        new Meaning.DirectionWord(false),
        "ascending",
        "asc",
        "lowest first",
        "smallest first",
        "from lowest to highest",
        "low to high",
        "oldest first",
        "from low to high");
    put(
        new Meaning.PictureWord(Picture.BAR),
        "as a bar chart",
        "as bar chart",
        "as bars",
        "bar chart",
        "as a bar graph",
        "bar graph",
        "as columns",
        "as a column chart",
        "in a bar chart",
        "bars");
    put(
        new Meaning.PictureWord(Picture.LINE),
        "as a line chart",
        "as line chart",
        "as a line",
        "line chart",
        "as a line graph",
        "line graph",
        "as a curve",
        "in a line chart",
        "line");
    put(
        new Meaning.PictureWord(Picture.TABLE),
        "as a table",
        "as table",
        "in a table",
        "in table form",
        "table form",
        "as a list");
  }

  private void numbers() {
    List<String> small =
        List.of(
            "zero",
            "one",
            "two",
            "three",
            "four",
            "five",
            "six",
            "seven",
            "eight",
            "nine",
            "ten",
            "eleven",
            "twelve",
            "thirteen",
            "fourteen",
            "fifteen",
            "sixteen",
            "seventeen",
            "eighteen",
            "nineteen",
            "twenty");
    for (int i = 0; i < small.size(); i++) {
      put(new Meaning.NumberWord(BigDecimal.valueOf(i)), small.get(i));
    }
    List<String> tens = List.of("thirty", "forty", "fifty", "sixty", "seventy", "eighty", "ninety");
    for (int i = 0; i < tens.size(); i++) {
      put(new Meaning.NumberWord(BigDecimal.valueOf(30L + 10L * i)), tens.get(i));
    }
    put(new Meaning.NumberWord(BigDecimal.valueOf(100)), "hundred", "a hundred", "one hundred");
    put(new Meaning.NumberWord(BigDecimal.valueOf(1000)), "a thousand", "one thousand");
    put(new Meaning.NumberWord(BigDecimal.valueOf(12)), "a dozen", "dozen");
    put(Role.THOUSAND, "k", "thousand");
    put(Role.MILLION, "m", "mio", "million");
  }
}
