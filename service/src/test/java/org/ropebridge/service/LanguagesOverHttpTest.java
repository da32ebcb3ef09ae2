package org.ropebridge.service;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.ropebridge.service.RunningService.Caller;
import org.ropebridge.service.RunningService.Reply;
import tools.jackson.databind.JsonNode;

/** A model in German is asked in German, over the same warehouse. */
@ExtendWith(RunningService.class)
class LanguagesOverHttpTest {
  private static final Map<String, String> FILES =
      Map.of(
          "model.yaml",
          """
          model: german_huts
          title: H\u00fctten
          languages: [de]
          calendar: {today: 2026-10-18}
          sources:
            ledger: {kind: postgresql}
          """,
          "tables/huts.yaml",
          """
          table: huts
          source: ledger
          from: hut.hut
          one_row_is: [H\u00fctte, H\u00fctten]
          key: hut_id
          known_by: name
          columns:
            name:       {holds: category, label: H\u00fcttenname}
            altitude_m: {holds: number, label: H\u00f6he, unit: m, adds_up: never}
            kind:       {holds: category, label: H\u00fcttenart}
          """);

  private Caller tobin;

  @BeforeEach
  void publish() {
    tobin = Caller.withToken("tobin");
    Reply published = Caller.withToken("mira").publish("german_huts", FILES, "deutsch");
    assertTrue(published.status() == 201 || published.status() == 409, published.text());
  }

  private JsonNode ask(String question, String model) {
    return tobin.post("/api/models/" + model + "/ask", Map.of("question", question)).json();
  }

  @Test
  void theSameRowsComeInEitherLanguage() {
    JsonNode german = ask("H\u00fctten \u00fcber 2.000 m nach H\u00fcttenart", "german_huts");
    assertEquals(
        "Anzahl H\u00fctten nach H\u00fcttenart mit H\u00f6he mehr als 2000 m",
        german.path("restatement").asString());
    JsonNode english = ask("number of huts above 2,000 m by hut kind", "huts");
    assertTrue(german.path("rows").size() > 1, german.toString());
    assertEquals(english.path("rows").size(), german.path("rows").size());
  }

  /** Vectors know English words only, and would propose anything. */
  @Test
  void nothingIsProposedForWordsOfAnotherLanguage() {
    JsonNode declined = ask("Umsatz nach H\u00fctte", "german_huts");
    assertEquals("declined", declined.path("status").asString());
    assertEquals(0, declined.path("proposals").size(), declined.toString());
  }
}
