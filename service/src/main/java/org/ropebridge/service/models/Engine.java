package org.ropebridge.service.models;

import java.util.List;
import java.util.concurrent.CompletableFuture;
import org.ropebridge.access.Access;
import org.ropebridge.answer.Definitions;
import org.ropebridge.answer.Explanations;
import org.ropebridge.answer.Narrative;
import org.ropebridge.answer.Notices;
import org.ropebridge.reading.Proposals;
import org.ropebridge.reading.QuestionReader;
import org.ropebridge.reading.Reading;
import org.ropebridge.sql.SqlWriter;
import org.ropebridge.steering.Steering;

/**
 * All that is needed to answer questions on one edition for all persons who may see the same of it.
 * Immutable; shared between requests.
 *
 * @param edition the edition's number
 * @param proposals learns the model's names in the background
 */
public record Engine(
    Access access,
    int edition,
    QuestionReader reader,
    SqlWriter writer,
    Notices notices,
    Narrative narrative,
    Definitions definitions,
    Explanations explanations,
    Steering steering,
    CompletableFuture<Proposals> proposals) {

  /** What the unread words of a reading may mean; none while names are still being learned. */
  public List<Proposals.Proposal> proposed(Reading reading) {
    return Vectors.proposed(proposals, reading);
  }

  public String model() {
    return access.model().name();
  }
}
