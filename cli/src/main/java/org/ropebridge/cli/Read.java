package org.ropebridge.cli;

import java.util.Map;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import tools.jackson.databind.JsonNode;

/** Reads a question without computing it. */
@Command(
    name = "read",
    description = "Show how a question is read, word by word, without computing it.",
    mixinStandardHelpOptions = true,
    footer = "%nExample: ropebridge read \"stays in Ossel that were not cancelled\" --explain")
final class Read implements Callable<Integer> {
  @Spec private CommandSpec spec;

  @Parameters(paramLabel = "QUESTION", description = "In plain words.")
  private String question;

  @Option(names = "--model", paramLabel = "NAME", description = "Default: the only one.")
  private String model;

  @Option(names = "--explain", description = "Show what was considered, and what lost.")
  private boolean explain;

  @Override
  public Integer call() {
    Rest rest = Rest.signedIn();
    JsonNode answer =
        rest.post(
            "/api/models/" + Models.choose(rest, model) + "/read",
            Map.of("question", question, "explain", explain));
    return new AnswerPrinter(spec.commandLine().getOut(), spec.commandLine().getErr())
        .printReading(answer, explain);
  }
}
