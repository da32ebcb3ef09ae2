package org.ropebridge.reading.rule;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.ropebridge.lexicon.Part;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.model.LinkPaths;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.MeasureTables;

/** Where rows are. */
public final class Places {
  private Places() {}

  /** The one place that is fewest links away; among several of one table, the one that names it. */
  public static Optional<ColumnRef> nearest(String table, Scope scope) {
    List<ColumnRef> found = allNearest(table, scope);
    return found.size() == 1 ? Optional.of(found.get(0)) : Optional.empty();
  }

  /** All places that are as near: a town, and a region. */
  static List<ColumnRef> allNearest(String table, Scope scope) {
    List<ColumnRef> near = new ArrayList<>();
    int least = Integer.MAX_VALUE;
    boolean event = !scope.datesOf(table).isEmpty() && !scope.arePeople(table);
    for (ColumnRef place : scope.places()) {
      if (event && scope.arePeople(place.table())) {
        // Stays take place where the hut is, and not where their members live.
        continue;
      }
      Optional<Integer> far = distance(table, place, scope);
      if (far.isPresent() && far.get() <= least) {
        if (far.get() < least) {
          near.clear();
        }
        near.add(place);
        least = far.get();
      }
    }
    List<ColumnRef> naming = near.stream().filter(scope.model()::namesItsTable).toList();
    return naming.size() == 1 ? naming : near;
  }

  /** The one place that is at an end of a ranking by a measure, of the nearest kind. */
  static Optional<Part> ranked(Measure by, Contribution.Direction direction, Scope scope) {
    List<ColumnRef> places =
        MeasureTables.of(by, scope.model()).stream()
            .flatMap(table -> nearest(table, scope).stream())
            .distinct()
            .toList();
    return places.size() == 1
        ? Optional.of(
            new Contribution.Ranked(
                direction, 1, Optional.of(new Grouping.ByColumn(places.get(0))), Optional.of(by)))
        : Optional.empty();
  }

  private static Optional<Integer> distance(String table, ColumnRef place, Scope scope) {
    if (place.table().equals(table)) {
      // What names the rows is no place of theirs.
      return scope.model().namesItsTable(place) ? Optional.empty() : Optional.of(0);
    }
    List<LinkPaths.Way> ways = scope.paths().shortest(table, place.table(), Optional.empty());
    return ways.size() == 1 ? Optional.of(ways.get(0).steps().size()) : Optional.empty();
  }
}
