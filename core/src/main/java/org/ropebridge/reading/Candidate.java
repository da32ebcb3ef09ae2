package org.ropebridge.reading;

import java.util.List;
import org.ropebridge.plan.Plan;

/**
 * A plan that could be made of a sequence, with what speaks for and against it.
 *
 * @param fault why it cannot be computed; empty when it can
 */
record Candidate(
    Sequence sequence, Plan plan, List<Assumption> assumptions, double score, String fault) {
  boolean isSound() {
    return fault.isEmpty();
  }
}
