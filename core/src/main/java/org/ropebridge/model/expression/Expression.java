package org.ropebridge.model.expression;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;

/** A parsed SQL expression. */
public sealed interface Expression {

  /** A number as written. */
  record NumberLiteral(BigDecimal value) implements Expression {}

  /** A quoted text. */
  record TextLiteral(String value) implements Expression {}

  /** {@code date '2026-10-18'}. */
  record DateLiteral(LocalDate value) implements Expression {}

  /** {@code timestamp '2026-10-18 14:30'}. */
  record TimestampLiteral(LocalDateTime value) implements Expression {}

  /**
   * {@code interval '3' hour}, or {@code interval '3 hours'}.
   *
   * @param unit second, minute, hour, day, month or year
   */
  record IntervalLiteral(long amount, String unit) implements Expression {}

  /** {@code true} or {@code false}. */
  record BooleanLiteral(boolean value) implements Expression {}

  /** {@code null}. */
  record NullLiteral() implements Expression {}

  /** {@code *} as the only argument of count. */
  record Star() implements Expression {}

  /**
   * A column, or in a metric of metrics a metric.
   *
   * @param offset where the name begins in the expression's text
   */
  record NameUse(String name, int offset) implements Expression {}

  /** {@code :person.huts}: an attribute of the person who asks. */
  record PersonAttribute(String name) implements Expression {}

  /** An operator between two expressions. */
  record Binary(String operator, Expression left, Expression right) implements Expression {}

  /** {@code -x} or {@code not x}. */
  record Unary(String operator, Expression operand) implements Expression {}

  /**
   * A function call.
   *
   * @param filter condition of an aggregate's {@code filter (where ...)}
   * @param withinGroup sort expression of an ordered-set aggregate
   */
  record Call(
      String function,
      List<Expression> arguments,
      boolean distinct,
      Optional<Expression> filter,
      Optional<Expression> withinGroup,
      int offset)
      implements Expression {
    public Call {
      arguments = List.copyOf(arguments);
    }

    /** Whether it counts rows or values, or sums up numbers. */
    public boolean isTotal() {
      return function.equals("sum") || function.equals("count");
    }
  }

  /** {@code extract(part from value)}. */
  record Extract(String part, Expression from) implements Expression {}

  /** {@code cast(value as type)}. */
  record Cast(Expression value, String type) implements Expression {}

  /** A searched case. */
  record Case(List<When> whens, Optional<Expression> otherwise) implements Expression {
    public Case {
      whens = List.copyOf(whens);
    }
  }

  /** One branch of a case. */
  record When(Expression condition, Expression result) {}

  /** {@code value in (a, b)}. */
  record In(Expression value, List<Expression> options, boolean negated) implements Expression {
    public In {
      options = List.copyOf(options);
    }
  }

  /** {@code value between low and high}. */
  record Between(Expression value, Expression low, Expression high, boolean negated)
      implements Expression {}

  /** {@code value is null}. */
  record IsNull(Expression value, boolean negated) implements Expression {}

  /** The direct parts of an expression, in reading order. */
  default List<Expression> parts() {
    List<Expression> parts = new ArrayList<>();
    if (this instanceof Binary b) {
      parts.add(b.left());
      parts.add(b.right());
    } else if (this instanceof Unary u) {
      parts.add(u.operand());
    } else if (this instanceof Call c) {
      parts.addAll(c.arguments());
      c.filter().ifPresent(parts::add);
      c.withinGroup().ifPresent(parts::add);
    } else if (this instanceof Extract e) {
      parts.add(e.from());
    } else if (this instanceof Cast c) {
      parts.add(c.value());
    } else if (this instanceof Case c) {
      for (When when : c.whens()) {
        parts.add(when.condition());
        parts.add(when.result());
      }
      c.otherwise().ifPresent(parts::add);
    } else if (this instanceof In in) {
      parts.add(in.value());
      parts.addAll(in.options());
    } else if (this instanceof Between b) {
      parts.add(b.value());
      parts.add(b.low());
      parts.add(b.high());
    } else if (this instanceof IsNull n) {
      parts.add(n.value());
    }
    return parts;
  }

  /** Visits this expression and everything in it. */
  default void walk(Consumer<Expression> visitor) {
    visitor.accept(this);
    parts().forEach(part -> part.walk(visitor));
  }

  /** Every name used, in reading order. */
  default List<NameUse> names() {
    List<NameUse> names = new ArrayList<>();
    walk(
        e -> {
          if (e instanceof NameUse use) {
            names.add(use);
          }
        });
    return names;
  }

  /** Whether an aggregate function is called anywhere in it. */
  default boolean aggregates() {
    boolean[] found = {false};
    walk(e -> found[0] |= e instanceof Call c && Functions.isAggregate(c.function()));
    return found[0];
  }
}
