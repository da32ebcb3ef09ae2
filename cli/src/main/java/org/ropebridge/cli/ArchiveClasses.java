package org.ropebridge.cli;

import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import tools.jackson.databind.JsonNode;

/**
 * Asks and prints once, against a listener of its own, so that the classes which most commands need
 * are in the archive that later starts load from. Asks no service.
 */
@Command(name = "archive-classes", hidden = true)
final class ArchiveClasses implements Callable<Integer> {
  private static final String ANSWER =
      """
      {"status": "answered", "restatement": "", "plan": {}, "name": "huts", "token": "x",
       "columns": [{"name": "valley", "kind": "category", "unit": "", "shownAs": "number"},
                   {"name": "month", "kind": "month", "unit": "", "shownAs": "number"},
                   {"name": "guest nights", "kind": "number", "unit": "", "shownAs": "money"}],
       "rows": [["Ossel", "2026-01-01", 1.5]], "notices": [{"kind": "period", "text": ""}], "words": []}
      """;

  @Override
  public Integer call() throws IOException {
    HttpServer server =
        HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0), 0);
    server.createContext(
        "/",
        exchange -> {
          byte[] body = ANSWER.getBytes(StandardCharsets.UTF_8);
          exchange.getRequestBody().readAllBytes();
          exchange.sendResponseHeaders(200, body.length);
          exchange.getResponseBody().write(body);
          exchange.close();
        });
    server.start();
    try {
      Config config = new Config("http://127.0.0.1:" + server.getAddress().getPort(), "x", "x");
      String kept = Rest.JSON.writeValueAsString(config);
      Rest rest = new Rest(Rest.JSON.readValue(kept, Config.class).url(), "x");
      rest.get("/api/models");
      JsonNode answer = rest.post("/api/models/huts/ask", Map.of("question", "x"));
      PrintWriter nowhere = new PrintWriter(new StringWriter());
      for (AnswerPrinter.Form form : AnswerPrinter.Form.values()) {
        new AnswerPrinter(nowhere, nowhere).print(answer, form);
      }
      new AnswerPrinter(nowhere, nowhere).printReading(answer, true);
    } finally {
      server.stop(0);
    }
    return Exit.OK;
  }
}
