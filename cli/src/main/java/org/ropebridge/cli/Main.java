package org.ropebridge.cli;

import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import picocli.AutoComplete.GenerateCompletion;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Help.Ansi;
import picocli.CommandLine.Help.ColorScheme;

/** Entry of the client. */
@Command(
    name = "ropebridge",
    version = "ropebridge 0.1.0",
    mixinStandardHelpOptions = true,
    description = "Asks questions in plain words of a governed warehouse, and publishes models.",
    synopsisSubcommandLabel = "COMMAND",
    subcommands = {
      Login.class,
      Status.class,
      SourceCommand.class,
      ModelCommand.class,
      Read.class,
      Ask.class,
      Talk.class,
      GapsCommand.class,
      Usage.class,
      ArchiveClasses.class,
      GenerateCompletion.class,
      CommandLine.HelpCommand.class
    },
    footerHeading = "%nExamples:%n",
    footer = {
      "  ropebridge ask \"guest nights by valley this year\"",
      "  ropebridge ask \"top 5 huts by revenue\" --as csv > huts.csv",
      "  ropebridge talk",
      "  ropebridge read \"stays in Ossel that were not cancelled\"",
      "  ropebridge model check model/ && ropebridge model publish model/",
      "  source <(ropebridge generate-completion)",
      "",
      "Exit codes: 0 answered, 1 failed, 2 wrong usage, 3 refused (declined, unclear,",
      "partly read, not allowed, changed by others meanwhile, or a model with faults).",
      "NO_COLOR turns colours off."
    })
public final class Main {
  private Main() {}

  public static void main(String[] args) {
    PrintWriter out = new PrintWriter(System.out, false, StandardCharsets.UTF_8);
    PrintWriter err = new PrintWriter(System.err, true, StandardCharsets.UTF_8);
    int code = run(out, err, args);
    out.flush();
    System.exit(code);
  }

  private static int exitCode(Throwable e) {
    if (e instanceof CommandLine.ParameterException) {
      return Exit.USAGE;
    }
    if (e instanceof Rest.Refusal refusal) {
      return refusal.isDecision() ? Exit.REFUSED : Exit.FAILED;
    }
    return e instanceof ClientException c ? c.exitCode() : Exit.FAILED;
  }

  static int run(PrintWriter out, PrintWriter err, String... args) {
    boolean plain = System.getenv("NO_COLOR") != null;
    ColorScheme scheme = CommandLine.Help.defaultColorScheme(plain ? Ansi.OFF : Ansi.AUTO);
    CommandLine line =
        new CommandLine(new Main())
            .setOut(out)
            .setErr(err)
            .setColorScheme(scheme)
            .setUsageHelpAutoWidth(true)
            .setExitCodeExceptionMapper(Main::exitCode)
            .setExecutionExceptionHandler(
                (e, commandLine, parsed) -> {
                  err.println(
                      scheme.errorText(e.getMessage() == null ? e.toString() : e.getMessage()));
                  err.flush();
                  return exitCode(e);
                });
    line.getSubcommands().get("generate-completion").getCommandSpec().usageMessage().hidden(true);
    line.getSubcommands().get("archive-classes").getCommandSpec().usageMessage().hidden(true);
    return line.execute(args);
  }
}
