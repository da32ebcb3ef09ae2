package org.ropebridge.cli;

import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import tools.jackson.databind.JsonNode;

/** Tells what a draft would change for askers. */
@Command(
    name = "diff",
    description =
        "Say what publishing a folder would change for askers. The folder becomes the draft.",
    mixinStandardHelpOptions = true)
final class ModelDiff implements Callable<Integer> {
  @Spec private CommandSpec spec;

  @Parameters(paramLabel = "DIR", description = ModelCommand.FOLDER)
  private Path dir;

  @Override
  public Integer call() {
    Rest rest = Rest.signedIn();
    ModelFolder folder = new ModelFolder(dir);
    ModelPush.push(rest, folder, false);
    print(rest.get("/api/models/" + folder.model() + "/draft/changes"), spec);
    return Exit.OK;
  }

  /** Prints changes, one a line. */
  static void print(JsonNode changes, CommandSpec spec) {
    PrintWriter out = spec.commandLine().getOut();
    for (JsonNode change : changes) {
      String mark =
          switch (change.path("kind").asString()) {
            case "ADDED" -> "+ ";
            case "REMOVED" -> "- ";
            default -> "~ ";
          };
      out.println(mark + change.path("words").asString());
    }
    if (changes.isEmpty()) {
      out.println("Nothing changes for askers.");
    }
  }
}
