package org.ropebridge.model.file;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;

/** Writes values as YAML text, in the forms that model files use. */
final class YamlText {
  private static final int WIDEST = 100;
  private static final Pattern PLAIN = Pattern.compile("[\\p{L}\\p{N}_(/][^\\n\\r\\t\"\\\\]*");
  private static final Pattern SOMETHING_ELSE =
      Pattern.compile("(?i)true|false|null|yes|no|on|off|~|[-+]?[0-9][0-9_.,]*(e[-+]?[0-9]+)?");

  private YamlText() {}

  /** The value on one line. */
  static String flow(Object value) {
    if (value instanceof Map<?, ?> map) {
      List<String> entries = new ArrayList<>();
      map.forEach((k, v) -> entries.add(scalar(k.toString(), true) + ": " + flow(v)));
      return "{" + String.join(", ", entries) + "}";
    } else if (value instanceof List<?> list) {
      return "[" + String.join(", ", list.stream().map(YamlText::flow).toList()) + "]";
    }
    return value instanceof String text ? scalar(text, true) : String.valueOf(value);
  }

  /**
   * The value as it stands behind a key and its colon: on the same line where it fits, else on
   * lines of its own below.
   *
   * @param indent of the key
   * @param compact whether maps are written on one line where they fit
   */
  static String behindKey(Object value, int indent, boolean compact) {
    if (value instanceof Map<?, ?> map) {
      String line = flow(map);
      boolean oneLine = compact && line.length() + indent < WIDEST && !line.contains("\n");
      return oneLine || map.isEmpty() ? " " + line : "\n" + block(map, indent + 2);
    } else if (value instanceof List<?> list) {
      String line = flow(list);
      boolean simple = list.stream().noneMatch(i -> i instanceof Map || i instanceof List);
      return simple && line.length() + indent < WIDEST || list.isEmpty()
          ? " " + line
          : "\n" + items(list, indent + 2);
    }
    return " " + scalarBehindKey(value, indent);
  }

  /** A text of several lines becomes a block, others stay on the line. */
  static String scalarBehindKey(Object value, int indent) {
    if (!(value instanceof String text)) {
      return String.valueOf(value);
    }
    boolean lines = text.contains("\n") && !text.startsWith(" ") && !text.contains("\t");
    if (!lines || text.lines().anyMatch(l -> l.endsWith(" "))) {
      return scalar(text, false);
    }
    String below = " ".repeat(indent + 2);
    StringBuilder block = new StringBuilder(text.endsWith("\n") ? "|" : "|-");
    text.stripTrailing()
        .lines()
        .forEach(l -> block.append("\n").append(l.isEmpty() ? "" : below + l));
    return block.toString();
  }

  /** The entries of a map, one below the other, without a line end behind the last. */
  static String block(Map<?, ?> map, int indent) {
    List<String> lines = new ArrayList<>();
    map.forEach(
        (k, v) ->
            lines.add(
                " ".repeat(indent)
                    + scalar(k.toString(), false)
                    + ":"
                    + behindKey(v, indent, indent > 0 || isSmall(v))));
    return String.join("\n", lines);
  }

  /** Whether a map at the top of a file is so small that it reads best on one line. */
  private static boolean isSmall(Object value) {
    return value instanceof Map<?, ?> map
        && map.values().stream().noneMatch(v -> v instanceof Map || v instanceof List)
        && map.size() <= 2;
  }

  /** The items of a list, one below the other, without a line end behind the last. */
  static String items(List<?> list, int indent) {
    return String.join("\n", list.stream().map(i -> item(i, indent)).toList());
  }

  /** An item of a list that is written one below the other. */
  static String item(Object item, int indent) {
    String dash = " ".repeat(indent) + "- ";
    return item instanceof Map<?, ?> map && !map.isEmpty()
        ? dash + block(map, indent + 2).substring(indent + 2)
        : dash + (item instanceof String text ? scalarBehindKey(text, indent) : flow(item));
  }

  /** A text as a plain scalar where that is safe, else quoted. */
  static String scalar(String text, boolean inFlow) {
    boolean plain =
        PLAIN.matcher(text).matches()
            && !text.contains(": ")
            && !text.contains(" #")
            && !text.endsWith(":")
            && !text.endsWith(" ")
            && !SOMETHING_ELSE.matcher(text).matches()
            && !(inFlow && text.matches(".*[,\\[\\]{}:].*"));
    if (plain) {
      return text;
    }
    StringBuilder quoted = new StringBuilder("\"");
    text.codePoints()
        .forEach(
            c -> {
              switch (c) {
                case '"' -> quoted.append("\\\"");
                case '\\' -> quoted.append("\\\\");
                case '\n' -> quoted.append("\\n");
                case '\r' -> quoted.append("\\r");
                case '\t' -> quoted.append("\\t");
                default -> {
                  if (Character.isISOControl(c)) {
                    quoted.append(String.format("\\x%02x", c));
                  } else {
                    quoted.appendCodePoint(c);
                  }
                }
              }
            });
    return quoted.append('"').toString();
  }
}
