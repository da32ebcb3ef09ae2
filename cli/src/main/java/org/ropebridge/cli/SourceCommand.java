package org.ropebridge.cli;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import tools.jackson.databind.JsonNode;

/** Warehouses. */
@Command(
    name = "source",
    description = "Warehouses that models read from.",
    mixinStandardHelpOptions = true,
    synopsisSubcommandLabel = "COMMAND",
    subcommands = {SourceSurvey.class, SourceUpload.class})
final class SourceCommand {
  @Spec private CommandSpec spec;

  @Command(
      name = "add",
      description =
          "Add a source, or change where it is. The password is read from standard input.",
      mixinStandardHelpOptions = true,
      footer =
          "%nExample: ropebridge source add ledger --url jdbc:postgresql://127.0.0.1:5432/warehouse"
              + " --user warehouse_reader")
  int add(
      @Parameters(paramLabel = "NAME", description = "Name that models use.") String name,
      @Option(names = "--url", required = true, description = "JDBC address.") String url,
      @Option(names = "--user", required = true, description = "Role that may only read.")
          String user,
      @Option(
              names = "--kind",
              defaultValue = "postgresql",
              description = "Default: ${DEFAULT-VALUE}.")
          String kind)
      throws IOException {
    Rest rest = Rest.signedIn();
    rest.put(
        "/api/sources/" + name,
        Map.of("kind", kind, "url", url, "userName", user, "password", password(user)));
    out().println("Kept. Try it with: ropebridge source test " + name);
    return Exit.OK;
  }

  private static String password(String user) throws IOException {
    String password =
        System.console() != null
            ? new String(System.console().readPassword("Password of " + user + ": "))
            : new BufferedReader(new InputStreamReader(System.in, StandardCharsets.UTF_8))
                .readLine();
    return password == null ? "" : password;
  }

  @Command(
      name = "uploads",
      description = {
        "List the files that authors brought to a source.",
        "With --user a steward lets files in, by a role that may make tables in the schema; its"
            + " password is read from standard input."
      },
      mixinStandardHelpOptions = true,
      footer = "%nExample: ropebridge source uploads ledger --user warehouse_uploads")
  int uploads(
      @Parameters(paramLabel = "NAME") String name,
      @Option(names = "--user", description = "Role that may make tables.") String user,
      @Option(
              names = "--schema",
              defaultValue = "uploads",
              description = "Where it makes them. Default: ${DEFAULT-VALUE}.")
          String schema,
      @Option(names = "--drop", paramLabel = "TABLE", description = "Drop the table of a file.")
          String table)
      throws IOException {
    Rest rest = Rest.signedIn();
    if (table != null) {
      return drop(rest, name, table);
    }
    if (user != null) {
      rest.put(
          "/api/sources/" + name + "/uploads-role",
          Map.of("userName", user, "password", password(user), "schema", schema));
      out().println("Kept. Bring a file with: ropebridge source upload " + name + " FILE");
      return Exit.OK;
    }
    List<List<String>> rows = new ArrayList<>();
    for (JsonNode upload : rest.get("/api/sources/" + name + "/uploads")) {
      rows.add(
          List.of(
              upload.path("table").asString("not a table yet"),
              SourceUpload.count(upload.path("rows")),
              SourceUpload.count(upload.path("aside")),
              upload.path("fileName").asString(),
              upload.path("broughtBy").asString(),
              upload.path("createdAt").asString().substring(0, 10)));
    }
    TextTable.print(
        out(), List.of("table", "rows", "put aside", "file", "by", "on"), List.of(1, 2), rows);
    return Exit.OK;
  }

  private int drop(Rest rest, String name, String table) {
    for (JsonNode upload : rest.get("/api/sources/" + name + "/uploads")) {
      String path = upload.path("table").asString("");
      if (path.equals(table) || path.endsWith("." + table)) {
        rest.delete("/api/uploads/" + upload.path("id").asString() + "?table=true");
        out().println("Dropped " + path + ".");
        return Exit.OK;
      }
    }
    throw new ClientException(
        Exit.USAGE,
        "No file became a table \""
            + table
            + "\". List them with: ropebridge source uploads "
            + name);
  }

  @Command(name = "list", description = "List sources.", mixinStandardHelpOptions = true)
  int list() {
    List<List<String>> rows = new ArrayList<>();
    for (JsonNode source : Rest.signedIn().get("/api/sources")) {
      rows.add(
          List.of(
              source.path("name").asString(),
              source.path("kind").asString(),
              source.path("userName").asString(),
              source.path("url").asString()));
    }
    TextTable.print(out(), List.of("name", "kind", "user", "url"), List.of(), rows);
    return Exit.OK;
  }

  @Command(name = "test", description = "Try to connect.", mixinStandardHelpOptions = true)
  int test(@Parameters(paramLabel = "NAME") String name) {
    JsonNode tried = Rest.signedIn().post("/api/sources/" + name + "/test", Map.of());
    out().println(tried.path("message").asString());
    return tried.path("reachable").asBoolean() ? Exit.OK : Exit.FAILED;
  }

  private PrintWriter out() {
    return spec.commandLine().getOut();
  }
}
