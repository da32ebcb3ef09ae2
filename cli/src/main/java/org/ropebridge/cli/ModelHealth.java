package org.ropebridge.cli;

import java.io.PrintWriter;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import java.util.concurrent.TimeUnit;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import tools.jackson.databind.JsonNode;

/** Whether a published model still fits its warehouse. */
@Command(
    name = "health",
    description = {
      "Ask the warehouse whether it can still compute all that a published model says.",
      "It computes nothing for that. For authors."
    },
    mixinStandardHelpOptions = true,
    footer = "%nExit code 3 when something cannot be computed, so that a pipeline stops.")
final class ModelHealth implements Callable<Integer> {
  private static final long MILLIS_BETWEEN_LOOKS = 250;

  @Spec private CommandSpec spec;

  @Parameters(
      paramLabel = "MODEL",
      arity = "0..1",
      description = "Its name. Default: the only one.")
  private String model;

  @Override
  public Integer call() throws InterruptedException {
    Rest rest = Rest.signedIn();
    String path = "/api/models/" + Models.choose(rest, model) + "/health";
    rest.post(path, Map.of());
    JsonNode health = rest.get(path);
    while (!health.path("running").isNull()) {
      TimeUnit.MILLISECONDS.sleep(MILLIS_BETWEEN_LOOKS);
      health = rest.get(path);
    }
    PrintWriter out = spec.commandLine().getOut();
    for (JsonNode finding : health.path("findings")) {
      print(finding, out);
    }
    int findings = health.path("findings").size();
    out.println(
        findings == 0
            ? "Edition "
                + health.path("edition").asInt()
                + " fits its warehouse: all "
                + health.path("tried").asInt()
                + " items can be computed."
            : findings + (findings == 1 ? " finding." : " findings.") + " Mend the draft.");
    return findings == 0 ? Exit.OK : Exit.REFUSED;
  }

  private static void print(JsonNode finding, PrintWriter out) {
    out.println(finding.path("item").asString() + ": " + finding.path("message").asString());
    Map<String, List<String>> broken = new LinkedHashMap<>();
    finding
        .path("breaks")
        .forEach(
            b ->
                broken
                    .computeIfAbsent(b.path("kind").asString(), k -> new ArrayList<>())
                    .add(b.path("name").asString()));
    broken.forEach(
        (kind, names) -> names.forEach(n -> out.println("    breaks " + kind + ": " + n)));
    out.println();
  }
}
