package org.ropebridge.cli;

import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import tools.jackson.databind.JsonNode;

/** Plays the sample questions of a folder. */
@Command(
    name = "rehearse",
    description =
        "Answer all sample questions by a folder's files and by the newest edition, and compare.",
    mixinStandardHelpOptions = true,
    footer = "%nExit code 3 when a question is broken, so that a pipeline stops.")
final class ModelRehearse implements Callable<Integer> {
  @Spec private CommandSpec spec;

  @Parameters(paramLabel = "DIR", description = ModelCommand.FOLDER)
  private Path dir;

  @Option(names = "--report", paramLabel = "FILE", description = ModelCommand.REPORT)
  private Path report;

  @Override
  public Integer call() {
    Rest rest = Rest.signedIn();
    ModelFolder folder = new ModelFolder(dir);
    ModelPush.push(rest, folder, false);
    JsonNode rehearsal = rehearse(rest, folder.model(), spec);
    print(rehearsal, spec);
    if (report != null) {
      report(rehearsal, folder.model());
    }
    return rehearsal.path("broken").asInt() == 0 ? Exit.OK : Exit.REFUSED;
  }

  /** Rehearses the draft as it stands. */
  static JsonNode rehearse(Rest rest, String model, CommandSpec spec) {
    JsonNode started = rest.post("/api/models/" + model + "/rehearsals", Map.of());
    String id = started.path("job").path("id").asString();
    return Job.wait(rest, "/api/rehearsals/" + id, spec.commandLine().getErr());
  }

  /** Prints what is not as before, and the counts of all. */
  static void print(JsonNode rehearsal, CommandSpec spec) {
    PrintWriter out = spec.commandLine().getOut();
    Map<String, Integer> counts = new TreeMap<>();
    for (JsonNode question : rehearsal.path("questions")) {
      String outcome = question.path("outcome").asString().toLowerCase(Locale.ROOT);
      counts.merge(outcome, 1, Integer::sum);
      if (outcome.equals("same")) {
        continue;
      }
      out.println(outcome + ": " + question.path("ask").asString());
      String why = question.path("why").asString();
      if (!why.isEmpty()) {
        out.println("    " + why);
      } else if (!question.path("differs").isEmpty()) {
        out.println("    " + differs(question));
      }
    }
    List<String> all = new ArrayList<>();
    counts.forEach((outcome, n) -> all.add(n + " " + outcome));
    out.println(
        all.isEmpty() ? "The model has no sample questions." : String.join(", ", all) + ".");
  }

  private static String differs(JsonNode question) {
    List<String> names = new ArrayList<>();
    for (JsonNode part : question.path("differs")) {
      String name = part.asString();
      names.add("other " + (name.equals("SQL") ? name : name.toLowerCase(Locale.ROOT)));
    }
    String differs = String.join(", ", names);
    boolean otherMeaning = names.contains("other meaning");
    return otherMeaning
        ? differs
            + ": was \""
            + question.path("before").asString()
            + "\", is \""
            + question.path("after").asString()
            + "\""
        : differs;
  }

  private void report(JsonNode rehearsal, String model) {
    JUnitReport written = new JUnitReport("rehearsal of " + model);
    for (JsonNode question : rehearsal.path("questions")) {
      boolean changed = question.path("outcome").asString().equals("CHANGED");
      written.add(
          question.path("ask").asString(),
          question.path("why").asString(),
          changed ? differs(question) : "");
    }
    written.write(report);
  }
}
