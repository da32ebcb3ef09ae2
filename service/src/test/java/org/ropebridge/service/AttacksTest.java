package org.ropebridge.service;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.ropebridge.service.RunningService.Caller;
import org.ropebridge.service.RunningService.Reply;
import tools.jackson.databind.JsonNode;

/** Attempts to learn what is not for the one who asks. */
@ExtendWith(RunningService.class)
class AttacksTest {
  private static final Map<String, Caller> CALLERS = new HashMap<>();
  private static final Pattern HIDDEN = Pattern.compile("\\b(email|phone number|\\w*cost)\\b");

  private static Caller caller(String name) {
    return CALLERS.computeIfAbsent(name, Caller::withToken);
  }

  /** A line of the table. */
  record Attempt(String who, String question, String outcome) {
    @Override
    public String toString() {
      return who + ": " + question;
    }
  }

  static Stream<Attempt> attempts() throws IOException {
    try (BufferedReader reader =
        new BufferedReader(
            new InputStreamReader(
                AttacksTest.class.getResourceAsStream("/attacks.tsv"), StandardCharsets.UTF_8))) {
      return reader
          .lines()
          .filter(l -> !l.startsWith("#"))
          .map(l -> l.split("\t"))
          .map(c -> new Attempt(c[0], c[1], c[2]))
          .toList()
          .stream();
    }
  }

  @ParameterizedTest
  @MethodSource("attempts")
  void nothingIsLearned(Attempt attempt) throws SQLException {
    Reply reply =
        caller(attempt.who()).post("/api/models/huts/ask", Map.of("question", attempt.question()));
    JsonNode answer = reply.json();
    String outcome = attempt.outcome();
    if (outcome.startsWith("refused ")) {
      assertEquals(403, reply.status(), reply::text);
      assertTrue(reply.text().contains(outcome.substring(8)), reply::text);
    } else if (outcome.equals("unanswered")) {
      // What is hidden is an unknown word; the rest of the question may be partly read.
      assertFalse(HIDDEN.matcher(answer.path("sql").asString()).find(), reply::text);
      assertFalse(
          HIDDEN.matcher(answer.path("restatement").asString()).find()
              && answer.path("status").asString().equals("answered"),
          reply::text);
    } else {
      assertEquals(200, reply.status(), reply::text);
      assertEquals("answered", answer.path("status").asString(), reply::text);
      rows(outcome, answer.path("rows"), reply);
    }
    String told =
        answer.path("suggestions").toString() + answer.path("alternatives") + answer.path("rows");
    assertFalse(told.contains("@"), told);
    assertFalse(told.contains("cost") && attempt.who().equals("renna"), told);
  }

  private static void rows(String outcome, JsonNode rows, Reply reply) throws SQLException {
    if (outcome.equals("nothing")) {
      for (JsonNode row : rows) {
        JsonNode last = row.get(row.size() - 1);
        // Rows without a member are about nobody.
        boolean none =
            row.get(0).isNull() || last.isNull() || last.isNumber() && last.asDouble() == 0;
        assertTrue(none, reply::text);
      }
    } else if (outcome.startsWith("= ")) {
      BigDecimal expected = new BigDecimal(column(outcome.substring(2)).get(0));
      BigDecimal found = rows.get(0).get(0).decimalValue();
      assertEquals(0, expected.compareTo(found), () -> expected + " expected: " + reply.text());
    } else {
      List<String> forbidden = column(outcome.substring("shown ".length()));
      assertFalse(rows.isEmpty(), reply::text);
      for (JsonNode row : rows) {
        assertFalse(forbidden.contains(row.get(0).asString()), reply::text);
      }
    }
  }

  private static List<String> column(String sql) throws SQLException {
    String warehouse =
        System.getenv("ROPEBRIDGE_TEST_JDBC")
            .replaceFirst("/postgres\\?", "/service_test_warehouse?");
    try (Connection connection = DriverManager.getConnection(warehouse);
        Statement statement = connection.createStatement();
        ResultSet result = statement.executeQuery(sql)) {
      List<String> values = new ArrayList<>();
      while (result.next()) {
        values.add(result.getString(1));
      }
      return values;
    }
  }

  @Test
  void whatOneHasSeenIsNotKeptForAnother() {
    String question = "number of stays by hut kind";
    Reply all = caller("tobin").post("/api/models/huts/ask", Map.of("question", question));
    Reply own = caller("renna").post("/api/models/huts/ask", Map.of("question", question));
    assertNotEquals(all.json().path("rows"), own.json().path("rows"));
  }

  @Test
  void theModelPageHoldsNoHiddenName() {
    String page = caller("renna").get("/api/models/huts").text();
    for (String hidden : List.of("email", "phone number", "supply_cost", "supply cost")) {
      assertFalse(page.contains(hidden), hidden);
    }
  }

  /** Each attempt once more by the other ways: typed, as options, as rows, behind a question. */
  @ParameterizedTest
  @MethodSource("attempts")
  void nothingIsLearnedByOtherWays(Attempt attempt) {
    Caller caller = caller(attempt.who());
    List<String> told = new ArrayList<>();
    for (String way : List.of("typing", "options", "rows")) {
      told.add(
          caller.post("/api/models/huts/" + way, Map.of("question", attempt.question())).text());
    }
    Reply first =
        caller.post(
            "/api/models/huts/ask",
            Map.of("question", "number of members by membership type", "thread", Map.of()));
    String id = first.json().path("thread").path("thread").asString();
    Reply leaning =
        caller.post(
            "/api/models/huts/ask",
            Map.of("question", "add " + attempt.question(), "thread", Map.of("id", id)));
    told.add(leaning.json().path("rows").toString());
    told.add(leaning.json().path("sql").asString());
    for (String text : told) {
      // What was typed comes back as it was typed.
      assertFalse(text.contains("@") && !attempt.question().contains("@"), text);
      boolean hiddenColumn = Pattern.compile("members\\.(email|phone)").matcher(text).find();
      assertFalse(hiddenColumn, text);
      if (attempt.who().equals("renna")) {
        assertFalse(text.contains("supplies.cost"), text);
      }
    }
  }

  @Test
  void rowsTakenAlongAreThoseThatOneMaySee() {
    Map<String, String> question = Map.of("question", "number of stays by hut");
    Reply all = caller("tobin").post("/api/models/huts/rows", question, "application/json");
    Reply own = caller("renna").post("/api/models/huts/rows", question, "application/json");
    assertTrue(own.json().size() > 0 && own.json().size() < all.json().size(), own::text);
  }

  @Test
  void completionsAndOptionsNameNothingHidden() {
    for (String typed :
        List.of("em", "ema", "phone", "supply c", "cost", "number of members by e")) {
      String told =
          caller("renna")
              .post("/api/models/huts/typing", Map.of("question", typed))
              .json()
              .path("completions")
              .toString();
      assertFalse(told.contains("email") || told.contains("cost"), told);
    }
    String options =
        caller("renna")
            .post("/api/models/huts/options", Map.of("question", "number of members"))
            .text();
    assertFalse(options.contains("email") || options.contains("phone"), options);
  }
}
