package org.ropebridge.service.uploads;

import java.util.List;
import org.ropebridge.upload.Aside;
import org.ropebridge.upload.FileForm;
import org.ropebridge.upload.FileNote;

/**
 * What a look at a file found: how it would be taken in, tried on every row.
 *
 * @param notes what is not taken in as it stands, and what the author must say
 * @param rows how many rows the table would have; 0 while something must be said first
 * @param aside how many rows would be put aside
 * @param leftOut empty rows and headings
 * @param firstRows the first rows as they would be, in the order of the kept columns; what the
 *     author must decide as it stands in the file
 * @param firstAside the first rows that would be put aside
 */
record Look(
    Opening opening,
    FileForm form,
    List<FileNote> notes,
    long rows,
    long aside,
    long leftOut,
    List<List<String>> firstRows,
    List<Aside> firstAside) {}
