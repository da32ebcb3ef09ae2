package org.ropebridge.survey;

import java.util.List;
import org.ropebridge.model.Model;

/**
 * A first model, and the reasons for all that is in it.
 *
 * @param model as if every proposal were accepted
 * @param proposals in the order of the model
 * @param leftOut tables that are not in the model, and why
 */
public record Draft(Model model, List<Proposal> proposals, List<LeftOut> leftOut) {
  public Draft {
    proposals = List.copyOf(proposals);
    leftOut = List.copyOf(leftOut);
  }

  /** A table that the draft does without. */
  public record LeftOut(String table, String reason) {}
}
