package org.ropebridge.model.file;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** What may stand at a place in a model file. */
sealed interface Shape {

  /** A text; {@code pattern} is a regular expression or empty for any. */
  record Text(String about, String pattern) implements Shape {}

  record Whole(String about) implements Shape {}

  record YesNo(String about) implements Shape {}

  /** One of a few words. */
  record Choice(String about, List<String> words) implements Shape {}

  /**
   * A list of one shape.
   *
   * @param mayRepeat whether the same item may well stand there twice
   */
  record Items(String about, Shape item, boolean mayRepeat) implements Shape {
    Items(String about, Shape item) {
      this(about, item, false);
    }
  }

  /** Names of the author's choice, each with a value of one shape. */
  record Named(String about, Shape value) implements Shape {}

  /** Known keys. */
  record Keys(String about, Map<String, Key> keys) implements Shape {}

  /** A short form or a long form. */
  record Either(Shape shortForm, Shape longForm) implements Shape {
    @Override
    public String about() {
      return longForm.about();
    }
  }

  record Key(Shape shape, boolean required) {}

  String about();

  static Builder keys(String about) {
    return new Builder(about);
  }

  /** Collects the keys of an object. */
  final class Builder {
    private final String about;
    private final Map<String, Key> keys = new LinkedHashMap<>();

    private Builder(String about) {
      this.about = about;
    }

    Builder must(String name, Shape shape) {
      keys.put(name, new Key(shape, true));
      return this;
    }

    Builder may(String name, Shape shape) {
      keys.put(name, new Key(shape, false));
      return this;
    }

    Keys done() {
      return new Keys(about, new LinkedHashMap<>(keys));
    }
  }

  /** This shape as JSON Schema (draft 2020-12). */
  default Map<String, Object> schema() {
    Map<String, Object> schema = new LinkedHashMap<>();
    if (!about().isEmpty()) {
      schema.put("description", about());
    }
    if (this instanceof Text text) {
      schema.put("type", "string");
      if (!text.pattern().isEmpty()) {
        schema.put("pattern", "^(" + text.pattern() + ")$");
      }
    } else if (this instanceof Whole) {
      schema.put("type", "integer");
    } else if (this instanceof YesNo) {
      schema.put("type", "boolean");
    } else if (this instanceof Choice choice) {
      schema.put("enum", choice.words());
    } else if (this instanceof Items items) {
      schema.put("type", "array");
      schema.put("items", items.item().schema());
    } else if (this instanceof Named named) {
      schema.put("type", "object");
      schema.put("additionalProperties", named.value().schema());
    } else if (this instanceof Either either) {
      schema.put("anyOf", List.of(either.shortForm().schema(), either.longForm().schema()));
    } else if (this instanceof Keys object) {
      schema.put("type", "object");
      Map<String, Object> properties = new LinkedHashMap<>();
      List<String> required = new ArrayList<>();
      object
          .keys()
          .forEach(
              (name, key) -> {
                properties.put(name, key.shape().schema());
                if (key.required()) {
                  required.add(name);
                }
              });
      schema.put("properties", properties);
      if (!required.isEmpty()) {
        schema.put("required", required);
      }
      schema.put("additionalProperties", false);
    }
    return schema;
  }
}
