package org.ropebridge.cli;

import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import picocli.CommandLine.Command;
import picocli.CommandLine.Help.Ansi;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import tools.jackson.databind.JsonNode;

/** Models. */
@Command(
    name = "model",
    description = "Draft, check, rehearse, publish and look at models.",
    mixinStandardHelpOptions = true,
    synopsisSubcommandLabel = "COMMAND",
    subcommands = {
      ModelDraft.class,
      ModelPull.class,
      ModelPush.class,
      ModelDiff.class,
      ModelRehearse.class,
      ModelPublish.class,
      ModelEditions.class,
      ModelBack.class,
      ModelWords.class,
      ModelMetric.class,
      ModelCorrect.class,
      ModelHealth.class
    },
    footer = {
      "%nFrom a warehouse to an edition:",
      "  ropebridge model draft ledger --model huts model/",
      "  ropebridge model check model/ && ropebridge model rehearse model/",
      "  ropebridge model publish model/ --note \"first\""
    })
final class ModelCommand {
  static final String FOLDER = "Folder with model.yaml.";
  static final String REPORT = "Also write a report in JUnit's XML form.";
  @Spec private CommandSpec spec;

  @Command(
      name = "check",
      description = "Check a model's folder; nothing is kept.",
      mixinStandardHelpOptions = true)
  int check(
      @Parameters(paramLabel = "DIR", description = FOLDER) Path dir,
      @Option(names = "--report", paramLabel = "FILE", description = REPORT) Path report) {
    JsonNode checked =
        Rest.signedIn().post("/api/models/check", Map.of("files", new ModelFolder(dir).files()));
    print(dir, checked.path("faults"));
    if (report != null) {
      report(dir, checked.path("faults"), report);
    }
    boolean publishable = checked.path("publishable").asBoolean();
    out().println(summary(checked.path("faults"), publishable));
    return publishable ? Exit.OK : Exit.REFUSED;
  }

  /** Each file is a case; its errors are what failed. */
  private static void report(Path dir, JsonNode faults, Path file) {
    JUnitReport report = new JUnitReport("model check");
    for (String name : new ModelFolder(dir).files().keySet()) {
      StringBuilder errors = new StringBuilder();
      StringBuilder warnings = new StringBuilder();
      for (JsonNode fault : faults) {
        if (fault.path("file").asString().equals(name)) {
          boolean error = fault.path("severity").asString().equals("error");
          (error ? errors : warnings)
              .append(fault.path("line").asInt())
              .append(": ")
              .append(fault.path("message").asString())
              .append('\n');
        }
      }
      report.add(name, errors.toString().strip(), warnings.toString().strip());
    }
    report.write(file);
  }

  @Command(
      name = "discard",
      description = "Throw the draft of a model away; its editions stay.",
      mixinStandardHelpOptions = true)
  int discard(@Parameters(paramLabel = "NAME") String name) {
    Rest.signedIn().delete("/api/models/" + name + "/draft");
    out().println("The draft of " + name + " is gone; what was published stays.");
    return Exit.OK;
  }

  @Command(name = "list", description = "List models.", mixinStandardHelpOptions = true)
  int list() {
    List<List<String>> rows = new ArrayList<>();
    for (JsonNode model : Rest.signedIn().get("/api/models")) {
      rows.add(
          List.of(
              model.path("name").asString(),
              Integer.toString(model.path("edition").asInt()),
              model.path("title").asString()));
    }
    TextTable.print(out(), List.of("name", "edition", "title"), List.of(1), rows);
    return Exit.OK;
  }

  @Command(
      name = "show",
      description = "Explain a model: its metrics, tables and first questions.",
      mixinStandardHelpOptions = true)
  int show(@Parameters(paramLabel = "NAME", arity = "0..1") String name) {
    Rest rest = Rest.signedIn();
    JsonNode model = rest.get("/api/models/" + Models.choose(rest, name));
    PrintWriter out = out();
    out.println(
        model.path("title").asString()
            + " ("
            + model.path("name").asString()
            + ", edition "
            + model.path("edition").asInt()
            + ")");
    out.println(model.path("about").asString());
    out.println();
    List<List<String>> metrics = new ArrayList<>();
    for (JsonNode metric : model.path("metrics")) {
      metrics.add(
          List.of(
              metric.path("label").asString(),
              metric.path("unit").asString(),
              joined(metric.path("alsoCalled"))));
    }
    TextTable.print(out, List.of("metric", "unit", "also called"), List.of(), metrics);
    for (JsonNode table : model.path("tables")) {
      out.println();
      out.println(table.path("rows").asString() + ": " + table.path("about").asString());
      List<String> columns = new ArrayList<>();
      table.path("columns").forEach(c -> columns.add(c.path("label").asString()));
      out.println("  " + String.join(", ", columns));
    }
    out.println();
    out.println("Begin with:");
    model.path("starters").forEach(s -> out.println("  " + s.path("ask").asString()));
    return Exit.OK;
  }

  private static String joined(JsonNode texts) {
    List<String> all = new ArrayList<>();
    texts.forEach(t -> all.add(t.asString()));
    return String.join(", ", all);
  }

  private void print(Path dir, JsonNode faults) {
    for (JsonNode fault : faults) {
      printFault(
          dir,
          fault.path("file").asString(),
          fault.path("line").asInt(),
          fault.path("column").asInt(),
          fault.path("severity").asString(),
          fault);
    }
  }

  private void printFault(
      Path dir, String file, int line, int column, String severity, JsonNode fault) {
    boolean color = System.getenv("NO_COLOR") == null && Ansi.AUTO.enabled();
    String marked =
        color
            ? (severity.equals("error") ? "\u001b[31m" : "\u001b[33m") + severity + "\u001b[0m"
            : severity;
    out()
        .println(
            dir.resolve(file)
                + ":"
                + line
                + ":"
                + column
                + ": "
                + marked
                + ": "
                + fault.path("message").asString());
    String suggestion = fault.path("suggestion").asString();
    if (!suggestion.isEmpty()) {
      out().println("    " + suggestion);
    }
  }

  private static String summary(JsonNode faults, boolean publishable) {
    long errors = 0;
    for (JsonNode fault : faults) {
      errors += fault.path("severity").asString().equals("error") ? 1 : 0;
    }
    long warnings = faults.size() - errors;
    return count(errors, "fault")
        + ", "
        + count(warnings, "warning")
        + (publishable ? ". It can be published." : ". It cannot be published.");
  }

  private static String count(long n, String noun) {
    return (n == 0 ? "no" : Long.toString(n)) + " " + noun + (n == 1 ? "" : "s");
  }

  private PrintWriter out() {
    return spec.commandLine().getOut();
  }
}
