package org.ropebridge.service;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.ropebridge.demo.DemoFiles;
import org.ropebridge.service.RunningService.Caller;
import org.ropebridge.service.RunningService.Reply;
import tools.jackson.databind.JsonNode;

/** From a bare warehouse to a published edition, and on from there. */
@ExtendWith(RunningService.class)
class DraftsOverHttpTest {
  private final Caller author = Caller.withToken("mira");

  private static String problem(Reply reply) {
    return reply.json().path("type").asString().replace("urn:ropebridge:problem:", "");
  }

  private static Map<String, Object> edit(String file, Object value, String... path) {
    return value == null
        ? Map.of("file", file, "path", List.of(path))
        : Map.of("file", file, "path", List.of(path), "value", value);
  }

  private Reply change(String model, JsonNode draft, Map<String, Object> edit) {
    return author.patch(
        "/api/models/" + model + "/draft",
        Map.of("revision", draft.path("revision").asLong(), "edits", List.of(edit)));
  }

  /** The demo's files under another name, published. */
  private Map<String, String> published(String name) {
    Map<String, String> files = new TreeMap<>(DemoFiles.model());
    files.put("model.yaml", files.get("model.yaml").replace("model: huts", "model: " + name));
    Reply reply = author.publish(name, files, "first");
    assertEquals(201, reply.status(), reply::text);
    return files;
  }

  /** A model of one table, a metric and a sample question, published. */
  private Map<String, String> publishedSmall(String name) {
    Map<String, String> files = new TreeMap<>(SmallModel.files(name, "ledger", 100));
    files.put(
        "metrics.yaml",
        "metrics:\n"
            + "  whole: {table: numbers, sql: sum(n), also_called: [what all numbers make,"
            + " what do all numbers make]}  # all\n");
    files.put(
        "questions.yaml",
        "questions:\n  - ask: what do all numbers make\n    means: whole\n    agreed: 2026-10-02\n");
    Reply reply = author.publish(name, files, "first");
    assertEquals(201, reply.status(), reply::text);
    return files;
  }

  private static List<String> texts(JsonNode list, String field) {
    List<String> texts = new ArrayList<>();
    list.forEach(n -> texts.add(n.path(field).asString()));
    return texts;
  }

  @Test
  void aSourceIsSurveyedAndDraftedAndTheDraftAnswers() {
    List<String> schemas = texts(author.get("/api/sources/ledger/schemas").json(), "name");
    assertTrue(schemas.containsAll(List.of("hut", "member", "safety")), schemas::toString);
    Reply started =
        author.post(
            "/api/sources/ledger/surveys", Map.of("schemas", List.of("hut", "member", "safety")));
    assertEquals(202, started.status(), started::text);
    String id = started.json().path("id").asString();
    JsonNode done = author.done("/api/surveys/" + id);
    assertEquals("done", done.path("job").path("state").asString(), done::toString);
    assertEquals(10, done.path("survey").path("tables").size());
    Reply made = author.post("/api/drafts", Map.of("model", "drafted", "survey", id));
    assertEquals(201, made.status(), made::text);
    JsonNode draft = made.json();
    assertTrue(draft.path("publishable").asBoolean(), draft.path("faults")::toString);
    int proposals = draft.path("proposals").size();
    assertTrue(proposals > 80, () -> proposals + " proposals, of " + done.path("survey"));
    JsonNode tried =
        author
            .post(
                "/api/models/drafted/draft/ask",
                Map.of("question", "number of callouts by cause in 2025"))
            .json();
    assertEquals("answered", tried.path("draft").path("status").asString(), tried::toString);
    assertTrue(tried.path("edition").isNull() || tried.path("edition").isMissingNode());
    assertEquals(
        409, author.post("/api/drafts", Map.of("model", "drafted", "survey", id)).status());
    judge(draft);
    assertEquals(404, Caller.withToken("tobin").get("/api/models/drafted").status());
  }

  private void judge(JsonNode draft) {
    Reply dropped =
        author.post(
            "/api/models/drafted/draft/proposals",
            Map.of(
                "revision",
                draft.path("revision").asLong(),
                "paths",
                List.of("tables/supplies", "tables/stays/columns/warden_note"),
                "keep",
                false));
    assertEquals(200, dropped.status(), dropped::text);
    JsonNode files = dropped.json().path("files");
    assertFalse(files.has("tables/supplies.yaml"));
    assertFalse(files.path("metrics.yaml").asString().contains("supply"));
    assertTrue(files.path("tables/stays.yaml").asString().contains("warden_note: hidden"));
    assertTrue(dropped.json().path("publishable").asBoolean(), dropped::text);
    assertFalse(
        texts(dropped.json().path("proposals"), "path").stream()
            .anyMatch(p -> p.startsWith("tables/supplies")));
    Reply kept =
        author.post(
            "/api/models/drafted/draft/proposals",
            Map.of("revision", dropped.json().path("revision").asLong(), "keep", true));
    assertEquals(0, kept.json().path("proposals").size());
    assertEquals(files, kept.json().path("files"));
  }

  @Test
  void aSurveyCanBeStoppedAndRefusesWhatIsNotThere() {
    assertEquals(404, author.post("/api/sources/nowhere/surveys", Map.of()).status());
    String id =
        author
            .post("/api/sources/ledger/surveys", Map.of("schemas", List.of("no_such_schema")))
            .json()
            .path("id")
            .asString();
    JsonNode failed = author.done("/api/surveys/" + id).path("job");
    assertEquals("failed", failed.path("state").asString());
    assertTrue(failed.path("message").asString().contains("may read"), failed::toString);
    String other =
        author.post("/api/sources/ledger/surveys", Map.of()).json().path("id").asString();
    assertEquals(204, author.delete("/api/surveys/" + other).status());
    assertEquals(
        "stopped", author.done("/api/surveys/" + other).path("job").path("state").asString());
  }

  @Test
  void anEditChangesItsLineAndNoOther() {
    Map<String, String> files = published("edited_huts");
    JsonNode draft = author.get("/api/models/edited_huts/draft").json();
    JsonNode calendar = draft.path("calendar");
    assertEquals("NOVEMBER", calendar.path("yearStarts").asString());
    assertEquals("JUNE", calendar.path("seasons").path("summer").path("first").asString());
    JsonNode edited =
        change(
                "edited_huts",
                draft,
                edit(
                    "tables/stays.yaml",
                    List.of("arrival", "check-in", "arriving", "getting in"),
                    "columns",
                    "arrival",
                    "also_called"))
            .json();
    Map<String, String> expected = new TreeMap<>(files);
    expected.put(
        "tables/stays.yaml",
        files
            .get("tables/stays.yaml")
            .replace("[arrival, check-in, arriving]", "[arrival, check-in, arriving, getting in]"));
    expected.forEach((f, text) -> assertEquals(text, edited.path("files").path(f).asString(), f));
    assertEquals(
        List.of("Arrival date of stays may also be called getting in."),
        texts(author.get("/api/models/edited_huts/draft/changes").json(), "words"));
  }

  @Test
  void nobodyOverwritesWhatTheyHaveNotSeen() {
    Map<String, String> files = publishedSmall("shared_huts");
    JsonNode draft = author.get("/api/models/shared_huts/draft").json();
    Map<String, Object> first = edit("model.yaml", "Huts of all", "title");
    assertEquals(200, change("shared_huts", draft, first).status());
    Reply late = change("shared_huts", draft, edit("model.yaml", "Huts of none", "title"));
    assertEquals(409, late.status());
    assertEquals("draft-changed", problem(late));
    assertEquals("mira", late.json().path("changedBy").asString());
    assertEquals(
        "Huts of all", author.get("/api/models/shared_huts/draft").json().path("title").asString());
    Reply pushed =
        author.put("/api/models/shared_huts/draft", Map.of("files", files, "revision", 1));
    assertEquals("draft-changed", problem(pushed), pushed::text);
    assertEquals(204, author.delete("/api/models/shared_huts/draft").status());
    Reply gone = author.put("/api/models/shared_huts/draft", Map.of("files", files, "revision", 1));
    assertEquals("draft-changed", problem(gone), gone::text);
    assertTrue(gone.json().path("detail").asString().contains("threw it away"), gone::text);
    Reply other = author.put("/api/models/shared_huts/draft", Map.of("files", DemoFiles.model()));
    assertEquals("other-model", problem(other), other::text);
  }

  @Test
  void whatTheRehearsalFindsBrokenIsNotPublishedInSilence() {
    published("rehearsed_huts");
    JsonNode draft = author.get("/api/models/rehearsed_huts/draft").json();
    Map<String, Object> otherSql =
        edit("metrics.yaml", "sum(amount) * 2", "metrics", "revenue", "sql");
    JsonNode edited = change("rehearsed_huts", draft, otherSql).json();
    Map<String, Object> publish =
        Map.of("revision", edited.path("revision").asLong(), "note", "twice");
    assertEquals(
        "not-rehearsed", problem(author.post("/api/models/rehearsed_huts/editions", publish)));
    JsonNode rehearsal = rehearsed("rehearsed_huts");
    assertEquals(0, rehearsal.path("broken").asInt(), rehearsal::toString);
    List<String> changed = new ArrayList<>();
    for (JsonNode question : rehearsal.path("questions")) {
      if (question.path("outcome").asString().equalsIgnoreCase("changed")) {
        changed.add(question.path("differs").toString());
      }
    }
    assertFalse(changed.isEmpty(), rehearsal::toString);
    assertTrue(changed.stream().allMatch("[\"SQL\",\"ROWS\"]"::equals), changed::toString);

    JsonNode without =
        change("rehearsed_huts", edited, edit("metrics.yaml", null, "metrics", "occupancy")).json();
    assertFalse(without.path("publishable").asBoolean(), "a sample question needs occupancy");
    JsonNode broken = rehearsed("rehearsed_huts");
    assertTrue(broken.path("broken").asInt() > 0, broken::toString);
    Reply refused =
        author.post(
            "/api/models/rehearsed_huts/editions",
            Map.of("revision", without.path("revision").asLong()));
    assertEquals("rehearsal-broken", problem(refused), refused::text);
  }

  private JsonNode rehearsed(String model) {
    Reply started = author.post("/api/models/" + model + "/rehearsals", Map.of());
    assertEquals(202, started.status(), started::text);
    return author.done("/api/rehearsals/" + started.json().path("job").path("id").asString());
  }

  @Test
  void aBrokenQuestionIsOverruledWithAReason() {
    publishedSmall("overruled_huts");
    JsonNode draft = author.get("/api/models/overruled_huts/draft").json();
    JsonNode edited =
        change(
                "overruled_huts",
                draft,
                edit("tables/numbers.yaml", "select n from away.numbers", "query"))
            .json();
    Map<String, Object> publish = new TreeMap<>();
    publish.put("revision", edited.path("revision").asLong());
    JsonNode rehearsal = rehearsed("overruled_huts");
    assertEquals(1, rehearsal.path("broken").asInt(), rehearsal::toString);
    assertEquals(List.of("BROKEN"), texts(rehearsal.path("questions"), "outcome"));
    assertTrue(rehearsal.toString().contains("refused the statement"), rehearsal::toString);
    Reply refused = author.post("/api/models/overruled_huts/editions", publish);
    assertEquals("rehearsal-broken", problem(refused), refused::text);
    publish.put("overrule", "The marmots will see to it.");
    Reply done = author.post("/api/models/overruled_huts/editions", publish);
    assertEquals(201, done.status(), done::text);
    JsonNode newest = author.get("/api/models/overruled_huts/editions").json().get(0);
    assertEquals("The marmots will see to it.", newest.path("overruled").asString());
  }

  @Test
  void oneGoesBackToAnEditionInOneStep() {
    Map<String, String> files = publishedSmall("back_huts");
    JsonNode draft = author.get("/api/models/back_huts/draft").json();
    JsonNode edited =
        change("back_huts", draft, edit("model.yaml", "Huts no more", "title")).json();
    rehearsed("back_huts");
    Reply second =
        author.post(
            "/api/models/back_huts/editions",
            Map.of("revision", edited.path("revision").asLong(), "note", "another title"));
    assertEquals(2, second.json().path("edition").asInt(), second::text);
    assertEquals(
        List.of("The model's title was Numbers and is now Huts no more."),
        texts(author.get("/api/models/back_huts/editions/2/changes").json(), "words"));
    assertEquals(
        "nothing-to-publish",
        problem(
            author.post(
                "/api/models/back_huts/editions",
                Map.of("revision", edited.path("revision").asLong()))));
    Reply back = author.post("/api/models/back_huts/editions/1/back", Map.of());
    assertEquals(3, back.json().path("edition").asInt(), back::text);
    assertEquals("Numbers", author.get("/api/models/back_huts").json().path("title").asString());
    JsonNode now = author.get("/api/models/back_huts/draft").json();
    assertEquals(files.get("model.yaml"), now.path("files").path("model.yaml").asString());
    assertEquals(
        List.of("Back to edition 1.", "another title", "first"),
        texts(author.get("/api/models/back_huts/editions").json(), "note"));
  }

  @Test
  void theRehearsalOfADraftThatWasThrownAwayCountsForNoOther() {
    publishedSmall("thrown_huts");
    assertEquals(204, author.delete("/api/models/thrown_huts/draft").status());
    JsonNode draft = author.get("/api/models/thrown_huts/draft").json();
    assertEquals(0, draft.path("revision").asLong());
    change("thrown_huts", draft, edit("model.yaml", "Huts no more", "title"));
    rehearsed("thrown_huts");
    assertEquals(204, author.delete("/api/models/thrown_huts/draft").status());
    Reply again = change("thrown_huts", draft, edit("model.yaml", "Huts again", "title"));
    assertEquals(1, again.json().path("revision").asLong(), again::text);
    assertEquals(0, author.get("/api/models/thrown_huts/rehearsals").json().size());
    Reply refused =
        author.post("/api/models/thrown_huts/editions", Map.of("revision", 1, "note", "again"));
    assertEquals("not-rehearsed", problem(refused), refused::text);
  }

  @Test
  void askersSeeNothingOfIt() {
    Caller asker = Caller.withToken("tobin");
    for (String path :
        List.of(
            "/api/drafts",
            "/api/models/huts/draft",
            "/api/models/huts/editions",
            "/api/models/huts/editions/1/files",
            "/api/sources/ledger/schemas",
            "/api/sources/ledger/surveys")) {
      assertEquals(403, asker.get(path).status(), path);
    }
    assertEquals(403, asker.post("/api/sources/ledger/surveys", Map.of()).status());
    assertEquals(
        403, asker.post("/api/models/huts/draft/ask", Map.of("question", "huts")).status());
  }

  @Test
  void impossibleEditsSayWhy() {
    publishedSmall("clumsy_huts");
    JsonNode draft = author.get("/api/models/clumsy_huts/draft").json();
    Reply refused =
        change("clumsy_huts", draft, edit("tables/numbers.yaml", null, "columns", "arivals"));
    assertEquals(400, refused.status());
    assertEquals("impossible-edit", problem(refused));
    assertTrue(refused.json().path("detail").asString().contains("arivals"), refused::text);
    assertEquals(404, change("no_such_model", draft, edit("model.yaml", "x", "title")).status());
  }
}
