package org.ropebridge.plan;

import java.util.List;
import java.util.Optional;

/**
 * A question as a semantic query: what to compute, not how.
 *
 * @param measures at least one, without repeats, in the order in which they are shown
 * @param groupings in the order in which they are shown
 * @param filters all of which must hold
 * @param ranking keeps the first or last groups by a measure
 * @param sort order of the rows, when one was asked for
 * @param picture how to show the answer, when it was said
 */
public record Plan(
    List<Measure> measures,
    List<Grouping> groupings,
    List<Filter> filters,
    Optional<Ranking> ranking,
    Optional<Sort> sort,
    Optional<Picture> picture) {

  public Plan {
    measures = List.copyOf(measures);
    groupings = List.copyOf(groupings);
    filters = List.copyOf(filters);
    if (measures.isEmpty()) {
      throw new IllegalArgumentException("a plan needs at least one measure");
    }
  }

  /** A plan of one measure and nothing else. */
  public static Plan of(Measure measure) {
    return new Plan(
        List.of(measure),
        List.of(),
        List.of(),
        Optional.empty(),
        Optional.empty(),
        Optional.empty());
  }

  /** How the rows are to be shown. */
  public enum Picture {
    TABLE,
    BAR,
    LINE
  }

  /**
   * Keeps some groups.
   *
   * @param top whether the groups with the highest values are kept
   * @param count how many, at least 1; groups that tie with the last are kept too
   * @param by one of the plan's measures
   */
  public record Ranking(boolean top, int count, Measure by) {
    public Ranking {
      if (count < 1) {
        throw new IllegalArgumentException("a ranking keeps at least 1 group, was " + count);
      }
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

  public Plan withPicture(Optional<Picture> newPicture) {
    return new Plan(measures, groupings, filters, ranking, sort, newPicture);
  }
}
