package org.ropebridge.cli;

import java.io.PrintWriter;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import tools.jackson.databind.JsonNode;

/** Looks at a warehouse. */
@Command(
    name = "survey",
    description = "Look at the tables of a source: rows, keys, pointers, and what is untidy.",
    mixinStandardHelpOptions = true)
final class SourceSurvey implements Callable<Integer> {
  @Spec private CommandSpec spec;

  @Parameters(paramLabel = "SOURCE")
  private String source;

  @Option(names = "--schema", description = "Only tables of this schema; may be given again.")
  private List<String> schemas;

  @Option(names = "--table", description = "Only schema.table; may be given again.")
  private List<String> tables;

  @Option(names = "--as", defaultValue = "table", description = "table or json.")
  private String form;

  @Override
  public Integer call() {
    if (!form.equals("table") && !form.equals("json")) {
      throw new ClientException(Exit.USAGE, "--as is table or json.");
    }
    JsonNode survey = survey(Rest.signedIn(), source, schemas, tables, spec).path("survey");
    PrintWriter out = spec.commandLine().getOut();
    if (form.equals("json")) {
      out.println(Rest.JSON.writerWithDefaultPrettyPrinter().writeValueAsString(survey));
      return Exit.OK;
    }
    List<List<String>> rows = new ArrayList<>();
    for (JsonNode table : survey.path("tables")) {
      rows.add(
          List.of(
              path(table),
              (table.path("estimated").asBoolean() ? "~" : "")
                  + String.format(Locale.ENGLISH, "%,d", table.path("rows").asLong()),
              Integer.toString(table.path("columns").size()),
              key(table),
              pointers(survey, path(table))));
    }
    TextTable.print(
        out, List.of("table", "rows", "columns", "key", "points at"), List.of(1, 2), rows);
    out.println();
    survey.path("tables").forEach(t -> remarks(t, out));
    return Exit.OK;
  }

  /** Surveys a source and waits for it. */
  static JsonNode survey(
      Rest rest, String source, List<String> schemas, List<String> tables, CommandSpec spec) {
    Map<String, Object> choice = new HashMap<>();
    if (schemas != null) {
      choice.put("schemas", schemas);
    }
    if (tables != null) {
      choice.put("tables", tables);
    }
    JsonNode started = rest.post("/api/sources/" + source + "/surveys", choice);
    return Job.wait(
        rest, "/api/surveys/" + started.path("id").asString(), spec.commandLine().getErr());
  }

  private static String path(JsonNode table) {
    return table.path("schema").asString() + "." + table.path("name").asString();
  }

  private static String key(JsonNode table) {
    JsonNode key = table.path("keys").path(0);
    List<String> columns = new ArrayList<>();
    key.path("columns").forEach(c -> columns.add(c.asString()));
    return columns.isEmpty()
        ? "none found"
        : String.join(", ", columns)
            + " ("
            + key.path("proof").asString().toLowerCase(Locale.ROOT).replace('_', ' ')
            + ")";
  }

  private static String pointers(JsonNode survey, String table) {
    List<String> pointers = new ArrayList<>();
    for (JsonNode pointer : survey.path("pointers")) {
      if (pointer.path("table").asString().equals(table)) {
        String to = pointer.path("to").asString();
        pointers.add(to.substring(to.indexOf('.') + 1));
      }
    }
    return String.join(", ", pointers);
  }

  private static void remarks(JsonNode table, PrintWriter out) {
    for (JsonNode column : table.path("columns")) {
      List<String> remarks = new ArrayList<>();
      column
          .path("remarks")
          .forEach(r -> remarks.add(r.asString().toLowerCase(Locale.ROOT).replace('_', ' ')));
      if (!remarks.isEmpty()) {
        out.println(
            path(table) + "." + column.path("name").asString() + ": " + String.join(", ", remarks));
      }
    }
    table
        .path("untold")
        .forEach(u -> out.println(path(table) + ": not looked at: " + u.asString()));
  }
}
