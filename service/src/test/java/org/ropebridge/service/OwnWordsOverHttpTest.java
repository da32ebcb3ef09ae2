package org.ropebridge.service;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.ropebridge.demo.DemoFiles;
import org.ropebridge.service.RunningService.Caller;
import org.ropebridge.service.RunningService.Reply;
import tools.jackson.databind.JsonNode;

/** People say what they mean by words, and choose among readings; both count for them alone. */
@ExtendWith(RunningService.class)
class OwnWordsOverHttpTest {
  private static final String MODEL = "own_words_huts";
  private static final String WORDS = "/api/models/" + MODEL + "/own-words";

  private Caller tobin;
  private Caller renna;
  private Caller mira;

  @BeforeEach
  void publish() {
    tobin = Caller.withToken("tobin");
    renna = Caller.withToken("renna");
    mira = Caller.withToken("mira");
    Map<String, String> files = new HashMap<>(DemoFiles.model());
    files.computeIfPresent(
        "model.yaml", (f, text) -> text.replace("model: huts", "model: " + MODEL));
    Reply published = mira.publish(MODEL, files, "words");
    assertTrue(published.status() == 201 || published.status() == 409, published.text());
  }

  @AfterEach
  void forget() {
    List.of(tobin, renna, mira).forEach(c -> c.delete("/api/me/questions"));
  }

  private static JsonNode ask(Caller caller, Map<String, Object> question) {
    Reply reply = caller.post("/api/models/" + MODEL + "/ask", question);
    assertEquals(200, reply.status(), reply.text());
    return reply.json();
  }

  private static JsonNode ask(Caller caller, String question) {
    return ask(caller, Map.of("question", question));
  }

  private static List<String> texts(JsonNode list, String field) {
    List<String> texts = new ArrayList<>();
    list.forEach(n -> texts.add(n.path(field).asString()));
    return texts;
  }

  private static void say(Caller caller, String words, String item) {
    Reply kept = caller.put(WORDS, Map.of("words", words, "item", item));
    assertEquals(200, kept.status(), kept.text());
  }

  @Test
  void aWordMeansWhatOnePersonSaysAtOnceAndForNobodyElse() {
    assertEquals("declined", ask(tobin, "pillowcount by valley").path("status").asString());
    say(tobin, "Pillowcount", "guest_nights");
    JsonNode answer = ask(tobin, "pillowcount by valley");
    assertEquals("guest nights by valley", answer.path("restatement").asString());
    assertTrue(texts(answer.path("notices"), "kind").contains("own_word"), answer.toString());
    assertEquals("own", answer.path("words").path(0).path("found").asString());
    assertEquals("declined", ask(renna, "pillowcount by valley").path("status").asString());

    JsonNode own = tobin.get("/api/me/words").json();
    assertEquals(List.of("pillowcount"), texts(own, "words"));
    assertEquals(List.of("guest nights"), texts(own, "label"));
    assertEquals(0, renna.get("/api/me/words").json().size());
    String one = "/api/me/words/" + own.path(0).path("id").asString();
    assertEquals(404, renna.delete(one).status(), "only one's own");
    assertEquals(204, tobin.delete(one).status());
    assertEquals("declined", ask(tobin, "pillowcount by valley").path("status").asString());
  }

  @Test
  void itCountsWhileTypingAndInFollowUps() {
    say(tobin, "pillowcount", "guest_nights");
    JsonNode typing =
        tobin
            .post("/api/models/" + MODEL + "/typing", Map.of("question", "pillowcount by hut"))
            .json();
    assertEquals("answered", typing.path("status").asString());
    JsonNode first =
        ask(tobin, Map.of("question", "pillowcount by hut this year", "thread", Map.of()));
    Map<String, Object> in = Map.of("id", first.path("thread").path("thread").asString());
    JsonNode next = ask(tobin, Map.of("question", "by valley instead", "thread", in));
    assertEquals("guest nights by valley this year", next.path("restatement").asString());
    String turn =
        "/api/threads/"
            + first.path("thread").path("thread").asString()
            + "/turns/"
            + first.path("thread").path("turn").asString()
            + "/ask";
    Reply again = tobin.post(turn, Map.of());
    assertEquals("guest nights by hut this year", again.json().path("restatement").asString());
  }

  @Test
  void theAuthorIsToldWhatPeopleMeanAndHowMany() {
    ask(tobin, "pillowcount by valley");
    ask(renna, "pillowcounts by hut");
    say(tobin, "pillowcount", "guest_nights");
    say(renna, "pillowcounts", "guest_nights");
    JsonNode gap = mira.get("/api/models/" + MODEL + "/gaps").json().path(0);
    assertEquals("unread:pillowcount", gap.path("key").asString());
    assertEquals(List.of("guest_nights"), texts(gap.path("meant"), "item"));
    assertEquals(2, gap.path("meant").path(0).path("people").asInt());
  }

  @Test
  void whatWasChosenIsRememberedForThisPersonAndOfferedToTheAuthor() {
    JsonNode asked = ask(tobin, "stays in quill");
    assertEquals("unclear", asked.path("status").asString());
    String chosen = "number of stays for valley Quill";
    ask(
        tobin,
        Map.of("question", chosen, "byItself", true, "chosenFor", asked.path("logged").asString()));
    JsonNode next = ask(tobin, "revenue in quill");
    assertEquals("revenue for valley Quill", next.path("restatement").asString());
    assertTrue(texts(next.path("notices"), "kind").contains("own_word"));
    assertEquals("unclear", ask(renna, "revenue in quill").path("status").asString());
    assertEquals(
        "revenue for hut Quill",
        ask(tobin, "revenue for hut quill").path("restatement").asString(),
        "what is said in full stays what it is");

    JsonNode gap = mira.get("/api/models/" + MODEL + "/gaps").json().path(0);
    assertEquals("asked_back", gap.path("kind").asString());
    JsonNode preferred = gap.path("chosen").path(0);
    assertEquals("valley", preferred.path("words").asString());
    assertEquals("valleys.name", preferred.path("preferences").path("quill").asString());
    JsonNode mended = mended(gap.path("key").asString(), preferred.path("preferences"));
    assertEquals(gap.path("questions").asInt(), mended.path("mended").asInt());
    assertEquals(0, mended.path("breaks").size());
  }

  private JsonNode mended(String key, JsonNode preferences) {
    List<Map<String, Object>> edits = new ArrayList<>();
    preferences
        .properties()
        .forEach(
            e ->
                edits.add(
                    Map.of(
                        "file",
                        "model.yaml",
                        "path",
                        List.of("preferences", "meanings", e.getKey()),
                        "value",
                        e.getValue().asString())));
    Reply reply =
        mira.post(
            "/api/models/" + MODEL + "/gaps/mend",
            Map.of("key", key, "revision", 0, "keep", false, "edits", edits));
    assertEquals(202, reply.status(), reply.text());
    return mira.done("/api/mends/" + reply.json().path("job").path("id").asString()).path("mended");
  }

  @ParameterizedTest
  @CsvSource({
    "pillowcount, nothing, 400, no-such-item",
    "pillowcount, huts.name=Nowhere, 400, no-such-item",
    "revenue, guest_nights, 409, words-taken",
    "year, guest_nights, 409, word-of-the-language",
    "' ', guest_nights, 400, words"
  })
  void whatCannotBeMeantIsRefusedAndSaysWhy(String words, String item, int status, String why) {
    Reply refused = tobin.put(WORDS, Map.of("words", words, "item", item));
    assertEquals(status, refused.status(), refused.text());
    assertTrue(refused.text().contains(why), refused.text());
    assertEquals(0, tobin.get("/api/me/words").json().size());
  }

  @Test
  void nobodyFindsOrMeansWhatTheyMayNotSee() {
    String path = "/api/models/" + MODEL + "/items?words=larkspur";
    assertEquals(List.of("huts.name=Larkspur Hut"), texts(tobin.get(path).json(), "item"));
    List<String> items = texts(tobin.get("/api/models/" + MODEL + "/items").json(), "item");
    assertEquals(20, items.size());
    String cost = "/api/models/" + MODEL + "/items?words=supply";
    assertTrue(texts(mira.get(cost).json(), "item").contains("supply_cost"));
    assertFalse(texts(renna.get(cost).json(), "item").contains("supply_cost"), "a warden");
    Reply refused = renna.put(WORDS, Map.of("words", "pantry", "item", "supply_cost"));
    assertEquals(400, refused.status(), refused.text());
  }
}
