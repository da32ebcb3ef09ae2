package org.ropebridge.model.file;

/**
 * A place in a model file.
 *
 * @param file path within the model's folder
 * @param line counted from 1
 * @param column counted from 1
 */
public record Place(String file, int line, int column) implements Comparable<Place> {
  @Override
  public int compareTo(Place other) {
    int byFile = file.compareTo(other.file);
    int byLine = byFile != 0 ? byFile : Integer.compare(line, other.line);
    return byLine != 0 ? byLine : Integer.compare(column, other.column);
  }

  @Override
  public String toString() {
    return file + ":" + line + ":" + column;
  }
}
