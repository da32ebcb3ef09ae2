package org.ropebridge.service.questions;

import java.util.ArrayList;
import java.util.List;

/** Times the steps of one question. */
final class Trail {
  private static final double NANOS = 1_000_000.0;
  private final List<AnswerPart.StepPart> steps = new ArrayList<>();
  private long since = System.nanoTime();

  double milliseconds() {
    return steps.stream().mapToDouble(AnswerPart.StepPart::milliseconds).sum();
  }

  void done(String step) {
    long now = System.nanoTime();
    steps.add(new AnswerPart.StepPart(step, Math.round((now - since) / NANOS * 1000) / 1000.0));
    since = now;
  }

  /** The steps so far, in order. */
  List<AnswerPart.StepPart> steps() {
    return List.copyOf(steps);
  }
}
