package org.ropebridge.service.uploads;

import java.util.List;

/**
 * How a file is opened.
 *
 * @param encoding of a text file, by its IANA name; null for a sheet, or to find it out
 * @param separator between the cells of a text file; null for a sheet, or to find it out
 * @param sheet the name of a workbook's sheet; null for a text file, or to take the first with rows
 * @param sheets all sheets of a workbook; empty for a text file
 */
record Opening(String encoding, String separator, String sheet, List<String> sheets) {
  static final Opening FIND_OUT = new Opening(null, null, null, List.of());

  Opening {
    sheets = sheets == null ? List.of() : List.copyOf(sheets);
  }

  boolean isSheet() {
    return sheet != null;
  }
}
