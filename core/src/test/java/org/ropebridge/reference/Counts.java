package org.ropebridge.reference;

import java.util.Map;
import java.util.TreeMap;
import org.ropebridge.plan.Plan;

/** How often each part of a plan was tried. */
final class Counts {
  private int cases;
  private int differing;
  private final Map<String, Integer> parts = new TreeMap<>();

  void add(Plan plan, boolean same) {
    cases++;
    differing += same ? 0 : 1;
    plan.measures().forEach(this::part);
    plan.groupings().forEach(this::part);
    plan.filters().forEach(this::part);
    plan.keeps().forEach(this::part);
    plan.listing().ifPresent(this::part);
    plan.ranking().ifPresent(this::part);
    plan.claim().ifPresent(this::part);
  }

  private void part(Object part) {
    parts.merge(part.getClass().getSimpleName(), 1, Integer::sum);
  }

  int cases() {
    return cases;
  }

  int differing() {
    return differing;
  }

  @Override
  public String toString() {
    return cases + " plans, " + differing + " differ from the reference; parts tried: " + parts;
  }
}
