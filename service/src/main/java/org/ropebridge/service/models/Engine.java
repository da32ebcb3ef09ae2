package org.ropebridge.service.models;

import org.ropebridge.access.Access;
import org.ropebridge.answer.Notices;
import org.ropebridge.reading.QuestionReader;
import org.ropebridge.sql.SqlWriter;

/**
 * All that is needed to answer questions on one edition for all persons who may see the same of it.
 * Immutable; shared between requests.
 *
 * @param edition the edition's number
 */
public record Engine(
    Access access, int edition, QuestionReader reader, SqlWriter writer, Notices notices) {

  public String model() {
    return access.model().name();
  }
}
