package org.ropebridge.service;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.io.InputStream;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Scanner;
import java.util.concurrent.CompletableFuture;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.ropebridge.service.RunningService.Caller;
import org.ropebridge.service.RunningService.Reply;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** What keeps a warehouse from doing too much, and people from waiting for nothing. */
@ExtendWith(RunningService.class)
class GuardsTest {
  private static final JsonMapper JSON = JsonMapper.builder().build();
  private static final String HUTS = "/api/models/huts/ask";
  private static final long MINUTES_OF_WORK = 250_000_000L;
  private static final long HOURS_OF_WORK = 2_100_000_000L;
  private final Caller asker = Caller.withToken("tobin");

  @BeforeAll
  static void publish() {
    Caller author = Caller.withToken("mira");
    for (Map.Entry<String, Long> model :
        Map.of("counts_up", MINUTES_OF_WORK, "endless", HOURS_OF_WORK).entrySet()) {
      Reply published =
          author.publish(
              model.getKey(), SmallModel.files(model.getKey(), "ledger", model.getValue()), "");
      assertEquals(201, published.status(), published::text);
    }
  }

  private static String problem(Reply reply) {
    return reply.json().path("type").asString().replace("urn:ropebridge:problem:", "");
  }

  @Test
  void tooMuchWorkIsRefusedBeforeItStarts() {
    Reply reply = asker.post("/api/models/endless/ask", Map.of("question", "number of numbers"));
    assertEquals(422, reply.status(), reply::text);
    assertEquals("too-costly", problem(reply));
    assertTrue(reply.json().path("detail").asString().contains("Ask for"), reply::text);
  }

  @Test
  void whatTakesTooLongIsEnded() throws SQLException {
    Reply reply = asker.post("/api/models/counts_up/ask", Map.of("question", "total size"));
    assertEquals(504, reply.status(), reply::text);
    assertEquals("too-slow", problem(reply));
    assertEquals(0, statementsRunning());
  }

  @Test
  void anAnswerComesInEvents() throws Exception {
    List<String> names = new ArrayList<>();
    List<JsonNode> data = new ArrayList<>();
    try (Scanner lines = events("huts", "guest nights by valley this year")) {
      while (lines.hasNextLine()) {
        String line = lines.nextLine();
        if (line.startsWith("event:")) {
          names.add(line.substring(6).strip());
        } else if (line.startsWith("data:")) {
          data.add(JSON.readTree(line.substring(5)));
        }
      }
    }
    assertEquals("reading", names.get(0));
    assertEquals("answer", names.get(names.size() - 1));
    assertEquals("guest nights by valley this year", data.get(0).path("restatement").asString());
    assertEquals(0, data.get(0).path("rows").size());
    assertEquals(5, data.get(data.size() - 1).path("rows").size());
  }

  @Test
  void aProblemComesAsAnEvent() throws Exception {
    try (Scanner lines = events("nothing", "revenue")) {
      assertEquals("event:problem", lines.nextLine());
      assertTrue(lines.nextLine().contains("unknown-model"));
    }
  }

  @Test
  void leavingEndsTheStatementInTheWarehouse() throws Exception {
    try (Scanner lines = events("counts_up", "average size")) {
      String line = lines.nextLine();
      while (!line.contains("computing")) {
        line = lines.nextLine();
      }
      assertEquals(1, statementsRunning());
    }
    long end = System.nanoTime() + 1_900_000_000L;
    while (statementsRunning() > 0 && System.nanoTime() < end) {
      Thread.onSpinWait();
    }
    assertEquals(0, statementsRunning(), "still running just before its time limit");
  }

  @Test
  void whoAsksALotDoesNotKeepOthersWaiting() throws Exception {
    Caller modest = Caller.withToken("renna");
    assertEquals(200, modest.post(HUTS, Map.of("question", "number of huts")).status());
    List<CompletableFuture<Reply>> greedy = new ArrayList<>();
    for (int i = 0; i < 12; i++) {
      Map<String, String> body = Map.of("question", "number of numbers with size above " + i);
      greedy.add(
          CompletableFuture.supplyAsync(() -> asker.post("/api/models/counts_up/ask", body)));
    }
    while (statementsRunning() < 6) {
      Thread.onSpinWait();
    }
    Reply other = modest.post(HUTS, Map.of("question", "number of huts by valley"));
    long stillWaiting = greedy.stream().filter(f -> !f.isDone()).count();
    assertEquals(200, other.status(), other::text);
    assertTrue(stillWaiting > 0, "all who came first were served first");
    for (CompletableFuture<Reply> one : greedy) {
      one.get();
    }
  }

  @Test
  void brokenConnectionsAreMadeAnew() throws SQLException {
    assertEquals(200, ask("number of bridges").status());
    try (Connection admin = admin();
        Statement statement = admin.createStatement()) {
      statement.execute(
          "select pg_terminate_backend(pid) from pg_stat_activity where usename = '"
              + RunningService.READER
              + "'");
    }
    for (String question : List.of("number of members", "number of stays", "number of huts")) {
      assertEquals(200, ask(question).status());
    }
  }

  private Reply ask(String question) {
    return asker.post(HUTS, Map.of("question", question));
  }

  private Scanner events(String model, String question) throws IOException, InterruptedException {
    HttpRequest request =
        HttpRequest.newBuilder(
                URI.create(RunningService.url() + "/api/models/" + model + "/ask/events"))
            .header("Authorization", "Bearer " + asker.token())
            .header("Content-Type", "application/json")
            .POST(
                HttpRequest.BodyPublishers.ofString(
                    JSON.writeValueAsString(Map.of("question", question))))
            .build();
    HttpResponse<InputStream> response =
        HttpClient.newHttpClient().send(request, HttpResponse.BodyHandlers.ofInputStream());
    assertEquals(200, response.statusCode());
    return new Scanner(response.body(), StandardCharsets.UTF_8);
  }

  private static Connection admin() throws SQLException {
    return DriverManager.getConnection(System.getenv("ROPEBRIDGE_TEST_JDBC"));
  }

  /** How many statements run in the warehouse for the service. */
  private static int statementsRunning() throws SQLException {
    try (Connection admin = admin();
        Statement statement = admin.createStatement();
        ResultSet result =
            statement.executeQuery(
                "select count(*) from pg_stat_activity where state = 'active' and usename = '"
                    + RunningService.READER
                    + "' and query like '%generate_series%'")) {
      result.next();
      return result.getInt(1);
    }
  }
}
