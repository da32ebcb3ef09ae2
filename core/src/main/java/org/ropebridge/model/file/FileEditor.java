package org.ropebridge.model.file;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.ropebridge.model.file.FileEdit.Impossible;
import org.snakeyaml.engine.v2.api.LoadSettings;
import org.snakeyaml.engine.v2.api.lowlevel.Compose;
import org.snakeyaml.engine.v2.common.FlowStyle;
import org.snakeyaml.engine.v2.exceptions.Mark;
import org.snakeyaml.engine.v2.exceptions.YamlEngineException;
import org.snakeyaml.engine.v2.nodes.CollectionNode;
import org.snakeyaml.engine.v2.nodes.MappingNode;
import org.snakeyaml.engine.v2.nodes.Node;
import org.snakeyaml.engine.v2.nodes.NodeTuple;
import org.snakeyaml.engine.v2.nodes.ScalarNode;
import org.snakeyaml.engine.v2.nodes.SequenceNode;

/**
 * Changes single values in the text of model files and leaves every other character as its author
 * wrote it: comments, order, quotes and line breaks.
 *
 * <pre>
 *   arrival: {holds: date}  # first night      set also_called to [check-in]
 *   arrival: {holds: date, also_called: [check-in]}  # first night
 * </pre>
 */
public final class FileEditor {
  private String text;

  private FileEditor(String text) {
    this.text = text;
  }

  /**
   * Makes the edits one after another.
   *
   * @param files text by path
   * @return the files after all edits
   * @throws Impossible if a file cannot be read, or a place is not there; nothing is changed then
   */
  public static Map<String, String> apply(Map<String, String> files, List<FileEdit> edits) {
    Map<String, String> edited = new TreeMap<>(files);
    for (FileEdit edit : edits) {
      if (edit.path().isEmpty()) {
        wholeFile(edited, edit);
        continue;
      }
      FileEditor editor = new FileEditor(edited.getOrDefault(edit.file(), ""));
      editor.make(edit);
      if (editor.text.isBlank()) {
        edited.remove(edit.file());
      } else {
        edited.put(edit.file(), editor.text);
      }
    }
    return edited;
  }

  private static void wholeFile(Map<String, String> files, FileEdit edit) {
    if (edit.value().isEmpty()) {
      if (files.remove(edit.file()) == null) {
        throw new Impossible("There is no file " + edit.file() + ".");
      }
    } else if (edit.value().get() instanceof Map<?, ?> map) {
      files.put(edit.file(), YamlText.block(map, 0) + "\n");
    } else {
      files.put(edit.file(), edit.value().get().toString());
    }
  }

  private void make(FileEdit edit) {
    Optional<Node> root = root(edit.file());
    if (root.isEmpty()) {
      if (edit.value().isEmpty()) {
        throw new Impossible("There is no file " + edit.file() + ".");
      }
      text = YamlText.block(Map.of(edit.path().get(0), nested(edit, 1)), 0) + "\n";
      return;
    }
    Node parent = root.get();
    for (int depth = 0; depth < edit.path().size() - 1; depth++) {
      String key = edit.path().get(depth);
      Optional<Node> child = child(parent, key);
      boolean deeper = child.isPresent() && child.get() instanceof CollectionNode<?>;
      if (!deeper) {
        if (edit.value().isEmpty()) {
          throw missing(edit);
        }
        set(parent, edit.path(), depth, nested(edit, depth + 1));
        return;
      }
      parent = child.get();
    }
    int last = edit.path().size() - 1;
    if (edit.rename().isPresent()) {
      rename(parent, edit);
    } else if (edit.value().isPresent()) {
      set(parent, edit.path(), last, edit.value().get());
    } else {
      remove(edit);
    }
  }

  private Optional<Node> root(String file) {
    try {
      return new Compose(LoadSettings.builder().setLabel(file).build()).composeString(text);
    } catch (YamlEngineException e) {
      throw new Impossible(file + " is not readable as YAML; mend it first. Nothing was changed.");
    }
  }

  private static Impossible missing(FileEdit edit) {
    return new Impossible(
        "There is no " + String.join(" / ", edit.path()) + " in " + edit.file() + ".");
  }

  /** The value with the rest of the path around it, for places whose parents are missing too. */
  private static Object nested(FileEdit edit, int from) {
    Object value = edit.value().orElseThrow();
    for (int i = edit.path().size() - 1; i >= from; i--) {
      String key = edit.path().get(i);
      if (key.equals("0") && i > 0) {
        value = List.of(value);
      } else {
        Map<String, Object> around = new LinkedHashMap<>();
        around.put(key, value);
        value = around;
      }
    }
    return value;
  }

  private static Optional<Node> child(Node parent, String key) {
    if (parent instanceof MappingNode map) {
      return tuple(map, key).map(NodeTuple::getValueNode);
    }
    int index = index(key);
    return parent instanceof SequenceNode list && index >= 0 && index < list.getValue().size()
        ? Optional.of(list.getValue().get(index))
        : Optional.empty();
  }

  private static int index(String key) {
    return key.matches("\\d{1,6}") ? Integer.parseInt(key) : -1;
  }

  private static Optional<NodeTuple> tuple(MappingNode map, String key) {
    return map.getValue().stream().filter(t -> keyOf(t).equals(key)).findFirst();
  }

  private static String keyOf(NodeTuple tuple) {
    return tuple.getKeyNode() instanceof ScalarNode scalar ? scalar.getValue() : "?";
  }

  // ---- changing

  private void set(Node parent, List<String> path, int depth, Object value) {
    String key = path.get(depth);
    Optional<Node> old = child(parent, key);
    if (parent instanceof MappingNode map) {
      if (old.isPresent()) {
        replace(map, tuple(map, key).orElseThrow(), value);
      } else {
        add(map, key, value, FileShapes.keysBefore(path.subList(0, depth), key, text));
      }
    } else if (parent instanceof SequenceNode list) {
      int index = index(key);
      if (index < 0 || index > list.getValue().size()) {
        throw new Impossible(
            "There is no item " + key + "; the list has " + list.getValue().size() + ".");
      }
      setItem(list, index, value);
    } else {
      throw new Impossible("Nothing can stand below a single value.");
    }
  }

  private void replace(MappingNode map, NodeTuple tuple, Object value) {
    Node old = tuple.getValueNode();
    boolean flow = map.getFlowStyle() == FlowStyle.FLOW;
    int start = start(old);
    int end = end(old);
    if (flow) {
      splice(start, end, YamlText.flow(value));
    } else if (old instanceof CollectionNode<?> collection
        && collection.getFlowStyle() == FlowStyle.FLOW
        && !YamlText.flow(value).contains("\n")) {
      splice(start, end, YamlText.flow(value));
    } else if (old instanceof SequenceNode list
        && value instanceof List<?> items
        && !list.getValue().isEmpty()) {
      replaceItems(list, items);
    } else {
      int indent = column(start(tuple.getKeyNode()));
      int afterKey = text.indexOf(':', end(tuple.getKeyNode())) + 1;
      splice(afterKey, end, YamlText.behindKey(value, indent, siblingsAreFlow(map)));
    }
  }

  /** Changes only those lines of a list whose items differ. */
  private void replaceItems(SequenceNode list, List<?> items) {
    List<Node> old = list.getValue();
    int same = 0;
    while (same < old.size() && same < items.size() && isSame(old.get(same), items.get(same))) {
      same++;
    }
    int sameAtEnd = 0;
    while (sameAtEnd < old.size() - same
        && sameAtEnd < items.size() - same
        && isSame(old.get(old.size() - 1 - sameAtEnd), items.get(items.size() - 1 - sameAtEnd))) {
      sameAtEnd++;
    }
    int indent = column(lastDash(start(old.get(0))));
    List<?> changed = items.subList(same, items.size() - sameAtEnd);
    List<Node> gone = old.subList(same, old.size() - sameAtEnd);
    String lines = changed.isEmpty() ? "" : YamlText.items(changed, indent) + "\n";
    int from =
        gone.isEmpty()
            ? same < old.size()
                ? lineStart(start(old.get(same)))
                : afterLine(end(old.get(same - 1)))
            : lineStart(start(gone.get(0)));
    int to = gone.isEmpty() ? from : afterLine(end(gone.get(gone.size() - 1)));
    spliceLines(from, to, lines);
  }

  private static boolean isSame(Node node, Object value) {
    return node instanceof ScalarNode scalar && scalar.getValue().equals(String.valueOf(value));
  }

  private void setItem(SequenceNode list, int index, Object value) {
    List<Node> items = list.getValue();
    boolean flow = list.getFlowStyle() == FlowStyle.FLOW;
    boolean isNew = index == items.size();
    if (flow) {
      if (!isNew) {
        splice(start(items.get(index)), end(items.get(index)), YamlText.flow(value));
      } else if (items.isEmpty()) {
        splice(start(list) + 1, end(list) - 1, YamlText.flow(value));
      } else {
        int end = end(items.get(index - 1));
        splice(end, end, ", " + YamlText.flow(value));
      }
      return;
    }
    int indent = column(lastDash(start(items.get(0))));
    int from = isNew ? afterLine(end(items.get(index - 1))) : lineStart(start(items.get(index)));
    int to = isNew ? from : afterLine(end(items.get(index)));
    spliceLines(from, to, YamlText.item(value, indent) + "\n");
  }

  private void add(MappingNode map, String key, Object value, List<String> keysBefore) {
    if (map.getFlowStyle() == FlowStyle.FLOW) {
      String entry = YamlText.scalar(key, true) + ": " + YamlText.flow(value);
      if (map.getValue().isEmpty()) {
        splice(start(map) + 1, end(map) - 1, entry);
      } else {
        int end = end(before(map, keysBefore).getValueNode());
        splice(end, end, ", " + entry);
      }
      return;
    }
    NodeTuple before = before(map, keysBefore);
    int indent = column(start(before.getKeyNode()));
    String line =
        " ".repeat(indent)
            + YamlText.scalar(key, false)
            + ":"
            + YamlText.behindKey(value, indent, siblingsAreFlow(map) || indent > 0);
    int at = afterLine(end(before.getValueNode()));
    spliceLines(at, at, line + "\n");
  }

  /** The entry behind which a new one belongs: the last of those that come before it. */
  private static NodeTuple before(MappingNode map, List<String> keysBefore) {
    NodeTuple found = null;
    for (NodeTuple tuple : map.getValue()) {
      if (keysBefore.contains(keyOf(tuple))) {
        found = tuple;
      }
    }
    return found == null ? map.getValue().get(map.getValue().size() - 1) : found;
  }

  private static boolean siblingsAreFlow(MappingNode map) {
    return map.getValue().stream()
        .map(NodeTuple::getValueNode)
        .anyMatch(v -> v instanceof MappingNode m && m.getFlowStyle() == FlowStyle.FLOW);
  }

  private void rename(Node parent, FileEdit edit) {
    String key = edit.path().get(edit.path().size() - 1);
    NodeTuple tuple =
        Optional.of(parent)
            .filter(MappingNode.class::isInstance)
            .flatMap(p -> tuple((MappingNode) p, key))
            .orElseThrow(() -> missing(edit));
    String to = edit.rename().orElseThrow();
    if (tuple((MappingNode) parent, to).isPresent()) {
      throw new Impossible("There is a " + to + " already; choose another name.");
    }
    Node name = tuple.getKeyNode();
    splice(start(name), end(name), YamlText.scalar(to, true));
  }

  private void remove(FileEdit edit) {
    Node parent = root(edit.file()).orElseThrow();
    List<Node> parents = new ArrayList<>(List.of(parent));
    for (String key : edit.path().subList(0, edit.path().size() - 1)) {
      parent = child(parent, key).orElseThrow(() -> missing(edit));
      parents.add(parent);
    }
    int depth = edit.path().size() - 1;
    child(parent, edit.path().get(depth)).orElseThrow(() -> missing(edit));
    // A map or list without entries would be nothing at all, so it goes with its last one.
    while (depth > 0 && size(parents.get(depth)) == 1) {
      depth--;
    }
    if (depth == 0 && size(parents.get(0)) == 1) {
      text = "";
      return;
    }
    remove(parents.get(depth), edit.path().get(depth));
  }

  private static int size(Node node) {
    return node instanceof CollectionNode<?> collection ? collection.getValue().size() : 0;
  }

  private void remove(Node parent, String key) {
    List<int[]> ranges = new ArrayList<>();
    int at;
    if (parent instanceof MappingNode map) {
      at = map.getValue().indexOf(tuple(map, key).orElseThrow());
      map.getValue()
          .forEach(t -> ranges.add(new int[] {start(t.getKeyNode()), end(t.getValueNode())}));
    } else {
      at = index(key);
      ((SequenceNode) parent).getValue().forEach(n -> ranges.add(new int[] {start(n), end(n)}));
    }
    int[] range = ranges.get(at);
    if (((CollectionNode<?>) parent).getFlowStyle() == FlowStyle.FLOW) {
      if (at + 1 < ranges.size()) {
        splice(range[0], ranges.get(at + 1)[0], "");
      } else {
        splice(ranges.get(at - 1)[1], range[1], "");
      }
    } else if (at == 0 && !text.substring(lineStart(range[0]), range[0]).matches("\\s*(- )?")) {
      throw new Impossible("Two things share a line here; change the file by hand.");
    } else if (parent instanceof MappingNode
        && text.substring(lineStart(range[0]), range[0]).endsWith("- ")) {
      // The first key of an item: the next one takes its place behind the dash.
      splice(range[0], ranges.get(at + 1)[0], "");
    } else {
      spliceLines(lineStart(range[0]), afterLine(range[1]), "");
    }
  }

  // ---- places in the text

  private int offset(Mark mark) {
    return text.offsetByCodePoints(0, mark.getIndex());
  }

  private int start(Node node) {
    return offset(node.getStartMark().orElseThrow());
  }

  /** Behind the last character of a value; spaces, comments and line ends behind it are not its. */
  private int end(Node node) {
    if (node instanceof CollectionNode<?> collection
        && collection.getFlowStyle() != FlowStyle.FLOW
        && !collection.getValue().isEmpty()) {
      Object last = collection.getValue().get(collection.getValue().size() - 1);
      return end(last instanceof NodeTuple tuple ? tuple.getValueNode() : (Node) last);
    }
    int end = offset(node.getEndMark().orElseThrow());
    while (end > start(node) && Character.isWhitespace(text.charAt(end - 1))) {
      end--;
    }
    return end;
  }

  private int lineStart(int at) {
    return text.lastIndexOf('\n', at - 1) + 1;
  }

  private int afterLine(int at) {
    int end = text.indexOf('\n', at);
    return end < 0 ? text.length() : end + 1;
  }

  private int column(int at) {
    return at - lineStart(at);
  }

  private int lastDash(int at) {
    return text.lastIndexOf("-", at);
  }

  private void splice(int from, int to, String by) {
    text = text.substring(0, from) + by + text.substring(to);
  }

  /** Replaces whole lines; what comes before them ends with a line end. */
  private void spliceLines(int from, int to, String lines) {
    boolean needsEnd = from > 0 && text.charAt(from - 1) != '\n' && !lines.isEmpty();
    splice(from, to, (needsEnd ? "\n" : "") + lines);
  }
}
