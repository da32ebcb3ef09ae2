package org.ropebridge.model.expression;

import java.math.BigDecimal;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import org.ropebridge.model.expression.Expression.Between;
import org.ropebridge.model.expression.Expression.Binary;
import org.ropebridge.model.expression.Expression.BooleanLiteral;
import org.ropebridge.model.expression.Expression.Call;
import org.ropebridge.model.expression.Expression.Case;
import org.ropebridge.model.expression.Expression.Cast;
import org.ropebridge.model.expression.Expression.DateLiteral;
import org.ropebridge.model.expression.Expression.Extract;
import org.ropebridge.model.expression.Expression.In;
import org.ropebridge.model.expression.Expression.IntervalLiteral;
import org.ropebridge.model.expression.Expression.IsNull;
import org.ropebridge.model.expression.Expression.NameUse;
import org.ropebridge.model.expression.Expression.NullLiteral;
import org.ropebridge.model.expression.Expression.NumberLiteral;
import org.ropebridge.model.expression.Expression.PersonAttribute;
import org.ropebridge.model.expression.Expression.Star;
import org.ropebridge.model.expression.Expression.TextLiteral;
import org.ropebridge.model.expression.Expression.TimestampLiteral;
import org.ropebridge.model.expression.Expression.Unary;
import org.ropebridge.model.expression.Expression.When;

/**
 * Reads one SQL value expression by precedence climbing. No statements, no subqueries, no functions
 * but the listed ones.
 */
public final class ExpressionParser {
  private static final Set<String> EXTRACT_PARTS =
      Set.of(
          "year", "quarter", "month", "week", "day", "hour", "minute", "dow", "isodow", "doy",
          "epoch");
  private static final Set<String> CAST_TYPES =
      Set.of("integer", "bigint", "numeric", "date", "text", "double precision", "timestamp");
  private static final Set<String> COMPARISONS = Set.of("=", "<>", "<", "<=", ">", ">=");
  private static final Set<String> INTERVAL_UNITS =
      Set.of("second", "minute", "hour", "day", "month", "year");
  private static final long DAYS_OF_WEEK = 7;
  private static final int MAX_DEPTH = 60;

  private final List<SqlToken> tokens;
  private int at;
  private int depth;

  private ExpressionParser(List<SqlToken> tokens) {
    this.tokens = tokens;
  }

  /**
   * Parses the whole text as one expression.
   *
   * @throws ExpressionException if it is not one, with the place of the fault
   */
  public static Expression parse(String text) {
    ExpressionParser parser = new ExpressionParser(SqlToken.scan(text));
    Expression result = parser.or();
    SqlToken rest = parser.peek();
    if (rest.kind() != SqlToken.Kind.END) {
      throw new ExpressionException(
          "the expression ends before \"" + rest.text() + "\"; write one expression, without ';'",
          rest.offset());
    }
    return result;
  }

  private Expression or() {
    if (++depth > MAX_DEPTH) {
      throw new ExpressionException("the expression is nested too deeply", peek().offset());
    }
    Expression left = and();
    while (accept("or")) {
      left = new Binary("or", left, and());
    }
    depth--;
    return left;
  }

  private Expression and() {
    Expression left = not();
    while (accept("and")) {
      left = new Binary("and", left, not());
    }
    return left;
  }

  private Expression not() {
    return accept("not") ? new Unary("not", not()) : predicate();
  }

  private Expression predicate() {
    Expression left = sum();
    while (true) {
      if (accept("is")) {
        boolean negated = accept("not");
        expect("null");
        left = new IsNull(left, negated);
        continue;
      }
      int before = at;
      boolean negated = accept("not");
      if (accept("in")) {
        expect("(");
        List<Expression> options = list();
        expect(")");
        left = new In(left, options, negated);
      } else if (accept("between")) {
        Expression low = sum();
        expect("and");
        left = new Between(left, low, sum(), negated);
      } else if (accept("like")) {
        Expression like = new Binary("like", left, sum());
        left = negated ? new Unary("not", like) : like;
      } else {
        at = before;
        String operator = peek().text().equals("!=") ? "<>" : peek().text();
        if (peek().kind() != SqlToken.Kind.SYMBOL || !COMPARISONS.contains(operator)) {
          return left;
        }
        at++;
        left = new Binary(operator, left, sum());
      }
    }
  }

  private Expression sum() {
    Expression left = product();
    while (true) {
      if (accept("+")) {
        left = new Binary("+", left, product());
      } else if (accept("-")) {
        left = new Binary("-", left, product());
      } else if (accept("||")) {
        left = new Binary("||", left, product());
      } else {
        return left;
      }
    }
  }

  private Expression product() {
    Expression left = unary();
    while (true) {
      if (accept("*")) {
        left = new Binary("*", left, unary());
      } else if (accept("/")) {
        left = new Binary("/", left, unary());
      } else {
        return left;
      }
    }
  }

  private Expression unary() {
    return accept("-") ? new Unary("-", unary()) : primary();
  }

  private Expression primary() {
    SqlToken token = next();
    switch (token.kind()) {
      case NUMBER:
        return new NumberLiteral(new BigDecimal(token.text()));
      case TEXT:
        return new TextLiteral(token.text());
      case PARAMETER:
        if (!token.text().startsWith("person.")) {
          throw new ExpressionException(
              ":" + token.text() + " is not known; attributes are written :person.name",
              token.offset());
        }
        return new PersonAttribute(token.text().substring("person.".length()));
      case QUOTED:
        return new NameUse(token.text(), token.offset());
      case WORD:
        return word(token);
      case SYMBOL:
        if (token.text().equals("(")) {
          if (peek().is("select")) {
            throw new ExpressionException(
                "a subquery is not allowed here; use a table with a query instead",
                peek().offset());
          }
          Expression inner = or();
          expect(")");
          return inner;
        }
        throw unexpected(token);
      default:
        throw unexpected(token);
    }
  }

  private Expression word(SqlToken token) {
    String word = token.text().toLowerCase(Locale.ROOT);
    switch (word) {
      case "true":
        return new BooleanLiteral(true);
      case "false":
        return new BooleanLiteral(false);
      case "null":
        return new NullLiteral();
      case "case":
        return caseExpression();
      case "extract":
        return extract();
      case "cast":
        return cast();
      case "select", "insert", "update", "delete", "drop", "with":
        throw new ExpressionException(
            "\"" + word + "\" begins a statement; only an expression is allowed here",
            token.offset());
      case "date", "timestamp", "interval":
        if (peek().kind() == SqlToken.Kind.TEXT) {
          return switch (word) {
            case "date" -> dateLiteral(next());
            case "timestamp" -> timestampLiteral(next());
            default -> intervalLiteral(next());
          };
        }
        break;
      default:
        break;
    }
    if (peek().isSymbol("(")) {
      return call(word, token);
    }
    return new NameUse(token.text(), token.offset());
  }

  private static Expression dateLiteral(SqlToken text) {
    try {
      return new DateLiteral(LocalDate.parse(text.text()));
    } catch (DateTimeException e) {
      throw new ExpressionException(
          "'" + text.text() + "' is not a date; write it as date '2026-10-18'", text.offset());
    }
  }

  private static Expression timestampLiteral(SqlToken text) {
    try {
      String written = text.text().trim().replace(' ', 'T');
      return new TimestampLiteral(
          written.indexOf('T') < 0
              ? LocalDate.parse(written).atStartOfDay()
              : LocalDateTime.parse(written));
    } catch (DateTimeException e) {
      throw new ExpressionException(
          "'" + text.text() + "' is no time of a day; write it as timestamp '2026-10-18 14:30'",
          text.offset());
    }
  }

  /** A number and its unit, both between the quotes or, as the standard has it, the unit behind. */
  private Expression intervalLiteral(SqlToken text) {
    String[] parts = text.text().trim().toLowerCase(Locale.ROOT).split("\\s+");
    boolean behind = parts.length == 1 && peek().kind() == SqlToken.Kind.WORD;
    String unit = behind ? next().text().toLowerCase(Locale.ROOT) : parts[parts.length - 1];
    String one = unit.endsWith("s") ? unit.substring(0, unit.length() - 1) : unit;
    try {
      long amount = Long.parseLong(parts[0]);
      if (parts.length == (behind ? 1 : 2) && INTERVAL_UNITS.contains(one)) {
        return new IntervalLiteral(amount, one);
      } else if (parts.length == (behind ? 1 : 2) && one.equals("week")) {
        return new IntervalLiteral(Math.multiplyExact(amount, DAYS_OF_WEEK), "day");
      }
    } catch (ArithmeticException | NumberFormatException e) {
      // no whole number, or more days than can be counted: told below
    }
    throw new ExpressionException(
        "'" + text.text() + "' is no span of time; write it as interval '3 hours'", text.offset());
  }

  private Expression caseExpression() {
    List<When> whens = new ArrayList<>();
    while (accept("when")) {
      Expression condition = or();
      expect("then");
      whens.add(new When(condition, or()));
    }
    if (whens.isEmpty()) {
      throw new ExpressionException("write: case when ... then ... end", peek().offset());
    }
    Optional<Expression> otherwise = accept("else") ? Optional.of(or()) : Optional.empty();
    expect("end");
    return new Case(whens, otherwise);
  }

  private Expression extract() {
    expect("(");
    SqlToken part = next();
    String name = part.text().toLowerCase(Locale.ROOT);
    if (!EXTRACT_PARTS.contains(name)) {
      throw new ExpressionException("extract knows no part \"" + part.text() + "\"", part.offset());
    }
    expect("from");
    Expression from = or();
    expect(")");
    return new Extract(name, from);
  }

  private Expression cast() {
    expect("(");
    Expression value = or();
    expect("as");
    SqlToken type = next();
    String name = type.text().toLowerCase(Locale.ROOT);
    if (name.equals("double")) {
      expect("precision");
      name = "double precision";
    }
    if (!CAST_TYPES.contains(name)) {
      throw new ExpressionException("cast knows no type \"" + type.text() + "\"", type.offset());
    }
    expect(")");
    return new Cast(value, name);
  }

  private Expression call(String function, SqlToken token) {
    if (!Functions.exists(function)) {
      throw new ExpressionException(
          "there is no function \""
              + function
              + "\"; known are "
              + String.join(", ", Functions.all()),
          token.offset());
    }
    expect("(");
    boolean distinct = accept("distinct");
    List<Expression> arguments = new ArrayList<>();
    if (accept("*")) {
      arguments.add(new Star());
    } else if (!peek().isSymbol(")")) {
      arguments.addAll(list());
    }
    expect(")");
    if (function.equals(Functions.YEARS_SINCE) && arguments.size() != 1) {
      throw new ExpressionException(function + " needs one date", token.offset());
    }
    Optional<Expression> within = Optional.empty();
    if (accept("within")) {
      expect("group");
      expect("(");
      expect("order");
      expect("by");
      within = Optional.of(or());
      expect(")");
    }
    if (Functions.isOrderedSet(function) && within.isEmpty()) {
      throw new ExpressionException(
          function + " needs: within group (order by ...)", token.offset());
    }
    Optional<Expression> filter = Optional.empty();
    if (accept("filter")) {
      expect("(");
      expect("where");
      filter = Optional.of(or());
      expect(")");
    }
    return new Call(function, arguments, distinct, filter, within, token.offset());
  }

  private List<Expression> list() {
    List<Expression> items = new ArrayList<>();
    do {
      items.add(or());
    } while (accept(","));
    return items;
  }

  private SqlToken peek() {
    return tokens.get(at);
  }

  private SqlToken next() {
    SqlToken token = tokens.get(at);
    if (token.kind() != SqlToken.Kind.END) {
      at++;
    }
    return token;
  }

  private boolean accept(String text) {
    if (peek().is(text) || peek().isSymbol(text)) {
      at++;
      return true;
    }
    return false;
  }

  private void expect(String text) {
    if (!accept(text)) {
      throw new ExpressionException("expected \"" + text + "\" " + found(peek()), peek().offset());
    }
  }

  private static ExpressionException unexpected(SqlToken token) {
    return new ExpressionException("expected a value " + found(token), token.offset());
  }

  private static String found(SqlToken token) {
    return token.kind() == SqlToken.Kind.END
        ? "but the expression ends"
        : "but found \"" + token.text() + "\"";
  }
}
