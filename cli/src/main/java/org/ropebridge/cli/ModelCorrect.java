package org.ropebridge.cli;

import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.Map;
import java.util.concurrent.Callable;
import picocli.CommandLine.ArgGroup;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import tools.jackson.databind.JsonNode;

/** Says what a question should have meant. */
@Command(
    name = "correct",
    description = "Say what a question should have meant, and see what that changes.",
    mixinStandardHelpOptions = true,
    footer = {
      "%nExample:",
      "  ropebridge model correct huts \"how full were we\" --means \"occupancy last month\" --keep"
    })
final class ModelCorrect implements Callable<Integer> {
  @Spec private CommandSpec spec;

  @Parameters(index = "0", paramLabel = "MODEL")
  private String model;

  @Parameters(index = "1", paramLabel = "QUESTION")
  private String question;

  @ArgGroup(multiplicity = "1")
  private Meant meant;

  @Option(
      names = "--slot",
      paramLabel = "NAME=TABLE.COLUMN",
      description = "Where a named value of the SQL comes from; may be given again.")
  private Map<String, String> slots;

  @Option(names = "--keep", description = "Put it into the draft as an agreed sample question.")
  private boolean keep;

  /** The two ways to say it. */
  static final class Meant {
    @Option(names = "--means", paramLabel = "WORDS", description = "In the model's words.")
    private String means;

    @Option(names = "--sql", paramLabel = "FILE", description = "A file with one SELECT.")
    private Path sql;
  }

  @Override
  public Integer call() {
    Rest rest = Rest.signedIn();
    String draft = "/api/models/" + model + "/draft";
    long revision = rest.get(draft).path("revision").asLong();
    JsonNode seen = rest.post(draft + "/correction", body());
    PrintWriter out = spec.commandLine().getOut();
    boolean sound = true;
    for (JsonNode fault : seen.path("faults")) {
      sound &= !fault.path("severity").asString().equals("error");
      out.println(fault.path("severity").asString() + ": " + fault.path("message").asString());
    }
    if (!sound) {
      return Exit.REFUSED;
    }
    new AnswerPrinter(out, out).print(seen.path("answer"), AnswerPrinter.Form.table);
    out.println();
    for (JsonNode other : seen.path("others")) {
      out.println(
          "Also read otherwise: "
              + other.path("question").asString()
              + "\n    was "
              + other.path("before").asString()
              + "\n    is  "
              + other.path("after").asString());
    }
    if (seen.path("others").isEmpty()) {
      out.println("No sample question, and no question that you asked before, is read otherwise.");
    }
    if (keep) {
      JsonNode kept = rest.patch(draft, Map.of("revision", revision, "edits", seen.path("edits")));
      out.println("The draft is at revision " + kept.path("revision").asLong() + ".");
    }
    return Exit.OK;
  }

  private Map<String, Object> body() {
    Map<String, Object> body = new HashMap<>();
    body.put("question", question);
    if (meant.means != null) {
      body.put("means", meant.means);
      return body;
    }
    try {
      body.put("sql", Files.readString(meant.sql));
    } catch (IOException e) {
      throw new ClientException(Exit.USAGE, "Cannot read " + meant.sql + ".");
    }
    if (slots != null) {
      body.put("slots", slots);
    }
    return body;
  }
}
