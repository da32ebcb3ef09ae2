package org.ropebridge.reading.rule;

import java.util.List;
import java.util.Optional;
import org.ropebridge.lexicon.Part;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.Plan;

/** A part that adds something to a plan by itself, wherever in the question it stands. */
public sealed interface Contribution extends Part {

  /** Measures to compute. */
  record Measures(List<Measure> measures) implements Contribution {
    public Measures {
      measures = List.copyOf(measures);
    }

    static Measures of(Measure measure) {
      return new Measures(List.of(measure));
    }
  }

  /** A breakdown. */
  record Groupings(List<Grouping> groupings) implements Contribution {
    public Groupings {
      groupings = List.copyOf(groupings);
    }
  }

  /** A filter. */
  record Narrowing(Filter filter) implements Contribution {}

  /** The noun of a table by itself: what is counted, or what a measure is about. */
  record Noun(String table) implements Contribution {}

  /**
   * Groups to keep.
   *
   * @param what the groups ranked; empty for those of the plan
   * @param by the measure that ranks; empty for the plan's only one, or the author's preference
   */
  record Ranked(Direction direction, int count, Optional<Grouping> what, Optional<Measure> by)
      implements Contribution {
    /** How many groups "the best huts" are, when no number is said. */
    public static final int SEVERAL = 10;

    /** The same ranking by a measure. */
    public Ranked by(Measure measure) {
      return new Ranked(direction, count, what, Optional.of(measure));
    }
  }

  /** "how many", apart from the noun that it counts. */
  record Counting() implements Contribution {}

  /** "by revenue", apart from the ranking that it belongs to. */
  record RankMeasure(Measure by) implements Contribution {}

  /**
   * "which hut", apart from what makes it stand out.
   *
   * @param plural whether several are asked for
   */
  record Subject(Grouping what, boolean plural) implements Contribution {}

  /** "the most guest nights", apart from the subject that has them. */
  record Extreme(Direction direction, Measure by) implements Contribution {}

  /** Which end of a ranking is kept; best and worst depend on the measure. */
  enum Direction {
    TOP,
    BOTTOM,
    BEST,
    WORST
  }

  /**
   * An order of rows.
   *
   * @param by what to sort by; empty for the first measure, or by name for the first grouping
   */
  record Order(Optional<Plan.SortKey> by, boolean byName, Optional<Boolean> descending)
      implements Contribution {}

  /** How to show the answer. */
  record Shown(Plan.Picture picture) implements Contribution {}
}
