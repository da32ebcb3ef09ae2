package org.ropebridge.lexicon;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.IntConsumer;
import org.ropebridge.model.ColumnRef;

/**
 * Finds the values of large columns by a key of their words. It keeps a hash of each key and the
 * stored text, and nothing else for each value, so that a million of them take tens of megabytes;
 * whoever finds a value compares its words.
 */
final class ValueTable {
  private static final double FULLEST = 0.6;
  private static final int NONE = -1;

  private final List<ColumnRef> columns = new ArrayList<>();
  private final List<List<String>> stored = new ArrayList<>();
  private final List<Integer> firsts = new ArrayList<>();
  private int values;
  private long[] hashes = new long[1024];
  private int[] ids = filled(1024);
  private int used;

  private static int[] filled(int size) {
    int[] empty = new int[size];
    Arrays.fill(empty, NONE);
    return empty;
  }

  /**
   * Begins a column, whose values are added next in their order.
   *
   * @return the number of its first value
   */
  int begin(ColumnRef column, List<String> texts) {
    columns.add(column);
    stored.add(texts);
    firsts.add(values);
    int first = values;
    values += texts.size();
    return first;
  }

  /**
   * Makes a value be found by a key.
   *
   * @param key what {@link #key} makes of the words
   */
  void put(long key, int value) {
    if (used + 1 > hashes.length * FULLEST) {
      grow();
    }
    insert(key, value);
  }

  private void insert(long hash, int value) {
    int at = (int) hash & hashes.length - 1;
    while (ids[at] != NONE) {
      at = at + 1 & hashes.length - 1;
    }
    hashes[at] = hash;
    ids[at] = value;
    used++;
  }

  private void grow() {
    long[] oldHashes = hashes;
    int[] oldIds = ids;
    hashes = new long[oldHashes.length * 2];
    ids = filled(hashes.length);
    used = 0;
    for (int i = 0; i < oldIds.length; i++) {
      if (oldIds[i] != NONE) {
        insert(oldHashes[i], oldIds[i]);
      }
    }
  }

  /** Hands over the values that may have the key; a few may have another of the same hash. */
  void find(String key, IntConsumer found) {
    long hash = key(key);
    int at = (int) hash & hashes.length - 1;
    while (ids[at] != NONE) {
      if (hashes[at] == hash) {
        found.accept(ids[at]);
      }
      at = at + 1 & hashes.length - 1;
    }
  }

  ColumnRef column(int value) {
    return columns.get(place(value));
  }

  String stored(int value) {
    int place = place(value);
    return stored.get(place).get(value - firsts.get(place));
  }

  private int place(int value) {
    int place = firsts.size() - 1;
    while (firsts.get(place) > value) {
      place--;
    }
    return place;
  }

  boolean isEmpty() {
    return values == 0;
  }

  /** FNV-1a over the characters of the words, mixed so that its low bits spread. */
  static long key(String words) {
    long hash = 0xcbf29ce484222325L;
    for (int i = 0; i < words.length(); i++) {
      hash = (hash ^ words.charAt(i)) * 0x100000001b3L;
    }
    return hash ^ hash >>> 29;
  }
}
