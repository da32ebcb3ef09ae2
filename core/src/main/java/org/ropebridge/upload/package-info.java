/**
 * Untidy files that authors bring, and the tables that they become. A file is read as rows of raw
 * cells by who can open it; here it is found out where its heading is, what its columns hold, and
 * which rows are none. Nothing is changed that is not told, and no row is lost: one that does not
 * fit is put aside with its reason.
 *
 * <p>First {@link org.ropebridge.upload.Detection} sees all rows once and proposes a {@link
 * org.ropebridge.upload.FileForm}; the author may change it; then {@link
 * org.ropebridge.upload.Intake} takes the rows in by it. Both keep counts and a few examples, never
 * the file.
 */
package org.ropebridge.upload;
