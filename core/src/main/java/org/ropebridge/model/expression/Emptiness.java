package org.ropebridge.model.expression;

import java.math.BigDecimal;
import java.math.MathContext;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;

/** What expressions are when there is nothing to compute them from. */
public final class Emptiness {
  /** Functions that may have a value where some argument has none. */
  private static final Set<String> SUPPLANTING = Set.of("coalesce", "greatest", "least");

  private Emptiness() {}

  /** Whether an expression of one row has no value where none of its columns has one. */
  public static boolean isMissingWithoutValues(Expression expression) {
    boolean[] found = {expression.names().isEmpty()};
    expression.walk(
        e ->
            found[0] |=
                e instanceof Expression.Case
                    || e instanceof Expression.IsNull
                    || e instanceof Expression.Call c && SUPPLANTING.contains(c.function()));
    return !found[0];
  }

  /**
   * The number that an expression of aggregates, or of metrics, is over no rows: counts are 0 and
   * all other aggregates are missing.
   *
   * @param metrics what each metric that it names is over no rows
   * @return empty when it is missing
   */
  public static Optional<BigDecimal> overNoRows(
      Expression expression, Function<String, Optional<BigDecimal>> metrics) {
    if (expression instanceof Expression.NumberLiteral number) {
      return Optional.of(number.value());
    } else if (expression instanceof Expression.NameUse use) {
      return metrics.apply(use.name());
    } else if (expression instanceof Expression.Unary unary && unary.operator().equals("-")) {
      return overNoRows(unary.operand(), metrics).map(BigDecimal::negate);
    } else if (expression instanceof Expression.Binary binary) {
      Optional<BigDecimal> left = overNoRows(binary.left(), metrics);
      Optional<BigDecimal> right = overNoRows(binary.right(), metrics);
      return left.flatMap(l -> right.flatMap(r -> together(binary.operator(), l, r)));
    } else if (expression instanceof Expression.Call call) {
      return call(call, metrics);
    }
    return Optional.empty();
  }

  private static Optional<BigDecimal> call(
      Expression.Call call, Function<String, Optional<BigDecimal>> metrics) {
    if (Functions.isAggregate(call.function())) {
      return call.function().equals("count") ? Optional.of(BigDecimal.ZERO) : Optional.empty();
    }
    List<Optional<BigDecimal>> arguments =
        call.arguments().stream().map(a -> overNoRows(a, metrics)).toList();
    return switch (call.function()) {
      case "coalesce" -> arguments.stream().flatMap(Optional::stream).findFirst();
      case "nullif" ->
          arguments.get(0).filter(a -> arguments.get(1).filter(b -> equal(a, b)).isEmpty());
      case "abs" -> arguments.get(0).map(BigDecimal::abs);
      case "round" -> arguments.get(0).filter(a -> a.signum() == 0);
      default -> Optional.empty();
    };
  }

  private static boolean equal(BigDecimal a, BigDecimal b) {
    return a.compareTo(b) == 0;
  }

  private static Optional<BigDecimal> together(String operator, BigDecimal left, BigDecimal right) {
    return switch (operator) {
      case "+" -> Optional.of(left.add(right));
      case "-" -> Optional.of(left.subtract(right));
      case "*" -> Optional.of(left.multiply(right));
      case "/" ->
          right.signum() == 0
              ? Optional.empty()
              : Optional.of(left.divide(right, MathContext.DECIMAL128));
      default -> Optional.empty();
    };
  }
}
