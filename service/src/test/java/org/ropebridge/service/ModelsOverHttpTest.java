package org.ropebridge.service;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.ropebridge.demo.DemoFiles;
import org.ropebridge.service.RunningService.Caller;
import org.ropebridge.service.RunningService.Reply;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

@ExtendWith(RunningService.class)
class ModelsOverHttpTest {
  private final Caller author = Caller.withToken("mira");

  private static Map<String, String> changed(String file, String from, String to) {
    Map<String, String> files = new TreeMap<>(DemoFiles.model());
    files.put(file, files.get(file).replace(from, to));
    return files;
  }

  @Test
  void aSoundModelIsPublishedAsTheNextEdition() {
    Map<String, String> files = changed("model.yaml", "model: huts", "model: other_huts");
    Reply first = author.publish("other_huts", files, "first");
    assertEquals(201, first.status(), first::text);
    assertEquals(1, first.json().path("edition").asInt());
    files.put("metrics.yaml", files.get("metrics.yaml").replace("[overnights,", "[sleepovers,"));
    assertEquals(2, author.publish("other_huts", files, "").json().path("edition").asInt());
    JsonNode answer =
        author.post("/api/models/other_huts/ask", Map.of("question", "sleepovers")).json();
    assertEquals("guest nights", answer.path("restatement").asString());
    assertEquals(2, answer.path("edition").asInt());
  }

  @Test
  void aModelWithFaultsIsNotPublished() {
    Map<String, String> files = changed("metrics.yaml", "sum(amount)", "sum(amounts)");
    files.put("model.yaml", files.get("model.yaml").replace("model: huts", "model: broken_huts"));
    Reply draft = author.put("/api/models/broken_huts/draft", Map.of("files", files));
    assertFalse(draft.json().path("publishable").asBoolean());
    assertTrue(draft.text().contains("amounts"), draft::text);
    Reply refused =
        author.post(
            "/api/models/broken_huts/editions", Map.of("revision", 1, "overrule", "in a hurry"));
    assertEquals(422, refused.status());
    assertEquals("urn:ropebridge:problem:model-has-faults", refused.json().path("type").asString());
    assertEquals(404, author.get("/api/models/broken_huts").status());
  }

  @Test
  void aCheckNamesEveryFaultAndKeepsNothing() {
    Map<String, String> files = changed("metrics.yaml", "sum(amount)", "sum(amounts)");
    files.put(
        "questions.yaml",
        files
            .get("questions.yaml")
            .replace("means: median party size", "means: median unicorn size"));
    files.put("tables/stays.yaml", files.get("tables/stays.yaml").replace("to: huts", "to: hutts"));
    Reply checked = author.post("/api/models/check", Map.of("files", files));
    assertEquals(200, checked.status());
    assertFalse(checked.json().path("publishable").asBoolean());
    for (String word : new String[] {"amounts", "unicorn", "hutts"}) {
      assertTrue(checked.text().contains(word), word + " in " + checked.text());
    }
    assertTrue(
        author
            .post("/api/models/check", Map.of("files", DemoFiles.model()))
            .json()
            .path("publishable")
            .asBoolean());
  }

  @Test
  void theModelIsExplained() {
    JsonNode model = author.get("/api/models/huts").json();
    assertTrue(model.path("metrics").size() >= 20);
    assertEquals(10, model.path("tables").size());
    assertTrue(model.path("starters").size() >= 5);
  }

  @Test
  void sourcesAreKeptAndTried() {
    assertEquals(
        400,
        author
            .put(
                "/api/sources/odd",
                Map.of("kind", "spreadsheet", "url", "x", "userName", "u", "password", "p"))
            .status());
    assertEquals(
        204,
        author
            .put(
                "/api/sources/away",
                Map.of(
                    "kind",
                    "postgresql",
                    "url",
                    "jdbc:postgresql://127.0.0.1:1/x",
                    "userName",
                    "u",
                    "password",
                    "p"))
            .status());
    Reply tried = author.post("/api/sources/away/test", Map.of());
    assertFalse(tried.json().path("reachable").asBoolean());
    assertTrue(
        author.post("/api/sources/ledger/test", Map.of()).json().path("readOnly").asBoolean());
  }

  /** The console's types are made from this file. */
  @Test
  void theDescriptionThatTheConsoleUsesIsCurrent() throws IOException {
    JsonMapper json = JsonMapper.builder().build();
    JsonNode kept = json.readTree(Files.readString(Path.of("../console/openapi.json")));
    JsonNode now = Caller.anonymous().get("/api/openapi").json();
    assertTrue(kept.path("components").equals(now.path("components")), "run bin/rest-description");
    assertEquals(
        kept.path("paths").propertyNames().stream().sorted().toList(),
        now.path("paths").propertyNames().stream().sorted().toList());
  }

  /** Editors complete and check by these files. */
  @Test
  void theSchemasThatAreShippedAreCurrent() throws IOException {
    JsonMapper json = JsonMapper.builder().build();
    JsonNode served = author.get("/api/schemas").json();
    for (String name : served.propertyNames()) {
      Path kept = Path.of("../docs/schemas", name);
      assertEquals(served.path(name), json.readTree(Files.readString(kept)), "update " + kept);
    }
  }

  @Test
  void schemasOfTheFilesAreServed() {
    JsonNode schemas = author.get("/api/schemas").json();
    assertEquals(5, schemas.size());
    assertTrue(schemas.path("table.schema.json").path("properties").has("one_row_is"));
  }
}
