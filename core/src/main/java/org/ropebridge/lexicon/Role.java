package org.ropebridge.lexicon;

/** Tasks of function words. */
public enum Role {
  /** Has no effect on what is computed: "please", "the", "we". */
  FILLER(true),
  /** Without effect, but behind "are": "all". */
  WHOLLY(true),
  /** A verb without effect, unless it is denied: "came in", "happened". */
  HAPPENING(true),
  /** Ties a value or time to what stands before: "in", "for", "with". */
  PREPOSITION(true),
  /** Who or how it was done, or what splits it: "by", and not "for each". */
  PLAIN_BY(false),
  /** Ties to who did it: "made by". */
  MADE_BY(true),
  AND(true),
  OR(false),
  COMMA(true),
  /** Opens a breakdown: "by", "per", "for each". */
  BY(false),
  EXCLUDING(false),
  /** Keeps to what follows: "only". */
  ONLY(false),
  COUNT(false),
  DIFFERENT(false),
  WHICH(true),
  BETWEEN(false),
  /** Closes a stretch: "from May to August". */
  TO(false),
  /** Closes a stretch that nothing opened: "May to August", and never "and". */
  TILL(false),
  FROM(true),
  THIS(false),
  LAST(false),
  /** "over" a time that a change is told from. */
  OVER(false),
  /** "before last", behind a unit of time. */
  BEFORE_LAST(false),
  /** "ago", behind units of time. */
  AGO(false),
  /** "onwards", behind a time. */
  ONWARDS(false),
  /** Counts different ones without "how many": "unique members". */
  UNIQUE(false),
  /** "in total", of groups that were shown. */
  IN_TOTAL(false),
  /** "show all", of rows that were cut. */
  EVERY_ROW(false),
  /** "show more", of rows that were cut. */
  MORE_ROWS(false),
  /** "the others", of what was kept or left out. */
  OTHERS(false),
  /** "other", before what names groups: "the other valleys". */
  OTHER(false),
  /** "everywhere". */
  EVERYWHERE(false),
  /** "10 rows". */
  ROWS_WORD(false),
  /** "at most", before how many rows are shown: "limit to 10". */
  LIMIT(false),
  /** "draw it", whatever the picture. */
  DRAW(false),
  /** "just the numbers", without a picture. */
  NO_PICTURE(false),
  /** "another chart". */
  OTHER_PICTURE(false),
  /** "more detail": one step down. */
  FINER(false),
  /** "less detail": one step up. */
  COARSER(false),
  /** "drill into", before what to see more of. */
  DRILL(false),
  /** "summarise", of the answer before. */
  IN_WORDS(false),
  /** "as a pie": pictures that are not drawn. */
  NO_SUCH_PICTURE(false),
  /** "how much is that", of rows that were counted. */
  HOW_MUCH_THAT(false),
  /** "among", before what is ranked: "highest revenue among huts". */
  AMONG_GROUPS(true),
  /** "but", before what is left out: "all huts but Larkspur". */
  BUT(true),
  /** "how much more", before what two have. */
  HOW_MUCH_MORE(false),
  /** "how often", before who does what. */
  HOW_OFTEN(false),
  /** "that of", before a group that others are set beside. */
  THAT_OF(false),
  /** "how many days after", before a date. */
  HOW_LONG_AFTER(false),
  HOW_LONG_BEFORE(false),
  /** "late", of what was done after the date on which it was due. */
  LATE(false),
  /** "on time", of what was done by the date on which it was due. */
  ON_TIME(false),
  /** "early", of what was done before the date on which it was due. */
  EARLY(false),
  /** "how late", before what was done after the date on which it was due. */
  HOW_LATE(false),
  /** "left", of what was planned and is not used up. */
  LEFT_OVER(false),
  /** "nothing", after what was done: "who sold nothing". */
  NOTHING(false),
  /** "start", of what has a date at which it began: "when did Ada Alder start". */
  BEGIN(false),
  /** "how do", before what is done by one of several means. */
  HOW_DONE(false),
  /** "stayed within", of what was not to be more. */
  KEPT_WITHIN(false),
  /** "works", of people who work here: "who works in Dunsel". */
  WORK(false),
  /** "on average", apart from what is averaged. */
  ON_AVERAGE(false),
  /** "when will", before what is to be done. */
  WHEN_WILL(false),
  /** "done", of what was to be done: "when will the annex be done". */
  READY(false),
  /** "for the first time", of what was done. */
  FIRST_TIME(false),
  /** "we spend", which asks for a cost and no income. */
  WE_SPEND(false),
  /** "if", of a condition on a column. */
  IF(false),
  /** "as", before the column that a value stands in. */
  AS(false),
  /** "as a running total", behind what is summed up. */
  CUMULATED(false),
  /** "account for", of a group's part. */
  ACCOUNT_FOR(false),
  /** "breakdown of", behind what it is by. */
  BREAKDOWN_OF(false),
  /** "which of", of several that are named. */
  WHICH_OF(false),
  /** "related", of two measures. */
  RELATED(false),
  /** "up", behind the least of a range. */
  UP_FROM(false),
  /** "changed over time". */
  CHANGED_OVER_TIME(false),
  /** "added together", behind what is summed up. */
  ADDED_TOGETHER(false),
  /** "subtract". */
  SUBTRACT(false),
  /** "vary", of a number. */
  VARY(false),
  /** "than any other". */
  THAN_ANY(false),
  /** "each of", before times. */
  EACH_OF(false),
  /** "is not", between a column and its values. */
  UNEQUAL(false),
  /** "do not have", before a column. */
  NOT_HAVE(false),
  /** "sum of", before what is summed up. */
  SUM_UP(false),
  /** "regardless of the channel": whatever it is. */
  REGARDLESS(false),
  /** "leaving", before what is left "out". */
  LEAVE_OUT(false),
  /** "out", behind what is left out. */
  OUT(false),
  /** "just gone", of a span of time: the last one. */
  JUST_GONE(false),
  /** "type", behind the name of a column of kinds: "fuel type". */
  KIND(false),
  /** "each of these", of all that the answer before shows. */
  EACH_OF_THOSE(false),
  /** "picked up at", before where something began. */
  STARTED_AT(false),
  /** "dropped off at", before where something ended. */
  ENDED_AT(false),
  /** "at what time", of the day. */
  WHAT_TIME(false),
  /** "so low", of which nothing is told: its words are no values. */
  SO_HOW(false),
  /** "count", behind what is counted. */
  COUNT_NOUN(false),
  /** "attainment", behind a target. */
  ATTAINMENT(false),
  /** "the rest", of all but one. */
  REST(false),
  /** "the same as". */
  SAME_AS(false),
  /** "where does Larkspur rank": has a place among others. */
  STAND(false),
  /** "showing", before all columns that rows are listed with. */
  SHOWING_ONLY(false),
  /** "all columns". */
  ALL_COLUMNS(false),
  /** "just the names". */
  ONLY_NAMES(false),
  /** "that is not what I meant". */
  NOT_MEANT(false),
  /** "export it", "send that to me". */
  TAKE_ALONG(false),
  /** "show the SQL". */
  STATEMENT(false),
  /** "details of", before what names a row. */
  DETAILS(false),
  /** Asks for a change: "by how much did". */
  BY_HOW_MUCH(false),
  /** Asks for growth: "by how many percent did". */
  BY_HOW_MANY_PERCENT(false),
  /** "rolling", before how many spans an average is of. */
  ROLLING(false),
  /** "money", whatever the model calls it. */
  MONEY(true),
  /** "valley wise". */
  WISE(false),
  /** "high", "long", behind an amount with its unit. */
  IN_SIZE(false),
  /** "the whole", before a time that is meant in full anyway. */
  ENTIRE(false),
  SINCE(false),
  BEFORE(false),
  UNTIL(false),
  AFTER(false),
  TO_DATE(false),
  YEAR_TO_DATE(false),
  QUARTER_TO_DATE(false),
  MONTH_TO_DATE(false),
  WEEK_TO_DATE(false),
  HALF(false),
  PERCENTILE(false),
  /** "highest", "or more" after a number. */
  OR_MORE(false),
  OR_LESS(false),
  SORTED(false),
  BY_NAME(false),
  ALPHABETICALLY(false),
  OVER_TIME(false),
  WEEKEND(false),
  TODAY(false),
  YESTERDAY(false),
  TOMORROW(false),
  PERCENT(false),
  THOUSAND(false),
  MILLION(false),
  VIA(false),
  /** Forms of "be", which tell what is said of rows from which rows they are. */
  BE(true),
  /** Asks for rows: "show", "list". */
  LIST(true),
  /** Begins a question of yes or no, where it is the first word. */
  AUXILIARY(true),
  /** Puts side by side: "versus". */
  VERSUS(false),
  COMPARE(true),
  /** "per", which breaks down or divides. */
  PER(false),
  SHARE(false),
  PORTION(false),
  RATIO(false),
  CUMULATIVE(false),
  MOVING(false),
  /** "period" as the unit of moving averages. */
  SPAN(false),
  RANK_OF(false),
  DIFFERENCE(false),
  CORRELATION(false),
  OVER_EACH(false),
  WITHIN_EACH(false),
  HAVING(false),
  NOT_HAVING(false),
  AMONG(false),
  NOT_AMONG(false),
  KEEPING(false),
  WHETHER(false),
  /** "no", "never", "without any". */
  NONE(false),
  BOTH(true),
  LIST_OF(false),
  SHOWING(false),
  WITH(true),
  FIRST(false),
  /** The newest: "latest", "most recent". */
  NEWEST(false),
  OLDEST(false),
  MISSING(false),
  KNOWN(false),
  IN_STEPS(false),
  IN_BANDS(false),
  WORDS(false),
  EARLIER_TIME(false),
  DAYS_FROM(false),
  NOT(false),
  ABOVE(false),
  BELOW(false),
  DISTRIBUTION(false),
  AGAIN(true),
  /** "how": without effect, but where it opens a clause: "by how people paid". */
  HOW(true),
  /** "their": what is told of each of the rows that are named before. */
  THEIR(true),
  /** "doing", at the end of "how is it doing". */
  DOING(true),
  /** "how did we do": asks for what the author thinks most of. */
  HOW_WE_DO(false),
  /** "most recently", behind what was done. */
  RECENTLY(false),
  /** "duration", behind a noun. */
  DURATION_NOUN(false),
  /** "everyone": the rows that the columns beside it are of. */
  EVERYONE(true),
  /** Forms of "have", and pronouns that tie a clause to a noun. */
  HAVE(true),
  TIMES(false),
  /** "to", where it leads to something named and not to the end of a stretch. */
  TOWARDS(false),
  NEXT(false),
  /** Monday to Friday. */
  WORKDAYS(false),
  /** "missing", where it may stand behind what is missing. */
  ABSENT(false),
  YOUNGEST(false),
  ELDEST(false),
  /** Asks for rows by a part of their name: "named". */
  NAMED(false),
  OLDER(false),
  YOUNGER(false),
  WHO(true),
  WHEN(false),
  /** "as a percentage of". */
  AS_SHARE_OF(false),
  /** "as a percentage". */
  IN_SHARES(false),
  AFFECT(false),
  RANKED_BY(false),
  /** "s" behind the first year of a decade. */
  DECADE(false),
  BEFORE_NOON(false),
  AFTER_NOON(false),
  O_CLOCK(false),
  /** "of any year". */
  ANY_YEAR(false),
  /** "every", before a month. */
  EVERY(false),
  NEW(false),
  /** "time to": until something is done. */
  TIME_TO(false),
  /** Ties a condition to a noun, or asks for a place where it is the first word. */
  WHERE(true),
  /** "ratio", behind what it is made of. */
  RATIO_NOUN(false),

  /** "cost" or "weigh" more than some. */
  AMOUNTS_TO(false),

  /** "nobody" had it. */
  NOBODY(false),

  /** "how old" something is. */
  HOW_OLD(false),

  /** "stay" or "work" somewhere, of people. */
  STAYING(false),

  /** "without" a value. */
  LACKING(false),

  /** What was done in some way: "placed" on the website. */
  DONE_SOMEHOW(false),

  /** "what did" somebody do: no "which". */
  WHAT_DID(true),

  /** "the following" year. */
  FOLLOWING(false),

  /** "list them", of what was counted. */
  LIST_THOSE(false),

  /** "still open": not over. */
  OPEN(false),

  /** "with a" thing that not all have. */
  WITH_A(false),

  /** "missed" a target. */
  MISSED(false),

  /** "reached" a target. */
  REACHED(false),
  END_OF(false),
  START_OF(false),
  /** In a follow-up, puts something on top: "add". */
  ADD(false),
  /** In a follow-up, takes something away: "drop". */
  DROP(false),
  /** In a follow-up, puts something in the place of its like: "what about". */
  SWAP(false),
  INSTEAD_OF(false),
  /** In a follow-up, "replace", which names both. */
  REPLACE(false),
  /** In a follow-up, points at what was shown: "those". */
  THOSE(false),
  /** In a follow-up, the same, where a noun comes behind it: "that". */
  THAT(false),
  ALL(false),
  ALL_TIME(false),
  /** In a follow-up, all of a unit of time: "the whole". */
  WHOLE(false),
  OTHER_WAY(false),
  START_OVER(false),
  UNDO(false),
  WHY(false),
  /** Asks for what has none of two: "neither callouts nor repairs". */
  NEITHER(false),
  /** Names the second of the two: "nor repairs". */
  NOR(false),
  /** Asks for one of those that were named before: "which one". */
  WHICH_ONE(false),
  /** Asks how something is spread over the parts of a span of time: "spread over the week". */
  SPREAD_OVER(false),
  /** Divides one number by another: "revenue/stay". */
  SLASH(false),
  /** Ties people to where they are at home: "live in". */
  LIVING(false),
  /** Says that people have not left: "work here". */
  STILL_HERE(false),
  /** Asks for an amount of what was done: "how much did we". */
  HOW_MUCH_DONE(true),
  /** Asks for the reason that the rows themselves tell: "why", "for what reason". */
  WHY_DONE(false),
  /** "cost", as what something does that has a price. */
  COSTS(false),
  /** Says that rows are to have what they may not have: "bridges that need an inspection". */
  NEEDING(false),
  /** What people did of whom rows tell, whatever rows these are. */
  BEEN_HERE(false),
  /** Today, where a number differs from day to day; otherwise no more than the present tense. */
  RIGHT_NOW(true),
  /** "filters", as a part of the question before. */
  FILTERS(false),
  BREAKDOWN(false),
  ORDERING(false),
  /** "period", as a part of the question before. */
  PERIOD_PART(false),
  /** Asks for something that plans cannot say; never left out. */
  NOT_PLANNED(false);

  private final boolean mayStandAlone;

  Role(boolean mayStandAlone) {
    this.mayStandAlone = mayStandAlone;
  }

  /** Whether the word has no effect, or none but in the few places where it has a task. */
  public boolean isFiller() {
    return this == FILLER
        || this == HAPPENING
        || this == WHOLLY
        || this == WHAT_DID
        || this == RIGHT_NOW
        || this == HOW
        || this == DOING
        || this == THEIR
        || this == EVERYONE;
  }

  /** Whether the word may stay unused without changing what the question means. */
  public boolean mayStandAlone() {
    return mayStandAlone;
  }
}
