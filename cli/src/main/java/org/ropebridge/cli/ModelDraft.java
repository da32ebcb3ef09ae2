package org.ropebridge.cli;

import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import picocli.CommandLine.ArgGroup;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import tools.jackson.databind.JsonNode;

/** Makes a first model from a warehouse. */
@Command(
    name = "draft",
    description =
        "Survey a source and write a first model of it, with the reason for each proposal.",
    mixinStandardHelpOptions = true)
final class ModelDraft implements Callable<Integer> {
  @Spec private CommandSpec spec;

  @Parameters(index = "0", paramLabel = "SOURCE")
  private String source;

  @Parameters(index = "1", paramLabel = "DIR", arity = "0..1", description = "Default: the model.")
  private Path dir;

  @ArgGroup(multiplicity = "1")
  private Where where;

  /** A new model, or one that there is. */
  private static final class Where {
    @Option(names = "--model", description = "Name of the new model.")
    private String model;

    @Option(
        names = "--into",
        paramLabel = "MODEL",
        description = "Add the tables that the draft of this model does not have yet.")
    private String into;
  }

  @Option(names = "--schema", description = "Only tables of this schema; may be given again.")
  private List<String> schemas;

  @Option(names = "--table", description = "Only schema.table; may be given again.")
  private List<String> tables;

  @Override
  public Integer call() {
    Rest rest = Rest.signedIn();
    JsonNode survey = SourceSurvey.survey(rest, source, schemas, tables, spec);
    String id = survey.path("job").path("id").asString();
    if (where.into != null) {
      return add(rest, id);
    }
    String model = where.model;
    JsonNode draft = rest.post("/api/drafts", Map.of("model", model, "survey", id));
    ModelFolder folder = new ModelFolder(dir == null ? Path.of(model) : dir);
    folder.write(draft.path("files"));
    folder.remember(model, draft.path("revision").asLong());
    PrintWriter out = spec.commandLine().getOut();
    draft.path("proposals").forEach(p -> print(p, out));
    folder.write("PROPOSALS.md", proposals(draft.path("proposals")));
    out.println(
        draft.path("proposals").size()
            + " proposals in all, each with its reason, are in "
            + folder.path("PROPOSALS.md")
            + "; keep or drop them there by changing the files, or in the console.");
    return Exit.OK;
  }

  private int add(Rest rest, String survey) {
    JsonNode before = rest.get("/api/models/" + where.into + "/draft");
    JsonNode after =
        rest.post("/api/models/" + where.into + "/draft/tables", Map.of("survey", survey));
    PrintWriter out = spec.commandLine().getOut();
    after
        .path("proposals")
        .valueStream()
        .skip(before.path("proposals").size())
        .forEach(p -> print(p, out));
    out.println(
        "Added to the draft of "
            + where.into
            + ". Get its files with: ropebridge model pull "
            + where.into);
    return Exit.OK;
  }

  private static void print(JsonNode proposal, PrintWriter out) {
    String path = proposal.path("path").asString();
    if (path.matches("tables/[^/]+") || path.matches("metrics-file/metrics/.+")) {
      out.println(proposal.path("words").asString() + ".");
      out.println("    because: " + proposal.path("reason").asString());
    }
  }

  private static String proposals(JsonNode proposals) {
    StringBuilder text = new StringBuilder("# What the survey suggested, and why\n");
    String table = "";
    for (JsonNode proposal : proposals) {
      String path = proposal.path("path").asString();
      String of = path.replaceAll("^tables/([^/]+).*", "$1");
      of = of.equals(path) ? "the model" : of;
      if (!of.equals(table)) {
        text.append("\n## ").append(of).append("\n\n");
        table = of;
      }
      text.append("- **")
          .append(proposal.path("words").asString())
          .append("**: ")
          .append(proposal.path("reason").asString())
          .append("\n");
    }
    return text.toString();
  }
}
