package org.ropebridge.cli;

/** What the client's exit codes mean. */
final class Exit {
  static final int OK = 0;
  static final int FAILED = 1;
  static final int USAGE = 2;
  static final int REFUSED = 3;

  private Exit() {}
}
