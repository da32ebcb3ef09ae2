package org.ropebridge.service;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.DynamicTest.dynamicTest;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestFactory;
import org.junit.jupiter.api.extension.ExtendWith;
import org.ropebridge.service.RunningService.Caller;
import org.ropebridge.service.RunningService.Reply;
import tools.jackson.databind.JsonNode;

/** How the service is used can be asked in plain words, of the model of its own log. */
@ExtendWith(RunningService.class)
class UsageOverHttpTest {
  /**
   * Two hundred questions of the last hundred days, by seven people, on a model and two editions.
   */
  private static final String LOG =
      """
      insert into asked_question
      select gen_random_uuid(), 'huts', 1 + n / 120, 'person' || n % 7,
        now() - make_interval(days => n / 2, hours => n % 5),
        'question ' || n * n % 23, '',
        (array['answered', 'answered', 'answered', 'partly', 'unclear', 'declined'])[1 + n % 6],
        'reading ' || n % 19,
        case when n % 6 in (3, 5) then jsonb_build_array('phrase ' || n % 4) else '[]' end,
        '[]', 40 * (n % 100), n % 30, '',
        case when n % 8 = 0 then 'RIGHT' when n % 8 = 4 then 'WRONG' else '' end,
        case when n % 8 = 4 then (array['MEASURE', 'PERIOD'])[1 + n % 3 / 2] else '' end,
        '', '', n % 50 = 0, 0, '', jsonb_build_array('item ' || n % 5, 'item ' || n % 3 + 5),
        'theme ' || n % 4
      from generate_series(0, 199) n
      """;

  private static final Map<String, String> QUESTIONS = new LinkedHashMap<>();

  static {
    String q = "usage.question where ";
    String month =
        "asked_on >= date_trunc('month', current_date) and asked_on < date_trunc('month',"
            + " current_date) + interval '1 month'";
    String last =
        "asked_on >= date_trunc('month', current_date) - interval '1 month' and asked_on <"
            + " date_trunc('month', current_date)";
    QUESTIONS.put("how many questions were asked", "select count(*) from usage.question");
    QUESTIONS.put("how many questions last month", "select count(*) from " + q + last);
    QUESTIONS.put("questions asked this month", "select count(*) from " + q + month);
    QUESTIONS.put("how many people last month", "select count(distinct person) from " + q + last);
    QUESTIONS.put(
        "how many declined questions last month",
        "select count(*) from " + q + "status = 'declined' and " + last);
    QUESTIONS.put(
        "share answered last month",
        "select count(*) filter (where status in ('answered', 'explained')) * 1.0 / count(*) from "
            + q
            + last);
    QUESTIONS.put(
        "declined share",
        "select count(*) filter (where status = 'declined') * 1.0 / count(*) from usage.question");
    QUESTIONS.put(
        "accuracy",
        "select count(*) filter (where verdict = 'RIGHT') * 1.0 / count(*) filter (where verdict is"
            + " not null) from usage.question");
    QUESTIONS.put("how many verdicts", "select count(verdict) from usage.question");
    QUESTIONS.put(
        "number of slow questions", "select count(*) from usage.question where seconds > 3");
    QUESTIONS.put("average time to answer last month", "select avg(seconds) from " + q + last);
    QUESTIONS.put(
        "median time to answer",
        "select percentile_cont(0.5) within group (order by seconds) from usage.question");
    QUESTIONS.put(
        "number of unread phrases last month",
        "select count(*) from usage.unread_phrase where " + last);
    QUESTIONS.put(
        "how many questions were asked of the author",
        "select count(*) from usage.question where was_for_author");
    QUESTIONS.put(
        "questions asked by outcome",
        "select case status when 'unclear' then 'asked back' when 'partly' then 'partly read' else"
            + " status end, count(*) from usage.question group by 1 order by 2 desc, 1");
    QUESTIONS.put(
        "top 3 phrases by number of unread phrases",
        "select phrase, count(*) from usage.unread_phrase group by 1 order by 2 desc fetch first 3 rows with ties");
    QUESTIONS.put(
        "top 5 question words by questions asked",
        "select words, count(*) from usage.question group by 1 order by 2 desc fetch first 5 rows with ties");
    QUESTIONS.put(
        "top 3 persons by questions asked last month",
        "select person, count(*) from "
            + q
            + last
            + " group by 1 order by 2 desc fetch first 3 rows with ties");
    QUESTIONS.put(
        "questions asked by verdict for the verdict wrong",
        "select 'wrong', count(*) from usage.question where verdict = 'WRONG'");
    QUESTIONS.put(
        "questions asked by theme", "select theme, count(*) from usage.question group by 1");
    QUESTIONS.put(
        "top 3 items by uses last month",
        "select item, count(*) from usage.used_item where "
            + last
            + " group by 1 order by 2 desc fetch first 3 rows with ties");
    QUESTIONS.put(
        "declined questions by model",
        "select model, count(*) filter (where status = 'declined') from usage.question group by 1");
  }

  @BeforeAll
  static void fill() throws SQLException {
    RunningService.bean(org.ropebridge.service.log.QuestionLog.class)
        .since("huts", java.time.Instant.EPOCH, 1);
    execute("delete from asked_question");
    execute(LOG);
  }

  @AfterAll
  static void empty() throws SQLException {
    execute("delete from asked_question");
  }

  private static void execute(String sql) throws SQLException {
    try (Connection connection = DriverManager.getConnection(RunningService.storage());
        Statement statement = connection.createStatement()) {
      statement.execute(sql);
    }
  }

  private static List<List<Object>> query(String sql) throws SQLException {
    try (Connection connection = DriverManager.getConnection(RunningService.storage());
        Statement statement = connection.createStatement();
        ResultSet result = statement.executeQuery(sql)) {
      List<List<Object>> rows = new ArrayList<>();
      while (result.next()) {
        List<Object> row = new ArrayList<>();
        for (int i = 1; i <= result.getMetaData().getColumnCount(); i++) {
          row.add(plain(result.getObject(i)));
        }
        rows.add(row);
      }
      return rows;
    }
  }

  /** Numbers to six decimals, whatever their type. */
  private static Object plain(Object value) {
    return value instanceof Number number
        ? new BigDecimal(number.toString()).setScale(6, RoundingMode.HALF_UP)
        : value;
  }

  @TestFactory
  Stream<DynamicTest> useIsAskedInPlainWords() {
    Caller mira = Caller.withToken("mira");
    return QUESTIONS.entrySet().stream()
        .map(
            entry ->
                dynamicTest(
                    entry.getKey(),
                    () -> {
                      List<List<Object>> expected = query(entry.getValue());
                      Reply reply =
                          mira.post("/api/models/usage/ask", Map.of("question", entry.getKey()));
                      assertEquals(
                          "answered", reply.json().path("status").asString(), reply.text());
                      List<List<Object>> rows = new ArrayList<>();
                      for (JsonNode row : reply.json().path("rows")) {
                        List<Object> cells = new ArrayList<>();
                        row.forEach(
                            c -> cells.add(c.isNumber() ? plain(c.decimalValue()) : c.asString()));
                        rows.add(cells);
                      }
                      assertEquals(
                          sorted(expected),
                          sorted(rows),
                          reply.json().path("restatement").asString());
                    }));
  }

  /** Rows of the same number may come in any order. */
  private static List<String> sorted(List<List<Object>> rows) {
    return rows.stream().map(Object::toString).sorted().toList();
  }

  @Test
  void askersSeeNothingOfTheUseAndNobodyHasToChooseIt() {
    Caller tobin = Caller.withToken("tobin");
    assertEquals(403, tobin.post("/api/models/usage/ask", Map.of("question", "accuracy")).status());
    assertEquals(403, tobin.get("/api/models/usage").status());
    for (JsonNode model : Caller.withToken("mira").get("/api/models").json()) {
      assertFalse(model.path("name").asString().equals("usage"));
    }
  }

  @Test
  void theRoleThatReadsTheUseSeesNothingElse() throws SQLException {
    assertEquals(
        List.of(),
        query(
            "select table_schema || '.' || table_name from information_schema.role_table_grants"
                + " where grantee = '"
                + RunningService.USAGE_READER
                + "' and (table_schema <> 'usage' or privilege_type <> 'SELECT')"));
  }
}
