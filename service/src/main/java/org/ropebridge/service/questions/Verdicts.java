package org.ropebridge.service.questions;

import java.util.UUID;
import java.util.stream.Collectors;
import org.ropebridge.plan.Plan;
import org.ropebridge.plan.Restatement;
import org.ropebridge.service.accounts.Account;
import org.ropebridge.service.log.LoggedQuestion;
import org.ropebridge.service.log.LoggedQuestion.Part;
import org.ropebridge.service.log.QuestionLog;
import org.ropebridge.service.models.Engine;
import org.ropebridge.service.models.Engines;
import org.springframework.stereotype.Service;

/** Keeps what people say of their answers, with what stood in the part that they mean. */
@Service
class Verdicts {
  private final QuestionLog log;
  private final Engines engines;

  Verdicts(QuestionLog log, Engines engines) {
    this.log = log;
    this.engines = engines;
  }

  void judge(Account account, UUID id, boolean right, Part part, String words) {
    LoggedQuestion question = log.own(account, id);
    Engine engine = engines.of(question.modelName(), account.person());
    String about =
        engine
            .reader()
            .read(question.restatement())
            .plan()
            .map(p -> about(engine, p, part))
            .orElse("");
    log.judge(account, id, right, part, about, words);
  }

  void askAuthor(Account account, UUID id, String words) {
    log.askAuthor(account, id, words);
  }

  /** What stands in that part of a plan, in the words of its restatement; else its measures. */
  private static String about(Engine engine, Plan plan, Part part) {
    Restatement.Kind kind =
        switch (part) {
          case FILTER -> Restatement.Kind.FILTER;
          case BREAKDOWN -> Restatement.Kind.GROUPING;
          // Periods differ from question to question; what is measured by them does not.
          case MEASURE, PERIOD, PICTURE, OTHER -> Restatement.Kind.MEASURE;
        };
    return engine.steering().handles().of(plan).stream()
        .filter(p -> p.kind() == kind)
        .map(Restatement.Part::words)
        .collect(Collectors.joining(", "));
  }
}
