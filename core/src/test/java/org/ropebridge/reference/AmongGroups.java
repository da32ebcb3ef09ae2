package org.ropebridge.reference;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.Plan;

/**
 * Figures of a group that look at the other groups.
 *
 * @param of the measure that the figure is about, for each group
 */
record AmongGroups(Plan plan, Map<Group, BigDecimal> of) {

  BigDecimal value(Measure.Figure figure, Group group) {
    BigDecimal own = of.get(group);
    if (figure instanceof Measure.Share share) {
      int within = share.within().map(plan.groupings()::indexOf).orElse(-1);
      List<Object> whole =
          values(
              of.keySet().stream()
                  .filter(
                      g ->
                          within < 0
                              || Objects.equals(
                                  g.cells().get(within).identity(),
                                  group.cells().get(within).identity()))
                  .toList());
      return Values.quotient(own, Values.sum(whole));
    } else if (figure instanceof Measure.Cumulative) {
      return Values.sum(values(upTo(group)));
    } else if (figure instanceof Measure.MovingAverage moving) {
      List<Group> upTo = upTo(group);
      return Values.mean(
          values(upTo.subList(Math.max(0, upTo.size() - moving.spans()), upTo.size())));
    } else if (figure instanceof Measure.Rank) {
      return own == null
          ? null
          : BigDecimal.valueOf(
              1
                  + values(List.copyOf(of.keySet())).stream()
                      .filter(v -> Values.compare(v, own) > 0)
                      .count());
    }
    List<Object> all = values(List.copyOf(of.keySet()));
    Object level =
        switch (((Measure.Distance) figure).level()) {
          case AVERAGE -> Values.mean(all);
          case HIGHEST -> Values.greatest(all);
          case LOWEST -> Values.least(all);
        };
    return own == null ? null : own.subtract((BigDecimal) level);
  }

  private List<Object> values(List<Group> groups) {
    List<Object> values = new ArrayList<>();
    groups.stream().map(of::get).filter(Objects::nonNull).forEach(values::add);
    return values;
  }

  /** This span and all before it, of the groups that differ in nothing but time. */
  private List<Group> upTo(Group group) {
    int time = plan.groupings().indexOf(Grouping.stretches(plan.groupings()).get(0));
    Object span = group.cells().get(time).shown();
    if (span == null) {
      return List.of();
    }
    Group.Cell own = group.cells().get(time);
    return of.keySet().stream()
        .filter(g -> g.cells().get(time).shown() != null)
        .filter(g -> g.with(time, own).equals(group))
        .filter(g -> Values.compare(g.cells().get(time).shown(), span) <= 0)
        .sorted(Comparator.comparing(g -> (LocalDate) g.cells().get(time).shown()))
        .toList();
  }
}
