package org.ropebridge.cli;

import java.io.PrintWriter;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import tools.jackson.databind.JsonNode;

/** Lists editions. */
@Command(
    name = "editions",
    description = "List the editions of a model, the newest first.",
    mixinStandardHelpOptions = true)
final class ModelEditions implements Callable<Integer> {
  @Spec private CommandSpec spec;

  @Parameters(paramLabel = "MODEL")
  private String model;

  @Override
  public Integer call() {
    List<List<String>> rows = new ArrayList<>();
    for (JsonNode edition : Rest.signedIn().get("/api/models/" + model + "/editions")) {
      rows.add(
          List.of(
              edition.path("number").asString(),
              edition.path("publishedAt").asString().substring(0, 16).replace('T', ' '),
              edition.path("publishedBy").asString(),
              edition.path("note").asString(),
              edition.path("overruled").asString()));
    }
    PrintWriter out = spec.commandLine().getOut();
    TextTable.print(
        out, List.of("edition", "published (UTC)", "by", "note", "overruled"), List.of(0), rows);
    return Exit.OK;
  }
}
