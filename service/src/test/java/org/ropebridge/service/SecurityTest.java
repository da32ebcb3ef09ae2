package org.ropebridge.service;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.ropebridge.service.RunningService.Caller;
import org.ropebridge.service.RunningService.Reply;
import org.ropebridge.service.problems.Problem;
import org.ropebridge.service.sources.Statements;
import org.ropebridge.service.sources.Warehouses;

@ExtendWith(RunningService.class)
class SecurityTest {

  private static Map<String, String> signIn(String name, String password) {
    return Map.of("name", name, "password", password);
  }

  @Test
  void nothingIsAnsweredWithoutSigningIn() {
    Caller nobody = Caller.anonymous();
    for (String path :
        List.of(
            "/api/models",
            "/api/models/huts",
            "/api/session",
            "/api/sources",
            "/api/system/prometheus")) {
      assertEquals(401, nobody.get(path).status(), path);
    }
    assertEquals(401, Caller.anonymous().token("made-up").get("/api/models").status());
    assertEquals(200, nobody.get("/api/system/health").status());
    assertEquals(200, nobody.get("/api/openapi").status());
  }

  @Test
  void theConsoleSignsInBySessionAndProvesWhereRequestsComeFrom() {
    Caller page = Caller.anonymous();
    page.get("/api/session");
    assertEquals(403, page.post("/api/session", signIn("tobin", RunningService.PASSWORD)).status());
    Reply signedIn = page.postFromPage("/api/session", signIn("tobin", RunningService.PASSWORD));
    assertEquals(200, signedIn.status(), signedIn::text);
    String cookie =
        signedIn.raw().headers().allValues("Set-Cookie").stream()
            .filter(c -> c.startsWith("ROPEBRIDGE_SESSION"))
            .findFirst()
            .orElseThrow();
    assertTrue(cookie.contains("HttpOnly") && cookie.contains("SameSite=Lax"), cookie);
    assertEquals("Tobin Vance", page.get("/api/session").json().path("displayName").asString());
    assertEquals(403, page.post("/api/models/huts/ask", Map.of("question", "revenue")).status());
    assertEquals(
        200, page.postFromPage("/api/models/huts/ask", Map.of("question", "revenue")).status());
  }

  @Test
  void wrongPasswordsAndUnknownNamesLookTheSameAndAreSlowedDown() {
    Reply wrong = Caller.anonymous().post("/api/tokens", signIn("iselin", "guess"));
    Reply unknown = Caller.anonymous().post("/api/tokens", signIn("nobody", "guess"));
    assertEquals(401, wrong.status());
    assertEquals(wrong.json(), unknown.json());
    int last = 0;
    for (int i = 0; i < 12; i++) {
      last = Caller.anonymous().post("/api/tokens", signIn("guessed", "x" + i)).status();
    }
    assertEquals(429, last);
  }

  @Test
  void rolesLimitWhatCanBeDone() {
    Caller asker = Caller.withToken("tobin");
    assertEquals(403, asker.get("/api/sources").status());
    assertEquals(
        403, asker.post("/api/models/check", Map.of("files", Map.of("model.yaml", "x"))).status());
    assertEquals(403, asker.get("/api/system/prometheus").status());
    assertEquals(200, Caller.withToken("mira").get("/api/sources").status());
    String metrics = Caller.withToken("iselin").get("/api/system/prometheus").text();
    assertTrue(metrics.contains("ropebridge_warehouse_seconds"), "metrics of our own");
  }

  @Test
  void aTokenEndsWithSigningOut() {
    Caller caller = Caller.withToken("tobin");
    assertEquals(200, caller.get("/api/models").status());
    assertEquals(204, caller.delete("/api/session").status());
    assertEquals(401, caller.get("/api/models").status());
  }

  @Test
  void secretsAreStoredHashedOrEncrypted() throws SQLException {
    String token = Caller.withToken("mira").token();
    try (Connection connection = DriverManager.getConnection(RunningService.storage())) {
      assertFalse(dump(connection, "select hash from access_token").contains(token));
      assertFalse(
          dump(connection, "select password_hash from account").contains(RunningService.PASSWORD));
      assertFalse(
          dump(
                  connection,
                  "select encode(secret, 'escape') || encode(uploads_secret, 'escape') from source")
              .contains("secret"));
    }
    assertFalse(Caller.withToken("mira").get("/api/sources").text().contains("\"password\""));
  }

  private static String dump(Connection connection, String sql) throws SQLException {
    StringBuilder text = new StringBuilder();
    try (ResultSet result = connection.createStatement().executeQuery(sql)) {
      while (result.next()) {
        text.append(result.getString(1)).append('\n');
      }
    }
    assertTrue(text.length() > 0);
    return text.toString();
  }

  @Test
  void theWarehouseIsOnlyEverRead() {
    Statements statements = RunningService.bean(Statements.class);
    for (String sql :
        List.of(
            "delete from hut.stay",
            "create table hut.x (a int)",
            "update hut.hut set beds = 0",
            "with gone as (delete from hut.stay returning 1) select count(*) from gone")) {
      Problem refused =
          org.junit.jupiter.api.Assertions.assertThrows(
              Problem.class, () -> statements.query("ledger", sql, List.of(), 10), sql);
      assertTrue(refused.getMessage().contains("refused"), refused.getMessage());
    }
    assertTrue(RunningService.bean(Warehouses.class).test("ledger").readOnly());
  }

  @Test
  void longStatementsEndAndRowsAreLimited() {
    Statements statements = RunningService.bean(Statements.class);
    Problem slow =
        org.junit.jupiter.api.Assertions.assertThrows(
            Problem.class, () -> statements.query("ledger", "select pg_sleep(20)", List.of(), 1));
    assertTrue(slow.getMessage().contains("more than 2 seconds"), slow.getMessage());
    assertEquals(
        7,
        statements.query("ledger", "select * from generate_series(1, 1000)", List.of(), 7).size());
  }

  @Test
  void pagesCarryAContentPolicyThatForbidsEval() {
    Reply page = Caller.anonymous().get("/");
    assertEquals(200, page.status());
    String policy = page.raw().headers().firstValue("Content-Security-Policy").orElse("");
    assertTrue(policy.contains("default-src 'self'"), policy);
    assertFalse(policy.contains("unsafe-eval"), policy);
  }
}
