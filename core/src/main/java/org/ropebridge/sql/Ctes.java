package org.ropebridge.sql;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.function.Supplier;
import org.jooq.CommonTableExpression;
import org.jooq.Select;
import org.jooq.impl.DSL;

/** The common table expressions of a statement, named after what they hold. */
final class Ctes {
  private static final int LONGEST_NAME = 50;
  private final List<CommonTableExpression<?>> all = new ArrayList<>();
  private final Map<Object, Object> made = new HashMap<>();
  private final Set<String> taken = new HashSet<>();

  /** Adds an expression; returns the name by which it was taken up. */
  String add(String wanted, Select<?> select) {
    String plain = wanted.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "_");
    String shortened = plain.length() > LONGEST_NAME ? plain.substring(0, LONGEST_NAME) : plain;
    String name = shortened;
    for (int i = 2; !taken.add(name); i++) {
      name = shortened + "_" + i;
    }
    all.add(DSL.name(Names.of(name)).as(select));
    return name;
  }

  /** What was made of the same thing before, or is made of it now. */
  <T> T once(Object of, Supplier<T> make) {
    @SuppressWarnings("unchecked")
    T known = (T) made.get(of);
    if (known == null) {
      known = make.get();
      made.put(of, known);
    }
    return known;
  }

  List<CommonTableExpression<?>> all() {
    return all;
  }
}
