package org.ropebridge.model;

import java.time.LocalDate;
import java.util.Map;
import java.util.Optional;

/**
 * A question with what it means.
 *
 * @param ask the question as people ask it
 * @param means its restatement; empty when {@code sql} says it instead
 * @param sql SQL for what no plan can say
 * @param slots named values of {@code sql} and the columns that they come from
 * @param agreed the day on which the author signed it off
 * @param starter whether it is offered to people who begin
 * @param label shown instead of the question
 */
public record SampleQuestion(
    String ask,
    Optional<String> means,
    Optional<String> sql,
    Map<String, String> slots,
    Optional<LocalDate> agreed,
    boolean starter,
    Optional<String> label) {
  public SampleQuestion {
    slots = Map.copyOf(slots);
  }
}
