package org.ropebridge.cli;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;
import tools.jackson.databind.JsonNode;

/** Asks one question after another, each of which may lean on the one before. */
@Command(
    name = "talk",
    description = "Ask question after question at a prompt; each may lean on the one before.",
    mixinStandardHelpOptions = true,
    footer = {
      "%nAt the prompt:",
      "  a question or follow-up  \"revenue by valley this year\", then \"only Ossel\", \"by month\"",
      "  :1, :2, ...              take the offered question of that number",
      "  :sql                     the SQL of the last answer",
      "  :new                     begin a new thread",
      "  :quit                    leave (or the end of the input)"
    })
final class Talk implements Callable<Integer> {
  @Spec private CommandSpec spec;

  @Option(names = "--model", paramLabel = "NAME", description = "Default: the only one.")
  private String model;

  @Option(
      names = "--thread",
      paramLabel = "THREAD",
      defaultValue = "new",
      description = "new, last, or the id of a thread. Default: ${DEFAULT-VALUE}.")
  private String thread;

  private final List<String> offered = new ArrayList<>();
  private Map<String, String> place;
  private String sql = "";

  @Override
  public Integer call() throws IOException {
    Rest rest = Rest.signedIn();
    String chosen = Models.choose(rest, model);
    place = Threads.named(rest, chosen, thread);
    PrintWriter out = spec.commandLine().getOut();
    BufferedReader in =
        new BufferedReader(new InputStreamReader(System.in, StandardCharsets.UTF_8));
    boolean prompts = System.console() != null;
    while (true) {
      if (prompts) {
        out.print("> ");
        out.flush();
      }
      String line = in.readLine();
      if (line == null || line.strip().equals(":quit")) {
        return Exit.OK;
      }
      if (!line.isBlank()) {
        take(rest, "/api/models/" + chosen + "/ask", line.strip(), out);
        out.flush();
      }
    }
  }

  private void take(Rest rest, String path, String line, PrintWriter out) {
    if (line.equals(":new")) {
      place = Threads.withId(null);
      out.println("A new thread.");
    } else if (line.equals(":sql")) {
      out.println(sql.isEmpty() ? "There is no answer yet." : sql);
    } else if (line.matches(":[0-9]{1,2}")) {
      int number = Integer.parseInt(line.substring(1));
      if (number < 1 || number > offered.size()) {
        out.println("No question of that number is offered.");
      } else {
        ask(rest, path, offered.get(number - 1), true, out);
      }
    } else if (line.startsWith(":")) {
      out.println("Say :1 and so on, :sql, :new or :quit; or ask a question.");
    } else {
      ask(rest, path, line, false, out);
    }
  }

  private void ask(Rest rest, String path, String question, boolean whole, PrintWriter out) {
    JsonNode answer;
    try {
      Map<String, Object> body = new HashMap<>();
      body.put("question", question);
      body.put("thread", place);
      body.put("byItself", whole);
      answer = rest.post(path, body);
    } catch (Rest.Refusal e) {
      out.println(e.getMessage());
      return;
    }
    place = Threads.withId(answer.path("thread").path("thread").asString());
    sql = answer.hasNonNull("plan") ? answer.path("readableSql").asString() : sql;
    new AnswerPrinter(out, out).print(answer, AnswerPrinter.Form.table);
    offer(answer, out);
  }

  private void offer(JsonNode answer, PrintWriter out) {
    offered.clear();
    answer.path("alternatives").forEach(a -> offered.add(a.path("restatement").asString()));
    answer.path("next").forEach(n -> offered.add(n.path("question").asString()));
    for (int i = 0; i < offered.size(); i++) {
      out.println("  :" + (i + 1) + " " + offered.get(i));
    }
    out.println();
  }
}
