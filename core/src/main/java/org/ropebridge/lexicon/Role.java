package org.ropebridge.lexicon;

/** Tasks of function words. */
public enum Role {
  /** Has no effect on what is computed: "please", "the", "we". */
  FILLER(true),
  /** Ties a value or time to what stands before: "in", "for", "with". */
  PREPOSITION(true),
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
  FROM(true),
  THIS(false),
  LAST(false),
  SINCE(false),
  BEFORE(false),
  UNTIL(false),
  AFTER(false),
  TO_DATE(false),
  YEAR_TO_DATE(false),
  HALF(false),
  PERCENTILE(false),
  /** "highest", "or more" after a number. */
  OR_MORE(false),
  OR_LESS(false),
  SORTED(false),
  BY_NAME(false),
  OVER_TIME(false),
  WEEKEND(false),
  TODAY(false),
  YESTERDAY(false),
  PERCENT(false),
  THOUSAND(false),
  MILLION(false),
  VIA(false),
  /** Asks for something that plans cannot say; never left out. */
  NOT_PLANNED(false);

  private final boolean mayStandAlone;

  Role(boolean mayStandAlone) {
    this.mayStandAlone = mayStandAlone;
  }

  /** Whether the word may stay unused without changing what the question means. */
  public boolean mayStandAlone() {
    return mayStandAlone;
  }
}
