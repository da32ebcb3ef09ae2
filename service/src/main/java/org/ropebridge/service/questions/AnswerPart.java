package org.ropebridge.service.questions;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import org.ropebridge.answer.Definitions;
import org.ropebridge.answer.Narrative;
import org.ropebridge.answer.Notice;
import org.ropebridge.plan.Plan;
import org.ropebridge.plan.Restatement;
import org.ropebridge.reading.FollowUp;
import org.ropebridge.reading.Proposals;
import org.ropebridge.reading.Reading;
import org.ropebridge.service.threads.ThreadService;
import org.ropebridge.sql.OutputColumn;
import org.ropebridge.steering.NextQuestions;

/**
 * An answer as it is sent.
 *
 * @param status answered, explained, partly, unclear, declined, started_again for the words that
 *     begin a thread anew, or told for an order that is no question
 * @param restatement the plan in words; empty without a plan
 * @param reason why it is not answered in full; empty when it is
 * @param plan what was computed; null without one
 * @param rows in the order of the columns
 * @param totals what each column adds up to, null where it does not; empty when nothing does
 * @param sql the statement with its parameters as {@code ?}; empty when only read
 * @param readableSql the statement with its parameters filled in
 * @param chart a Vega-Lite specification; null when a number or a table says it better
 * @param parts what the plan is made of, in the words of the restatement
 * @param narrative what the rows tell, each sentence with the shortest voice that tells it
 * @param next questions that make sense after this answer
 * @param behind questions that list the rows which the numbers are computed over
 * @param trend the question for a single number over time; empty for other answers
 * @param definitions what the metrics and conditions of the plan mean
 * @param alternatives what the question may mean
 * @param suggestions questions that the model covers
 * @param proposals what unread words may mean, by nearness of meaning; asking one of their
 *     questions picks it
 * @param trail the steps that led here, with their times
 * @param explanation how the reading came about; null unless asked for
 * @param followUp what it keeps and changes of the question before; null when it stands by itself
 * @param explained what there is to say of the model, where that was asked; null elsewhere
 * @param thread where it is kept; null when it is not
 * @param logged what a verdict on it names; null when it is not in the log
 */
public record AnswerPart(
    String question,
    String status,
    String restatement,
    String reason,
    List<WordPart> words,
    List<String> unread,
    Plan plan,
    List<AnswerColumn> columns,
    List<List<Object>> rows,
    List<Object> totals,
    String sql,
    String readableSql,
    List<Object> parameters,
    Map<String, Object> chart,
    List<PlanPart> parts,
    List<SentencePart> narrative,
    List<NextQuestions.Next> next,
    List<NextQuestions.Next> behind,
    String trend,
    List<Definitions.Definition> definitions,
    List<NoticePart> notices,
    List<AlternativePart> alternatives,
    List<String> suggestions,
    List<Proposals.Proposal> proposals,
    List<StepPart> trail,
    Reading.Explanation explanation,
    FollowUp followUp,
    ExplainedPart explained,
    ThreadService.Kept thread,
    UUID logged,
    String model,
    int edition) {

  /** A stretch of the question and what it became. */
  record WordPart(int start, int end, String text, String kind, String means, String found) {
    static WordPart of(Reading.WordUse use) {
      return new WordPart(use.start(), use.end(), use.text(), use.kind(), use.means(), use.found());
    }
  }

  /** A column of the rows. */
  record AnswerColumn(String name, String kind, String unit, String shownAs) {
    static AnswerColumn of(OutputColumn column) {
      return new AnswerColumn(
          column.name(),
          column.kind().name().toLowerCase(Locale.ROOT),
          column.unit().orElse(""),
          column.shownAs().name().toLowerCase(Locale.ROOT));
    }
  }

  /**
   * A part of the plan.
   *
   * @param kind rows, measure, grouping, filter, keep, claim, ranking, sort, row_order or picture
   */
  record PlanPart(String kind, String words) {
    static PlanPart of(Restatement.Part part) {
      return new PlanPart(part.kind().name().toLowerCase(Locale.ROOT), part.words());
    }
  }

  /**
   * A sentence about the rows.
   *
   * @param voice brief, plain or technical
   */
  record SentencePart(String voice, String text) {
    static SentencePart of(Narrative.Sentence sentence) {
      return new SentencePart(sentence.voice().name().toLowerCase(Locale.ROOT), sentence.text());
    }
  }

  /**
   * What there is to say of the model.
   *
   * @param title what it is about
   * @param sentences in order; formulas are among the definitions, further questions among the
   *     suggestions
   */
  record ExplainedPart(String title, List<String> sentences) {}

  /** Something to know. */
  record NoticePart(String kind, String text) {
    static NoticePart of(Notice notice) {
      return new NoticePart(notice.kind().name().toLowerCase(Locale.ROOT), notice.text());
    }
  }

  /** What the question may mean; asking the restatement gives just that. */
  record AlternativePart(String restatement) {}

  /** A step and how long it took. */
  record StepPart(String step, double milliseconds) {}
}
