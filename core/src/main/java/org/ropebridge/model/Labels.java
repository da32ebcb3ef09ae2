package org.ropebridge.model;

/** How identifiers are shown to people. */
public final class Labels {
  private Labels() {}

  /** {@code guest_nights} is shown as "guest nights". */
  public static String ofName(String identifier) {
    return identifier.replace('_', ' ');
  }
}
