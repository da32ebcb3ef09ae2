package org.ropebridge.reference;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;

/** A group of an answer: one cell for each grouping. */
record Group(List<Cell> cells) {
  static final Group ALL = new Group(List.of());

  Group {
    cells = List.copyOf(cells);
  }

  /**
   * What a group is called, and what tells it apart.
   *
   * @param identity the key of the row that is named, or again what is shown
   */
  record Cell(Object identity, Object shown) {
    Cell {
      identity = plain(identity);
      shown = plain(shown);
    }

    static Cell of(Object value) {
      return new Cell(value, value);
    }

    private static Object plain(Object value) {
      return value instanceof BigDecimal number ? number.stripTrailingZeros() : value;
    }
  }

  Group with(int index, Cell cell) {
    List<Cell> changed = new ArrayList<>(cells);
    changed.set(index, cell);
    return new Group(changed);
  }

  /** Without the last cell. */
  Group parent() {
    return new Group(cells.subList(0, cells.size() - 1));
  }

  Cell last() {
    return cells.get(cells.size() - 1);
  }

  List<Object> shown() {
    List<Object> shown = new ArrayList<>();
    cells.forEach(c -> shown.add(c.shown()));
    return shown;
  }
}
