package org.ropebridge.cli;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
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
      "  ropebridge ask \"guest nights by valley\" --as xlsx > valleys.xlsx",
      "  ropebridge ask \"revenue by valley\" --thread new && ropebridge ask \"only Ossel\" --thread last",
      "  ropebridge ask --batch questions.txt > answers.jsonl",
      "",
      "A batch has one question a line, or JSON lines such as {\"id\": 1, \"question\": \"...\"};",
      "- is standard input. Each answer is one line of JSON. Lines with the same \"thread\" (any",
      "name) are turns of one thread, in their order."
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

  @Option(
      names = "--thread",
      paramLabel = "THREAD",
      description =
          "Ask in a thread, so that the question may lean on the last one: new, last or an id.")
  private String thread;

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
    String chosen = Models.choose(rest, model);
    String path = "/api/models/" + chosen + "/ask";
    PrintWriter out = spec.commandLine().getOut();
    if (what.batch != null) {
      if (thread != null) {
        throw new ClientException(
            Exit.USAGE, "In a batch, the lines say their thread: {\"thread\": \"a\", ...}");
      }
      return batch(rest, path, out);
    }
    Map<String, Object> body = new HashMap<>(Map.of("question", what.question));
    if (thread != null) {
      body.put("thread", Threads.named(rest, chosen, thread));
    }
    JsonNode answer = rest.post(path, body);
    AnswerPrinter printer = new AnswerPrinter(out, spec.commandLine().getErr());
    boolean computed = !answer.path("restatement").asString().isEmpty();
    int code =
        computed && isFile(answer) ? file(rest, chosen, answer, out) : printer.print(answer, form);
    if (answer.hasNonNull("thread") && form == AnswerPrinter.Form.table) {
      spec.commandLine()
          .getErr()
          .println("Thread " + answer.path("thread").path("thread").asString());
    }
    return code;
  }

  /** Whether the service writes the file: what is no text, and more rows than an answer shows. */
  private boolean isFile(JsonNode answer) {
    boolean cut = false;
    for (JsonNode notice : answer.path("notices")) {
      cut |= notice.path("kind").asString().equals("cut");
    }
    return isBinary() || form == AnswerPrinter.Form.csv && cut;
  }

  private boolean isBinary() {
    return form == AnswerPrinter.Form.xlsx || form == AnswerPrinter.Form.parquet;
  }

  private int file(Rest rest, String chosen, JsonNode answer, PrintWriter out) throws IOException {
    if (isBinary() && System.console() != null) {
      throw new ClientException(
          Exit.USAGE,
          "This file is no text; send it to a file: ... --as " + form + " > answer." + form);
    }
    String type =
        switch (form) {
          case xlsx -> "application/vnd.openxmlformats-officedocument.spreadsheetml.sheet";
          case parquet -> "application/vnd.apache.parquet";
          default -> "text/csv";
        };
    byte[] file =
        rest.download(
            "/api/models/" + chosen + "/rows",
            Map.of("question", answer.path("restatement").asString(), "byItself", true),
            type);
    out.flush();
    System.out.write(file);
    System.out.flush();
    return AnswerPrinter.exitCode(answer);
  }

  /** Answers every line; a line that fails says so and the rest go on. */
  private int batch(Rest rest, String path, PrintWriter out) throws IOException {
    boolean allAnswered = true;
    Map<String, String> threads = new HashMap<>();
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
          Map<String, Object> body = new HashMap<>(Map.of("question", question));
          String name = asked == null ? "" : asked.path("thread").asString("");
          if (!name.isEmpty()) {
            body.put("thread", Threads.withId(threads.get(name)));
          }
          JsonNode answer = rest.post(path, body);
          if (!name.isEmpty()) {
            threads.put(name, answer.path("thread").path("thread").asString());
          }
          answer.properties().forEach(p -> result.set(p.getKey(), p.getValue()));
          allAnswered &= AnswerPrinter.exitCode(answer) == Exit.OK;
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
