package org.ropebridge.cli;

import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import tools.jackson.databind.JsonNode;

/** Makes a folder the draft of its model. */
@Command(
    name = "push",
    description =
        "Make a folder's files the draft. What someone else changed since you pulled is not overwritten.",
    mixinStandardHelpOptions = true)
final class ModelPush implements Callable<Integer> {
  @Spec private CommandSpec spec;

  @Parameters(paramLabel = "DIR", description = ModelCommand.FOLDER)
  private Path dir;

  @Option(names = "--force", description = "Overwrite what someone else changed meanwhile.")
  private boolean force;

  @Override
  public Integer call() {
    JsonNode draft = push(Rest.signedIn(), new ModelFolder(dir), force);
    PrintWriter out = spec.commandLine().getOut();
    int faults = draft.path("faults").size();
    out.println(
        "The draft of "
            + draft.path("model").asString()
            + " is at revision "
            + draft.path("revision").asLong()
            + (faults == 0 ? "." : "; see: ropebridge model check " + dir));
    return Exit.OK;
  }

  /** Pushes a folder; files that the draft has already change nothing. */
  static JsonNode push(Rest rest, ModelFolder folder, boolean force) {
    String model = folder.model();
    Map<String, String> files = folder.files();
    Map<String, Object> body = new HashMap<>();
    body.put("files", files);
    Optional<JsonNode> now = draft(rest, model);
    JsonNode there = now.map(d -> d.path("files")).orElse(Rest.JSON.createObjectNode());
    JsonNode result =
        there.equals(Rest.JSON.valueToTree(files))
            ? now.orElseThrow()
            : rest.put("/api/models/" + model + "/draft", seen(body, folder, force));
    folder.remember(model, result.path("revision").asLong());
    return result;
  }

  private static Map<String, Object> seen(
      Map<String, Object> body, ModelFolder folder, boolean force) {
    if (!force) {
      folder.revision().ifPresent(r -> body.put("revision", r));
    }
    return body;
  }

  private static Optional<JsonNode> draft(Rest rest, String model) {
    try {
      return Optional.of(rest.get("/api/models/" + model + "/draft"));
    } catch (Rest.Refusal e) {
      if (e.status() == 404) {
        return Optional.empty();
      }
      throw e;
    }
  }
}
