package org.ropebridge.cli;

import java.io.IOException;
import java.io.PrintWriter;
import java.nio.charset.MalformedInputException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Stream;
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
    description = "Check, publish and look at models.",
    mixinStandardHelpOptions = true,
    synopsisSubcommandLabel = "COMMAND")
final class ModelCommand {
  private static final long LARGEST_FILE = 4_000_000;
  @Spec private CommandSpec spec;

  @Command(
      name = "check",
      description = "Check a model's folder; nothing is kept.",
      mixinStandardHelpOptions = true)
  int check(@Parameters(paramLabel = "DIR", description = "Folder with model.yaml.") Path dir) {
    JsonNode checked = Rest.signedIn().post("/api/models/check", Map.of("files", files(dir)));
    print(dir, checked.path("faults"));
    boolean publishable = checked.path("publishable").asBoolean();
    out().println(summary(checked.path("faults"), publishable));
    return publishable ? Exit.OK : Exit.REFUSED;
  }

  @Command(
      name = "publish",
      description = "Publish a model's folder as its next edition.",
      mixinStandardHelpOptions = true)
  int publish(
      @Parameters(paramLabel = "DIR", description = "Folder with model.yaml.") Path dir,
      @Option(names = "--note", defaultValue = "", description = "What changed.") String note) {
    try {
      JsonNode published =
          Rest.signedIn().post("/api/models", Map.of("files", files(dir), "note", note));
      print(dir, published.path("warnings"));
      out()
          .println(
              "Published "
                  + published.path("model").asString()
                  + ", edition "
                  + published.path("edition").asInt()
                  + ".");
      return Exit.OK;
    } catch (Rest.Refusal refusal) {
      if (!refusal.problem().has("faults")) {
        throw refusal;
      }
      JsonNode faults = refusal.problem().path("faults");
      for (JsonNode fault : faults) {
        JsonNode place = fault.path("place");
        printFault(
            dir,
            place.path("file").asString(),
            place.path("line").asInt(),
            place.path("column").asInt(),
            fault.path("severity").asString().toLowerCase(java.util.Locale.ROOT),
            fault);
      }
      throw new ClientException(Exit.REFUSED, refusal.getMessage());
    }
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

  /** The text of every model file below the folder. */
  private static Map<String, String> files(Path dir) {
    if (!Files.isDirectory(dir)) {
      throw new ClientException(Exit.USAGE, dir + " is not a folder.");
    }
    Map<String, String> files = new TreeMap<>();
    try (Stream<Path> paths = Files.walk(dir, 3)) {
      for (Path path : (Iterable<Path>) paths.filter(Files::isRegularFile)::iterator) {
        String name = dir.relativize(path).toString().replace('\\', '/');
        boolean part = name.endsWith(".yaml") || name.endsWith(".yml") || name.endsWith(".ics");
        if (part && !name.startsWith(".")) {
          if (Files.size(path) > LARGEST_FILE) {
            throw new ClientException(
                Exit.USAGE, path + " is larger than 4 MB; is it a model file?");
          }
          files.put(name, Files.readString(path));
        }
      }
    } catch (MalformedInputException e) {
      throw new ClientException(Exit.FAILED, "A file in " + dir + " is not UTF-8 text.");
    } catch (IOException e) {
      throw new ClientException(Exit.FAILED, "Cannot read " + dir + ": " + e.getMessage());
    }
    if (!files.containsKey("model.yaml")) {
      throw new ClientException(
          Exit.USAGE, dir + " has no model.yaml; name the folder of a model.");
    }
    return files;
  }

  private PrintWriter out() {
    return spec.commandLine().getOut();
  }
}
