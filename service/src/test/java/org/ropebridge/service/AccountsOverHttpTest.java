package org.ropebridge.service;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.ropebridge.service.RunningService.Caller;
import org.ropebridge.service.RunningService.Reply;
import tools.jackson.databind.JsonNode;

/** Stewards look after accounts, and nobody else does. */
@ExtendWith(RunningService.class)
class AccountsOverHttpTest {
  private static final String QUESTION = "number of stays in Ossel";
  private Caller steward;

  @BeforeEach
  void signIn() {
    steward = Caller.withToken("iselin");
  }

  @AfterEach
  void tidy() {
    steward.delete("/api/accounts/orla");
    steward.delete("/api/accounts/second");
  }

  private static Map<String, Object> details(
      String role, List<String> accessRoles, Map<String, List<String>> attributes) {
    return Map.of(
        "displayName", "Orla", "role", role, "accessRoles", accessRoles, "attributes", attributes);
  }

  private static Map<String, Object> asker() {
    return details("ASKER", List.of(), Map.of());
  }

  private Reply add(String name, Map<String, Object> details) {
    return steward.post("/api/accounts", Map.of("name", name, "details", details));
  }

  private static Reply signIn(Caller caller, String name, String password) {
    // The first call gives the page its token against forged requests.
    caller.get("/api/session");
    return caller.postFromPage("/api/session", Map.of("name", name, "password", password));
  }

  private static Caller tokenOf(String name, String password) {
    Caller caller = Caller.anonymous();
    Reply reply = caller.post("/api/tokens", Map.of("name", name, "password", password));
    assertEquals(200, reply.status(), reply.text());
    return caller.token(reply.json().path("token").asString());
  }

  private static int rows(Caller caller, String question) {
    Reply reply = caller.post("/api/models/huts/ask", Map.of("question", question));
    assertEquals(200, reply.status(), reply.text());
    return reply.json().path("rows").path(0).path(0).asInt();
  }

  @Test
  void aNewAccountSignsInWithThePasswordThatIsShownOnce() {
    Reply made = add("orla", asker());
    assertEquals(201, made.status(), made.text());
    String password = made.json().path("password").asString();
    assertTrue(password.length() >= 20, password);

    assertEquals(200, signIn(Caller.anonymous(), "orla", password).status());
    String listed = steward.get("/api/accounts").text();
    assertTrue(listed.contains("\"orla\""), listed);
    assertFalse(listed.contains(password) || listed.contains("bcrypt"), listed);
  }

  @Test
  void whatAnAccountMaySeeIsChangedFromItsNextQuestionOn() {
    String password = add("orla", asker()).json().path("password").asString();
    Caller orla = tokenOf("orla", password);
    int all = rows(orla, QUESTION);
    Reply changed =
        steward.put(
            "/api/accounts/orla",
            details("ASKER", List.of("warden"), Map.of("huts", List.of("1"))));
    assertEquals(200, changed.status(), changed.text());
    assertTrue(rows(orla, QUESTION) < all, "a warden sees only her huts' stays");
  }

  @Test
  void anotherRoleCountsAtOnceAlsoForWhoIsSignedIn() {
    String password =
        add("orla", details("AUTHOR", List.of(), Map.of())).json().path("password").asString();
    Caller page = Caller.anonymous();
    signIn(page, "orla", password);
    Caller program = tokenOf("orla", password);
    assertEquals(200, page.get("/api/drafts").status());
    assertEquals(200, program.get("/api/drafts").status());

    steward.put("/api/accounts/orla", asker());
    assertEquals(401, page.get("/api/drafts").status(), "the session was the author's");
    assertEquals(403, program.get("/api/drafts").status());
  }

  @Test
  void aNewPasswordEndsWhatTheOldOneBegan() {
    String old = add("orla", asker()).json().path("password").asString();
    Caller page = Caller.anonymous();
    signIn(page, "orla", old);
    Caller program = tokenOf("orla", old);

    String fresh =
        steward.post("/api/accounts/orla/password", Map.of()).json().path("password").asString();
    assertEquals(401, page.get("/api/session").status());
    assertEquals(401, program.get("/api/session").status());
    assertEquals(401, signIn(Caller.anonymous(), "orla", old).status());
    assertEquals(200, signIn(Caller.anonymous(), "orla", fresh).status());
  }

  @Test
  void peopleChangeTheirOwnPasswordAndStaySignedInWhereTheyDidIt() {
    String old = add("orla", asker()).json().path("password").asString();
    Caller here = Caller.anonymous();
    signIn(here, "orla", old);
    Caller elsewhere = Caller.anonymous();
    signIn(elsewhere, "orla", old);
    here.get("/api/session");

    Reply wrong =
        here.putFromPage(
            "/api/me/password", Map.of("old", "not the one", "password", "four dry boots"));
    assertEquals(401, wrong.status(), wrong.text());
    Reply changed =
        here.putFromPage("/api/me/password", Map.of("old", old, "password", "four dry boots"));
    assertEquals(204, changed.status(), changed.text());
    assertEquals(200, here.get("/api/session").status());
    assertEquals(401, elsewhere.get("/api/session").status());
    assertEquals(200, signIn(Caller.anonymous(), "orla", "four dry boots").status());
  }

  @Test
  void aRemovedAccountIsGoneAndWhatItAskedHasNoName() throws SQLException {
    JsonNode rules = steward.get("/api/log/rules").json();
    Map<String, Object> before = new HashMap<>();
    before.put("people", rules.path("people").asString());
    before.put("keepDays", rules.path("keepDays").asInt());
    steward.put("/api/log/rules", Map.of("people", "NAMES", "keepDays", 90));
    try {
      String password = add("orla", asker()).json().path("password").asString();
      Caller orla = tokenOf("orla", password);
      rows(orla, QUESTION);
      assertEquals(1, orla.get("/api/me/questions").json().size());
      String id = select("select id::text from account where name = 'orla'");
      assertEquals("1", select("select count(*) from asked_question where person = '" + id + "'"));

      assertEquals(204, steward.delete("/api/accounts/orla").status());
      assertEquals(401, orla.get("/api/session").status());
      assertEquals(401, signIn(Caller.anonymous(), "orla", password).status());
      assertEquals("0", select("select count(*) from asked_question where person = '" + id + "'"));
      assertEquals(
          "0", select("select count(*) from question_thread where account_id = '" + id + "'"));

      // Who gets the same name later is somebody else.
      String next = add("orla", asker()).json().path("password").asString();
      assertEquals(0, tokenOf("orla", next).get("/api/me/questions").json().size());
    } finally {
      steward.put("/api/log/rules", before);
    }
  }

  private static String select(String sql) throws SQLException {
    try (Connection connection = DriverManager.getConnection(RunningService.storage());
        Statement statement = connection.createStatement();
        ResultSet rows = statement.executeQuery(sql)) {
      rows.next();
      return rows.getString(1);
    }
  }

  @Test
  void oneStewardAlwaysStays() {
    Map<String, Object> steward2 = details("STEWARD", List.of(), Map.of());
    for (Reply refused :
        List.of(
            steward.delete("/api/accounts/iselin"), steward.put("/api/accounts/iselin", asker()))) {
      assertEquals(409, refused.status(), refused.text());
      assertTrue(refused.text().contains("last-steward"), refused.text());
    }
    String password = add("second", steward2).json().path("password").asString();
    Caller second = tokenOf("second", password);
    assertEquals(204, second.delete("/api/accounts/second").status());
  }

  @Test
  void onlyStewardsSeeAccounts() {
    for (String name : List.of("tobin", "mira")) {
      Caller other = Caller.withToken(name);
      assertEquals(403, other.get("/api/accounts").status(), name);
      assertEquals(
          403,
          other
              .post(
                  "/api/accounts",
                  Map.of("name", "x", "details", details("STEWARD", List.of(), Map.of())))
              .status(),
          name);
      assertEquals(403, other.put("/api/accounts/" + name, asker()).status(), name);
      assertEquals(403, other.post("/api/accounts/iselin/password", Map.of()).status(), name);
      assertEquals(403, other.delete("/api/accounts/iselin").status(), name);
    }
    List<String> names =
        StreamSupport.stream(steward.get("/api/accounts").json().spliterator(), false)
            .map(a -> a.path("name").asString())
            .toList();
    assertTrue(names.containsAll(List.of("iselin", "mira", "renna", "tobin")), names.toString());
    assertFalse(names.contains("x"), names.toString());
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
          Orla Dunn  | long enough words | 400 | small letters
          tobin      | long enough words | 409 | another name
          orla       | short             | 400 | 12 characters
          """)
  void whatCannotBeAnAccountIsRefusedWithWhatToDo(
      String name, String password, int status, String says) {
    Reply reply =
        steward.post(
            "/api/accounts", Map.of("name", name, "details", asker(), "password", password));
    assertEquals(status, reply.status(), reply.text());
    assertTrue(reply.text().contains(says), reply.text());
  }

  @Test
  void attributesAreNamedAsAccessRulesNameThem() {
    Reply reply = add("orla", details("ASKER", List.of(), Map.of("My huts", List.of("1"))));
    assertEquals(400, reply.status(), reply.text());
    assertTrue(reply.text().contains("access rules"), reply.text());
  }
}
