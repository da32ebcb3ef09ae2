package org.ropebridge.service;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.ropebridge.service.RunningService.Caller;
import org.ropebridge.service.RunningService.Reply;
import tools.jackson.databind.JsonNode;

/** Answers as they were, for those who see the same. */
@ExtendWith(RunningService.class)
class KeptAnswersOverHttpTest {
  private final Caller asker = Caller.withToken("tobin");
  private final Caller author = Caller.withToken("mira");
  private final Caller warden = Caller.withToken("renna");

  private static JsonNode keep(Caller who, String question) {
    Reply kept = who.post("/api/models/huts/kept", Map.of("question", question));
    assertEquals(201, kept.status(), kept::text);
    return kept.json();
  }

  @Test
  void anAnswerIsOpenedAsItWas() {
    JsonNode kept = keep(asker, "guest nights by valley in 2025");
    JsonNode opened = asker.get("/api/kept/" + kept.path("id").asString()).json();
    JsonNode asked =
        asker
            .post("/api/models/huts/ask", Map.of("question", "guest nights by valley in 2025"))
            .json();
    assertEquals(asked.path("rows"), opened.path("answer").path("rows"));
    assertEquals(asked.path("chart"), opened.path("answer").path("chart"));
    assertEquals("guest nights by valley in 2025", opened.path("question").asString());
    assertTrue(opened.path("mine").asBoolean());
  }

  @Test
  void itIsShownToThoseWhoSeeTheSameOnly() {
    String id = keep(asker, "guest nights by valley in 2024").path("id").asString();
    Reply others = warden.get("/api/kept/" + id);
    assertEquals(403, others.status(), others::text);
    assertTrue(others.text().contains("guest nights by valley in 2024"), others::text);
    assertTrue(!others.text().contains("\"rows\""), others::text);
    String ofWarden = keep(warden, "revenue in 2025").path("id").asString();
    assertEquals(403, asker.get("/api/kept/" + ofWarden).status());
    assertEquals(200, warden.get("/api/kept/" + ofWarden).status());
  }

  @Test
  void onlyWhoKeptItDeletesIt() {
    String id = keep(asker, "revenue in 2023").path("id").asString();
    assertEquals(404, author.delete("/api/me/kept/" + id).status());
    assertTrue(asker.get("/api/me/kept").text().contains(id));
    assertEquals(204, asker.delete("/api/me/kept/" + id).status());
    assertEquals(404, asker.get("/api/kept/" + id).status());
  }

  @Test
  void whatHasNoAnswerIsNotKept() {
    Reply none = asker.post("/api/models/huts/kept", Map.of("question", "carbon emissions"));
    assertEquals(400, none.status());
    assertTrue(none.text().contains("Ask it first"), none::text);
    assertEquals(400, asker.post("/api/models/huts/kept", Map.of("question", " ")).status());
    assertEquals(404, asker.get("/api/kept/00000000-0000-0000-0000-000000000000").status());
  }
}
