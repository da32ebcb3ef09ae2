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

/** Publishes a folder. */
@Command(
    name = "publish",
    description =
        "Publish a folder as its model's next edition: it is checked and rehearsed first.",
    mixinStandardHelpOptions = true)
final class ModelPublish implements Callable<Integer> {
  @Spec private CommandSpec spec;

  @Parameters(paramLabel = "DIR", description = ModelCommand.FOLDER)
  private Path dir;

  @Option(names = "--note", defaultValue = "", description = "What changed.")
  private String note;

  @Option(
      names = "--overrule",
      paramLabel = "REASON",
      defaultValue = "",
      description = "Publish although sample questions are broken, and keep the reason.")
  private String overrule;

  @Override
  public Integer call() {
    Rest rest = Rest.signedIn();
    ModelFolder folder = new ModelFolder(dir);
    JsonNode draft = ModelPush.push(rest, folder, false);
    if (!draft.path("publishable").asBoolean()) {
      throw new ClientException(
          Exit.REFUSED,
          "The model has faults; nothing was published. See: ropebridge model check " + dir);
    }
    JsonNode rehearsal = ModelRehearse.rehearse(rest, folder.model(), spec);
    if (rehearsal.path("broken").asInt() > 0) {
      ModelRehearse.print(rehearsal, spec);
    }
    JsonNode published =
        rest.post(
            "/api/models/" + folder.model() + "/editions",
            Map.of(
                "revision", draft.path("revision").asLong(), "note", note, "overrule", overrule));
    PrintWriter out = spec.commandLine().getOut();
    published.path("warnings").forEach(w -> out.println(w.path("message").asString()));
    out.println(
        "Published "
            + published.path("model").asString()
            + ", edition "
            + published.path("edition").asInt()
            + ".");
    return Exit.OK;
  }
}
