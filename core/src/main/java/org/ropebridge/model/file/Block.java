package org.ropebridge.model.file;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Keys and values that fit their shape already. */
record Block(Map<String, Object> values) {
  static final Block EMPTY = new Block(Map.of());

  Optional<String> text(String key) {
    return Optional.ofNullable((String) values.get(key));
  }

  String text(String key, String otherwise) {
    return text(key).orElse(otherwise);
  }

  boolean yes(String key) {
    return Boolean.TRUE.equals(values.get(key));
  }

  Optional<Integer> whole(String key) {
    return Optional.ofNullable((Integer) values.get(key));
  }

  List<String> texts(String key) {
    return values.get(key) instanceof List<?> list
        ? list.stream().filter(String.class::isInstance).map(String.class::cast).toList()
        : List.of();
  }

  List<Block> blocks(String key) {
    return values.get(key) instanceof List<?> list
        ? list.stream().map(Block.class::cast).toList()
        : List.of();
  }

  Block block(String key) {
    return values.get(key) instanceof Block block ? block : EMPTY;
  }

  boolean has(String key) {
    return values.containsKey(key);
  }

  Set<String> names() {
    return values.keySet();
  }

  <E extends Enum<E>> Optional<E> choice(String key, Class<E> type) {
    return text(key).map(t -> Enum.valueOf(type, t.toUpperCase(Locale.ROOT)));
  }
}
