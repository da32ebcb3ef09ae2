package org.ropebridge.service;

/** Texts from outside, as the database can keep them. */
public final class StorableText {
  private StorableText() {}

  /**
   * The text with a mark in the place of each zero character, which PostgreSQL does not keep.
   *
   * @param text any text; not null
   */
  public static String of(String text) {
    return text.replace('\u0000', '\uFFFD');
  }
}
