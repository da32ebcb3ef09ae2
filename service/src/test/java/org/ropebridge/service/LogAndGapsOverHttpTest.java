package org.ropebridge.service;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.ropebridge.demo.DemoFiles;
import org.ropebridge.service.RunningService.Caller;
import org.ropebridge.service.RunningService.Reply;
import org.ropebridge.service.log.QuestionLog;
import tools.jackson.databind.JsonNode;

/** What people ask comes back: kept in the log, judged, grouped by cause, mended, and told. */
@ExtendWith(RunningService.class)
class LogAndGapsOverHttpTest {
  private static final String MODEL = "asked_huts";

  private Caller tobin;
  private Caller renna;
  private Caller mira;
  private Caller iselin;

  @BeforeEach
  void publish() {
    tobin = Caller.withToken("tobin");
    renna = Caller.withToken("renna");
    mira = Caller.withToken("mira");
    iselin = Caller.withToken("iselin");
    Map<String, String> files = new java.util.HashMap<>(DemoFiles.model());
    files.computeIfPresent(
        "model.yaml", (f, text) -> text.replace("model: huts", "model: " + MODEL));
    Reply published = mira.publish(MODEL, files, "asked about");
    assertTrue(published.status() == 201 || published.status() == 409, published.text());
  }

  @BeforeEach
  @AfterEach
  void forget() throws SQLException {
    iselin = Caller.withToken("iselin");
    written();
    // Those of nobody, too, which nobody can delete.
    try (Connection connection = DriverManager.getConnection(RunningService.storage());
        Statement statement = connection.createStatement()) {
      statement.execute("delete from asked_question");
      statement.execute("delete from news");
    }
    iselin.put("/api/log/rules", Map.of("people", "PSEUDONYMS", "keepDays", 365));
  }

  /** Waits until all that was asked is in the database. */
  private static void written() {
    RunningService.bean(QuestionLog.class).since(MODEL, Instant.now(), 1);
  }

  private static JsonNode ask(Caller caller, String question) {
    Reply reply = caller.post("/api/models/" + MODEL + "/ask", Map.of("question", question));
    assertEquals(200, reply.status(), reply.text());
    return reply.json();
  }

  private static JsonNode gap(Caller author, String key) {
    for (JsonNode gap : author.get("/api/models/" + MODEL + "/gaps").json()) {
      if (gap.path("key").asString().equals(key)) {
        return gap;
      }
    }
    throw new AssertionError(
        "no gap " + key + " in " + author.get("/api/models/" + MODEL + "/gaps").text());
  }

  private static List<String> texts(JsonNode list, String field) {
    List<String> texts = new ArrayList<>();
    list.forEach(n -> texts.add(n.path(field).asString()));
    return texts;
  }

  @Test
  void whatIsAskedIsInTheLogAndInOnesOwn() {
    ask(tobin, "number of stays");
    ask(tobin, "number of carbon emissions");
    JsonNode own = tobin.get("/api/me/questions").json();
    assertEquals(List.of("number of carbon emissions", "number of stays"), texts(own, "question"));
    assertEquals("carbon emissions", own.path(0).path("unread").path(0).asString());
    assertEquals(1, own.path(1).path("rows").asInt());
    assertEquals(List.of(), texts(renna.get("/api/me/questions").json(), "question"));
    JsonNode all = mira.get("/api/models/" + MODEL + "/log").json();
    assertEquals(2, all.size());
    assertFalse(all.path(0).path("person").asString().isEmpty());
    assertEquals(403, tobin.get("/api/models/" + MODEL + "/log").status());
  }

  @Test
  void aQuestionWithSignsThatNoDatabaseKeepsLosesNothing() {
    ask(tobin, "number of stays");
    ask(tobin, "number of \u0000 unicorns");
    ask(tobin, "number of members");
    assertEquals(
        List.of("number of members", "number of \uFFFD unicorns", "number of stays"),
        texts(tobin.get("/api/me/questions").json(), "question"));
  }

  @Test
  void aFollowUpIsKeptWithTheQuestionThatItLeansOn() {
    String path = "/api/models/" + MODEL + "/ask";
    JsonNode first =
        tobin.post(path, Map.of("question", "revenue by valley", "thread", Map.of())).json();
    String thread = first.path("thread").path("thread").asString();
    tobin.post(path, Map.of("question", "by hut instead", "thread", Map.of("id", thread)));
    assertEquals(
        List.of("revenue by valley", ""), texts(tobin.get("/api/me/questions").json(), "leansOn"));
  }

  @Test
  void theLogTellsWhoAskedAsTheStewardDecides() {
    ask(tobin, "number of stays");
    String byPseudonym = person();
    assertEquals(403, mira.put("/api/log/rules", rules("NAMES", 30)).status());
    iselin.put("/api/log/rules", rules("NOBODY", 30));
    ask(tobin, "number of stays");
    assertEquals("", person());
    iselin.put("/api/log/rules", rules("NAMES", 30));
    ask(tobin, "number of stays");
    assertFalse(person().isEmpty());
    assertFalse(person().equals(byPseudonym));
    assertEquals(2, tobin.get("/api/me/questions").json().size(), "by name and by pseudonym");
    assertEquals(400, iselin.put("/api/log/rules", rules("NAMES", 0)).status());
  }

  private static Map<String, Object> rules(String people, int days) {
    return Map.of("people", people, "keepDays", days);
  }

  private String person() {
    return mira.get("/api/models/" + MODEL + "/log").json().path(0).path("person").asString();
  }

  @Test
  void whoDeletesTheirQuestionsLeavesNoTraceAndCountsStay() throws Exception {
    String marker = "zyxomma";
    tobin.post(
        "/api/models/" + MODEL + "/ask",
        Map.of("question", "stays with " + marker, "thread", Map.of()));
    ask(tobin, "number of " + marker);
    ask(renna, "number of stays");
    mended(
        Map.of(
            "key",
            "unread:" + marker,
            "revision",
            0,
            "keep",
            false,
            "edits",
            List.of(Map.of("file", "model.yaml", "path", List.of("about"), "value", "Huts."))));
    decide(Map.of("key", "unread:" + marker, "state", "PUT_OFF", "until", "2099-01-01"));
    assertEquals("put_off", gap(mira, "unread:" + marker).path("state").asString());
    Map<String, Object> word = Map.of("words", marker, "item", "revenue");
    assertEquals(200, tobin.put("/api/models/" + MODEL + "/own-words", word).status());
    long before = tally();
    assertTrue(dump().contains(marker));
    assertEquals(2, tobin.delete("/api/me/questions").json().path("questions").asInt());
    assertFalse(dump().contains(marker), "nothing of it is left in a dump");
    assertEquals(before, tally());
    assertEquals(1, renna.get("/api/me/questions").json().size());
  }

  private static long tally() throws SQLException {
    return Long.parseLong(rows("select sum(questions) from asked_tally").get(0));
  }

  /** All that is in the database, as it would be saved. */
  private static String dump() throws IOException, InterruptedException {
    Path file = Files.createTempFile("dump", ".sql");
    try {
      String database = RunningService.storage().replaceFirst("^jdbc:", "");
      Process dumped =
          new ProcessBuilder("pg_dump", "--dbname=" + database, "--file=" + file)
              .redirectErrorStream(true)
              .start();
      String said = new String(dumped.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
      assertEquals(0, dumped.waitFor(), said);
      return Files.readString(file);
    } finally {
      Files.delete(file);
    }
  }

  private static List<String> rows(String sql) throws SQLException {
    try (Connection connection = DriverManager.getConnection(RunningService.storage());
        Statement statement = connection.createStatement();
        ResultSet result = statement.executeQuery(sql)) {
      List<String> rows = new ArrayList<>();
      while (result.next()) {
        rows.add(String.valueOf(result.getString(1)));
      }
      return rows;
    }
  }

  @Test
  void verdictsSayWhichPartIsWrongAndBecomeAGap() {
    JsonNode answer = ask(tobin, "number of stays");
    String path = "/api/questions/" + answer.path("logged").asString() + "/verdict";
    assertEquals(404, renna.put(path, Map.of("right", true)).status(), "only one's own");
    assertEquals(
        204,
        tobin
            .put(path, Map.of("right", false, "part", "MEASURE", "words", "no-shows count too"))
            .status());
    JsonNode gap = gap(mira, "wrong:measure: number of stays");
    assertEquals("judged_wrong", gap.path("kind").asString());
    assertEquals("no-shows count too", gap.path("examples").path(0).path("words").asString());
    assertEquals(204, tobin.put(path, Map.of("right", true)).status());
    assertEquals(List.of(), texts(mira.get("/api/models/" + MODEL + "/gaps").json(), "key"));
  }

  @Test
  void aGapIsMendedInTheDraftAndToldOnceItIsPublished() {
    ask(tobin, "number of sojourns");
    ask(renna, "sojourns by valley");
    ask(renna, "Sojourn by hut");
    ask(renna, "number of carbon emissions");
    JsonNode gap = gap(mira, "unread:sojourn");
    assertEquals(2, gap.path("people").asInt());
    assertEquals(3, gap.path("questions").asInt());
    assertEquals("open", gap.path("state").asString());

    long revision = mira.get("/api/models/" + MODEL + "/draft").json().path("revision").asLong();
    Map<String, Object> mend =
        Map.of(
            "key",
            "unread:sojourn",
            "revision",
            revision,
            "edits",
            List.of(
                Map.of(
                    "file",
                    "tables/stays.yaml",
                    "path",
                    List.of("also_called"),
                    "value",
                    List.of("visit", "booking", "overnight visit", "sojourn"))),
            "keep",
            false);
    JsonNode tried = mended(mend);
    assertEquals(3, tried.path("mended").asInt(), tried.toString());
    assertEquals(0, tried.path("open").asInt());
    assertEquals(0, tried.path("breaks").size());
    assertEquals("open", gap(mira, "unread:sojourn").path("state").asString(), "only tried");

    Map<String, Object> kept = new java.util.HashMap<>(mend);
    kept.put("keep", true);
    mended(kept);
    assertEquals("mended", gap(mira, "unread:sojourn").path("state").asString());
    Map<String, String> files = new java.util.HashMap<>();
    mira.get("/api/models/" + MODEL + "/draft")
        .json()
        .path("files")
        .properties()
        .forEach(e -> files.put(e.getKey(), e.getValue().asString()));
    assertEquals(201, mira.publish(MODEL, files, "sojourns").status());

    JsonNode news = eventually(renna, 2);
    assertEquals(
        List.of("Sojourn by hut", "sojourns by valley"),
        texts(news, "question").stream().sorted().toList());
    assertEquals(List.of("number of sojourns"), texts(eventually(tobin, 1), "question"));
    assertEquals(
        List.of("unread:carbon emission"),
        texts(mira.get("/api/models/" + MODEL + "/gaps").json(), "key"));
    assertEquals("answered", ask(renna, "sojourns by valley").path("status").asString());
    String one = news.path(0).path("id").asString();
    assertEquals(204, renna.delete("/api/me/news/" + one).status());
    assertEquals(1, renna.get("/api/me/news").json().size());
  }

  @Test
  void anAnswerThatWasJudgedWrongIsMendedByAnotherDefinition() {
    JsonNode answer = ask(tobin, "refunds in 2025");
    tobin.put(
        "/api/questions/" + answer.path("logged").asString() + "/verdict",
        Map.of("right", false, "part", "MEASURE"));
    String key = "wrong:measure: refunds";
    long revision = mira.get("/api/models/" + MODEL + "/draft").json().path("revision").asLong();
    Map<String, Object> mend =
        Map.of("key", key, "revision", revision, "edits", List.of(), "keep", false);
    assertEquals(0, mended(mend).path("mended").asInt(), "nothing is changed yet");
    Map<String, Object> changed = new java.util.HashMap<>(mend);
    changed.put(
        "edits",
        List.of(
            Map.of(
                "file",
                "metrics.yaml",
                "path",
                List.of("metrics", "refunds", "sql"),
                "value",
                "sum(amount)")));
    assertEquals(1, mended(changed).path("mended").asInt());
  }

  @Test
  void otherGapsThatAMendMendsAlongAreSaidAndClosed() {
    ask(tobin, "sleep overs by valley");
    ask(renna, "sleepovers by hut");
    ask(renna, "number of carbon emissions");
    long revision = mira.get("/api/models/" + MODEL + "/draft").json().path("revision").asLong();
    Map<String, Object> mend =
        Map.of(
            "key",
            gap(mira, "unread:sleepover").path("key").asString(),
            "revision",
            revision,
            "edits",
            List.of(
                Map.of(
                    "file",
                    "metrics.yaml",
                    "path",
                    List.of("metrics", "guest_nights", "also_called"),
                    "value",
                    List.of("overnights", "sleepovers"))),
            "keep",
            true);
    JsonNode mended = mended(mend);
    assertEquals(1, mended.path("elsewhere").asInt(), mended.toString());
    assertEquals("sleep", mended.path("closes").path(0).asString(), mended.toString());
    assertEquals("mended", gap(mira, "unread:sleep").path("state").asString());
    assertEquals("open", gap(mira, "unread:carbon emission").path("state").asString());
    assertEquals(204, mira.delete("/api/models/" + MODEL + "/draft").status());
  }

  private static JsonNode eventually(Caller caller, int news) {
    JsonNode told = caller.get("/api/me/news").json();
    for (long end = System.nanoTime() + 60_000_000_000L;
        told.size() < news && System.nanoTime() < end; ) {
      told = caller.get("/api/me/news").json();
    }
    return told;
  }

  private JsonNode mended(Map<String, Object> mend) {
    Reply reply = mira.post("/api/models/" + MODEL + "/gaps/mend", mend);
    assertEquals(202, reply.status(), reply.text());
    JsonNode done = mira.done("/api/mends/" + reply.json().path("job").path("id").asString());
    assertEquals("done", done.path("job").path("state").asString(), done.toString());
    return done.path("mended");
  }

  @Test
  void aMendThatBreaksTheModelIsRefusedAndNothingIsKept() {
    ask(tobin, "number of sojourns");
    Reply refused =
        mira.post(
            "/api/models/" + MODEL + "/gaps/mend",
            Map.of(
                "key",
                "unread:sojourn",
                "revision",
                0,
                "edits",
                List.of(
                    Map.of(
                        "file",
                        "tables/stays.yaml",
                        "path",
                        List.of("main_date"),
                        "value",
                        "nowhere.at")),
                "keep",
                true));
    assertEquals(400, refused.status(), refused.text());
    assertTrue(refused.text().contains("mend-has-faults"), refused.text());
  }

  @Test
  void aGapCanBePutOffAndComesBack() {
    ask(tobin, "number of carbon emissions");
    decide(Map.of("key", "unread:carbon emission", "state", "PUT_OFF", "until", "2099-01-01"));
    assertEquals("put_off", gap(mira, "unread:carbon emission").path("state").asString());
    decide(Map.of("key", "unread:carbon emission", "state", "PUT_OFF", "until", "2020-01-01"));
    assertEquals("open", gap(mira, "unread:carbon emission").path("state").asString());
    decide(
        Map.of(
            "key", "unread:carbon emission", "state", "OPEN", "assignedTo", "mira", "note", "x"));
    assertEquals("mira", gap(mira, "unread:carbon emission").path("assignedTo").asString());
    assertEquals(
        404,
        mira.put(
                "/api/models/" + MODEL + "/gaps/decision",
                Map.of("key", "unread:nothing", "state", "LEFT"))
            .status());
  }

  @Test
  void whatTheDataDoesNotHaveIsSaidInTheAuthorsWords() {
    ask(tobin, "number of carbon emissions");
    String key = "unread:carbon emission";
    assertEquals(
        400,
        mira.put(
                "/api/models/" + MODEL + "/gaps/decision",
                Map.of("key", key, "state", "NOT_IN_DATA"))
            .status(),
        "askers must be told something");
    decide(Map.of("key", key, "state", "NOT_IN_DATA", "note", "The trust measures no emissions."));
    assertEquals("not_in_data", gap(mira, key).path("state").asString());
    JsonNode declined = ask(renna, "Carbon emission by valley");
    assertEquals("declined", declined.path("status").asString());
    assertTrue(
        declined.path("reason").asString().endsWith("The trust measures no emissions."),
        declined.path("reason").asString());
    decide(Map.of("key", key, "state", "OPEN"));
    assertFalse(
        ask(renna, "Carbon emission by valley").path("reason").asString().contains("measures"));
  }

  private void decide(Map<String, Object> decision) {
    Reply reply = mira.put("/api/models/" + MODEL + "/gaps/decision", decision);
    assertEquals(204, reply.status(), reply.text());
  }

  @Test
  void whatIsAskedOfTheAuthorIsThereForThem() {
    JsonNode answer = ask(tobin, "number of carbon emissions");
    String path = "/api/questions/" + answer.path("logged").asString() + "/for-author";
    assertEquals(204, tobin.post(path, Map.of("words", "the yearly report needs it")).status());
    JsonNode gap = gap(mira, "unread:carbon emission");
    assertEquals(1, gap.path("forAuthor").asInt());
    assertEquals(
        "the yearly report needs it", gap.path("examples").path(0).path("words").asString());
  }
}
