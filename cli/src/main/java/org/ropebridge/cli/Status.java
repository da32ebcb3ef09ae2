package org.ropebridge.cli;

import java.io.PrintWriter;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Spec;
import tools.jackson.databind.JsonNode;

/** Tells which service is used, and as whom. */
@Command(
    name = "status",
    description = "Show which service is used, as whom, and the models there.",
    mixinStandardHelpOptions = true)
final class Status implements Callable<Integer> {
  @Spec private CommandSpec spec;

  @Override
  public Integer call() {
    Config config = Config.load();
    Rest rest = new Rest(config.url(), config.token());
    JsonNode status = rest.get("/api/status");
    JsonNode who = rest.get("/api/session");
    PrintWriter out = spec.commandLine().getOut();
    out.println(
        "Service   " + config.url() + " (version " + status.path("version").asString() + ")");
    out.println("Signed in " + who.path("name").asString() + ", " + who.path("role").asString());
    for (JsonNode model : rest.get("/api/models")) {
      out.println(
          "Model     "
              + model.path("name").asString()
              + ", edition "
              + model.path("edition").asInt());
    }
    return Exit.OK;
  }
}
