package org.ropebridge.cli;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.concurrent.Callable;
import picocli.CommandLine.ArgGroup;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Asks a question, or a file of them. */
@Command(
    name = "ask",
    description = "Answer a question in plain words.",
    mixinStandardHelpOptions = true,
    footer = {
      "%nExamples:",
      "  ropebridge ask \"guest nights by valley this year\"",
      "  ropebridge ask \"callouts by severity\" --as sql",
      "  ropebridge ask --batch questions.txt > answers.jsonl",
      "",
      "A batch has one question a line, or JSON lines such as {\"id\": 1, \"question\": \"...\"};",
      "- is standard input. Each answer is one line of JSON."
    })
final class Ask implements Callable<Integer> {
  @Spec private CommandSpec spec;

  @ArgGroup(multiplicity = "1")
  private What what;

  @Option(names = "--model", paramLabel = "NAME", description = "Default: the only one.")
  private String model;

  @Option(
      names = "--as",
      paramLabel = "FORM",
      defaultValue = "table",
      description = "One of ${COMPLETION-CANDIDATES}. Default: ${DEFAULT-VALUE}.")
  private AnswerPrinter.Form form;

  /** One question, or many. */
  static final class What {
    @Parameters(paramLabel = "QUESTION", description = "In plain words.")
    private String question;

    @Option(
        names = "--batch",
        paramLabel = "FILE",
        description = "File of questions; - for standard input.")
    private Path batch;
  }

  @Override
  public Integer call() throws IOException {
    Rest rest = Rest.signedIn();
    String path = "/api/models/" + Models.choose(rest, model) + "/ask";
    PrintWriter out = spec.commandLine().getOut();
    if (what.batch != null) {
      return batch(rest, path, out);
    }
    JsonNode answer = rest.post(path, Map.of("question", what.question));
    return new AnswerPrinter(out, spec.commandLine().getErr()).print(answer, form);
  }

  /** Answers every line; a line that fails says so and the rest go on. */
  private int batch(Rest rest, String path, PrintWriter out) throws IOException {
    boolean allAnswered = true;
    try (BufferedReader lines = reader()) {
      int number = 0;
      for (String line = lines.readLine(); line != null; line = lines.readLine()) {
        number++;
        if (line.isBlank()) {
          continue;
        }
        ObjectNode result = Rest.JSON.createObjectNode();
        try {
          JsonNode asked = line.strip().startsWith("{") ? Rest.JSON.readTree(line) : null;
          if (asked == null) {
            result.put("id", number);
          } else {
            result.set(
                "id",
                asked.has("id") ? asked.get("id") : Rest.JSON.getNodeFactory().numberNode(number));
          }
          String question = asked == null ? line.strip() : asked.path("question").asString();
          JsonNode answer = rest.post(path, Map.of("question", question));
          answer.properties().forEach(p -> result.set(p.getKey(), p.getValue()));
          allAnswered &= answer.path("status").asString().equals("answered");
        } catch (JacksonException e) {
          result.put("id", number);
          result.put("status", "failed").put("reason", "line " + number + " is not JSON");
          allAnswered = false;
        } catch (Rest.Refusal e) {
          result.put("status", "failed").put("reason", e.getMessage());
          allAnswered = false;
        }
        out.println(Rest.JSON.writeValueAsString(result));
        out.flush();
      }
    }
    return allAnswered ? Exit.OK : Exit.REFUSED;
  }

  private BufferedReader reader() throws IOException {
    if (what.batch.toString().equals("-")) {
      return new BufferedReader(new InputStreamReader(System.in, StandardCharsets.UTF_8));
    }
    if (!Files.isReadable(what.batch)) {
      throw new ClientException(Exit.USAGE, what.batch + " is not a file that can be read.");
    }
    return Files.newBufferedReader(what.batch);
  }
}
