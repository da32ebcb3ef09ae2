package org.ropebridge.steering;

import org.ropebridge.lexicon.ValueIndex;
import org.ropebridge.model.Model;
import org.ropebridge.reading.QuestionReader;

/**
 * All that helps people on, for one model as far as one person may see it. Immutable and safe to
 * share between threads.
 *
 * @param handles what the parts of a plan could be instead
 * @param next what could be asked after an answer
 * @param completions what a text could become
 * @param items what words could mean
 * @param behind the rows that numbers are computed over
 * @param trend how single numbers came about over time
 */
public record Steering(
    Handles handles,
    NextQuestions next,
    Completions completions,
    ItemFinder items,
    RowsBehind behind,
    Trend trend) {

  /**
   * Learns a model.
   *
   * @param model what the person may see of the model
   * @param values the values that the person may see
   */
  public static Steering of(Model model, ValueIndex values, QuestionReader reader) {
    Parts parts = new Parts(model, values, reader);
    return new Steering(
        new Handles(parts, reader.restatement()),
        new NextQuestions(parts, reader.restatement()),
        new Completions(parts, values, reader),
        new ItemFinder(model, values),
        new RowsBehind(model, reader),
        new Trend(parts, reader.restatement(), reader.periods()));
  }
}
