package org.ropebridge.sql;

import java.util.Set;
import org.jooq.Name;
import org.jooq.impl.DSL;

/** Names in SQL, quoted only where they need it. */
final class Names {
  private static final Set<String> RESERVED =
      Set.of(
          "all",
          "analyse",
          "analyze",
          "and",
          "any",
          "array",
          "as",
          "asc",
          "both",
          "case",
          "cast",
          "check",
          "collate",
          "column",
          "constraint",
          "create",
          "date",
          "day",
          "default",
          "desc",
          "distinct",
          "do",
          "else",
          "end",
          "except",
          "false",
          "fetch",
          "for",
          "foreign",
          "from",
          "grant",
          "group",
          "having",
          "hour",
          "in",
          "initially",
          "interval",
          "intersect",
          "into",
          "leading",
          "limit",
          "month",
          "not",
          "null",
          "offset",
          "on",
          "only",
          "or",
          "order",
          "primary",
          "references",
          "returning",
          "select",
          "some",
          "table",
          "then",
          "time",
          "timestamp",
          "to",
          "trailing",
          "true",
          "union",
          "unique",
          "user",
          "using",
          "when",
          "where",
          "window",
          "with",
          "year");

  private Names() {}

  static Name of(String name) {
    boolean plain = name.matches("[a-z_][a-z0-9_]*") && !RESERVED.contains(name);
    return plain ? DSL.unquotedName(name) : DSL.quotedName(name);
  }

  static Name of(String qualifier, String name) {
    return DSL.name(of(qualifier), of(name));
  }
}
