package org.ropebridge.reference;

import java.math.BigDecimal;
import java.util.List;
import java.util.function.Function;
import org.ropebridge.model.expression.Expression;
import org.ropebridge.model.expression.Functions;

/**
 * Computes an author's expression with SQL's three truth values; null is "missing" or "unknown".
 *
 * @param names what a name stands for outside of aggregates
 * @param rows one reader of names for each row that aggregates run over
 */
record Formula(Function<String, Object> names, List<Function<String, Object>> rows) {

  /** An expression over one row. */
  static Formula over(Function<String, Object> row) {
    return new Formula(row, List.of());
  }

  Object value(Expression expression) {
    if (expression instanceof Expression.NumberLiteral number) {
      return number.value();
    } else if (expression instanceof Expression.TextLiteral text) {
      return text.value();
    } else if (expression instanceof Expression.DateLiteral date) {
      return date.value();
    } else if (expression instanceof Expression.BooleanLiteral yes) {
      return yes.value();
    } else if (expression instanceof Expression.NullLiteral) {
      return null;
    } else if (expression instanceof Expression.NameUse use) {
      return names.apply(use.name());
    } else if (expression instanceof Expression.Binary binary) {
      return binary(binary);
    } else if (expression instanceof Expression.Unary unary) {
      Object operand = value(unary.operand());
      if (operand == null) {
        return null;
      }
      return unary.operator().equals("-") ? ((BigDecimal) operand).negate() : !((Boolean) operand);
    } else if (expression instanceof Expression.IsNull isNull) {
      return (value(isNull.value()) == null) != isNull.negated();
    } else if (expression instanceof Expression.In in) {
      return in(in);
    } else if (expression instanceof Expression.Case searched) {
      for (Expression.When when : searched.whens()) {
        if (Boolean.TRUE.equals(value(when.condition()))) {
          return value(when.result());
        }
      }
      return searched.otherwise().map(this::value).orElse(null);
    } else if (expression instanceof Expression.Call call) {
      return Functions.isAggregate(call.function()) ? aggregate(call) : scalar(call);
    }
    throw new UnsupportedOperationException("" + expression);
  }

  private Object in(Expression.In in) {
    Object value = value(in.value());
    if (value == null) {
      return null;
    }
    boolean among = in.options().stream().anyMatch(o -> Values.same(value, value(o)));
    return among != in.negated();
  }

  private Object binary(Expression.Binary binary) {
    Object left = value(binary.left());
    Object right = value(binary.right());
    switch (binary.operator()) {
      case "and":
        if (Boolean.FALSE.equals(left) || Boolean.FALSE.equals(right)) {
          return false;
        }
        return left == null || right == null ? null : true;
      case "or":
        if (Boolean.TRUE.equals(left) || Boolean.TRUE.equals(right)) {
          return true;
        }
        return left == null || right == null ? null : false;
      default:
        return left == null || right == null ? null : strict(binary.operator(), left, right);
    }
  }

  private static Object strict(String operator, Object left, Object right) {
    return switch (operator) {
      case "+" -> ((BigDecimal) left).add((BigDecimal) right);
      case "-" -> ((BigDecimal) left).subtract((BigDecimal) right);
      case "*" -> ((BigDecimal) left).multiply((BigDecimal) right);
      case "/" -> Values.quotient((BigDecimal) left, (BigDecimal) right);
      case "=" -> Values.same(left, right);
      case "<>" -> !Values.same(left, right);
      case "<" -> Values.compare(left, right) < 0;
      case "<=" -> Values.compare(left, right) <= 0;
      case ">" -> Values.compare(left, right) > 0;
      case ">=" -> Values.compare(left, right) >= 0;
      default -> throw new UnsupportedOperationException(operator);
    };
  }

  private Object scalar(Expression.Call call) {
    List<Expression> arguments = call.arguments();
    switch (call.function()) {
      case "coalesce":
        for (Expression argument : arguments) {
          Object value = value(argument);
          if (value != null) {
            return value;
          }
        }
        return null;
      case "nullif":
        Object value = value(arguments.get(0));
        return Values.same(value, value(arguments.get(1))) ? null : value;
      case "abs":
        BigDecimal number = (BigDecimal) value(arguments.get(0));
        return number == null ? null : number.abs();
      default:
        throw new UnsupportedOperationException(call.function());
    }
  }

  private Object aggregate(Expression.Call call) {
    List<Formula> counted =
        rows.stream()
            .map(Formula::over)
            .filter(
                row ->
                    call.filter().isEmpty() || Boolean.TRUE.equals(row.value(call.filter().get())))
            .toList();
    Expression argument = call.arguments().get(0);
    if (argument instanceof Expression.Star) {
      return BigDecimal.valueOf(counted.size());
    }
    List<Object> values =
        counted.stream().map(row -> row.value(argument)).filter(v -> v != null).toList();
    if (call.distinct()) {
      values = Values.distinct(values);
    }
    return switch (call.function()) {
      case "count" -> BigDecimal.valueOf(values.size());
      case "sum" -> Values.sum(values);
      case "avg" -> Values.mean(values);
      case "min" -> Values.least(values);
      case "max" -> Values.greatest(values);
      default -> throw new UnsupportedOperationException(call.function());
    };
  }
}
