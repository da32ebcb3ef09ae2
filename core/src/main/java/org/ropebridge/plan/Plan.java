package org.ropebridge.plan;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import org.ropebridge.model.ColumnRef;

/**
 * A question as a semantic query: what to compute, not how. It computes measures for groups, or
 * lists rows.
 *
 * @param measures without repeats, in the order in which they are shown; none when rows are listed
 * @param groupings in the order in which they are shown
 * @param filters all of which must hold
 * @param keeps which groups are kept, by what was computed for them
 * @param ranking keeps the first or last groups by a measure
 * @param sort order of the groups, when one was asked for
 * @param listing the rows to list, in place of measures
 * @param claim what the only number is asked to be: the answer is yes or no
 * @param picture how to show the answer, when it was said
 */
public record Plan(
    List<Measure> measures,
    List<Grouping> groupings,
    List<Filter> filters,
    List<Keep> keeps,
    Optional<Ranking> ranking,
    Optional<Sort> sort,
    Optional<Listing> listing,
    Optional<Bound> claim,
    Optional<Picture> picture) {

  public Plan {
    measures = List.copyOf(measures);
    groupings = List.copyOf(groupings);
    filters = List.copyOf(filters);
    keeps = List.copyOf(keeps);
    if (measures.isEmpty() == listing.isEmpty()) {
      throw new IllegalArgumentException("a plan has measures, or lists rows");
    }
    boolean onlyForGroups =
        !groupings.isEmpty() || !keeps.isEmpty() || ranking.isPresent() || sort.isPresent();
    if (listing.isPresent() && (onlyForGroups || claim.isPresent())) {
      throw new IllegalArgumentException("a list of rows has no groups");
    }
    if (claim.isPresent() && (onlyForGroups || measures.size() > 1)) {
      throw new IllegalArgumentException("yes or no is said of one number");
    }
  }

  /** Measures for groups. */
  public Plan(
      List<Measure> measures,
      List<Grouping> groupings,
      List<Filter> filters,
      Optional<Ranking> ranking,
      Optional<Sort> sort,
      Optional<Picture> picture) {
    this(
        measures,
        groupings,
        filters,
        List.of(),
        ranking,
        sort,
        Optional.empty(),
        Optional.empty(),
        picture);
  }

  /** A plan of one measure and nothing else. */
  public static Plan of(Measure measure) {
    return of(measure, List.of(), List.of());
  }

  /** A plan of one measure. */
  public static Plan of(Measure measure, List<Grouping> groupings, List<Filter> filters) {
    return of(List.of(measure), groupings, filters);
  }

  /** A plan of measures, and nothing else but what splits and limits them. */
  public static Plan of(List<Measure> measures, List<Grouping> groupings, List<Filter> filters) {
    return new Plan(
        measures, groupings, filters, Optional.empty(), Optional.empty(), Optional.empty());
  }

  /** A list of rows. */
  public static Plan of(Listing listing, List<Filter> filters) {
    return new Plan(
        List.of(),
        List.of(),
        filters,
        List.of(),
        Optional.empty(),
        Optional.empty(),
        Optional.of(listing),
        Optional.empty(),
        Optional.empty());
  }

  /** How the rows are to be shown. */
  public enum Picture {
    TABLE,
    BAR,
    STACKED,
    LINE,
    AREA,
    SCATTER,
    HEAT_MAP,
    TREE_MAP,
    SUNBURST,
    SMALL_MULTIPLES,
    BARS_WITH_LINE,
    CROSS_TABLE,
    HISTOGRAM,
    MAP
  }

  /**
   * Keeps groups by what was computed for them.
   *
   * @param measure need not be shown
   */
  public record Keep(Measure measure, Test test) {}

  /** What a group's measure must be. */
  public sealed interface Test {
    /** The column of the one group that others are set beside; empty where there is none. */
    default Optional<ColumnRef> group() {
      return Optional.empty();
    }
  }

  /** Compares with a number. */
  public record Against(Bound bound) implements Test {}

  /** Above, or below, the mean of all groups. */
  public record BesideAverage(boolean above) implements Test {}

  /**
   * Above, or below, one of the groups; where several rows have that name, the highest of them.
   *
   * @param column what the plan is broken down by, and nothing else
   * @param value the stored value that names the group
   */
  public record BesideGroup(boolean above, ColumnRef column, String value) implements Test {
    @Override
    public Optional<ColumnRef> group() {
      return Optional.of(column);
    }
  }

  /**
   * The same as one of the groups: that one, and those that come to as much.
   *
   * @param column what the plan is broken down by, and nothing else
   * @param value the stored value that names the group
   */
  public record LikeGroup(ColumnRef column, String value) implements Test {
    @Override
    public Optional<ColumnRef> group() {
      return Optional.of(column);
    }
  }

  /**
   * Among so many of every hundred groups with the highest, or lowest, values: of 15 groups the top
   * 10 % are two. Groups that tie with the last are kept too; those without a value do not count.
   *
   * @param percent above 0 and below 100
   */
  public record AmongFirst(boolean top, BigDecimal percent) implements Test {
    public AmongFirst {
      if (!isShare(percent)) {
        throw new IllegalArgumentException("a part of all is above 0 and below 100: " + percent);
      }
    }

    /** Whether so many of every hundred are some, and not all. */
    public static boolean isShare(BigDecimal percent) {
      return percent.signum() > 0 && percent.compareTo(BigDecimal.valueOf(100)) < 0;
    }
  }

  /**
   * Keeps some groups.
   *
   * @param top whether the groups with the highest values are kept
   * @param count how many, at least 1; groups that tie with the last are kept too
   * @param by one of the plan's measures
   * @param within keeps so many for each of this grouping of the plan
   */
  public record Ranking(boolean top, int count, Measure by, Optional<Grouping> within) {
    public Ranking {
      if (count < 1) {
        throw new IllegalArgumentException("a ranking keeps at least 1 group, was " + count);
      }
    }

    public Ranking(boolean top, int count, Measure by) {
      this(top, count, by, Optional.empty());
    }
  }

  /**
   * Order of the rows.
   *
   * @param by a measure or a grouping of the plan
   */
  public record Sort(SortKey by, boolean descending) {}

  /** What rows can be sorted by. */
  public sealed interface SortKey permits Measure, Grouping {}

  public Plan withMeasures(List<Measure> newMeasures) {
    return new Plan(newMeasures, groupings, filters, keeps, ranking, sort, listing, claim, picture);
  }

  public Plan withGroupings(List<Grouping> newGroupings) {
    return new Plan(measures, newGroupings, filters, keeps, ranking, sort, listing, claim, picture);
  }

  public Plan withFilters(List<Filter> newFilters) {
    return new Plan(measures, groupings, newFilters, keeps, ranking, sort, listing, claim, picture);
  }

  public Plan withKeeps(List<Keep> newKeeps) {
    return new Plan(measures, groupings, filters, newKeeps, ranking, sort, listing, claim, picture);
  }

  public Plan withRanking(Optional<Ranking> newRanking) {
    return new Plan(measures, groupings, filters, keeps, newRanking, sort, listing, claim, picture);
  }

  public Plan withSort(Optional<Sort> newSort) {
    return new Plan(measures, groupings, filters, keeps, ranking, newSort, listing, claim, picture);
  }

  public Plan withListing(Listing newListing) {
    return new Plan(
        measures,
        groupings,
        filters,
        keeps,
        ranking,
        sort,
        Optional.of(newListing),
        claim,
        picture);
  }

  public Plan withClaim(Bound newClaim) {
    return new Plan(
        measures,
        groupings,
        filters,
        keeps,
        ranking,
        sort,
        listing,
        Optional.of(newClaim),
        picture);
  }

  public Plan withPicture(Optional<Picture> newPicture) {
    return new Plan(measures, groupings, filters, keeps, ranking, sort, listing, claim, newPicture);
  }
}
