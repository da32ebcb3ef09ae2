package org.ropebridge.upload;

import java.util.Objects;

/**
 * How a column of a file is taken in.
 *
 * @param index its place in the file, from 0
 * @param header what stands above it in the file; empty for nothing
 * @param name the column's name in the table
 * @param kind what it holds
 * @param mark the decimal mark of its numbers; null while it cannot be told
 * @param order the order of its days; null while it cannot be told
 * @param percent whether its numbers are percentages, kept as shares
 * @param kept whether it becomes a column at all
 */
public record ColumnForm(
    int index,
    String header,
    String name,
    Kind kind,
    DecimalMark mark,
    DayOrder order,
    boolean percent,
    boolean kept) {
  public ColumnForm {
    Objects.requireNonNull(header, "header");
    Objects.requireNonNull(name, "name");
    Objects.requireNonNull(kind, "kind");
  }

  /** Whether the author must say something before it can be taken in. */
  public boolean isOpen() {
    return kept
        && switch (kind) {
          case WHOLE, DECIMAL -> mark == null;
          case DAY, MOMENT -> order == null;
          default -> false;
        };
  }

  public ColumnForm withKind(Kind newKind) {
    return new ColumnForm(index, header, name, newKind, mark, order, percent, kept);
  }
}
