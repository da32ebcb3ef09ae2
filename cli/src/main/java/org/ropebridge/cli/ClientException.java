package org.ropebridge.cli;

/** Something that ends a command, with a sentence for people and an exit code. */
final class ClientException extends RuntimeException {
  private static final long serialVersionUID = 1L;
  private final int exitCode;

  ClientException(int exitCode, String message) {
    super(message);
    this.exitCode = exitCode;
  }

  int exitCode() {
    return exitCode;
  }
}
