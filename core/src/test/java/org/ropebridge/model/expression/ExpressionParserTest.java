package org.ropebridge.model.expression;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.LocalDateTime;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class ExpressionParserTest {

  @ParameterizedTest
  @ValueSource(
      strings = {
        "sum(party_size * nights)",
        "count(*) filter (where status = 'X') * 1.0 / count(*)",
        "percentile_cont(0.5) within group (order by arrival - booked_on)",
        "extract(epoch from cleared_at - started_at) / 3600",
        "case when a > 1 then 'x' when a is null then 'none' else 'y' end",
        "hut_id in (:person.huts)",
        "name not like 'G%' and not (beds between 4 and 6)",
        "cast(amount as numeric) - coalesce(refund, 0)",
        "arrival >= date '2026-01-01' or \"odd name\" is not null",
        "count(*) filter (where solved < opened + interval '1 hour')",
        "coalesce(solved, timestamp '2026-08-10 12:00') > promised",
        "count(distinct member_id)"
      })
  void reads(String sql) {
    assertFalse(ExpressionParser.parse(sql).toString().isEmpty());
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      quoteCharacter = '`',
      value = {
        "sum(x); drop table y | 6",
        "(select 1) | 1",
        "pg_sleep(3) | 0",
        "sum(x | 5",
        "a + | 3",
        "'open | 0",
        "delete from stay | 0",
        "a -- comment | 2",
        "x @ y | 2",
        ":secret | 0",
        "extract(fortnight from d) | 8",
        "cast(a as money) | 10",
        "date '2026-13-01' | 5",
        "timestamp '2026-08-10 25:00' | 10",
        "interval 'a while' | 9",
        "interval '3' fortnights | 9",
        "interval '99999999999999999999 days' | 9",
        "percentile_cont(0.5) | 0"
      })
  void refusesWithThePlace(String sql, int offset) {
    ExpressionException e =
        assertThrows(ExpressionException.class, () -> ExpressionParser.parse(sql.strip()));
    assertEquals(offset, e.offset(), e.getMessage());
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      quoteCharacter = '`',
      value = {
        "interval '3 hours' | 3 | hour",
        "interval '1' day | 1 | day",
        "interval '2 weeks' | 14 | day",
        "interval '-6' MONTH | -6 | month"
      })
  void readsSpansOfTime(String sql, long amount, String unit) {
    assertEquals(new Expression.IntervalLiteral(amount, unit), ExpressionParser.parse(sql.strip()));
  }

  @Test
  void readsTimesOfADay() {
    assertEquals(
        new Expression.TimestampLiteral(LocalDateTime.of(2026, 8, 10, 12, 30)),
        ExpressionParser.parse("timestamp '2026-08-10 12:30'"));
    assertEquals(
        new Expression.TimestampLiteral(LocalDateTime.of(2026, 8, 10, 0, 0)),
        ExpressionParser.parse("timestamp '2026-08-10'"));
  }

  @Test
  void bindsTighterFromOrToProduct() {
    assertEquals(
        "Binary[operator=or, "
            + "left=Binary[operator==, left=a, right=1], "
            + "right=Binary[operator=and, left=Binary[operator=>, "
            + "left=Binary[operator=+, left=b, right=Binary[operator=*, left=c, right=d]], "
            + "right=2], right=e]]",
        ExpressionParser.parse("a = 1 or b + c * d > 2 and e")
            .toString()
            .replaceAll("NameUse\\[name=(\\w+), offset=\\d+\\]", "$1")
            .replaceAll("NumberLiteral\\[value=(\\d+)\\]", "$1"));
  }

  @Test
  void knowsNamesAndAggregates() {
    Expression metric = ExpressionParser.parse("sum(a) filter (where b = 'x') / nullif(c, 0)");
    assertEquals(
        java.util.List.of("a", "b", "c"),
        metric.names().stream().map(Expression.NameUse::name).toList());
    assertTrue(metric.aggregates());
    assertFalse(ExpressionParser.parse("a + b").aggregates());
  }
}
