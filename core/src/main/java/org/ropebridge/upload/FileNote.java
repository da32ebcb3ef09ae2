package org.ropebridge.upload;

/**
 * Something about a file that is not taken in as it stands, or that the author should look at.
 *
 * @param column name of the column that it is about; empty for the file
 * @param text what is done and why, for the author: a sentence about the file, or what follows on
 *     the column
 * @param open whether the author must say something first
 */
public record FileNote(String column, String text, boolean open) {}
