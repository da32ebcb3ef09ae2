package org.ropebridge.service;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotNull;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.junit.jupiter.api.DynamicTest.dynamicTest;

import java.io.ByteArrayOutputStream;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import java.util.zip.GZIPOutputStream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestFactory;
import org.junit.jupiter.api.extension.ExtendWith;
import org.ropebridge.service.RunningService.Caller;
import org.ropebridge.service.RunningService.Reply;
import tools.jackson.databind.JsonNode;

/** Files that authors bring become tables of a source, or are refused with a reason. */
@ExtendWith(RunningService.class)
class UploadsOverHttpTest {
  private static Caller mira;

  @BeforeAll
  static void signIn() {
    mira = Caller.withToken("mira");
  }

  /** The file, once it was looked at. */
  private static JsonNode bring(String name, byte[] bytes) {
    Reply reply =
        mira.bring(
            "/api/sources/ledger/uploads?file=" + URLEncoder.encode(name, StandardCharsets.UTF_8),
            bytes);
    assertEquals(202, reply.status(), reply.text());
    return looked(reply.json());
  }

  private static JsonNode bring(String name, String text) {
    return bring(name, text.getBytes(StandardCharsets.UTF_8));
  }

  private static JsonNode looked(JsonNode upload) {
    return mira.done("/api/uploads/" + upload.path("id").asString(), "look");
  }

  private static Reply makeTable(JsonNode upload, Map<String, Object> request) {
    return mira.post("/api/uploads/" + upload.path("id").asString() + "/table", request);
  }

  /** The file, once it became a table. */
  private static JsonNode takeIn(JsonNode upload, String table) {
    Reply reply = makeTable(upload, Map.of("table", table, "replace", false));
    assertEquals(202, reply.status(), reply.text());
    JsonNode done = mira.done("/api/uploads/" + upload.path("id").asString(), "intake");
    assertEquals("done", done.path("intake").path("state").asString(), done.toString());
    return done;
  }

  private static List<List<String>> query(String sql) throws SQLException {
    return query(RunningService.warehouse(), sql);
  }

  private static List<List<String>> query(String url, String sql) throws SQLException {
    try (Connection connection = DriverManager.getConnection(url);
        Statement statement = connection.createStatement();
        ResultSet rows = statement.executeQuery(sql)) {
      List<List<String>> result = new ArrayList<>();
      while (rows.next()) {
        List<String> row = new ArrayList<>();
        for (int i = 1; i <= rows.getMetaData().getColumnCount(); i++) {
          row.add(rows.getString(i));
        }
        result.add(row);
      }
      return result;
    }
  }

  @TestFactory
  Stream<DynamicTest> theSameVisitsComeInRightHoweverTheyAreWritten() {
    List<List<String>> expected = UntidyFile.visits().stream().map(UntidyFile.Visit::row).toList();
    List<UntidyFile> files = UntidyFile.all();
    List<DynamicTest> tests = new ArrayList<>();
    for (int i = 0; i < files.size(); i++) {
      UntidyFile file = files.get(i);
      String table = "visits_" + i;
      tests.add(
          dynamicTest(
              file.habits(),
              () -> {
                JsonNode upload = bring("Visits " + table + ".csv", file.bytes());
                assertEquals(
                    "done", upload.path("look").path("state").asString(), upload.toString());
                JsonNode taken = takeIn(upload, table);
                assertEquals("uploads." + table, taken.path("table").asString());
                assertEquals(file.expectedAside(), taken.path("aside").asInt());
                // By where they stand on disk: the order in which they came.
                assertEquals(
                    expected,
                    query(
                        "select hut, valley, day, guests, takings from uploads."
                            + table
                            + " order by ctid"));
              }));
    }
    return tests.stream();
  }

  @TestFactory
  Stream<DynamicTest> whatIsNoTableIsRefusedWithWhatToDo() throws java.io.IOException {
    ByteArrayOutputStream packed = new ByteArrayOutputStream();
    try (GZIPOutputStream gzip = new GZIPOutputStream(packed)) {
      gzip.write("a,b\n1,2\n".getBytes(StandardCharsets.UTF_8));
    }
    ByteArrayOutputStream archive = new ByteArrayOutputStream();
    try (java.util.zip.ZipOutputStream zip = new java.util.zip.ZipOutputStream(archive)) {
      zip.putNextEntry(new java.util.zip.ZipEntry("visits.csv"));
      zip.write("a,b\n1,2\n".getBytes(StandardCharsets.UTF_8));
    }
    String open = "Hut,Note\nGannet,fine\nRook,\"never closed\n" + "Sørli,more\n".repeat(200_000);
    return Stream.of(
        refused("nothing in it", new byte[0], "The file is empty."),
        refused(
            "an old workbook",
            new byte[] {
              (byte) 0xd0,
              (byte) 0xcf,
              0x11,
              (byte) 0xe0,
              (byte) 0xa1,
              (byte) 0xb1,
              0x1a,
              (byte) 0xe1,
              0
            },
            "Save it as .xlsx"),
        refused("a packed file", packed.toByteArray(), "Unpack it"),
        refused("an archive", archive.toByteArray(), "no workbook"),
        refused("a damaged workbook", new byte[] {'P', 'K', 3, 4, 5, 6, 7, 8, 9}, "damaged"),
        refused("a PDF", "%PDF-1.7 x".getBytes(StandardCharsets.UTF_8), "This is a PDF"),
        refused("no text", new byte[] {1, 2, 0, 4, 5, 6, 0, 8}, "This is no text file"),
        refused("only separators", ",,,\n,,,\n".getBytes(StandardCharsets.UTF_8), "no cells"),
        refused(
            "a quote that is not closed",
            open.getBytes(StandardCharsets.UTF_8),
            "The row after line 2 cannot be read"));
  }

  private static DynamicTest refused(String what, byte[] bytes, String reason) {
    return dynamicTest(
        what,
        () -> {
          JsonNode upload = bring("file", bytes);
          assertEquals("failed", upload.path("look").path("state").asString());
          String message = upload.path("look").path("message").asString();
          assertTrue(message.contains(reason), message);
          assertEquals("look-not-done", type(makeTable(upload, Map.of("replace", false))));
        });
  }

  private static String type(Reply reply) {
    return reply.json().path("type").asString().replaceAll("^.*:", "");
  }

  @Test
  void whatWasChangedIsListedBeforeAnythingIsDone() throws SQLException {
    JsonNode upload =
        bring("Listed.csv", "Season;Größe\n2024;1.234\n2025;2.500\n2023;-\n2022;7.000\n");
    JsonNode found = upload.path("found");
    List<String> changes = new ArrayList<>();
    found.path("notes").forEach(c -> changes.add(c.path("text").asString()));
    assertTrue(
        changes.contains("the file is read as UTF-8 with semicolons between cells"),
        changes.toString());
    assertTrue(changes.contains("is called \"Größe\" in the file"), changes.toString());
    assertTrue(
        changes.contains(
            "has numbers like \"1.234\" in line 2, read with a decimal comma because semicolons"
                + " stand between cells; check it"),
        changes.toString());
    assertEquals("1234", found.path("firstRows").path(0).path(1).asString());
    assertTrue(upload.path("table").isNull());
    assertEquals(
        List.of(),
        query("select 1 from pg_class where relname = 'listed'"),
        "nothing is made before the author says so");
  }

  @Test
  void whatCanBeReadInTwoWaysIsAskedAndTheAuthorsWordCounts() throws SQLException {
    JsonNode upload = bring("Tides.csv", "Day,Level\n03/04/2025,12\n05/06/2025,14\n");
    assertEquals("file-not-settled", type(makeTable(upload, Map.of("replace", false))));
    List<Map<String, Object>> columns = new ArrayList<>();
    for (JsonNode column : upload.path("found").path("form").path("columns")) {
      Map<String, Object> said = new java.util.HashMap<>();
      said.put("index", column.path("index").asInt());
      said.put("header", column.path("header").asString());
      said.put("name", column.path("index").asInt() == 0 ? "measured_on" : "level");
      said.put("kind", column.path("kind").asString());
      said.put("mark", "POINT");
      said.put("order", "MONTH_FIRST");
      said.put("percent", false);
      said.put("kept", true);
      columns.add(said);
    }
    Reply again =
        mira.put(
            "/api/uploads/" + upload.path("id").asString() + "/reading",
            Map.of("columns", columns));
    assertEquals(202, again.status(), again.text());
    takeIn(looked(upload), "tides");
    assertEquals(
        List.of(List.of("2025-03-04", "12"), List.of("2025-05-06", "14")),
        query("select measured_on, level from uploads.tides order by 1"));
  }

  @Test
  void rowsPutAsideAreKeptWithLineAndReasonAndTheReaderDoesNotSeeThem() throws SQLException {
    StringBuilder text = new StringBuilder("Hut,Guests\n");
    for (int i = 0; i < 30; i++) {
      text.append("Hut ").append(i).append(',').append(i).append('\n');
    }
    JsonNode taken = takeIn(bring("Aside.csv", text + "\"Odd, hut\",a \\ few\n"), "aside_test");
    assertEquals(30, taken.path("rows").asInt());
    assertEquals(1, taken.path("aside").asInt());
    String csv = mira.get("/api/uploads/" + taken.path("id").asString() + "/aside").text();
    assertEquals(
        "line,reason\n32,\"guests: \"\"a \\ few\"\" is no number\",\"Odd, hut\",a \\ few\n",
        csv.replace("\r\n", "\n"));
    assertEquals(
        List.of(List.of("t", "f")),
        query(
            "select has_table_privilege('"
                + RunningService.READER
                + "', 'uploads.aside_test', 'select'), has_table_privilege('"
                + RunningService.READER
                + "', 'uploads.aside_test_aside', 'select')"));
  }

  @Test
  void aTableIsReplacedOnlyWhenThatIsSaidAndOnlyOneOfAFile() throws SQLException {
    takeIn(bring("Twice.csv", "a,b\n1,2\n3,4\n"), "twice");
    JsonNode second = bring("Twice.csv", "a,b\n5,6\n7,8\n");
    Reply refused = makeTable(second, Map.of("table", "twice", "replace", false));
    assertEquals(202, refused.status());
    JsonNode failed = mira.done("/api/uploads/" + second.path("id").asString(), "intake");
    assertTrue(
        failed.path("intake").path("message").asString().contains("already"), failed.toString());
    assertEquals(List.of(List.of("4")), query("select sum(a) from uploads.twice"));
    assertEquals(
        "not-an-upload",
        type(makeTable(second, Map.of("table", "somebody_elses", "replace", true))));
    assertEquals(202, makeTable(second, Map.of("table", "twice", "replace", true)).status());
    mira.done("/api/uploads/" + second.path("id").asString(), "intake");
    assertEquals(List.of(List.of("12")), query("select sum(a) from uploads.twice"));
    assertEquals(
        204, mira.delete("/api/uploads/" + second.path("id").asString() + "?table=true").status());
    assertEquals(List.of(), query("select 1 from pg_class where relname = 'twice'"));
  }

  @Test
  void whatAnAuthorBroughtIsSurveyedWithTheRest() {
    takeIn(bring("Hut targets.csv", "Hut,Target\nGannet,100\nRook,200\n"), "hut_targets");
    Reply started =
        mira.post("/api/sources/ledger/surveys", Map.of("tables", List.of("uploads.hut_targets")));
    JsonNode survey = mira.done("/api/surveys/" + started.json().path("id").asString());
    JsonNode table = survey.path("survey").path("tables").path(0);
    assertEquals("hut_targets", table.path("name").asString(), survey.toString());
    assertEquals(2, table.path("rows").asInt());
    assertEquals(
        "From the file Hut targets.csv, brought by mira.", table.path("comment").asString());
  }

  @Test
  void onlyAuthorsBringFilesAndOnlyStewardsLetThemIn() {
    assertEquals(
        403,
        Caller.withToken("tobin")
            .bring("/api/sources/ledger/uploads?file=x.csv", new byte[] {'a'})
            .status());
    Map<String, String> role = Map.of("userName", "x", "password", "y");
    assertEquals(403, mira.put("/api/sources/ledger/uploads-role", role).status());
    assertEquals(
        404, mira.bring("/api/sources/nowhere/uploads?file=x.csv", new byte[] {'a'}).status());
  }

  @Test
  void aSheetIsChosenAndAWrongOneNamed() {
    byte[] workbook =
        UntidyFile.all().stream()
            .filter(f -> f.habits().contains("empty sheet first"))
            .findFirst()
            .orElseThrow()
            .bytes();
    JsonNode upload = bring("Sheets.xlsx", workbook);
    assertNotNull(upload.path("found").path("opening").path("sheet").asString());
    assertEquals("Visits", upload.path("found").path("opening").path("sheet").asString());
    mira.put("/api/uploads/" + upload.path("id").asString() + "/reading", Map.of("sheet", "Nix"));
    JsonNode again = looked(upload);
    assertEquals(
        "There is no sheet \"Nix\". There are: Notes, Visits.",
        again.path("look").path("message").asString());
  }
}
