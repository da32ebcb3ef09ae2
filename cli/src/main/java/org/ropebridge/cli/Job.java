package org.ropebridge.cli;

import java.io.PrintWriter;
import java.util.concurrent.TimeUnit;
import tools.jackson.databind.JsonNode;

/** Waits for work that takes the service a while, and tells how far it is. */
final class Job {
  private static final long MILLIS_BETWEEN_LOOKS = 250;

  private Job() {}

  /**
   * What the path says once its job has ended.
   *
   * @param progress where the line that tells how far it is goes
   */
  static JsonNode wait(Rest rest, String path, PrintWriter progress) {
    return wait(rest, path, "job", progress);
  }

  /** The same for a job of another name. */
  static JsonNode wait(Rest rest, String path, String name, PrintWriter progress) {
    boolean told = System.console() != null;
    JsonNode all = rest.get(path);
    while (all.path(name).path("state").asString().equals("running")) {
      if (told) {
        JsonNode job = all.path(name);
        progress.print(
            "\r"
                + job.path("stage").asString()
                + " "
                + job.path("done").asInt()
                + " of "
                + job.path("total").asInt()
                + "        ");
        progress.flush();
      }
      try {
        TimeUnit.MILLISECONDS.sleep(MILLIS_BETWEEN_LOOKS);
      } catch (InterruptedException e) {
        Thread.currentThread().interrupt();
        throw new ClientException(Exit.FAILED, "Interrupted.");
      }
      all = rest.get(path);
    }
    if (told) {
      progress.print("\r" + " ".repeat(40) + "\r");
      progress.flush();
    }
    JsonNode job = all.path(name);
    if (!job.path("state").asString().equals("done")) {
      String why = job.path("message").asString();
      throw new ClientException(Exit.FAILED, why.isEmpty() ? "It was stopped." : why);
    }
    return all;
  }
}
