package org.ropebridge.model.file;

import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;

/**
 * Where each item of a model stands in its files. Items are found by path: {@code
 * tables/stays/columns/arrival}; the place of an item's value, where it differs from the place of
 * its key, by {@link #ofValue}.
 */
public final class Places {
  private static final String VALUE = "=";
  private final Map<String, Place> places = new HashMap<>();
  private final Set<String> quoted = new HashSet<>();

  void put(String path, Place place) {
    places.putIfAbsent(path, place);
  }

  void putValue(String path, Place place) {
    places.putIfAbsent(path + VALUE, place);
  }

  /** The place of the item, or of the nearest item around it. */
  public Place of(String path) {
    for (String p = path; !p.isEmpty(); p = parent(p)) {
      Place place = places.get(p);
      if (place != null) {
        return place;
      }
    }
    return new Place("model.yaml", 1, 1);
  }

  /** Tells that the item's value is written in quotes, so that its text begins one further. */
  void putQuoted(String path) {
    quoted.add(path);
  }

  /** The place where the item's value begins. */
  public Place ofValue(String path) {
    Place place = places.get(path + VALUE);
    return place == null ? of(path) : place;
  }

  /** The place of a character within a one-line value; of the value itself when it is longer. */
  public Place within(String path, int offset) {
    Place place = ofValue(path);
    int quote = quoted.contains(path) ? 1 : 0;
    return new Place(place.file(), place.line(), place.column() + quote + offset);
  }

  private static String parent(String path) {
    int slash = path.lastIndexOf('/');
    return slash < 0 ? "" : path.substring(0, slash);
  }
}
