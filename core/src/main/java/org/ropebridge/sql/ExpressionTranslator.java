package org.ropebridge.sql;

import static org.jooq.impl.DSL.keyword;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import org.jooq.Condition;
import org.jooq.Field;
import org.jooq.impl.DSL;
import org.jooq.impl.SQLDataType;
import org.ropebridge.access.Person;
import org.ropebridge.model.expression.Expression;
import org.ropebridge.model.expression.Functions;

/**
 * Turns an author's expression into parts of an SQL tree. Division gives no value where the divisor
 * is zero, and never cuts off decimals.
 */
final class ExpressionTranslator {
  /** Places of years and months in a day that is written as a number, 20261018. */
  private static final int YEAR = 10_000;

  private static final int MONTH = 100;
  private final Function<String, Field<?>> names;
  private final Person person;
  private final LocalDate today;
  private final Optional<Condition> only;

  /**
   * Makes a translator.
   *
   * @param names what each name of the expression stands for
   * @param today the day up to which years are counted
   */
  ExpressionTranslator(Function<String, Field<?>> names, Person person, LocalDate today) {
    this(names, person, today, Optional.empty());
  }

  /**
   * Makes a translator of aggregates over fewer rows.
   *
   * @param only the rows that aggregates count; all when empty
   */
  ExpressionTranslator(
      Function<String, Field<?>> names, Person person, LocalDate today, Optional<Condition> only) {
    this.names = names;
    this.person = person;
    this.today = today;
    this.only = only;
  }

  Field<?> field(Expression expression) {
    if (expression instanceof Expression.NumberLiteral number) {
      return DSL.inline(number.value());
    } else if (expression instanceof Expression.TextLiteral text) {
      return DSL.inline(text.value());
    } else if (expression instanceof Expression.DateLiteral date) {
      return DSL.inline(date.value());
    } else if (expression instanceof Expression.TimestampLiteral time) {
      return DSL.inline(time.value());
    } else if (expression instanceof Expression.IntervalLiteral span) {
      return DSL.field(
          "interval {0} {1}",
          Object.class, DSL.inline(String.valueOf(span.amount())), keyword(span.unit()));
    } else if (expression instanceof Expression.BooleanLiteral yes) {
      return DSL.inline(yes.value());
    } else if (expression instanceof Expression.NullLiteral) {
      return DSL.field("null");
    } else if (expression instanceof Expression.NameUse use) {
      return names.apply(use.name());
    } else if (expression instanceof Expression.Binary binary) {
      return binary(binary);
    } else if (expression instanceof Expression.Unary unary && unary.operator().equals("-")) {
      return DSL.field("-{0}", Object.class, field(unary.operand()));
    } else if (expression instanceof Expression.Call call) {
      return call(call);
    } else if (expression instanceof Expression.Extract extract) {
      return DSL.field(
          "extract({0} from {1})", Object.class, keyword(extract.part()), field(extract.from()));
    } else if (expression instanceof Expression.Cast cast) {
      return DSL.field("cast({0} as {1})", Object.class, field(cast.value()), keyword(cast.type()));
    } else if (expression instanceof Expression.Case searched) {
      return searched(searched);
    }
    return DSL.field(condition(expression));
  }

  /** The expression as something that is true or not. */
  Condition condition(Expression expression) {
    if (expression instanceof Expression.Binary binary) {
      switch (binary.operator()) {
        case "and":
          return condition(binary.left()).and(condition(binary.right()));
        case "or":
          return condition(binary.left()).or(condition(binary.right()));
        case "=", "<>", "<", "<=", ">", ">=", "like":
          return DSL.condition(
              "{0} {1} {2}",
              field(binary.left()), keyword(binary.operator()), field(binary.right()));
        default:
          break;
      }
    } else if (expression instanceof Expression.Unary unary && unary.operator().equals("not")) {
      return condition(unary.operand()).not();
    } else if (expression instanceof Expression.In in) {
      return in(in);
    } else if (expression instanceof Expression.Between between) {
      Condition within =
          DSL.condition(
              "{0} between {1} and {2}",
              field(between.value()), field(between.low()), field(between.high()));
      return between.negated() ? within.not() : within;
    } else if (expression instanceof Expression.IsNull isNull) {
      Field<?> value = field(isNull.value());
      return isNull.negated() ? value.isNotNull() : value.isNull();
    } else if (expression instanceof Expression.BooleanLiteral yes) {
      return yes.value() ? DSL.trueCondition() : DSL.falseCondition();
    }
    return DSL.condition(field(expression).cast(SQLDataType.BOOLEAN));
  }

  private Field<?> binary(Expression.Binary binary) {
    switch (binary.operator()) {
      case "+", "-", "*", "||":
        return DSL.field(
            "({0} {1} {2})",
            Object.class, field(binary.left()), keyword(binary.operator()), field(binary.right()));
      case "/":
        Field<?> divisor = field(binary.right());
        boolean neverZero =
            binary.right() instanceof Expression.NumberLiteral n && n.value().signum() != 0;
        return DSL.field(
            "(cast({0} as numeric) / {1})",
            Object.class,
            field(binary.left()),
            neverZero ? divisor : DSL.field("nullif({0}, 0)", Object.class, divisor));
      default:
        return DSL.field(condition(binary));
    }
  }

  /** An attribute of the person stands for all of its values; without any, nothing matches. */
  private Condition in(Expression.In in) {
    List<Field<?>> options = new ArrayList<>();
    for (Expression option : in.options()) {
      if (option instanceof Expression.PersonAttribute attribute) {
        person
            .attributes()
            .getOrDefault(attribute.name(), List.of())
            .forEach(value -> options.add(DSL.val(value)));
      } else {
        options.add(field(option));
      }
    }
    if (options.isEmpty()) {
      return DSL.falseCondition();
    }
    Condition among = DSL.condition("{0} in ({1})", field(in.value()), DSL.list(options));
    return in.negated() ? among.not() : among;
  }

  private Field<?> call(Expression.Call call) {
    if (call.function().equals(Functions.YEARS_SINCE)) {
      return yearsSince(field(call.arguments().get(0)));
    }
    List<Field<?>> arguments = new ArrayList<>();
    for (Expression argument : call.arguments()) {
      arguments.add(argument instanceof Expression.Star ? DSL.field("*") : field(argument));
    }
    Field<?> result =
        DSL.field(
            call.distinct() ? "{0}(distinct {1})" : "{0}({1})",
            Object.class,
            keyword(call.function()),
            DSL.list(arguments));
    if (call.withinGroup().isPresent()) {
      result =
          DSL.field(
              "{0} within group (order by {1})",
              Object.class, result, field(call.withinGroup().get()));
    }
    Optional<Condition> counted = call.filter().map(this::condition);
    if (Functions.isAggregate(call.function()) && only.isPresent()) {
      counted = Optional.of(counted.map(c -> c.and(only.get())).orElse(only.get()));
    }
    return counted.isPresent()
        ? DSL.field("{0} filter (where {1})", Object.class, result, counted.get())
        : result;
  }

  /** Whole years from a date to today: what lies between the days, written as numbers. */
  private Field<?> yearsSince(Field<?> date) {
    int day = today.getYear() * YEAR + today.getMonthValue() * MONTH + today.getDayOfMonth();
    return DSL.field(
        "floor(({0} - (extract(year from {1}) * {2} + extract(month from {1}) * {3}"
            + " + extract(day from {1}))) / {2})",
        Object.class, DSL.inline(day), date, DSL.inline(YEAR), DSL.inline(MONTH));
  }

  private Field<?> searched(Expression.Case searched) {
    Field<?> branches = null;
    for (Expression.When when : searched.whens()) {
      Field<?> branch =
          DSL.field(
              "when {0} then {1}", Object.class, condition(when.condition()), field(when.result()));
      branches = branches == null ? branch : DSL.field("{0} {1}", Object.class, branches, branch);
    }
    return searched.otherwise().isPresent()
        ? DSL.field(
            "case {0} else {1} end", Object.class, branches, field(searched.otherwise().get()))
        : DSL.field("case {0} end", Object.class, branches);
  }
}
