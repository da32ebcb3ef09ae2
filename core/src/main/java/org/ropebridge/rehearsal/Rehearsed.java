package org.ropebridge.rehearsal;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.ropebridge.model.SampleQuestion;

/**
 * What becomes of one sample question.
 *
 * @param ask the question
 * @param agreed whether its author has signed it off
 * @param outcome what becomes of it
 * @param differs in what the answers differ; empty when they are the same, or there is only one
 * @param before how the edition reads it; empty when it is not read
 * @param after how the draft reads it; empty when it is not read
 * @param why what is broken, in a sentence; empty when nothing is
 */
public record Rehearsed(
    String ask,
    boolean agreed,
    Outcome outcome,
    List<Difference> differs,
    String before,
    String after,
    String why) {
  public Rehearsed {
    differs = List.copyOf(differs);
  }

  /** What becomes of a question. */
  public enum Outcome {
    SAME,
    /** It is answered otherwise than before. */
    CHANGED,
    /** It is not answered any more, or otherwise than its author agreed. */
    BROKEN,
    /** Nothing published has it as a sample. */
    NEW,
    /** The draft does not have it as a sample any more. */
    GONE
  }

  /** In what two answers differ. */
  public enum Difference {
    MEANING,
    SQL,
    ROWS
  }

  /** A question that the draft does not have any more. */
  public static Rehearsed gone(SampleQuestion question) {
    return new Rehearsed(
        question.ask(), question.agreed().isPresent(), Outcome.GONE, List.of(), "", "", "");
  }

  /**
   * Compares how a sample question of the draft is answered.
   *
   * @param before by the published edition; empty when the question is no sample there
   * @param after by the draft
   * @param meaning how the draft answers what the question is said to mean; empty when nothing is
   */
  public static Rehearsed of(
      SampleQuestion question,
      Optional<Performance> before,
      Performance after,
      Optional<Performance> meaning) {
    String why = why(before, after, meaning);
    List<Difference> differs = before.map(b -> differences(b, after)).orElse(List.of());
    Outcome outcome;
    if (!why.isEmpty()) {
      outcome = Outcome.BROKEN;
    } else if (before.isEmpty()) {
      outcome = Outcome.NEW;
    } else {
      outcome = differs.isEmpty() ? Outcome.SAME : Outcome.CHANGED;
    }
    return new Rehearsed(
        question.ask(),
        question.agreed().isPresent(),
        outcome,
        differs,
        before.map(Performance::restatement).orElse(""),
        after.restatement(),
        why);
  }

  private static String why(
      Optional<Performance> before, Performance after, Optional<Performance> meaning) {
    if (!after.failure().isEmpty()) {
      return after.failure();
    } else if (!after.isAnswered()) {
      return after.reason().isEmpty() ? "It is not answered." : after.reason();
    } else if (meaning.isPresent() && !meaning.get().isAnswered()) {
      return "What it means is not answered: " + meaning.get().reason();
    } else if (meaning.isPresent() && !meaning.get().restatement().equals(after.restatement())) {
      return "It is agreed to mean \""
          + meaning.get().restatement()
          + "\", and is read as \""
          + after.restatement()
          + "\".";
    }
    return "";
  }

  private static List<Difference> differences(Performance before, Performance after) {
    List<Difference> differs = new ArrayList<>();
    if (!before.restatement().equals(after.restatement())
        || before.isAnswered() != after.isAnswered()) {
      differs.add(Difference.MEANING);
    }
    if (!before.sql().equals(after.sql())) {
      differs.add(Difference.SQL);
    }
    if (!before.rows().equals(after.rows())) {
      differs.add(Difference.ROWS);
    }
    return differs;
  }
}
