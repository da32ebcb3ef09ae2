package org.ropebridge.model.file;

import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import org.ropebridge.model.Nearest;
import org.snakeyaml.engine.v2.api.LoadSettings;
import org.snakeyaml.engine.v2.api.lowlevel.Compose;
import org.snakeyaml.engine.v2.common.ScalarStyle;
import org.snakeyaml.engine.v2.exceptions.Mark;
import org.snakeyaml.engine.v2.exceptions.MarkedYamlEngineException;
import org.snakeyaml.engine.v2.exceptions.YamlEngineException;
import org.snakeyaml.engine.v2.nodes.MappingNode;
import org.snakeyaml.engine.v2.nodes.Node;
import org.snakeyaml.engine.v2.nodes.NodeTuple;
import org.snakeyaml.engine.v2.nodes.ScalarNode;
import org.snakeyaml.engine.v2.nodes.SequenceNode;

/**
 * Turns one YAML file into plain values that fit a {@link Shape}: texts, lists and maps. What does
 * not fit becomes a fault and is left out, so that one run finds every fault.
 */
final class YamlTree {
  private static final int LARGEST_FILE = 4_000_000;
  private final String file;
  private final Places places;
  private final List<Fault> faults;

  YamlTree(String file, Places places, List<Fault> faults) {
    this.file = file;
    this.places = places;
    this.faults = faults;
  }

  /** The file's values; empty when it is not readable YAML at all. */
  Optional<Block> read(String text, Shape.Keys shape, String path) {
    Node root;
    try {
      LoadSettings settings =
          LoadSettings.builder().setLabel(file).setCodePointLimit(LARGEST_FILE).build();
      root = new Compose(settings).composeString(text).orElse(null);
    } catch (MarkedYamlEngineException e) {
      Place place = e.getProblemMark().map(this::place).orElseGet(() -> new Place(file, 1, 1));
      faults.add(
          Fault.error(
              place, "not readable as YAML: " + e.getProblem(), "check indents and quotes"));
      return Optional.empty();
    } catch (YamlEngineException e) {
      faults.add(Fault.error(new Place(file, 1, 1), "not readable as YAML: " + e.getMessage(), ""));
      return Optional.empty();
    }
    if (root == null) {
      faults.add(Fault.error(new Place(file, 1, 1), "the file is empty", "write it or remove it"));
      return Optional.empty();
    }
    places.put(path, place(root));
    return value(root, shape, path).map(Block.class::cast);
  }

  private Optional<Object> value(Node node, Shape shape, String path) {
    places.putValue(path, place(node));
    if (node instanceof ScalarNode scalar
        && (scalar.getScalarStyle() == ScalarStyle.DOUBLE_QUOTED
            || scalar.getScalarStyle() == ScalarStyle.SINGLE_QUOTED)) {
      places.putQuoted(path);
    }
    if (shape instanceof Shape.Either either) {
      boolean looksShort =
          either.longForm() instanceof Shape.Items
              ? node instanceof ScalarNode
              : !(node instanceof MappingNode);
      return value(node, looksShort ? either.shortForm() : either.longForm(), path);
    }
    if (shape instanceof Shape.Keys keys) {
      return node instanceof MappingNode map
          ? Optional.of(keys(map, keys, path))
          : wrong(node, "expected keys and values here");
    }
    if (shape instanceof Shape.Named named) {
      return node instanceof MappingNode map
          ? Optional.of(named(map, named, path))
          : wrong(node, "expected names with values here");
    }
    if (shape instanceof Shape.Items items) {
      return node instanceof SequenceNode list
          ? Optional.of(items(list, items, path))
          : wrong(node, "expected a list here, such as [one, two]");
    }
    return node instanceof ScalarNode scalar
        ? scalar(scalar, shape)
        : wrong(node, "expected a single value here");
  }

  private Optional<Object> scalar(ScalarNode node, Shape shape) {
    String text = node.getValue();
    if (shape instanceof Shape.Whole) {
      return text.matches("-?\\d{1,9}")
          ? Optional.of(Integer.valueOf(text))
          : wrong(node, "\"" + text + "\" is not a whole number");
    }
    if (shape instanceof Shape.YesNo) {
      return text.equals("true") || text.equals("false")
          ? Optional.of(Boolean.valueOf(text))
          : wrong(node, "\"" + text + "\" is neither true nor false");
    }
    if (shape instanceof Shape.Choice choice && !choice.words().contains(text)) {
      faults.add(
          Fault.error(
              place(node),
              "\"" + text + "\" is not one of the words allowed here",
              Nearest.hint(text, choice.words())));
      return Optional.empty();
    }
    if (shape instanceof Shape.Text allowed
        && !allowed.pattern().isEmpty()
        && !Pattern.matches(allowed.pattern(), text)) {
      return wrong(node, "\"" + text + "\" does not fit: " + allowed.about());
    }
    return text.isBlank() ? wrong(node, "nothing is written here") : Optional.of(text);
  }

  private Block keys(MappingNode node, Shape.Keys shape, String path) {
    Map<String, Object> values = new LinkedHashMap<>();
    for (NodeTuple tuple : node.getValue()) {
      String key = keyOf(tuple);
      Shape.Key known = shape.keys().get(key);
      if (known == null) {
        faults.add(
            Fault.error(
                place(tuple.getKeyNode()),
                "unknown key \"" + key + "\"",
                Nearest.hint(key, shape.keys().keySet())));
        continue;
      }
      entry(tuple, key, known.shape(), path, values);
    }
    shape
        .keys()
        .forEach(
            (name, key) -> {
              boolean given = node.getValue().stream().anyMatch(t -> keyOf(t).equals(name));
              if (key.required() && !given) {
                faults.add(
                    Fault.error(
                        place(node),
                        "the key \"" + name + "\" is missing",
                        "add " + name + ": " + key.shape().about()));
              }
            });
    return new Block(values);
  }

  private Block named(MappingNode node, Shape.Named shape, String path) {
    Map<String, Object> values = new LinkedHashMap<>();
    for (NodeTuple tuple : node.getValue()) {
      entry(tuple, keyOf(tuple), shape.value(), path, values);
    }
    return new Block(values);
  }

  private void entry(
      NodeTuple tuple, String key, Shape shape, String path, Map<String, Object> values) {
    String below = path + "/" + key;
    if (values.containsKey(key)) {
      faults.add(
          Fault.error(
              place(tuple.getKeyNode()), "\"" + key + "\" is written twice", "keep one of them"));
      return;
    }
    places.put(below, place(tuple.getKeyNode()));
    value(tuple.getValueNode(), shape, below).ifPresent(v -> values.put(key, v));
  }

  private List<Object> items(SequenceNode node, Shape.Items shape, String path) {
    List<Object> values = new java.util.ArrayList<>();
    Set<Object> seen = new HashSet<>();
    for (Node item : node.getValue()) {
      String below = path + "/" + values.size();
      Optional<Object> read = value(item, shape.item(), below);
      read.ifPresent(
          v -> {
            places.put(below, place(item));
            values.add(v);
            if (v instanceof String && !seen.add(v) && !shape.mayRepeat()) {
              faults.add(Fault.warning(place(item), "\"" + v + "\" is listed twice", "keep one"));
            }
          });
    }
    return values;
  }

  private static String keyOf(NodeTuple tuple) {
    return tuple.getKeyNode() instanceof ScalarNode scalar ? scalar.getValue() : "?";
  }

  private Optional<Object> wrong(Node node, String message) {
    faults.add(Fault.error(place(node), message, ""));
    return Optional.empty();
  }

  private Place place(Node node) {
    return node.getStartMark().map(this::place).orElseGet(() -> new Place(file, 1, 1));
  }

  private Place place(Mark mark) {
    return new Place(file, mark.getLine() + 1, mark.getColumn() + 1);
  }
}
