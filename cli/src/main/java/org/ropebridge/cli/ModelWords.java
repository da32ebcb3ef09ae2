package org.ropebridge.cli;

import java.io.IOException;
import java.io.PrintWriter;
import java.nio.charset.MalformedInputException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import tools.jackson.databind.JsonNode;

/** Takes the words of a draft along, or brings some to it. */
@Command(
    name = "words",
    description =
        "Print all words of a model's draft, or bring a list of words to it (CSV, or SKOS in Turtle"
            + " or RDF/XML).",
    mixinStandardHelpOptions = true,
    footer = {
      "%nExamples:",
      "  ropebridge model words huts > words.csv",
      "  ropebridge model words huts --bring glossary.ttl --dry-run"
    })
final class ModelWords implements Callable<Integer> {
  @Spec private CommandSpec spec;

  @Parameters(paramLabel = "MODEL")
  private String model;

  @Option(names = "--as", paramLabel = "FORM", defaultValue = "csv", description = "csv or ttl.")
  private String form;

  @Option(names = "--bring", paramLabel = "FILE", description = "A .csv, .ttl or .rdf file.")
  private Path list;

  @Option(names = "--dry-run", description = "Only say what the list would add.")
  private boolean dryRun;

  @Override
  public Integer call() {
    Rest rest = Rest.signedIn();
    PrintWriter out = spec.commandLine().getOut();
    if (list == null) {
      if (!form.equals("csv") && !form.equals("ttl")) {
        throw new ClientException(Exit.USAGE, "--as is csv or ttl.");
      }
      byte[] words = rest.download(path() + "/words." + form);
      out.print(new String(words, StandardCharsets.UTF_8));
      out.flush();
      return Exit.OK;
    }
    long revision = rest.get(path()).path("revision").asLong();
    JsonNode brought =
        rest.post(
            path() + "/words", Map.of("name", list.getFileName().toString(), "text", text(list)));
    for (JsonNode item : brought.path("added")) {
      List<String> words = new ArrayList<>();
      item.path("words").forEach(w -> words.add(w.asString()));
      out.println("+ " + item.path("item").asString() + ": " + String.join(", ", words));
    }
    brought.path("passedOver").forEach(p -> out.println("  passed over: " + p.asString()));
    if (brought.path("added").isEmpty()) {
      out.println("The list adds no word.");
    } else if (!dryRun) {
      JsonNode draft =
          rest.patch(path(), Map.of("revision", revision, "edits", brought.path("edits")));
      out.println("The draft is at revision " + draft.path("revision").asLong() + ".");
    }
    return Exit.OK;
  }

  private String path() {
    return "/api/models/" + model + "/draft";
  }

  private static String text(Path file) {
    try {
      return Files.readString(file);
    } catch (MalformedInputException e) {
      throw new ClientException(Exit.USAGE, file + " is not UTF-8 text.");
    } catch (IOException e) {
      throw new ClientException(Exit.USAGE, "Cannot read " + file + ".");
    }
  }
}
