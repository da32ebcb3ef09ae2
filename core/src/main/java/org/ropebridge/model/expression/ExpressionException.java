package org.ropebridge.model.expression;

/** An expression that cannot be read; says where in its text and what to do. */
public final class ExpressionException extends RuntimeException {
  private static final long serialVersionUID = 1L;
  private final int offset;

  public ExpressionException(String message, int offset) {
    super(message);
    this.offset = offset;
  }

  /** Index of the first character of the fault in the expression's text. */
  public int offset() {
    return offset;
  }
}
