package org.ropebridge.model.words;

import java.util.List;

/**
 * What one thing is called.
 *
 * @param item path of the item in the model, such as {@code metrics/revenue} or {@code
 *     tables/stays/columns/channel/values/W}; empty when the list does not know it
 * @param called what it is called first of all; may be empty beside an item
 * @param alsoCalled its synonyms
 * @param about what it is, may be empty
 */
public record WordEntry(String item, String called, List<String> alsoCalled, String about) {
  public WordEntry {
    alsoCalled = List.copyOf(alsoCalled);
  }
}
