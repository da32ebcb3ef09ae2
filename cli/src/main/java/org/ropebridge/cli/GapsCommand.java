package org.ropebridge.cli;

import java.io.PrintWriter;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;
import tools.jackson.databind.JsonNode;

/** What people asked about a model and did not get. */
@Command(
    name = "gaps",
    description = {
      "List what people asked about a model and did not get, one line for each cause.",
      "For authors. Gaps are mended in the console, or in the draft by hand."
    },
    mixinStandardHelpOptions = true,
    footer = "%nExample: ropebridge gaps --model huts --state mended")
final class GapsCommand implements Callable<Integer> {
  private static final List<String> STATES =
      List.of("open", "mended", "put_off", "not_in_data", "left");

  @Spec private CommandSpec spec;

  @Option(names = "--model", paramLabel = "NAME", description = "Default: the only one.")
  private String model;

  @Option(
      names = "--state",
      paramLabel = "STATE",
      defaultValue = "open",
      description = "open, mended, put_off, not_in_data or left. Default: ${DEFAULT-VALUE}.")
  private String state;

  @Override
  public Integer call() {
    if (!STATES.contains(state)) {
      throw new ClientException(Exit.USAGE, "--state is one of " + String.join(", ", STATES) + ".");
    }
    Rest rest = Rest.signedIn();
    PrintWriter out = spec.commandLine().getOut();
    List<List<String>> rows = new ArrayList<>();
    for (JsonNode gap : rest.get("/api/models/" + Models.choose(rest, model) + "/gaps")) {
      if (gap.path("state").asString().equals(state)) {
        rows.add(
            List.of(
                Integer.toString(gap.path("people").asInt()),
                Integer.toString(gap.path("questions").asInt()),
                gap.path("kind").asString().replace('_', ' '),
                gap.path("words").asString(),
                gap.path("examples").path(0).path("question").asString()));
      }
    }
    if (rows.isEmpty()) {
      out.println("There is none in this state.");
      return Exit.OK;
    }
    TextTable.print(
        out, List.of("people", "questions", "kind", "cause", "for example"), List.of(0, 1), rows);
    return Exit.OK;
  }
}
