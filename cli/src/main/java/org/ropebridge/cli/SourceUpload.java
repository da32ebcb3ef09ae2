package org.ropebridge.cli;

import java.io.IOException;
import java.io.PrintWriter;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Brings a file to a source: looks at it, and makes a table of it when that is said. */
@Command(
    name = "upload",
    description = {
      "Bring a CSV file or a workbook (.xlsx) to a source.",
      "Without --take-in the file is only looked at, and what would be changed is listed."
    },
    mixinStandardHelpOptions = true,
    footer =
        "%nExample: ropebridge source upload ledger targets.csv --table hut_targets --day-first"
            + " --take-in")
final class SourceUpload implements Callable<Integer> {
  private static final Set<String> KINDS =
      Set.of("text", "whole", "decimal", "day", "moment", "instant", "time", "yes_no");

  @Spec private CommandSpec spec;

  @Parameters(paramLabel = "SOURCE", index = "0")
  private String source;

  @Parameters(paramLabel = "FILE", index = "1")
  private Path file;

  @Option(names = "--take-in", description = "Make the table.")
  private boolean takeIn;

  @Option(
      names = "--table",
      paramLabel = "NAME",
      description = "Name of the table; else named after the file.")
  private String table;

  @Option(names = "--replace", description = "Replace the table of an earlier file.")
  private boolean replace;

  @Option(
      names = "--encoding",
      paramLabel = "NAME",
      description = "Encoding of a text file, such as windows-1252.")
  private String encoding;

  @Option(
      names = "--separator",
      paramLabel = "CHAR",
      description = "What stands between cells; tab for a tab.")
  private String separator;

  @Option(
      names = "--sheet",
      paramLabel = "NAME",
      description = "Sheet of a workbook; else the first with rows.")
  private String sheet;

  @Option(
      names = "--heading",
      paramLabel = "LINE",
      description = "Line of the heading, or none; may be given again.")
  private List<String> heading;

  @Option(
      names = "--column",
      paramLabel = "NAME=KIND",
      description =
          "What a column holds: text, whole, decimal, day, moment, instant, time or yes_no; or no"
              + " to leave it out.")
  private Map<String, String> kinds = Map.of();

  @Option(names = "--rename", paramLabel = "NAME=NEW", description = "Another name for a column.")
  private Map<String, String> names = Map.of();

  @Option(names = "--day-first", description = "03/04/2025 is in April.")
  private boolean dayFirst;

  @Option(names = "--month-first", description = "03/04/2025 is in March.")
  private boolean monthFirst;

  @Option(
      names = "--decimal",
      paramLabel = "MARK",
      description = "What stands before decimals: point or comma.")
  private String decimal;

  @Option(
      names = "--aside",
      paramLabel = "FILE",
      description = "Where the rows that were put aside are written, as CSV.")
  private Path aside;

  @Override
  public Integer call() throws IOException {
    check();
    Rest rest = Rest.signedIn();
    PrintWriter out = spec.commandLine().getOut();
    JsonNode upload =
        rest.upload(
            "/api/sources/"
                + source
                + "/uploads?file="
                + URLEncoder.encode(file.getFileName().toString(), StandardCharsets.UTF_8),
            file);
    String path = "/api/uploads/" + upload.path("id").asString();
    boolean kept = false;
    try {
      JsonNode looked = looked(rest, path);
      printLook(looked.path("found"), out);
      if (!takeIn) {
        out.println();
        out.println("Nothing was done yet. To make the table, say the same with --take-in.");
        return Exit.OK;
      }
      kept = takeIn(rest, path, out);
      return Exit.OK;
    } finally {
      if (!kept) {
        rest.delete(path);
      }
    }
  }

  private void check() {
    if (!Files.isRegularFile(file)) {
      throw new ClientException(Exit.USAGE, "There is no file " + file + ".");
    }
    if (dayFirst && monthFirst) {
      throw new ClientException(Exit.USAGE, "Say --day-first or --month-first, not both.");
    }
    if (decimal != null && !decimal.equals("point") && !decimal.equals("comma")) {
      throw new ClientException(Exit.USAGE, "--decimal is point or comma.");
    }
    kinds.forEach(
        (name, kind) -> {
          if (!KINDS.contains(kind) && !kind.equals("no")) {
            throw new ClientException(
                Exit.USAGE,
                "--column "
                    + name
                    + " is one of "
                    + String.join(", ", KINDS.stream().sorted().toList())
                    + ", or no.");
          }
        });
    if (heading != null) {
      heading.forEach(SourceUpload::checkHeading);
    }
  }

  private static void checkHeading(String line) {
    if (!line.equals("none") && !line.matches("[1-9][0-9]{0,8}")) {
      throw new ClientException(Exit.USAGE, "--heading is the number of a line, or none.");
    }
  }

  private JsonNode looked(Rest rest, String path) {
    PrintWriter progress = spec.commandLine().getErr();
    JsonNode looked = Job.wait(rest, path, "look", progress);
    if (encoding != null || separator != null || sheet != null || heading != null) {
      rest.put(path + "/reading", opening());
      looked = Job.wait(rest, path, "look", progress);
    }
    ArrayNode columns = changed(looked.path("found").path("form").path("columns"));
    if (columns != null) {
      rest.put(path + "/reading", Map.of("columns", columns));
      looked = Job.wait(rest, path, "look", progress);
    }
    return looked;
  }

  private Map<String, Object> opening() {
    Map<String, Object> said = new HashMap<>();
    said.put("encoding", encoding);
    said.put("separator", separator);
    said.put("sheet", sheet);
    said.put(
        "headerLines",
        heading == null
            ? null
            : heading.stream().filter(h -> !h.equals("none")).map(Long::parseLong).toList());
    return said;
  }

  /** The columns as said; null when nothing was said about them. */
  private ArrayNode changed(JsonNode columns) {
    ArrayNode changed = Rest.JSON.createArrayNode();
    boolean any = false;
    List<String> known = new ArrayList<>();
    for (JsonNode column : columns) {
      known.add(column.path("name").asString());
      ObjectNode copy = (ObjectNode) column.deepCopy();
      any |= change(copy);
      changed.add(copy);
    }
    for (String name : union(kinds.keySet(), names.keySet())) {
      if (!known.contains(name)) {
        throw new ClientException(
            Exit.USAGE,
            "There is no column \"" + name + "\". There are: " + String.join(", ", known) + ".");
      }
    }
    return any ? changed : null;
  }

  private static List<String> union(Set<String> one, Set<String> other) {
    List<String> all = new ArrayList<>(one);
    all.addAll(other);
    return all;
  }

  private boolean change(ObjectNode column) {
    boolean any = false;
    String name = column.path("name").asString();
    String kind = kinds.get(name);
    if (kind != null) {
      any = true;
      column.put("kept", !kind.equals("no"));
      if (!kind.equals("no")) {
        column.put("kind", kind.toUpperCase(Locale.ROOT));
      }
    }
    if (names.containsKey(name)) {
      any = true;
      column.put("name", names.get(name));
    }
    String held = column.path("kind").asString();
    if ((dayFirst || monthFirst) && (held.equals("DAY") || held.equals("MOMENT"))) {
      any = true;
      column.put("order", dayFirst ? "DAY_FIRST" : "MONTH_FIRST");
    }
    if (decimal != null && (held.equals("WHOLE") || held.equals("DECIMAL"))) {
      any = true;
      column.put("mark", decimal.toUpperCase(Locale.ROOT));
      column.put("kind", "DECIMAL");
    }
    return any;
  }

  private void printLook(JsonNode found, PrintWriter out) {
    for (JsonNode note : found.path("notes")) {
      String column = note.path("column").asString();
      out.println(
          (note.path("open").asBoolean() ? "? " : "- ")
              + (column.isEmpty() ? "" : column + " ")
              + note.path("text").asString());
    }
    if (found.path("notes").valueStream().anyMatch(n -> n.path("open").asBoolean())) {
      out.println("Say it with --day-first or --month-first, or with --decimal point or comma.");
    }
    out.println();
    List<String> names = new ArrayList<>();
    List<Integer> numbers = new ArrayList<>();
    for (JsonNode column : found.path("form").path("columns")) {
      if (column.path("kept").asBoolean()) {
        String kind = column.path("kind").asString().toLowerCase(Locale.ROOT);
        if (kind.equals("whole") || kind.equals("decimal")) {
          numbers.add(names.size());
        }
        names.add(column.path("name").asString() + " (" + kind + ")");
      }
    }
    List<List<String>> rows = new ArrayList<>();
    for (JsonNode row : found.path("firstRows")) {
      List<String> cells = new ArrayList<>();
      row.forEach(c -> cells.add(c.asString("")));
      rows.add(cells);
    }
    TextTable.print(out, names, numbers, rows);
    if (found.path("rows").asLong() > 0) {
      out.println();
      out.println(
          count(found.path("rows")) + " rows; " + count(found.path("aside")) + " put aside.");
    }
    for (JsonNode row : found.path("firstAside")) {
      out.println("  line " + row.path("line").asLong() + ": " + row.path("reason").asString());
    }
  }

  private boolean takeIn(Rest rest, String path, PrintWriter out) throws IOException {
    Map<String, Object> request = new HashMap<>();
    request.put("table", table);
    request.put("replace", replace);
    rest.post(path + "/table", request);
    JsonNode taken = Job.wait(rest, path, "intake", spec.commandLine().getErr());
    out.println();
    out.println(
        taken.path("table").asString()
            + " has "
            + count(taken.path("rows"))
            + " rows; "
            + count(taken.path("aside"))
            + " were put aside.");
    if (aside != null) {
      Files.write(aside, rest.download(path + "/aside"));
      out.println("They are in " + aside + ".");
    }
    return true;
  }

  static String count(JsonNode number) {
    return String.format(Locale.ENGLISH, "%,d", number.asLong());
  }
}
