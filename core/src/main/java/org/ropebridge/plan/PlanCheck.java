package org.ropebridge.plan;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.model.LinkPaths;
import org.ropebridge.model.Model;
import org.ropebridge.plan.Ground.Base;

/**
 * Says what is wrong with a plan on a model. Every plan passes here after reading and again before
 * it becomes SQL; a plan without faults can be computed without multiplying or losing rows.
 */
public final class PlanCheck {
  private final Model model;
  private final LinkPaths paths;

  public PlanCheck(Model model, LinkPaths paths) {
    this.model = model;
    this.paths = paths;
  }

  /**
   * A fault of a plan.
   *
   * @param kind what went wrong
   * @param message for people, a sentence
   * @param column the column it is about, if one is
   * @param roles the roles to choose from when the way to the column is not clear
   */
  public record Fault(Kind kind, String message, Optional<ColumnRef> column, List<String> roles) {
    static Fault of(Kind kind, String message) {
      return new Fault(kind, message, Optional.empty(), List.of());
    }
  }

  /** What can be wrong. */
  public enum Kind {
    UNKNOWN_ITEM,
    NOT_REACHABLE,
    UNCLEAR_WAY,
    NO_DATE,
    WRONG_STATISTIC,
    MALFORMED
  }

  /** The faults of the plan; none when it can be computed. */
  public List<Fault> faults(Plan plan) {
    return faults(plan, 0);
  }

  /** The faults of a plan that stands so deep inside others. */
  List<Fault> faults(Plan plan, int depth) {
    Ground ground = new Ground(model, paths);
    FilterCheck filters = new FilterCheck(ground, this, depth);
    MeasureCheck measures = new MeasureCheck(ground, filters);
    if (new HashSet<>(plan.measures()).size() < plan.measures().size()
        || new HashSet<>(plan.groupings()).size() < plan.groupings().size()) {
      ground.malformed("The same thing is asked for twice.");
    }
    filters.eachOnce(plan.filters());
    List<Measure> computed = new ArrayList<>(plan.measures());
    plan.keeps().stream().map(Plan.Keep::measure).forEach(computed::add);
    computed.forEach(measures::items);
    plan.listing().filter(l -> ground.hasTable(l.table())).ifPresent(l -> listing(l, ground));
    if (!ground.isSound()) {
      return ground.faults();
    }
    Set<Base> bases = new LinkedHashSet<>();
    computed.forEach(m -> bases.addAll(measures.bases(m)));
    plan.listing().ifPresent(l -> bases.add(base(l)));
    for (Base base : bases) {
      plan.groupings().forEach(g -> measures.grouping(base, g));
      filters.all(base, plan.filters());
    }
    computed.forEach(m -> measures.place(m, plan));
    wholePlan(plan, ground);
    return ground.faults();
  }

  private Base base(Listing listing) {
    return new Base(listing.table(), MeasureTables.date(listing.table(), Optional.empty(), model));
  }

  private void listing(Listing listing, Ground ground) {
    Base base = base(listing);
    if (new HashSet<>(listing.columns()).size() < listing.columns().size()) {
      ground.malformed("The same thing is asked for twice.");
    }
    listing.columns().forEach(c -> ground.column(base, c));
    listing.order().ifPresent(o -> ground.column(base, o.by()));
    listing.per().ifPresent(p -> ground.column(base, p));
    boolean ofItself =
        listing
            .per()
            .filter(p -> p.table().equals(listing.table()) && model.isKnownBy(p))
            .isPresent();
    if (ofItself) {
      ground.malformed("Rows are listed for each of some groups, not for each by itself.");
    }
  }

  private void wholePlan(Plan plan, Ground ground) {
    if (!plan.keeps().isEmpty() && plan.groupings().isEmpty()) {
      ground.malformed("There are no groups to keep; say a breakdown.");
    }
    for (Plan.Keep keep : plan.keeps()) {
      boolean apart =
          keep.test()
              .group()
              .filter(g -> !plan.groupings().equals(List.of(new Grouping.ByColumn(g))))
              .isPresent();
      if (apart) {
        ground.malformed("One group is set beside others only where nothing else is a breakdown.");
      }
    }
    if (plan.keeps().stream().map(Plan.Keep::measure).distinct().count() < plan.keeps().size()) {
      ground.malformed("One number is limited twice.");
    }
    plan.ranking()
        .ifPresent(
            r -> {
              if (plan.groupings().isEmpty() || !plan.measures().contains(r.by())) {
                ground.malformed("A ranking needs something to rank, and a measure.");
              }
              boolean withinFits =
                  r.within().isEmpty()
                      || plan.groupings().size() > 1 && plan.groupings().contains(r.within().get());
              if (!withinFits) {
                ground.malformed("A ranking within groups needs something to rank in each.");
              }
            });
    plan.sort()
        .ifPresent(
            s -> {
              if (!plan.measures().contains(s.by()) && !plan.groupings().contains(s.by())) {
                ground.malformed("Rows can be sorted by what they show only.");
              }
            });
  }
}
