package org.ropebridge.service.gaps;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.CancellationException;
import java.util.concurrent.atomic.AtomicInteger;
import org.ropebridge.access.Person;
import org.ropebridge.gaps.Gap;
import org.ropebridge.model.Model;
import org.ropebridge.model.SampleQuestion;
import org.ropebridge.model.file.Fault;
import org.ropebridge.model.file.FileEdit;
import org.ropebridge.model.file.ModelReader;
import org.ropebridge.plan.Plan;
import org.ropebridge.reading.Reading;
import org.ropebridge.service.accounts.Account;
import org.ropebridge.service.drafts.Drafts;
import org.ropebridge.service.jobs.Job;
import org.ropebridge.service.jobs.Jobs;
import org.ropebridge.service.log.LoggedQuestion;
import org.ropebridge.service.log.QuestionLog;
import org.ropebridge.service.models.Engine;
import org.ropebridge.service.models.Engines;
import org.ropebridge.service.models.ModelService;
import org.ropebridge.service.problems.Problem;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;

/**
 * Mends gaps: makes edits in the draft, and reads all questions of the gap anew with it. Once an
 * edition is published, every question that it answers is settled, and who asked it is told.
 */
@Service
class Mends {
  private static final String MEND = "mend";
  private static final String SETTLING = "settling";
  private static final int MOST_DAYS = 3650;
  private static final int MOST_SHOWN = 50;
  private static final int BETWEEN_SIGNS = 50;

  private final GapService gaps;
  private final Drafts drafts;
  private final Engines engines;
  private final QuestionLog log;
  private final Jobs jobs;

  /** How often questions were deleted; a mend that runs meanwhile keeps nothing of them. */
  private final AtomicInteger deletions = new AtomicInteger();

  Mends(GapService gaps, Drafts drafts, Engines engines, QuestionLog log, Jobs jobs) {
    this.gaps = gaps;
    this.drafts = drafts;
    this.engines = engines;
    this.log = log;
    this.jobs = jobs;
  }

  /**
   * What a mend does.
   *
   * @param mended how many questions of the gap are read in full with it
   * @param open how many are not
   * @param stillOpen some of those, with how they are read
   * @param elsewhere how many questions of other gaps are read in full with it, too
   * @param breaks agreed sample questions that are read otherwise with it
   * @param answers some of the questions that are mended, with how they are read
   */
  record Mended(
      int mended,
      int open,
      List<Read> stillOpen,
      int elsewhere,
      List<Broken> breaks,
      List<Read> answers) {}

  /** A question and how it is read. */
  record Read(String question, String reading) {}

  /** A sample question that is read otherwise. */
  record Broken(String question, String before, String after) {}

  /**
   * Tries a mend, or makes it.
   *
   * @param edits none for a mend that the draft has already: it is then compared with the newest
   *     edition, and not with itself
   * @param keep whether the edits are made in the draft
   * @throws Problem if the draft has faults with it that it does not have now
   */
  Job mend(
      String model,
      String key,
      int days,
      List<FileEdit> edits,
      long revision,
      boolean keep,
      Account by) {
    List<GapService.Found> all = gaps.find(model, days);
    GapService.Found found = GapService.ofKey(all, key);
    Drafts.State state = drafts.of(model);
    Drafts.State after = drafts.with(state, edits);
    refuseFaults(state, after);
    if (keep) {
      if (!edits.isEmpty()) {
        after = drafts.edit(model, revision, edits, by.name());
      }
      gaps.decide(
          model,
          key,
          new GapService.Decision(
              GapState.State.MENDED, found.state().assignedTo(), found.state().note(), null),
          by.name());
    }
    Engine now = edits.isEmpty() ? engines.of(model, by.person()) : drafts.engine(state, by);
    Engine then = drafts.engine(after, by);
    List<LoggedQuestion> others =
        all.stream().filter(f -> f != found).flatMap(f -> f.logged().stream()).toList();
    Model read = ModelReader.read(after.files()).model().orElseThrow();
    return jobs.start(
        MEND,
        model,
        state.revision(),
        by.name(),
        sign -> {
          int before = deletions.get();
          Mended mended = new Rereading(now, then, sign).of(found, others, read.questions());
          if (deletions.get() != before) {
            throw new CancellationException("questions were deleted meanwhile");
          }
          return mended;
        });
  }

  private void refuseFaults(Drafts.State before, Drafts.State after) {
    List<String> faults =
        drafts.newFaults(before, after).stream()
            .filter(f -> f.severity() == Fault.Severity.ERROR)
            .map(Fault::message)
            .toList();
    if (!faults.isEmpty()) {
      throw Problem.badRequest(
          "mend-has-faults", "With this the draft has a fault: " + String.join("; ", faults) + ".");
    }
  }

  Job job(UUID id) {
    return jobs.of(MEND, id);
  }

  /** Reads questions by two engines. */
  private static final class Rereading {
    private final Engine now;
    private final Engine then;
    private final Jobs.Sign sign;
    private int done;
    private int total;

    Rereading(Engine now, Engine then, Jobs.Sign sign) {
      this.now = now;
      this.then = then;
      this.sign = sign;
    }

    Mended of(GapService.Found found, List<LoggedQuestion> others, List<SampleQuestion> samples) {
      boolean judged = found.gap().kind() == Gap.Kind.JUDGED_WRONG;
      total = found.logged().size() + others.size() + samples.size();
      int mended = 0;
      Set<Read> open = new LinkedHashSet<>();
      Set<Read> answers = new LinkedHashSet<>();
      for (LoggedQuestion question : found.logged()) {
        Reading reading = read(then, question);
        String words = words(reading);
        boolean isMended = judged ? !words.equals(question.restatement()) : isAnswered(reading);
        mended += isMended ? 1 : 0;
        (isMended ? answers : open).add(new Read(question.question(), words));
        step();
      }
      int elsewhere = 0;
      for (LoggedQuestion question : others) {
        elsewhere += isAnswered(read(then, question)) ? 1 : 0;
        step();
      }
      List<Broken> breaks = new ArrayList<>();
      for (SampleQuestion sample : samples) {
        String was = words(now.reader().read(sample.ask()));
        String is = words(then.reader().read(sample.ask()));
        if (sample.agreed().isPresent() && !was.equals(is)) {
          breaks.add(new Broken(sample.ask(), was, is));
        }
        step();
      }
      return new Mended(
          mended,
          found.logged().size() - mended,
          open.stream().limit(MOST_SHOWN).toList(),
          elsewhere,
          breaks,
          answers.stream().limit(MOST_SHOWN).toList());
    }

    private void step() {
      if (++done % BETWEEN_SIGNS == 0) {
        if (sign.isStopped()) {
          throw new CancellationException("stopped");
        }
        sign.at("reading", done, total);
      }
    }
  }

  private static String words(Reading reading) {
    return reading.restatement().orElse(reading.reason());
  }

  private static boolean isAnswered(Reading reading) {
    return reading.status() == Reading.Status.ANSWERED
        || reading.status() == Reading.Status.EXPLAINED;
  }

  /** Reads a question as it was asked: leaning on what was before it. */
  private static Reading read(Engine engine, LoggedQuestion question) {
    List<Plan> before =
        question.leansOn().isEmpty()
            ? List.of()
            : engine.reader().read(question.leansOn()).plan().stream().toList();
    return engine.reader().read(question.question(), before);
  }

  /** What mends did tells questions of people; it goes when they do. */
  @EventListener
  void deleted(QuestionLog.Deleted event) {
    deletions.incrementAndGet();
    jobs.forgetEnded(MEND);
  }

  /** Settles what a new edition answers, in the background. */
  @EventListener
  void announced(ModelService.Announced event) {
    jobs.start(SETTLING, event.model(), 0, "", sign -> settle(event.model()));
  }

  /** How many questions an edition answers that were not answered. */
  record Settled(int questions) {}

  private Settled settle(String model) {
    Engine engine = engines.of(model, Person.ANYONE);
    int edition = engine.edition();
    List<LoggedQuestion> settled = new ArrayList<>();
    for (GapService.Found found : gaps.find(model, MOST_DAYS)) {
      boolean judged = found.gap().kind() == Gap.Kind.JUDGED_WRONG;
      boolean marked = found.state().state() == GapState.State.MENDED;
      found.logged().stream()
          .filter(q -> q.edition() < edition)
          .filter(q -> judged ? marked : isAnswered(read(engine, q)))
          .forEach(settled::add);
    }
    log.settle(settled.stream().map(LoggedQuestion::id).toList(), edition);
    // Only then: who is told finds nothing of it open any more.
    settled.stream()
        .filter(q -> !q.person().isEmpty() && q.leansOn().isEmpty())
        .forEach(q -> log.tell(q.person(), model, q.question(), edition));
    return new Settled(settled.size());
  }
}
