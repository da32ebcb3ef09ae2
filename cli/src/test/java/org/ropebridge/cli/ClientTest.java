package org.ropebridge.cli;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.sun.net.httpserver.HttpExchange;
import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What the client sends, prints and exits with; the other side is a listener of the test's own. */
class ClientTest {
  private static final String ANSWER =
      """
      {"question": "q", "status": "answered", "restatement": "revenue by month", "reason": "",
       "plan": {"measures": []}, "readableSql": "select 1",
       "columns": [{"name": "month", "kind": "month", "unit": "", "shownAs": "number"},
                   {"name": "channel", "kind": "category", "unit": "", "shownAs": "number"},
                   {"name": "revenue", "kind": "number", "unit": "EUR", "shownAs": "money"}],
       "rows": [["2026-01-01", "web, or \\"online\\"", 1234.5], ["2026-02-01", null, null]],
       "notices": [{"kind": "period", "text": "All data."}], "words": [], "alternatives": [],
       "suggestions": []}
      """;
  private static final String DECLINED =
      """
      {"status": "declined", "restatement": "", "reason": "Not understood: \\"carbon\\".",
       "plan": null, "words": [{"text": "carbon", "kind": "unread", "means": "", "found": ""}],
       "rows": [], "columns": [], "alternatives": [], "suggestions": ["guest nights"]}
      """;

  private final Map<String, String> replies = new HashMap<>();
  private final Map<String, Integer> statuses = new HashMap<>();
  private final List<String> received = new ArrayList<>();
  private final StringWriter out = new StringWriter();
  private final StringWriter err = new StringWriter();
  private HttpServer server;

  @BeforeEach
  void listen() throws IOException {
    server = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0), 0);
    server.createContext("/", this::reply);
    server.start();
    replies.put("/api/models", "[{\"name\": \"huts\", \"edition\": 3, \"title\": \"Hut trust\"}]");
    replies.put("/api/models/huts/ask", ANSWER);
    Config.file().toFile().delete();
    new Config("http://127.0.0.1:" + server.getAddress().getPort(), "secret", "mira").save();
  }

  @AfterEach
  void stop() {
    server.stop(0);
  }

  private void reply(HttpExchange exchange) throws IOException {
    String path = exchange.getRequestURI().getPath();
    String body = new String(exchange.getRequestBody().readAllBytes(), StandardCharsets.UTF_8);
    received.add(
        exchange.getRequestMethod()
            + " "
            + path
            + " "
            + exchange.getRequestHeaders().getFirst("Authorization")
            + " "
            + body);
    byte[] bytes = replies.getOrDefault(path, "{}").getBytes(StandardCharsets.UTF_8);
    exchange.sendResponseHeaders(statuses.getOrDefault(path, 200), bytes.length);
    exchange.getResponseBody().write(bytes);
    exchange.close();
  }

  private int run(String... args) {
    return Main.run(new PrintWriter(out, true), new PrintWriter(err, true), args);
  }

  @Test
  void aTableIsForPeople() {
    assertEquals(Exit.OK, run("ask", "revenue by month"));
    String text = out.toString();
    assertTrue(text.contains("Read as revenue by month"), text);
    assertTrue(text.contains("Jan 2026  web, or \"online\"       1,234.50"), text);
    assertTrue(text.contains("Feb 2026  (none)"), text);
    assertTrue(text.contains("revenue (EUR)"), text);
    assertTrue(text.contains("· All data."), text);
    assertTrue(
        received.get(1).startsWith("POST /api/models/huts/ask Bearer secret"), received::toString);
  }

  @Test
  void csvIsForPrograms() {
    assertEquals(Exit.OK, run("ask", "revenue by month", "--as", "csv"));
    assertEquals(
        "month,channel,revenue\r\n2026-01-01,\"web, or \"\"online\"\"\",1234.5\r\n2026-02-01,,\r\n",
        out.toString());
  }

  @Test
  void sqlAndPlanAndJson() {
    assertEquals(Exit.OK, run("ask", "x", "--as", "sql"));
    assertEquals("select 1;\n", out.toString());
    assertEquals(Exit.OK, run("ask", "x", "--as", "json"));
    assertEquals(Exit.OK, run("ask", "x", "--as", "plan"));
    assertTrue(out.toString().contains("\"measures\""));
  }

  @Test
  void aRefusalSaysWhyAndExitsSo() {
    replies.put("/api/models/huts/ask", DECLINED);
    assertEquals(Exit.REFUSED, run("ask", "carbon"));
    assertTrue(err.toString().contains("Not answered. Not understood: \"carbon\"."), err::toString);
    assertTrue(err.toString().contains("guest nights"), err::toString);
    assertEquals("", out.toString());
  }

  @Test
  void aBatchGoesOnAfterABadLine(@TempDir Path folder) throws IOException {
    Path file = folder.resolve("questions.txt");
    Files.writeString(file, "revenue\n\n{\"id\": \"b\", \"question\": \"stays\"}\n{broken\n");
    assertEquals(Exit.REFUSED, run("ask", "--batch", file.toString()));
    List<String> lines = out.toString().lines().toList();
    assertEquals(3, lines.size());
    assertTrue(lines.get(0).startsWith("{\"id\":1,"), lines::toString);
    assertTrue(lines.get(1).startsWith("{\"id\":\"b\","), lines::toString);
    assertTrue(lines.get(2).contains("line 4 is not JSON"), lines::toString);
  }

  @Test
  void faultsOfAModelArePrintedWithTheirPlaces(@TempDir Path folder) throws IOException {
    Files.writeString(folder.resolve("model.yaml"), "model: x");
    replies.put(
        "/api/models/check",
        """
        {"publishable": false, "model": "x", "faults": [{"severity": "error", "file": "model.yaml",
         "line": 1, "column": 8, "message": "no sources", "suggestion": "add some"}]}
        """);
    assertEquals(Exit.REFUSED, run("model", "check", folder.toString()));
    assertTrue(
        out.toString().contains("model.yaml:1:8: error: no sources\n    add some"), out::toString);
    assertTrue(
        out.toString().contains("1 fault, no warnings. It cannot be published."), out::toString);
  }

  @Test
  void wrongUsageExitsSoAndExplains(@TempDir Path folder) {
    assertEquals(Exit.USAGE, run("ask"));
    assertEquals(Exit.USAGE, run("ask", "x", "--as", "pie"));
    assertEquals(Exit.USAGE, run("unknown"));
    assertEquals(Exit.USAGE, run("model", "check", folder.toString()));
    assertTrue(err.toString().contains("has no model.yaml"), err::toString);
  }

  @Test
  void aServiceThatIsAwayIsNamed() {
    server.stop(0);
    assertEquals(Exit.FAILED, run("status"));
    assertTrue(err.toString().contains("is not reachable"), err::toString);
  }

  @Test
  void problemsOfTheServiceArePassedOn() {
    statuses.put("/api/models/huts/ask", 504);
    replies.put("/api/models/huts/ask", "{\"detail\": \"Too slow. Narrow it.\"}");
    assertEquals(Exit.FAILED, run("ask", "revenue"));
    assertTrue(err.toString().contains("Too slow. Narrow it."));
  }

  @Test
  void theTokenIsKeptFromOthers() throws IOException {
    assertEquals(
        "rw-------",
        java.nio.file.attribute.PosixFilePermissions.toString(
            Files.getPosixFilePermissions(Config.file())));
  }

  @Test
  void helpTeachesAndHidesWhatIsNotForPeople() {
    assertEquals(Exit.OK, run("--help"));
    assertTrue(out.toString().contains("guest nights by valley this year"));
    assertFalse(out.toString().contains("archive-classes"));
  }

  private static void model(Path folder) throws IOException {
    Files.createDirectories(folder.resolve("tables"));
    Files.writeString(folder.resolve("model.yaml"), "model: huts\ntitle: Huts\n");
    Files.writeString(folder.resolve("tables/stays.yaml"), "table: stays\n");
  }

  private static String draft(long revision, String title) {
    return """
        {"model": "huts", "revision": %d, "publishable": true, "faults": [], "proposals": [],
         "files": {"model.yaml": "model: huts\\ntitle: %s\\n"}}
        """
        .formatted(revision, title);
  }

  @Test
  void pullingTouchesOnlyWhatDiffersAndPushingSaysWhatItWasPulledFrom(@TempDir Path folder)
      throws IOException {
    model(folder);
    java.nio.file.attribute.FileTime before =
        java.nio.file.attribute.FileTime.fromMillis(1_000_000);
    Files.setLastModifiedTime(folder.resolve("model.yaml"), before);
    replies.put("/api/models/huts/draft", draft(7, "Huts"));
    assertEquals(Exit.OK, run("model", "pull", "huts", folder.toString()));
    assertEquals("removed tables/stays.yaml\n", out.toString());
    assertEquals(before, Files.getLastModifiedTime(folder.resolve("model.yaml")));

    Files.writeString(folder.resolve("model.yaml"), "model: huts\ntitle: All huts\n");
    assertEquals(Exit.OK, run("model", "push", folder.toString()));
    String sent = received.get(received.size() - 1);
    assertTrue(sent.startsWith("PUT /api/models/huts/draft"), sent);
    assertTrue(sent.contains("\"revision\":7") && sent.contains("All huts"), sent);
  }

  @Test
  void whatOthersChangedMeanwhileIsNotOverwritten(@TempDir Path folder) throws IOException {
    model(folder);
    statuses.put("/api/models/huts/draft", 409);
    replies.put(
        "/api/models/huts/draft", "{\"detail\": \"The draft was changed by tobin meanwhile.\"}");
    assertEquals(Exit.REFUSED, run("model", "push", folder.toString()));
    assertTrue(err.toString().contains("changed by tobin meanwhile"), err::toString);
  }

  @Test
  void aModelThatDoesNotFitItsWarehouseStopsAPipeline() {
    replies.put(
        "/api/models/huts/health",
        """
        {"running": null, "edition": 3, "tried": 9, "findings": [
          {"kind": "COLUMN_GONE", "item": "stays.party_size", "message": "It is gone.",
           "breaks": [{"kind": "metric", "name": "guest nights"}]}]}
        """);
    assertEquals(Exit.REFUSED, run("model", "health", "huts"));
    assertEquals(
        List.of(
            "stays.party_size: It is gone.",
            "    breaks metric: guest nights",
            "",
            "1 finding. Mend the draft."),
        out.toString().lines().toList());
    replies.put(
        "/api/models/huts/health",
        "{\"running\": null, \"edition\": 3, \"tried\": 9, \"findings\": []}");
    assertEquals(Exit.OK, run("model", "health"));
    assertTrue(out.toString().contains("all 9 items can be computed"), out.toString());
  }

  @Test
  void whatNobodyAsksForIsListedWithTheUse() {
    replies.put("/api/models/usage", "{\"starters\": []}");
    replies.put(
        "/api/models/huts/unused",
        "{\"questions\": true, \"metrics\": [\"occupancy\"], \"tables\": [], \"conditions\": []}");
    assertEquals(Exit.OK, run("usage"));
    assertTrue(out.toString().contains("metrics: occupancy"), out.toString());
    assertTrue(out.toString().contains("tables: none"), out.toString());
  }

  @Test
  void aRehearsalStopsAPipelineAndWritesItsReport(@TempDir Path folder) throws Exception {
    model(folder);
    replies.put("/api/models/huts/draft", draft(7, "Huts"));
    replies.put("/api/models/huts/rehearsals", "{\"job\": {\"id\": \"r1\"}}");
    replies.put(
        "/api/rehearsals/r1",
        """
        {"job": {"id": "r1", "state": "done"}, "broken": 1, "questions": [
          {"ask": "how many stays", "outcome": "SAME", "differs": [], "why": ""},
          {"ask": "stays < 3 & more", "outcome": "BROKEN", "differs": [], "why": "no \\"nights\\" any more"},
          {"ask": "takings", "outcome": "CHANGED", "differs": ["SQL", "ROWS"], "why": ""}]}
        """);
    Path report = folder.resolve("report.xml");
    assertEquals(
        Exit.REFUSED, run("model", "rehearse", folder.toString(), "--report", report.toString()));
    assertTrue(out.toString().contains("1 broken, 1 changed, 1 same."), out::toString);
    assertTrue(
        out.toString().contains("changed: takings\n    other SQL, other rows"), out::toString);
    org.w3c.dom.Element suite =
        javax.xml.parsers.DocumentBuilderFactory.newInstance()
            .newDocumentBuilder()
            .parse(report.toFile())
            .getDocumentElement();
    assertEquals("1", suite.getAttribute("failures"));
    assertEquals(3, suite.getElementsByTagName("testcase").getLength());
    assertEquals(
        "no \"nights\" any more",
        ((org.w3c.dom.Element) suite.getElementsByTagName("failure").item(0))
            .getAttribute("message"));
  }
}
