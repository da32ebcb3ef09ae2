package org.ropebridge.cli;

import java.util.Map;
import java.util.regex.Pattern;
import tools.jackson.databind.JsonNode;

/** Names threads as people do: the last one, a new one, or one by its id. */
final class Threads {
  private static final Pattern ID = Pattern.compile("[0-9a-fA-F-]{36}");

  private Threads() {}

  /** The place of a question in the thread that a person named. */
  static Map<String, String> named(Rest rest, String model, String name) {
    if (name.equals("new")) {
      return withId(null);
    } else if (name.equals("last")) {
      JsonNode threads = rest.get("/api/models/" + model + "/threads");
      if (threads.isEmpty()) {
        throw new ClientException(Exit.USAGE, "You have no thread yet; begin one: --thread new");
      }
      return withId(threads.get(0).path("id").asString());
    } else if (!ID.matcher(name).matches()) {
      throw new ClientException(
          Exit.USAGE, "\"" + name + "\" is no thread; say new, last, or the id of one.");
    }
    return withId(name);
  }

  /** The end of a thread; without an id, the start of a new one. */
  static Map<String, String> withId(String id) {
    return id == null ? Map.of() : Map.of("id", id);
  }
}
