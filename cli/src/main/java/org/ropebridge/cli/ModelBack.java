package org.ropebridge.cli;

import java.io.PrintWriter;
import java.util.Map;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import tools.jackson.databind.JsonNode;

/** Goes back to an edition. */
@Command(
    name = "back",
    description = "Go back to an edition: its files become the next edition, and the draft.",
    mixinStandardHelpOptions = true)
final class ModelBack implements Callable<Integer> {
  @Spec private CommandSpec spec;

  @Parameters(index = "0", paramLabel = "MODEL")
  private String model;

  @Parameters(index = "1", paramLabel = "EDITION")
  private int edition;

  @Override
  public Integer call() {
    JsonNode published =
        Rest.signedIn().post("/api/models/" + model + "/editions/" + edition + "/back", Map.of());
    PrintWriter out = spec.commandLine().getOut();
    out.println(
        "Published "
            + model
            + ", edition "
            + published.path("edition").asInt()
            + ", which says what edition "
            + edition
            + " said.");
    return Exit.OK;
  }
}
