/**
 * Reads and writes the files of a model: YAML with the place of everything in it, iCalendar for
 * occasions, and the JSON Schemas of the files. One declaration, {@link
 * org.ropebridge.model.file.FileShapes}, says which keys exist; reader and schemas follow it.
 */
package org.ropebridge.model.file;
