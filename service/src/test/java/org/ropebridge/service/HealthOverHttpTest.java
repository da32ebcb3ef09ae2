package org.ropebridge.service;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.ropebridge.service.RunningService.Caller;
import org.ropebridge.service.RunningService.Reply;
import tools.jackson.databind.JsonNode;

/** A warehouse changes under a published model: the author knows before who asks does. */
@ExtendWith(RunningService.class)
class HealthOverHttpTest {
  private static final String MODEL = "stoves";
  private static final String HEALTH = "/api/models/" + MODEL + "/health";

  private static final Map<String, String> FILES =
      Map.of(
          "model.yaml",
          """
          model: stoves
          title: Stoves
          sources:
            ledger: {kind: postgresql}
          """,
          "questions.yaml",
          """
          questions:
            - {ask: "how hot do stoves get", means: "average heat", agreed: 2026-11-01}
            - {ask: "how much wood", means: wood burnt, agreed: 2026-11-01}
          """,
          "tables/stoves.yaml",
          """
          table: stoves
          source: ledger
          from: stove.stove
          one_row_is: stove
          key: id
          columns:
            id: {holds: id}
            kind: {holds: category}
            heat: {holds: number}
            wood: {holds: number}
          conditions:
            hot: {sql: heat > 200}
          """,
          "metrics.yaml",
          """
          metrics:
            wood_burnt: {table: stoves, sql: sum(wood), label: wood burnt}
            warmth: {table: stoves, sql: avg(heat)}
          """);

  private final Caller mira = Caller.withToken("mira");
  private final Caller tobin = Caller.withToken("tobin");

  @BeforeEach
  void publish() throws SQLException {
    warehouse(
        "drop schema if exists stove cascade",
        "create schema stove",
        "create table stove.stove (id int primary key, kind text not null, heat numeric not null,"
            + " wood numeric not null)",
        "insert into stove.stove values (1, 'tiled', 180, 4), (2, 'iron', 260, 7)",
        "grant usage on schema stove to " + RunningService.READER,
        "grant select on stove.stove to " + RunningService.READER);
    Reply published = mira.publish(MODEL, FILES, "stoves");
    assertTrue(published.status() == 201 || published.status() == 409, published.text());
  }

  @AfterEach
  void tidy() throws SQLException {
    warehouse("drop schema if exists stove cascade");
  }

  private static void warehouse(String... statements) throws SQLException {
    try (Connection connection = DriverManager.getConnection(RunningService.warehouse());
        Statement statement = connection.createStatement()) {
      for (String sql : statements) {
        statement.execute(sql);
      }
    }
  }

  /** The health as a check that is started now finds it. */
  private JsonNode checked() {
    Reply started = mira.post(HEALTH, Map.of());
    assertEquals(202, started.status(), started.text());
    String id = started.json().path("id").asString();
    JsonNode health = mira.get(HEALTH).json();
    for (long end = System.nanoTime() + 30_000_000_000L;
        !health.path("running").isNull() && System.nanoTime() < end; ) {
      health = mira.get(HEALTH).json();
    }
    assertTrue(health.path("running").isNull(), id + " did not end: " + health);
    return health;
  }

  private static List<String> texts(JsonNode list, String field) {
    List<String> texts = new ArrayList<>();
    list.forEach(n -> texts.add(n.path(field).asString()));
    return texts;
  }

  @Test
  void aModelThatFitsHasNoFindings() {
    JsonNode health = checked();
    assertEquals(0, health.path("findings").size(), health.toString());
    assertEquals(6, health.path("tried").asInt(), "a table, a condition, 2 metrics, 2 questions");
    assertEquals(403, tobin.get(HEALTH).status());
    assertEquals(404, mira.post("/api/models/nothing/health", Map.of()).status());
  }

  @Test
  void aColumnThatVanishesIsToldWithWhatItBreaksAndTheRestStillAnswers() throws SQLException {
    warehouse("alter table stove.stove drop column heat");
    JsonNode health = checked();
    assertEquals(List.of("stoves.heat"), texts(health.path("findings"), "item"));
    JsonNode gone = health.path("findings").path(0);
    assertEquals("COLUMN_GONE", gone.path("kind").asString());
    assertEquals(
        List.of("hot", "how hot do stoves get", "warmth"),
        texts(gone.path("breaks"), "name").stream().sorted().toList());
    String ask = "/api/models/" + MODEL + "/ask";
    assertEquals(502, tobin.post(ask, Map.of("question", "warmth")).status());
    Reply wood = tobin.post(ask, Map.of("question", "how much wood"));
    assertEquals(11, wood.json().path("rows").path(0).path(0).asInt(), wood.text());
  }

  @Test
  void aModelWhoseColumnsVanishedBeforeItWasAskedStillAnswersTheRest() throws SQLException {
    String other = "other_stoves";
    Map<String, String> files = new java.util.HashMap<>(FILES);
    files.computeIfPresent(
        "model.yaml", (f, text) -> text.replace("model: stoves", "model: " + other));
    assertTrue(mira.publish(other, files, "stoves").status() <= 409);
    warehouse("alter table stove.stove rename column kind to sort");
    Reply wood = tobin.post("/api/models/" + other + "/ask", Map.of("question", "wood burnt"));
    assertEquals(200, wood.status(), wood.text());
    assertEquals(11, wood.json().path("rows").path(0).path(0).asInt());
  }

  @Test
  void whoeverMeetsARefusalFirstSetsOffACheck() throws SQLException {
    JsonNode before = checked();
    warehouse("alter table stove.stove rename to oven");
    // A check of a moment ago is not repeated for every refusal.
    RunningService.bean(org.ropebridge.service.jobs.Jobs.class).forgetEnded("health");
    // An answer of a moment ago would be given once more.
    Map<String, Object> question = Map.of("question", "wood burnt by kind");
    assertEquals(502, tobin.post("/api/models/" + MODEL + "/ask", question).status());
    JsonNode health = mira.get(HEALTH).json();
    for (long end = System.nanoTime() + 30_000_000_000L;
        health.path("findings").isEmpty() && System.nanoTime() < end; ) {
      health = mira.get(HEALTH).json();
    }
    assertEquals(0, before.path("findings").size());
    assertEquals(List.of("stoves"), texts(health.path("findings"), "item"));
    assertEquals("TABLE_GONE", health.path("findings").path(0).path("kind").asString());
  }
}
