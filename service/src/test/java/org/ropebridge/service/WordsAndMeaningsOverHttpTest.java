package org.ropebridge.service;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.ropebridge.demo.DemoFiles;
import org.ropebridge.service.RunningService.Caller;
import org.ropebridge.service.RunningService.Reply;
import tools.jackson.databind.JsonNode;

/** Words from glossaries, metrics in plain words, and what questions should have meant. */
@ExtendWith(RunningService.class)
class WordsAndMeaningsOverHttpTest {
  private static final String DRAFT = "/api/models/worded_huts/draft";
  private final Caller author = Caller.withToken("mira");

  @BeforeAll
  static void published() {
    Map<String, String> files = new TreeMap<>(DemoFiles.model());
    files.put("model.yaml", files.get("model.yaml").replace("model: huts", "model: worded_huts"));
    Reply reply = Caller.withToken("mira").publish("worded_huts", files, "first");
    assertEquals(201, reply.status(), reply::text);
  }

  private Reply bring(String name, String text) {
    return author.post(DRAFT + "/words", Map.of("name", name, "text", text));
  }

  private static String detail(Reply reply) {
    return reply.json().path("detail").asString();
  }

  @Test
  void wordsGoOutAndComeBackUnchangedAsCsvAndAsSkos() {
    for (String ending : List.of("csv", "ttl")) {
      Reply words = author.get(DRAFT + "/words." + ending);
      assertEquals(200, words.status());
      assertTrue(words.text().contains("money taken in"), words::text);
      JsonNode back = bring("words." + ending, words.text()).json();
      assertEquals(0, back.path("edits").size(), back::toString);
      assertEquals(0, back.path("passedOver").size(), back::toString);
    }
    assertTrue(author.get(DRAFT + "/words.ttl").text().contains("skos:altLabel"));
  }

  @Test
  void aCompanysGlossaryFindsItsItemsByTheirWords() {
    String glossary =
        """
        @prefix skos: <http://www.w3.org/2004/02/skos/core#> .
        @prefix g: <https://glossary.example/> .
        g:1 a skos:Concept ; skos:prefLabel "Takings"@en ; skos:altLabel "till money"@en, "Kasse"@de .
        g:2 a skos:Concept ; skos:prefLabel "Share price"@en .
        """;
    JsonNode brought = bring("glossary.ttl", glossary).json();
    assertEquals(
        "[{\"item\":\"metrics/revenue\",\"called\":\"revenue\",\"words\":[\"till money\"]}]",
        brought.path("added").toString());
    assertEquals(
        "[\"Nothing in the model goes by \\\"Share price\\\".\"]",
        brought.path("passedOver").toString());
    String rdf =
        """
        <rdf:RDF xmlns:rdf="http://www.w3.org/1999/02/22-rdf-syntax-ns#"
                 xmlns:skos="http://www.w3.org/2004/02/skos/core#">
          <skos:Concept rdf:about="https://glossary.example/3">
            <skos:prefLabel>occupancy</skos:prefLabel><skos:altLabel>bed use</skos:altLabel>
          </skos:Concept>
        </rdf:RDF>
        """;
    assertEquals(
        "bed use",
        bring("glossary.rdf", rdf).json().path("added").path(0).path("words").path(0).asString());
  }

  @Test
  void spreadsheetsOfWordsMayUseSemicolonsAndAByteOrderMark() {
    JsonNode brought =
        bring("list.csv", "\uFEFFCalled;Also called\r\nrevenue;\"dosh; lolly\"\r\n\r\n").json();
    assertEquals("[\"dosh\",\"lolly\"]", brought.path("added").path(0).path("words").toString());
  }

  @Test
  void filesThatCannotBeReadAreRefusedWithAReason() {
    assertTrue(detail(bring("list.docx", "x")).contains("none of .csv"));
    assertTrue(detail(bring("list.csv", "a,b\n1,2\n")).contains("The first line must name"));
    assertTrue(detail(bring("list.csv", "")).contains("is empty"));
    assertTrue(detail(bring("list.ttl", "this is no turtle")).contains("is not Turtle"));
    assertTrue(detail(bring("list.ttl", "")).contains("no skos:Concept"));
    String entities =
        "<?xml version=\"1.0\"?><!DOCTYPE r [<!ENTITY x SYSTEM \"file:///etc/passwd\">]>"
            + "<rdf:RDF xmlns:rdf=\"http://www.w3.org/1999/02/22-rdf-syntax-ns#\" xmlns:skos=\""
            + "http://www.w3.org/2004/02/skos/core#\"><skos:Concept rdf:about=\"urn:a:b\">"
            + "<skos:prefLabel>occupancy</skos:prefLabel><skos:altLabel>&x;</skos:altLabel>"
            + "</skos:Concept></rdf:RDF>";
    assertFalse(bring("list.rdf", entities).text().contains("root:"), "a file must not be read");
  }

  @Test
  void aMetricInPlainWordsIsShownBeforeItIsKept() {
    JsonNode made =
        author
            .post(
                DRAFT + "/metric",
                Map.of("name", "net_per_night", "words", "revenue minus refunds, per guest night"))
            .json();
    assertEquals(
        "(coalesce(revenue, 0) - coalesce(refunds, 0)) / guest_nights",
        made.path("proposed").path("metrics").path(0).path("sql").asString());
    double shown = made.path("shown").path(0).path("rows").path(0).path(0).asDouble();
    JsonNode parts =
        author
            .post(
                "/api/models/worded_huts/ask",
                Map.of("question", "revenue, refunds and guest nights"))
            .json()
            .path("rows")
            .path(0);
    double expected =
        (parts.path(0).asDouble() - parts.path(1).asDouble()) / parts.path(2).asDouble();
    assertEquals(expected, shown, 1e-6);
    assertTrue(made.path("shown").path(1).path("rows").size() > 3);
    assertFalse(author.get(DRAFT).text().contains("net_per_night"), "nothing is kept yet");
    JsonNode refused =
        author.post(DRAFT + "/metric", Map.of("name", "x", "words", "carbon per stay")).json();
    assertEquals(
        "\"carbon\" cannot be read: Not understood: \"carbon\".",
        refused.path("proposed").path("reason").asString());
  }

  @Test
  void aCorrectionSaysWhatItChanges() {
    JsonNode seen =
        author
            .post(
                DRAFT + "/correction",
                Map.of("question", "how did we do", "means", "revenue by month this year"))
            .json();
    assertEquals(0, seen.path("faults").size(), seen::toString);
    assertEquals("revenue by month this year", seen.path("answer").path("restatement").asString());
    assertEquals(0, seen.path("others").size());
    assertFalse(author.get(DRAFT).text().contains("how did we do"), "nothing is kept yet");
    JsonNode sample =
        author
            .post(
                DRAFT + "/correction",
                Map.of("question", "What is the usual party size", "means", "average party size"))
            .json();
    assertEquals(
        "[\"questions\",\"6\"]",
        sample.path("edits").path(0).path("path").toString(),
        "the sample question that says the same is changed");
  }

  @Test
  void aCorrectionThatCannotBeReadIsAFault() {
    JsonNode seen =
        author
            .post(DRAFT + "/correction", Map.of("question", "how did we do", "means", "unicorns"))
            .json();
    List<String> messages = new ArrayList<>();
    seen.path("faults").forEach(f -> messages.add(f.path("message").asString()));
    assertEquals(List.of("\"unicorns\" cannot be read: Not understood: \"unicorns\"."), messages);
    Reply both =
        author.post(
            DRAFT + "/correction", Map.of("question", "x", "means", "revenue", "sql", "select 1"));
    assertEquals(400, both.status());
  }

  @Test
  void aCorrectionBySqlFillsItsSlots() {
    JsonNode seen =
        author
            .post(
                DRAFT + "/correction",
                Map.of(
                    "question",
                    "what is the earliest arrival at Larkspur Hut",
                    "sql",
                    "select min(arrival) as first from hut.stay join hut.hut using (hut_id) where"
                        + " hut.name = :hut",
                    "slots",
                    Map.of("hut", "huts.name")))
            .json();
    assertEquals(0, seen.path("faults").size(), seen::toString);
    assertEquals(1, seen.path("answer").path("rows").size(), seen::toString);
  }

  @Test
  void questionsAboutTheModelAreAnsweredInWordsAndOnlyAsFarAsOneMaySee() {
    Caller asker = Caller.withToken("tobin");
    JsonNode answer =
        asker.post("/api/models/worded_huts/ask", Map.of("question", "what is occupancy")).json();
    assertEquals("explained", answer.path("status").asString());
    assertTrue(answer.path("explained").path("sentences").toString().contains("Guest nights as"));
    assertEquals("", answer.path("sql").asString());
    JsonNode hidden =
        asker
            .post("/api/models/worded_huts/ask", Map.of("question", "what does email mean"))
            .json();
    assertNotEquals("explained", hidden.path("status").asString());
  }

  @Test
  void howRecentTheDataIsIsAskedOfTheData() {
    JsonNode answer =
        author
            .post("/api/models/worded_huts/ask", Map.of("question", "how recent is the data"))
            .json();
    assertEquals("answered", answer.path("status").asString(), answer::toString);
    assertTrue(answer.path("columns").size() > 4, answer::toString);
    assertTrue(answer.path("rows").path(0).toString().contains("\"2026-10-18\""));
  }

  @Test
  void askersDoNoneOfIt() {
    Caller asker = Caller.withToken("tobin");
    assertEquals(403, asker.get(DRAFT + "/words.csv").status());
    assertEquals(403, asker.post(DRAFT + "/words", Map.of("name", "a.csv", "text", "")).status());
    assertEquals(
        403, asker.post(DRAFT + "/metric", Map.of("name", "a", "words", "revenue")).status());
    assertEquals(
        403,
        asker.post(DRAFT + "/correction", Map.of("question", "a", "means", "revenue")).status());
  }
}
