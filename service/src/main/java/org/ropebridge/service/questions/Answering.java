package org.ropebridge.service.questions;

import java.util.Locale;
import java.util.UUID;
import org.ropebridge.reading.FollowUp;
import org.ropebridge.reading.Reading;
import org.ropebridge.service.models.Engine;
import org.ropebridge.service.threads.Asked;
import org.ropebridge.service.threads.ThreadService;

/**
 * What an answer is made of besides its rows.
 *
 * @param explain whether to say how the reading came about
 * @param kept where in a thread it is kept; null when it is not
 * @param logged what it goes by in the log; null when it is not there
 */
record Answering(
    Engine engine,
    Reading reading,
    Trail trail,
    boolean explain,
    ThreadService.Kept kept,
    UUID logged) {

  /** What became of the question, as it is sent and logged. */
  String status() {
    return status(reading);
  }

  static String status(Reading reading) {
    if (reading.followUp().filter(FollowUp::startsAgain).isPresent()) {
      return Asked.STARTED_AGAIN;
    }
    return isOrder(reading) ? Asked.TOLD : reading.status().name().toLowerCase(Locale.ROOT);
  }

  /** Whether it is no question, and nothing that the model could be mended for. */
  static boolean isOrder(Reading reading) {
    return reading.followUp().filter(f -> f.startsAgain() || f.changesNothing()).isPresent();
  }
}
