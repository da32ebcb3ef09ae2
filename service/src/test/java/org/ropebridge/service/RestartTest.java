package org.ropebridge.service;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.ropebridge.service.RunningService.Caller;
import org.ropebridge.service.RunningService.Reply;

/** A warehouse that goes away and comes back: clear errors, and nobody has to restart anything. */
@ExtendWith(RunningService.class)
class RestartTest {
  private static final Path ROOT = Path.of("..").toAbsolutePath().normalize();
  private static final Path CLUSTER = ROOT.resolve("var/test-restart");

  private static String shell(String command) throws IOException, InterruptedException {
    Path output = Files.createTempFile("ropebridge", ".out");
    Process process =
        new ProcessBuilder("bash", "-c", ". bin/common.sh; need_postgres >&2; " + command, "test")
            .directory(ROOT.toFile())
            .redirectOutput(output.toFile())
            .redirectError(ProcessBuilder.Redirect.DISCARD)
            .start();
    try {
      assertEquals(0, process.waitFor(), command);
      return Files.readString(output, StandardCharsets.UTF_8).strip();
    } finally {
      Files.delete(output);
    }
  }

  private static String start() throws IOException, InterruptedException {
    return shell("cluster_start '" + CLUSTER + "' >&2; echo $PG_PORT $PG_PASSWORD");
  }

  private static void stop() throws IOException, InterruptedException {
    shell("cluster_stop '" + CLUSTER + "'");
  }

  @AfterAll
  static void leaveNothingRunning() throws IOException, InterruptedException {
    stop();
  }

  @Test
  void theServiceRecoversByItself() throws IOException, InterruptedException {
    String[] server = start().split(" ");
    Caller steward = Caller.withToken("iselin");
    Reply put =
        steward.put(
            "/api/sources/unsteady",
            Map.of(
                "kind",
                "postgresql",
                "url",
                "jdbc:postgresql://127.0.0.1:" + server[0] + "/postgres",
                "userName",
                "ropebridge_admin",
                "password",
                server[1]));
    assertEquals(204, put.status(), put::text);
    Reply published =
        Caller.withToken("mira")
            .publish("unsteady", SmallModel.files("unsteady", "unsteady", 1_000), "");
    assertEquals(201, published.status(), published::text);
    Caller asker = Caller.withToken("tobin");
    assertAnswered(asker, "number of numbers with size above 1", 999);
    stop();
    for (int i = 0; i < 3; i++) {
      assertNotReachable(asker);
    }
    start();
    assertAnswered(asker, "number of numbers with size above 3", 997);
    stop();
    start();
    assertAnswered(asker, "number of numbers with size above 4", 996);
  }

  private static void assertNotReachable(Caller asker) {
    Reply down =
        asker.post(
            "/api/models/unsteady/ask", Map.of("question", "number of numbers with size above 2"));
    assertEquals(502, down.status(), down::text);
    assertTrue(down.text().contains("source-not-reachable"), down::text);
    assertTrue(down.json().path("detail").asString().contains("Try again"), down::text);
  }

  private static void assertAnswered(Caller asker, String question, int expected) {
    Reply reply = asker.post("/api/models/unsteady/ask", Map.of("question", question));
    assertEquals(200, reply.status(), reply::text);
    assertEquals(expected, reply.json().path("rows").get(0).get(0).asInt(), reply::text);
  }
}
