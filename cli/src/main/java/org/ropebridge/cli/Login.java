package org.ropebridge.cli;

import java.io.BufferedReader;
import java.io.Console;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import tools.jackson.databind.JsonNode;

/** Signs in and keeps a token. */
@Command(
    name = "login",
    description = "Sign in to a service and keep a token for this computer.",
    mixinStandardHelpOptions = true,
    footer = "%nExample: ropebridge login http://127.0.0.1:8480 --name mira")
final class Login implements Callable<Integer> {
  @Spec private CommandSpec spec;

  @Parameters(paramLabel = "URL", description = "Address of the service.")
  private String url;

  @Option(names = "--name", paramLabel = "NAME", description = "Name of the account.")
  private String name;

  @Option(names = "--password-stdin", description = "Read the password from standard input.")
  private boolean passwordOnInput;

  @Override
  public Integer call() throws IOException {
    Console console = System.console();
    if (console == null && (name == null || !passwordOnInput)) {
      throw new ClientException(
          Exit.USAGE, "Without a terminal, give --name and --password-stdin.");
    }
    String who = name == null ? console.readLine("Name: ") : name;
    String password =
        passwordOnInput ? firstLine() : new String(console.readPassword("Password: "));
    JsonNode token =
        new Rest(url, null)
            .post(
                "/api/tokens",
                Map.of("name", who, "password", password, "label", "ropebridge client"));
    new Config(url, token.path("token").asString(), who).save();
    spec.commandLine().getOut().println("Signed in to " + url + " as " + who + ".");
    return Exit.OK;
  }

  private static String firstLine() throws IOException {
    String line =
        new BufferedReader(new InputStreamReader(System.in, StandardCharsets.UTF_8)).readLine();
    return line == null ? "" : line;
  }
}
