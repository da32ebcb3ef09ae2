package org.ropebridge.sql;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jooq.Field;
import org.jooq.impl.DSL;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.Plan;
import org.ropebridge.plan.Restatement;

/** The column names of one plan in SQL: its words, cut to what databases take. */
final class Headings {
  private static final int LONGEST = 60;
  private final Restatement restatement;
  private final Map<Plan.SortKey, String> names = new LinkedHashMap<>();
  private final List<String> keys = new ArrayList<>();

  Headings(Plan plan, Restatement restatement) {
    this.restatement = restatement;
    plan.groupings().forEach(g -> keys.add(of(g) + " key"));
    plan.measures().forEach(this::of);
  }

  String of(Plan.SortKey part) {
    String known = names.get(part);
    if (known != null) {
      return known;
    }
    String full =
        part instanceof Measure m ? restatement.measure(m) : restatement.grouping((Grouping) part);
    String name = free(full);
    names.put(part, name);
    return name;
  }

  /** A name that no other column has. */
  private String free(String full) {
    String cut = full.length() <= LONGEST ? full : full.substring(0, LONGEST - 4) + "...";
    String name = cut;
    for (int i = 2; names.containsValue(name) || keys.contains(name); i++) {
      String ending = " " + i;
      name = cut.substring(0, Math.min(cut.length(), LONGEST - ending.length())) + ending;
    }
    return name;
  }

  Field<?> field(Plan.SortKey part) {
    return DSL.field(Names.of(of(part)));
  }

  /** The name of the column that tells rows of the grouping apart. */
  String key(Grouping grouping) {
    String full = of(grouping);
    return full.length() > LONGEST - 4 ? full.substring(0, LONGEST - 4) + " key" : full + " key";
  }
}
