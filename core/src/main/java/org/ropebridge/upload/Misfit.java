package org.ropebridge.upload;

/** A cell is not what its column holds. */
final class Misfit extends Exception {
  private static final long serialVersionUID = 1L;

  /** There can be millions; nobody looks at where they were thrown. */
  Misfit(String reason) {
    super(reason, null, false, false);
  }
}
