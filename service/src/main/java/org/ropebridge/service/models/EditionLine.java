package org.ropebridge.service.models;

import java.time.Instant;

/**
 * An edition in a list.
 *
 * @param note what its author wrote about it, may be empty
 * @param overruled why it was published although something was broken; empty when nothing was
 */
public record EditionLine(
    int number, String note, String publishedBy, Instant publishedAt, String overruled) {}
