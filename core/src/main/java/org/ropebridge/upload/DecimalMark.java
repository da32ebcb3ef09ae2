package org.ropebridge.upload;

/** What stands between a number's whole and its decimals; the other one groups thousands. */
public enum DecimalMark {
  POINT,
  COMMA;

  char mark() {
    return this == POINT ? '.' : ',';
  }

  char grouping() {
    return this == POINT ? ',' : '.';
  }
}
