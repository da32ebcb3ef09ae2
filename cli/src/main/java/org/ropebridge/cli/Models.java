package org.ropebridge.cli;

import java.util.ArrayList;
import java.util.List;
import tools.jackson.databind.JsonNode;

/** Chooses the model of a command. */
final class Models {
  private Models() {}

  /** The named model, or the only one there is. */
  static String choose(Rest rest, String named) {
    if (named != null) {
      return named;
    }
    List<String> names = new ArrayList<>();
    for (JsonNode model : rest.get("/api/models")) {
      names.add(model.path("name").asString());
    }
    if (names.isEmpty()) {
      throw new ClientException(
          Exit.FAILED, "There is no model yet. Publish one with: ropebridge model publish DIR");
    }
    if (names.size() > 1) {
      throw new ClientException(
          Exit.USAGE, "Name a model with --model: " + String.join(", ", names));
    }
    return names.get(0);
  }
}
