package org.ropebridge.service;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.ropebridge.service.RunningService.Caller;
import org.ropebridge.service.RunningService.Reply;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningService.class)
class QuestionsOverHttpTest {
  private final Caller asker = Caller.withToken("tobin");

  private JsonNode ask(Caller caller, String question) {
    Reply reply = caller.post("/api/models/huts/ask", Map.of("question", question));
    assertEquals(200, reply.status(), reply::text);
    return reply.json();
  }

  @Test
  void anAnswerHasAllThatIsPromised() {
    JsonNode answer = ask(asker, "guest nights by valley this year");
    assertEquals("answered", answer.path("status").asString());
    assertEquals("guest nights by valley this year", answer.path("restatement").asString());
    assertEquals(5, answer.path("rows").size());
    assertEquals("valley", answer.path("columns").get(0).path("name").asString());
    assertEquals("nights", answer.path("columns").get(1).path("unit").asString());
    assertTrue(answer.path("sql").asString().contains("?"));
    assertEquals("2026-01-01", answer.path("parameters").get(0).asString());
    assertTrue(answer.path("readableSql").asString().contains("2026-01-01"));
    assertEquals("bar", answer.path("chart").path("mark").path("type").asString());
    assertEquals(
        "MetricValue", answer.path("plan").path("measures").get(0).path("kind").asString());
    assertEquals("huts", answer.path("model").asString());
    assertEquals("metric", answer.path("words").get(0).path("kind").asString());
    assertTrue(answer.path("trail").size() >= 4);
    assertTrue(answer.path("notices").size() >= 2);
    for (String key : new String[] {"unread", "alternatives", "suggestions", "edition"}) {
      assertTrue(answer.has(key), key);
    }
  }

  @Test
  void anEmptyAnswerSaysWhichLimitEmptiedIt() {
    JsonNode answer = ask(asker, "list of stays for hut Larkspur Hut in 1999");
    assertEquals(0, answer.path("rows").size());
    String notices = answer.path("notices").toString();
    assertTrue(notices.contains("There would be data without \\\"in 1999\\\"."), notices);
    assertFalse(notices.contains("Larkspur"), notices);
  }

  @Test
  void codesAreShownByName() {
    JsonNode rows = ask(asker, "stays by channel in 2025").path("rows");
    assertTrue(rows.toString().contains("website"), rows::toString);
  }

  @Test
  void whatIsNotCoveredIsDeclinedWithoutSql() {
    JsonNode answer = ask(asker, "carbon emissions by valley");
    assertEquals("declined", answer.path("status").asString());
    assertEquals("[\"carbon\",\"emissions\"]", answer.path("unread").toString());
    assertEquals("", answer.path("sql").asString());
    assertEquals(0, answer.path("rows").size());
    assertFalse(answer.path("suggestions").isEmpty());
  }

  @Test
  void choicesCanBeAskedAsTheyAre() {
    JsonNode unclear = ask(asker, "revenue in Quill");
    assertEquals("unclear", unclear.path("status").asString());
    for (JsonNode choice : unclear.path("alternatives")) {
      JsonNode chosen = ask(asker, choice.path("restatement").asString());
      assertEquals("answered", chosen.path("status").asString());
      assertEquals(1, chosen.path("rows").size());
    }
  }

  @Test
  void readingComputesNothing() {
    Reply reply =
        asker.post(
            "/api/models/huts/read", Map.of("question", "revenue by month", "explain", true));
    assertEquals("answered", reply.json().path("status").asString());
    assertEquals("", reply.json().path("sql").asString());
    assertFalse(reply.json().path("explanation").path("rules").isEmpty());
  }

  @Test
  void aWardenSeesOnlyHerHuts() {
    Caller warden = Caller.withToken("renna");
    JsonNode all = ask(asker, "number of stays").path("rows").get(0).get(0);
    JsonNode own = ask(warden, "number of stays");
    assertTrue(own.path("rows").get(0).get(0).asLong() < all.asLong());
    assertEquals(
        3, ask(warden, "number of different huts with stays").path("rows").get(0).get(0).asInt());
    assertTrue(own.path("notices").toString().contains("limited"));
    assertNotEquals("answered", ask(warden, "supply cost by hut").path("status").asString());
    assertFalse(warden.get("/api/models/huts").text().contains("supply cost"));
    assertFalse(asker.get("/api/models/huts").text().contains("email"));
  }

  @Test
  void hostileQuestionsAreWords() {
    for (String question :
        new String[] {
          "'; drop table hut.stay; --", "revenue for valley Ossel' or '1'='1",
              "select * from hut.stay",
          "<script>alert(1)</script>", "\u0000\uD800", "%s%s%n ${jndi:ldap://x}"
        }) {
      JsonNode answer = ask(asker, question);
      assertNotEquals("answered", answer.path("status").asString(), question);
    }
    assertTrue(ask(asker, "number of stays").path("rows").get(0).get(0).asLong() > 1000);
  }

  @Test
  void badRequestsAreProblemDocuments() {
    Reply unknown = asker.post("/api/models/nothing/ask", Map.of("question", "x"));
    assertEquals(404, unknown.status());
    assertEquals("urn:ropebridge:problem:unknown-model", unknown.json().path("type").asString());
    assertTrue(unknown.type().startsWith("application/problem+json"));
    Reply missing = asker.post("/api/models/huts/ask", Map.of());
    assertEquals(400, missing.status());
    assertTrue(missing.json().path("detail").asString().contains("question"));
    assertEquals(400, asker.post("/api/models/huts/ask", "{not json").status());
    assertEquals(404, asker.get("/api/nowhere").status());
  }
}
