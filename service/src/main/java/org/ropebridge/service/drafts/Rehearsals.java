package org.ropebridge.service.drafts;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.CancellationException;
import org.ropebridge.model.Model;
import org.ropebridge.model.SampleQuestion;
import org.ropebridge.model.file.ModelReader;
import org.ropebridge.rehearsal.Performance;
import org.ropebridge.rehearsal.Rehearsed;
import org.ropebridge.service.accounts.Account;
import org.ropebridge.service.jobs.Job;
import org.ropebridge.service.jobs.Jobs;
import org.ropebridge.service.models.Engine;
import org.ropebridge.service.models.ModelService;
import org.ropebridge.service.problems.Problem;
import org.ropebridge.service.questions.AnswerPart;
import org.ropebridge.service.questions.Asking;
import org.springframework.stereotype.Service;

/** Plays the sample questions of a draft and of its edition, and compares the answers. */
@Service
class Rehearsals {
  static final String KIND = "rehearsal";

  private final Drafts drafts;
  private final ModelService models;
  private final Asking asking;
  private final Jobs jobs;

  Rehearsals(Drafts drafts, ModelService models, Asking asking, Jobs jobs) {
    this.drafts = drafts;
    this.models = models;
    this.asking = asking;
    this.jobs = jobs;
  }

  /**
   * What came of a rehearsal. Rows are compared and not kept.
   *
   * @param revision of the draft
   * @param edition that it was compared with, 0 for none
   * @param questions in the order of the files
   */
  record Rehearsal(long revision, int edition, List<Rehearsed> questions) {
    Rehearsal {
      questions = List.copyOf(questions);
    }

    long broken() {
      return questions.stream().filter(q -> q.outcome() == Rehearsed.Outcome.BROKEN).count();
    }
  }

  /**
   * Starts a rehearsal of a draft as it stands.
   *
   * @throws Problem if the draft has faults
   */
  Job start(Drafts.State draft, Account account) {
    drafts.engine(draft, account);
    return jobs.start(
        KIND, draft.model(), draft.revision(), account.name(), sign -> play(draft, account, sign));
  }

  private Rehearsal play(Drafts.State draft, Account account, Jobs.Sign sign) {
    Engine after = drafts.engine(draft, account);
    Optional<Engine> before = drafts.published(draft.model(), account);
    Map<String, SampleQuestion> old = new LinkedHashMap<>();
    models
        .newestFiles(draft.model())
        .flatMap(e -> ModelReader.read(e.files()).model())
        .map(Model::questions)
        .orElse(List.of())
        .forEach(q -> old.put(q.ask(), q));
    List<SampleQuestion> questions =
        ModelReader.read(draft.files()).model().orElseThrow().questions();
    List<Rehearsed> rehearsed = new ArrayList<>();
    int total = questions.size();
    for (SampleQuestion question : questions) {
      if (sign.isStopped()) {
        throw new CancellationException("the rehearsal was stopped");
      }
      sign.at("questions", rehearsed.size(), total);
      Optional<Performance> was =
          before
              .filter(e -> old.remove(question.ask()) != null)
              .map(e -> performance(e, question.ask(), account));
      rehearsed.add(
          Rehearsed.of(
              question,
              was,
              performance(after, question.ask(), account),
              question.means().map(m -> performance(after, m, account))));
    }
    old.values().forEach(q -> rehearsed.add(Rehearsed.gone(q)));
    sign.at("questions", total, total);
    return new Rehearsal(draft.revision(), before.map(Engine::edition).orElse(0), rehearsed);
  }

  private Performance performance(Engine engine, String question, Account account) {
    try {
      AnswerPart answer = asking.ask(engine, question, account);
      boolean computed = !answer.sql().isEmpty();
      return new Performance(
          answer.status(),
          answer.restatement(),
          answer.reason(),
          answer.readableSql(),
          computed ? Optional.of(answer.rows()) : Optional.empty(),
          "");
    } catch (Problem e) {
      return new Performance("answered", "", "", "", Optional.empty(), e.getMessage());
    }
  }

  /**
   * The job of a rehearsal.
   *
   * @throws Problem if there is none
   */
  Job job(UUID id) {
    return jobs.of(KIND, id);
  }

  void stop(UUID id) {
    jobs.stop(job(id));
  }

  /**
   * The newest rehearsal of a draft as it stands; empty when there is none. One that is older than
   * the draft's last change was of a draft that was thrown away since.
   */
  Optional<Job> newest(Drafts.State draft) {
    return jobs.newest(KIND, draft.model()).stream()
        .filter(j -> j.revision() == draft.revision())
        .filter(j -> !j.startedAt().isBefore(draft.changedAt()))
        .findFirst();
  }

  static Optional<Rehearsal> result(Job job) {
    return job.state() == Job.State.DONE
        ? Optional.of(Jobs.result(job, Rehearsal.class))
        : Optional.empty();
  }
}
