package org.ropebridge.service;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.ropebridge.service.RunningService.Caller;
import org.ropebridge.service.RunningService.Reply;
import tools.jackson.databind.JsonNode;

/** Conversations: questions that lean on those before, kept for the one who asked. */
@ExtendWith(RunningService.class)
class ThreadsOverHttpTest {
  private final Caller asker = Caller.withToken("tobin");

  private static Reply reply(Caller caller, String question, Map<String, String> thread) {
    return caller.post("/api/models/huts/ask", Map.of("question", question, "thread", thread));
  }

  private static JsonNode ask(Caller caller, String question, Map<String, String> thread) {
    Reply reply = reply(caller, question, thread);
    assertEquals(200, reply.status(), reply::text);
    return reply.json();
  }

  private static Map<String, String> in(JsonNode answer) {
    return Map.of("id", answer.path("thread").path("thread").asString());
  }

  @Test
  void aFollowUpChangesThePlanBeforeAndSaysWhatItKept() {
    JsonNode first = ask(asker, "revenue by valley this year", Map.of());
    assertTrue(first.path("followUp").isNull(), first::toString);
    JsonNode second = ask(asker, "only Ossel", in(first));
    assertEquals(
        "revenue by valley for valley Ossel, this year", second.path("restatement").asString());
    assertEquals(
        "[\"revenue\",\"by valley\",\"this year\"]",
        second.path("followUp").path("kept").toString());
    assertEquals("[\"for valley Ossel\"]", second.path("followUp").path("added").toString());
    assertEquals(1, second.path("rows").size());
    JsonNode third = ask(asker, "go back", in(first));
    assertEquals("revenue by valley this year", third.path("restatement").asString());
    assertEquals(5, third.path("rows").size());
  }

  @Test
  void aThreadKeepsQuestionsWithSignsThatNoDatabaseKeeps() {
    JsonNode first = ask(asker, "number of \u0000 unicorns", Map.of());
    JsonNode then = ask(asker, "revenue by valley \u0000", in(first));
    assertEquals(
        first.path("thread").path("thread").asString(),
        then.path("thread").path("thread").asString());
    assertFalse(then.path("thread").path("thread").asString().isEmpty(), then::toString);
  }

  @Test
  void anyEarlierAnswerCanBeGoneOnFrom() {
    JsonNode first = ask(asker, "revenue by valley this year", Map.of());
    ask(asker, "only Ossel", in(first));
    Map<String, String> branch = new HashMap<>(in(first));
    branch.put("after", first.path("thread").path("turn").asString());
    assertEquals(
        "revenue by hut this year",
        ask(asker, "by hut instead", branch).path("restatement").asString());
  }

  @Test
  void afterStartingAgainNothingLeansOnWhatWasBefore() {
    JsonNode first = ask(asker, "revenue by valley this year", Map.of());
    JsonNode again = ask(asker, "start again", in(first));
    assertEquals("started_again", again.path("status").asString());
    assertNotEquals("answered", ask(asker, "by hut", in(first)).path("status").asString());
  }

  @Test
  void anOrderIsToldWhatToDoInsteadAndTheNextQuestionLeansOnTheAnswer() {
    JsonNode first = ask(asker, "revenue by valley this year", Map.of());
    JsonNode told = ask(asker, "export it", in(first));
    assertEquals("told", told.path("status").asString());
    assertTrue(
        told.path("reason").asString().contains("offered beside the answer"), told::toString);
    assertTrue(told.path("logged").isNull(), told::toString);
    assertEquals(
        "revenue by hut this year",
        ask(asker, "by hut instead", in(told)).path("restatement").asString());
  }

  @Test
  void aWholeQuestionDoesNotLeanWhereItIsToldNotTo() {
    JsonNode first = ask(asker, "revenue by valley this year", Map.of());
    Reply whole =
        asker.post(
            "/api/models/huts/ask",
            Map.of("question", "occupancy", "thread", in(first), "byItself", true));
    assertEquals("occupancy", whole.json().path("restatement").asString());
    assertEquals(
        "occupancy by valley this year",
        ask(
                asker,
                "occupancy",
                Map.of(
                    "id",
                    in(first).get("id"),
                    "after",
                    first.path("thread").path("turn").asString()))
            .path("restatement")
            .asString());
  }

  @Test
  void threadsAreListedFoundRenamedAndDeleted() {
    JsonNode answer = ask(asker, "number of bridges by material", Map.of());
    String id = in(answer).get("id");
    ask(asker, "only timber please", in(answer));
    JsonNode found = asker.get("/api/models/huts/threads?words=TIMBER").json();
    assertEquals(id, found.get(0).path("id").asString(), found::toString);
    assertEquals("number of bridges by material", found.get(0).path("title").asString());
    assertEquals(0, asker.get("/api/models/huts/threads?words=%25").json().size(), "% is a sign");
    assertEquals(200, patch(id, Map.of("title", "Timber")).status());
    JsonNode thread = asker.get("/api/threads/" + id).json();
    assertEquals("Timber", thread.path("title").asString());
    assertEquals(2, thread.path("turns").size());
    assertEquals(400, patch(id, Map.of("title", " ")).status());
    assertEquals(204, asker.delete("/api/threads/" + id).status());
    assertEquals(404, asker.get("/api/threads/" + id).status());
    assertEquals(404, reply(asker, "by hut", Map.of("id", id)).status());
  }

  private Reply patch(String id, Object body) {
    return asker.patch("/api/threads/" + id, body);
  }

  @Test
  void aKeptQuestionIsAnsweredAnew() {
    JsonNode first = ask(asker, "revenue by valley this year", Map.of());
    JsonNode second = ask(asker, "only Ossel", in(first));
    String path =
        "/api/threads/"
            + in(first).get("id")
            + "/turns/"
            + second.path("thread").path("turn").asString()
            + "/ask";
    JsonNode again = asker.post(path, Map.of()).json();
    assertEquals(second.path("rows"), again.path("rows"));
    assertEquals(second.path("followUp"), again.path("followUp"));
    assertEquals(second.path("thread"), again.path("thread"));
  }

  @Test
  void nobodySeesOrAsksInTheThreadOfAnother() {
    JsonNode answer = ask(asker, "revenue by valley this year", Map.of());
    String id = in(answer).get("id");
    String turn = answer.path("thread").path("turn").asString();
    Caller other = Caller.withToken("renna");
    assertEquals(404, other.get("/api/threads/" + id).status());
    assertEquals(404, other.delete("/api/threads/" + id).status());
    assertEquals(404, other.patch("/api/threads/" + id, Map.of("title", "mine")).status());
    assertEquals(404, reply(other, "only Ossel", Map.of("id", id)).status());
    assertEquals(
        404, other.post("/api/threads/" + id + "/turns/" + turn + "/ask", Map.of()).status());
    assertFalse(
        other.get("/api/models/huts/threads").text().contains(id), "listed for somebody else");
    JsonNode own = ask(other, "number of stays", Map.of());
    Map<String, String> mixed = Map.of("id", in(own).get("id"), "after", turn);
    assertEquals(404, reply(other, "by hut", mixed).status());
  }

  @Test
  void whatIsTypedIsReadAndCompleted() {
    JsonNode typing =
        asker.post("/api/models/huts/typing", Map.of("question", "revenue by v")).json();
    JsonNode read =
        asker
            .post("/api/models/huts/typing?completions=false", Map.of("question", "revenue by v"))
            .json();
    assertEquals(0, read.path("completions").size());
    assertEquals(typing.path("words"), read.path("words"));
    assertTrue(
        typing.path("completions").toString().contains("revenue by valley"), typing::toString);
    JsonNode first = ask(asker, "revenue by valley this year", Map.of());
    JsonNode leaning =
        asker
            .post("/api/models/huts/typing", Map.of("question", "only Ossel", "thread", in(first)))
            .json();
    assertTrue(leaning.path("leansOnBefore").asBoolean());
    assertEquals(
        "revenue by valley for valley Ossel, this year", leaning.path("restatement").asString());
  }

  @Test
  void rowsAreTakenAlongInOpenFormats() {
    Map<String, String> body = Map.of("question", "guest nights by valley this year");
    Reply csv = asker.post("/api/models/huts/rows", body, "text/csv");
    assertEquals(200, csv.status(), csv::text);
    List<String> lines = csv.text().lines().toList();
    assertEquals("valley,\"guest nights\"", lines.get(0));
    assertEquals(6, lines.size());
    assertTrue(
        csv.raw()
            .headers()
            .firstValue("Content-Disposition")
            .orElse("")
            .contains("guest-nights-by-valley-this-year.csv"));
    JsonNode json = asker.post("/api/models/huts/rows", body, "application/json").json();
    assertEquals(5, json.size());
    assertTrue(json.get(0).path("guest nights").isNumber());
    Reply xlsx =
        asker.post(
            "/api/models/huts/rows",
            body,
            "application/vnd.openxmlformats-officedocument.spreadsheetml.sheet");
    assertTrue(xlsx.text().startsWith("PK"), "a zip archive");
    Reply parquet = asker.post("/api/models/huts/rows", body, "application/vnd.apache.parquet");
    assertTrue(parquet.text().startsWith("PAR1") && parquet.text().endsWith("PAR1"));
    Reply none = asker.post("/api/models/huts/rows", Map.of("question", "carbon"), "text/csv");
    assertEquals(422, none.status());
    assertTrue(none.text().contains("carbon"), none::text);
  }

  @Test
  void rowsBehindOneRowAreListed() {
    Reply behind =
        asker.post(
            "/api/models/huts/behind",
            Map.of(
                "question",
                "guest nights by valley and month this year",
                "only",
                List.of("only for valley \"Ossel\"", "only Jul 2026")));
    assertEquals(200, behind.status(), behind::text);
    String question = behind.json().get(0).path("question").asString();
    assertTrue(question.contains("for valley Ossel, in July 2026"), question);
    Reply notAll =
        asker.post(
            "/api/models/huts/behind",
            Map.of(
                "question",
                "guest nights by month in the last 30 days",
                "only",
                List.of("only September 2026")));
    assertEquals(400, notAll.status(), "only a part of September is in the answer");
    assertEquals(
        400,
        asker
            .post(
                "/api/models/huts/behind",
                Map.of("question", "revenue by valley", "only", List.of("only for hut Nowhere")))
            .status());
  }

  @Test
  void optionsOfAPartAreQuestions() {
    Reply options =
        asker.post(
            "/api/models/huts/options",
            Map.of("question", "revenue by valley this year", "part", 1));
    assertTrue(options.text().contains("revenue by hut this year"), options::text);
    assertEquals(
        400,
        asker.post("/api/models/huts/options", Map.of("question", "revenue", "part", 9)).status());
    assertEquals(
        400, asker.post("/api/models/huts/options", Map.of("question", "carbon")).status());
  }
}
