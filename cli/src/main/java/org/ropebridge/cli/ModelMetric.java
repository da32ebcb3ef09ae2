package org.ropebridge.cli;

import java.io.PrintWriter;
import java.util.Map;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import tools.jackson.databind.JsonNode;

/** Makes a metric of plain words. */
@Command(
    name = "metric",
    description = "Make a metric of plain words, and show its values before it is kept.",
    mixinStandardHelpOptions = true,
    footer = {
      "%nExample:",
      "  ropebridge model metric huts net_per_night \"revenue minus refunds, per guest night\""
    })
final class ModelMetric implements Callable<Integer> {
  @Spec private CommandSpec spec;

  @Parameters(index = "0", paramLabel = "MODEL")
  private String model;

  @Parameters(index = "1", paramLabel = "NAME", description = "Its identifier: net_per_night.")
  private String name;

  @Parameters(index = "2", paramLabel = "WORDS")
  private String words;

  @Option(names = "--keep", description = "Put it into the draft.")
  private boolean keep;

  @Override
  public Integer call() {
    Rest rest = Rest.signedIn();
    String draft = "/api/models/" + model + "/draft";
    long revision = rest.get(draft).path("revision").asLong();
    JsonNode made = rest.post(draft + "/metric", Map.of("name", name, "words", words));
    JsonNode proposed = made.path("proposed");
    if (proposed.path("metrics").isEmpty()) {
      throw new ClientException(Exit.REFUSED, proposed.path("reason").asString());
    }
    PrintWriter out = spec.commandLine().getOut();
    out.println("Read as " + proposed.path("words").asString());
    out.println();
    for (JsonNode metric : proposed.path("metrics")) {
      String table = metric.path("table").asString("");
      out.println("  " + metric.path("name").asString() + ":");
      if (!table.isEmpty()) {
        out.println("    table: " + table);
      }
      out.println("    sql: " + metric.path("sql").asString());
    }
    proposed.path("remarks").forEach(r -> out.println("· " + r.asString()));
    for (JsonNode answer : made.path("shown")) {
      out.println();
      new AnswerPrinter(out, out).print(answer, AnswerPrinter.Form.table);
    }
    if (keep) {
      JsonNode kept = rest.patch(draft, Map.of("revision", revision, "edits", made.path("edits")));
      out.println("The draft is at revision " + kept.path("revision").asLong() + ".");
    }
    return Exit.OK;
  }
}
