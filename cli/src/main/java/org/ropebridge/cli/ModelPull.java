package org.ropebridge.cli;

import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.Map;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import tools.jackson.databind.JsonNode;

/** Brings a draft into a folder. */
@Command(
    name = "pull",
    description =
        "Write a model's draft, or an edition, into a folder. Files that are the same stay untouched.",
    mixinStandardHelpOptions = true)
final class ModelPull implements Callable<Integer> {
  @Spec private CommandSpec spec;

  @Parameters(index = "0", paramLabel = "MODEL")
  private String model;

  @Parameters(index = "1", paramLabel = "DIR", arity = "0..1", description = "Default: MODEL.")
  private Path dir;

  @Option(names = "--edition", paramLabel = "N", description = "That edition instead of the draft.")
  private Integer edition;

  @Override
  public Integer call() {
    Rest rest = Rest.signedIn();
    ModelFolder folder = new ModelFolder(dir == null ? Path.of(model) : dir);
    JsonNode files;
    if (edition == null) {
      JsonNode draft = rest.get("/api/models/" + model + "/draft");
      files = draft.path("files");
      print(folder.write(files));
      folder.remember(model, draft.path("revision").asLong());
    } else {
      files = rest.get("/api/models/" + model + "/editions/" + edition + "/files");
      print(folder.write(files));
    }
    return Exit.OK;
  }

  private void print(Map<String, String> done) {
    PrintWriter out = spec.commandLine().getOut();
    done.forEach((file, what) -> out.println(what + " " + file));
    if (done.isEmpty()) {
      out.println("Nothing changed.");
    }
  }
}
