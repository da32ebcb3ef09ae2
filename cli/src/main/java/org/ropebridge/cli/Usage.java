package org.ropebridge.cli;

import java.io.PrintWriter;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import tools.jackson.databind.JsonNode;

/** Tells how the service is used, by asking the model of its own log. */
@Command(
    name = "usage",
    description = {
      "Tell how the service is used: what is asked, what becomes of it, what is not understood.",
      "For authors. Any question about use can be asked in plain words."
    },
    mixinStandardHelpOptions = true,
    footer =
        "%nExample: ropebridge usage \"declined questions by week\"%nOther forms: ropebridge ask"
            + " --model usage \"...\" --as csv")
final class Usage implements Callable<Integer> {
  private static final String MODEL = "/api/models/usage";

  @Spec private CommandSpec spec;

  @Parameters(
      paramLabel = "QUESTION",
      arity = "0..1",
      description = "In plain words; without one, the first questions of the model of use.")
  private String question;

  @Override
  public Integer call() {
    Rest rest = Rest.signedIn();
    PrintWriter out = spec.commandLine().getOut();
    if (question != null) {
      return ask(rest, question, out);
    }
    int exit = Exit.OK;
    for (JsonNode starter : rest.get(MODEL).path("starters")) {
      out.println("== " + starter.path("label").asString());
      exit = Math.max(exit, ask(rest, starter.path("ask").asString(), out));
      out.println();
    }
    for (JsonNode model : rest.get("/api/models")) {
      unused(rest, model.path("name").asString(), out);
    }
    return exit;
  }

  private static void unused(Rest rest, String model, PrintWriter out) {
    JsonNode unused = rest.get("/api/models/" + model + "/unused");
    if (!unused.path("questions").asBoolean()) {
      return;
    }
    out.println("== Never used in the last 90 days: " + model);
    for (String kind : List.of("metrics", "tables", "conditions")) {
      List<String> names = new ArrayList<>();
      unused.path(kind).forEach(n -> names.add(n.asString()));
      out.println("  " + kind + ": " + (names.isEmpty() ? "none" : String.join(", ", names)));
    }
    out.println();
  }

  private int ask(Rest rest, String asked, PrintWriter out) {
    JsonNode answer = rest.post(MODEL + "/ask", Map.of("question", asked));
    return new AnswerPrinter(out, spec.commandLine().getErr())
        .print(answer, AnswerPrinter.Form.table);
  }
}
