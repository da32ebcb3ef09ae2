package org.ropebridge.cli;

import java.io.PrintWriter;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import picocli.CommandLine.Help.Ansi;
import tools.jackson.databind.JsonNode;

/** Prints an answer in the form that was asked for. */
final class AnswerPrinter {
  /** Forms of output. */
  enum Form {
    table,
    /** The table with a bar beside each number, where there is one number for each group. */
    chart,
    json,
    csv,
    xlsx,
    parquet,
    sql,
    plan
  }

  private final PrintWriter out;
  private final PrintWriter err;
  private final boolean color = System.getenv("NO_COLOR") == null && Ansi.AUTO.enabled();

  AnswerPrinter(PrintWriter out, PrintWriter err) {
    this.out = out;
    this.err = err;
  }

  /** Prints; returns the exit code. */
  int print(JsonNode answer, Form form) {
    boolean computed = answer.hasNonNull("plan") || !answer.path("columns").isEmpty();
    if (form == Form.json) {
      out.println(Rest.JSON.writerWithDefaultPrettyPrinter().writeValueAsString(answer));
    } else if (answer.hasNonNull("explained")) {
      explained(answer);
    } else if (!computed) {
      refusal(answer);
    } else {
      switch (form) {
        case csv -> csv(answer);
        case sql -> out.println(answer.path("readableSql").asString() + ";");
        case plan ->
            out.println(
                Rest.JSON.writerWithDefaultPrettyPrinter().writeValueAsString(answer.path("plan")));
        default -> table(answer, form == Form.chart || color);
      }
      boolean saysSo = form == Form.table || form == Form.chart;
      if (!saysSo && answer.path("status").asString().equals("partly")) {
        err.println(answer.path("reason").asString());
      }
    }
    return exitCode(answer);
  }

  /** The exit code that tells how a question was understood. */
  static int exitCode(JsonNode answer) {
    return Set.of("answered", "explained").contains(answer.path("status").asString())
        ? Exit.OK
        : Exit.REFUSED;
  }

  private void explained(JsonNode answer) {
    JsonNode explained = answer.path("explained");
    out.println(strong(explained.path("title").asString(), "1"));
    out.println();
    explained.path("sentences").forEach(s -> out.println(s.asString()));
    for (JsonNode definition : answer.path("definitions")) {
      String over = definition.path("over").asString();
      out.println(
          "  "
              + definition.path("word").asString()
              + " = "
              + definition.path("formula").asString()
              + (over.isEmpty() ? "" : ", over " + over));
    }
    if (!answer.path("suggestions").isEmpty()) {
      out.println();
      out.println("Ask, for example:");
      answer.path("suggestions").forEach(q -> out.println("  " + q.asString()));
    }
    out.flush();
  }

  private void table(JsonNode answer, boolean withBars) {
    if (answer.path("status").asString().equals("partly")) {
      out.println(strong("Only partly understood. " + answer.path("reason").asString(), "33"));
    }
    out.println(strong("Read as ", "2") + strong(answer.path("restatement").asString(), "1"));
    out.println();
    change(answer.path("followUp"));
    JsonNode columns = answer.path("columns");
    JsonNode rows = answer.path("rows");
    if (rows.size() == 1 && columns.size() == 1) {
      JsonNode column = columns.get(0);
      String text = Cells.text(rows.get(0).get(0), column);
      // An author's own SQL names its number itself; a plan's is named by the restatement.
      String unit = answer.hasNonNull("plan") ? unit(column) : column.path("name").asString();
      out.println(
          "  "
              + strong(
                  text.isEmpty() ? "no value" : text + (unit.isEmpty() ? "" : " " + unit), "1"));
    } else {
      printRows(columns, rows, withBars);
    }
    out.println();
    narrative(answer.path("narrative"));
    for (JsonNode definition : answer.path("definitions")) {
      String meaning = definition.path("meaning").asString();
      if (!meaning.isEmpty()) {
        out.println(strong("· " + definition.path("word").asString() + ": " + meaning, "2"));
      }
    }
    for (JsonNode notice : answer.path("notices")) {
      if (!notice.path("kind").asString().equals("partly")) {
        out.println(strong("· " + notice.path("text").asString(), "2"));
      }
    }
  }

  /** What a follow-up kept and changed of the question before. */
  private void change(JsonNode followUp) {
    if (followUp.isMissingNode() || followUp.isNull()) {
      return;
    }
    say("Kept: ", followUp.path("kept"));
    say("New: ", followUp.path("added"));
    say("No more: ", followUp.path("dropped"));
    out.println();
  }

  private void say(String heading, JsonNode parts) {
    List<String> words = new ArrayList<>();
    parts.forEach(p -> words.add(p.asString()));
    if (!words.isEmpty()) {
      out.println(strong(heading + String.join(", ", words), "2"));
    }
  }

  private void narrative(JsonNode sentences) {
    List<String> told = new ArrayList<>();
    for (JsonNode sentence : sentences) {
      if (!sentence.path("voice").asString().equals("technical")) {
        told.add(sentence.path("text").asString());
      }
    }
    if (!told.isEmpty()) {
      out.println(String.join(" ", told));
      out.println();
    }
  }

  private void printRows(JsonNode columns, JsonNode rows, boolean withBars) {
    List<String> heading = new ArrayList<>();
    List<Integer> numbers = new ArrayList<>();
    for (JsonNode column : columns) {
      if (column.path("kind").asString().equals("number")) {
        numbers.add(heading.size());
      }
      String unit = unit(column);
      heading.add(column.path("name").asString() + (unit.isEmpty() ? "" : " (" + unit + ")"));
    }
    List<List<String>> cells = new ArrayList<>();
    for (JsonNode row : rows) {
      List<String> line = new ArrayList<>();
      for (int i = 0; i < row.size(); i++) {
        line.add(Cells.text(row.get(i), columns.get(i)));
      }
      cells.add(line);
    }
    if (withBars && numbers.size() == 1 && heading.size() == 2) {
      Bars.of(rows, numbers.get(0))
          .ifPresent(
              bars -> {
                heading.add("");
                for (int i = 0; i < cells.size(); i++) {
                  cells.get(i).add(bars.get(i));
                }
              });
    }
    TextTable.print(out, heading, numbers, cells);
  }

  /** The column's unit, unless its name says it already. */
  private static String unit(JsonNode column) {
    String unit = column.path("unit").asString();
    return column.path("name").asString().endsWith(unit) ? "" : unit;
  }

  /** Comma-separated values as in RFC 4180; values as they are, for programs. */
  private void csv(JsonNode answer) {
    List<String> heading = new ArrayList<>();
    answer.path("columns").forEach(c -> heading.add(quoted(c.path("name").asString())));
    out.print(String.join(",", heading) + "\r\n");
    for (JsonNode row : answer.path("rows")) {
      List<String> cells = new ArrayList<>();
      row.forEach(
          v ->
              cells.add(
                  v.isNull()
                      ? ""
                      : quoted(v.isNumber() ? v.decimalValue().toPlainString() : v.asString())));
      out.print(String.join(",", cells) + "\r\n");
    }
  }

  private static String quoted(String text) {
    return text.matches("(?s).*[,\"\r\n].*") ? "\"" + text.replace("\"", "\"\"") + "\"" : text;
  }

  private void refusal(JsonNode answer) {
    String status = answer.path("status").asString();
    if (status.equals("started_again") || status.equals("told")) {
      err.println(answer.path("reason").asString());
      return;
    }
    err.println(
        strong(status.equals("unclear") ? "Which is meant? " : "Not answered. ", "33")
            + answer.path("reason").asString());
    for (JsonNode proposal : answer.path("proposals")) {
      String words = proposal.path("words").asString();
      list("\"" + words + "\" may mean:", proposal.path("meant"), "question");
    }
    list("It can be read as:", answer.path("alternatives"), "restatement");
    list("The model covers, for example:", answer.path("suggestions"), null);
    err.flush();
  }

  private void list(String heading, JsonNode items, String field) {
    if (!items.isEmpty()) {
      err.println(heading);
      items.forEach(
          i -> err.println("  " + (field == null ? i.asString() : i.path(field).asString())));
    }
  }

  /** Prints what each word was read as, and for authors how. */
  int printReading(JsonNode answer, boolean explain) {
    List<List<String>> rows = new ArrayList<>();
    for (JsonNode word : answer.path("words")) {
      String found = word.path("found").asString();
      rows.add(
          List.of(
              word.path("text").asString(),
              word.path("kind").asString(),
              word.path("means").asString(),
              found.equals("exact") ? "" : found));
    }
    TextTable.print(out, List.of("word", "read as", "means", "found"), List.of(), rows);
    out.println();
    if (answer.hasNonNull("explained")) {
      explained(answer);
    } else if (answer.path("restatement").asString().isEmpty()) {
      out.flush();
      refusal(answer);
    } else {
      out.println(strong("Read as ", "2") + strong(answer.path("restatement").asString(), "1"));
      if (!answer.path("reason").asString().isEmpty()) {
        out.println(answer.path("reason").asString());
      }
    }
    if (explain && answer.hasNonNull("explanation")) {
      JsonNode why = answer.path("explanation");
      out.println();
      section("Considered:", why.path("mentions"));
      section("Rules:", why.path("rules"));
      section("Runners-up:", why.path("runnersUp"));
    }
    return exitCode(answer);
  }

  private void section(String heading, JsonNode lines) {
    if (!lines.isEmpty()) {
      out.println(heading);
      lines.forEach(l -> out.println("  " + l.asString()));
    }
  }

  private String strong(String text, String style) {
    return color ? "\u001b[" + style + "m" + text + "\u001b[0m" : text;
  }
}
