package org.ropebridge.service.questions;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.ropebridge.answer.Charts;
import org.ropebridge.answer.Explanations;
import org.ropebridge.answer.Maps;
import org.ropebridge.answer.Totals;
import org.ropebridge.plan.Plan;
import org.ropebridge.reading.Proposals;
import org.ropebridge.reading.Reading;
import org.ropebridge.service.models.Engine;
import org.ropebridge.sql.SqlQuery;
import org.ropebridge.steering.NextQuestions;
import org.springframework.stereotype.Component;

/** Puts answers together as they are sent. */
@Component
class AnswerParts {
  private final NotInData notInData;

  AnswerParts(NotInData notInData) {
    this.notInData = notInData;
  }

  /** An answer before, or without, anything that is computed. */
  AnswerPart withoutRows(Answering answering) {
    return part(answering, Optional.empty());
  }

  /** An answer with what was computed. */
  AnswerPart of(Answering answering, Computing.Computed computed) {
    return part(answering, Optional.of(computed));
  }

  private AnswerPart part(Answering answering, Optional<Computing.Computed> computed) {
    Optional<SqlQuery> query = computed.map(Computing.Computed::query);
    List<List<Object>> rows = computed.map(Computing.Computed::rows).orElse(List.of());
    Engine engine = answering.engine();
    Reading reading = answering.reading();
    Optional<Explanations.Explained> explained = reading.about().map(engine.explanations()::of);
    boolean list =
        reading
            .plan()
            .filter(p -> (p.picture().isEmpty() || p.listing().isPresent()) && isBestAsTable(p))
            .isPresent();
    Optional<Map<String, Object>> map =
        computed
            .flatMap(Computing.Computed::onMap)
            .flatMap(
                m -> Maps.of(query.orElseThrow().columns(), m.where(), m.places(), m.around()));
    Optional<Map<String, Object>> drawn =
        (list ? Optional.<SqlQuery>empty() : query)
            .flatMap(
                q ->
                    Charts.of(
                        q.columns(),
                        Charts.Shape.of(rows, q.columns().size()),
                        reading.plan().flatMap(Plan::picture)));
    return new AnswerPart(
        reading.question(),
        answering.status(),
        reading.restatement().orElse(""),
        reason(engine, reading),
        reading.words().stream().map(AnswerPart.WordPart::of).toList(),
        reading.unread(),
        reading.plan().orElse(null),
        query
            .map(q -> q.columns().stream().map(AnswerPart.AnswerColumn::of).toList())
            .orElse(List.of()),
        rows,
        computed.flatMap(c -> reading.plan().map(p -> totals(engine, p, c))).orElse(List.of()),
        query.map(SqlQuery::text).orElse(""),
        query.map(SqlQuery::readable).orElse(""),
        query.map(q -> q.parameters().stream().map(AnswerParts::plain).toList()).orElse(List.of()),
        map.or(() -> drawn).orElse(null),
        reading.plan().stream()
            .flatMap(p -> engine.steering().handles().of(p).stream())
            .map(AnswerPart.PlanPart::of)
            .toList(),
        computed.flatMap(c -> reading.plan().map(p -> narrative(engine, p, c))).orElse(List.of()),
        query
            .flatMap(q -> reading.plan().map(p -> engine.steering().next().after(p, rows.size())))
            .orElse(List.of()),
        query.flatMap(q -> reading.plan()).map(p -> behind(engine, p)).orElse(List.of()),
        query.flatMap(q -> reading.plan()).flatMap(engine.steering().trend()::of).orElse(""),
        explained
            .map(Explanations.Explained::definitions)
            .or(() -> reading.plan().map(engine.definitions()::of))
            .orElse(List.of()),
        computed.map(Computing.Computed::notices).orElse(List.of()),
        reading.choices().stream()
            .map(c -> new AnswerPart.AlternativePart(c.restatement()))
            .toList(),
        explained.map(Explanations.Explained::questions).orElse(reading.suggestions()),
        engine.proposed(reading),
        answering.trail().steps(),
        answering.explain() ? reading.explanation() : null,
        reading.followUp().filter(f -> !Answering.isOrder(reading)).orElse(null),
        explained.map(e -> new AnswerPart.ExplainedPart(e.title(), e.sentences())).orElse(null),
        answering.kept(),
        answering.logged(),
        engine.model(),
        engine.edition());
  }

  /** Why a question is not answered in full, and what its author says to that. */
  private String reason(Engine engine, Reading reading) {
    return notInData
        .sentence(engine.model(), Proposals.unreadStretches(reading))
        .map(s -> (reading.reason() + " " + s).strip())
        .orElse(reading.reason());
  }

  /** Rows are not listed to those who must not tell them apart. */
  private static List<NextQuestions.Next> behind(Engine engine, Plan plan) {
    return engine.access().groupSizes().isEmpty() ? engine.steering().behind().of(plan) : List.of();
  }

  private static List<Object> totals(Engine engine, Plan plan, Computing.Computed computed) {
    return Totals.of(plan, computed.rows(), computed.isWhole(), engine.access().model());
  }

  private static List<AnswerPart.SentencePart> narrative(
      Engine engine, Plan plan, Computing.Computed computed) {
    return engine
        .narrative()
        .of(plan, computed.query().columns(), computed.rows(), computed.isWhole())
        .stream()
        .map(AnswerPart.SentencePart::of)
        .toList();
  }

  /** Lists of rows, and the first few of each group, are read and not compared by length. */
  private static boolean isBestAsTable(Plan plan) {
    return plan.listing().isPresent() || plan.ranking().flatMap(Plan.Ranking::within).isPresent();
  }

  private static Object plain(Object parameter) {
    return parameter instanceof Number ? parameter : parameter.toString();
  }
}
