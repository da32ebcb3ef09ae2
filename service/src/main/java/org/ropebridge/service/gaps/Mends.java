package org.ropebridge.service.gaps;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
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
  private static final double NEARLY_ALL = 0.9;

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
   * @param elsewhere how many questions of other gaps that are not mended are read in full with it
   * @param closes the words of those of them that it mends along: nearly all their questions are
   *     read; the others may be slips
   * @param breaks agreed sample questions that are read otherwise with it
   * @param answers some of the questions that are mended, with how they are read
   */
  record Mended(
      int mended,
      int open,
      List<Read> stillOpen,
      int elsewhere,
      List<String> closes,
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
      markMended(model, found, by);
    }
    Engine now = edits.isEmpty() ? engines.of(model, by.person()) : drafts.engine(state, by);
    Engine then = drafts.engine(after, by);
    // An answer that was judged wrong is not right because it is another now.
    List<GapService.Found> others =
        all.stream()
            .filter(f -> f != found && !f.isMended())
            .filter(f -> f.gap().kind() != Gap.Kind.JUDGED_WRONG)
            .toList();
    Model read = ModelReader.read(after.files()).model().orElseThrow();
    return jobs.start(
        MEND,
        model,
        state.revision(),
        by.name(),
        sign -> {
          int before = deletions.get();
          Rereading rereading = new Rereading(now, then, sign);
          Mended mended = rereading.of(found, others, read.questions());
          if (deletions.get() != before) {
            throw new CancellationException("questions were deleted meanwhile");
          }
          if (keep) {
            rereading.closed().forEach(f -> markMended(model, f, by));
          }
          return mended;
        });
  }

  private void markMended(String model, GapService.Found found, Account by) {
    gaps.decide(
        model,
        found.gap().key(),
        new GapService.Decision(
            GapState.State.MENDED, found.state().assignedTo(), found.state().note(), null),
        by.name());
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
    private final List<GapService.Found> closed = new ArrayList<>();

    /** Many ask the same: each text is read once. */
    private final Map<List<String>, Reading> known = new HashMap<>();

    private int done;
    private int total;

    Rereading(Engine now, Engine then, Jobs.Sign sign) {
      this.now = now;
      this.then = then;
      this.sign = sign;
    }

    Mended of(GapService.Found found, List<GapService.Found> others, List<SampleQuestion> samples) {
      total =
          found.logged().size()
              + others.stream().mapToInt(f -> f.logged().size()).sum()
              + samples.size();
      Set<Read> open = new LinkedHashSet<>();
      Set<Read> answers = new LinkedHashSet<>();
      int mended = mended(found, answers, open);
      int elsewhere = 0;
      for (GapService.Found other : others) {
        int here = mended(other, new LinkedHashSet<>(), new LinkedHashSet<>());
        elsewhere += here;
        if (other.isOpen() && here >= NEARLY_ALL * other.logged().size()) {
          closed.add(other);
        }
      }
      return new Mended(
          mended,
          found.logged().size() - mended,
          open.stream().limit(MOST_SHOWN).toList(),
          elsewhere,
          closed.stream().map(f -> f.gap().words()).toList(),
          breaks(samples),
          answers.stream().limit(MOST_SHOWN).toList());
    }

    /** Other open gaps of which nearly all questions are read in full. */
    List<GapService.Found> closed() {
      return closed;
    }

    private int mended(GapService.Found found, Set<Read> answers, Set<Read> open) {
      boolean judged = found.gap().kind() == Gap.Kind.JUDGED_WRONG;
      int mended = 0;
      for (LoggedQuestion question : found.logged()) {
        Reading reading =
            known.computeIfAbsent(
                List.of(question.leansOn(), question.question()), k -> read(then, question));
        String words = words(reading);
        boolean isMended =
            judged
                ? !words.equals(question.restatement()) || isComputedOtherwise(question, reading)
                : isAnswered(reading);
        mended += isMended ? 1 : 0;
        (isMended ? answers : open).add(new Read(question.question(), words));
        step();
      }
      return mended;
    }

    /** Whether a question means the same, and something that it is made of means another thing. */
    private boolean isComputedOtherwise(LoggedQuestion question, Reading reading) {
      return !sql(then, reading).equals(sql(now, read(now, question)));
    }

    private static Optional<String> sql(Engine engine, Reading reading) {
      return reading.plan().map(p -> engine.writer().write(p, MOST_SHOWN).readable());
    }

    private List<Broken> breaks(List<SampleQuestion> samples) {
      List<Broken> breaks = new ArrayList<>();
      for (SampleQuestion sample : samples) {
        String was = words(now.reader().read(sample.ask()));
        String is = words(then.reader().read(sample.ask()));
        if (sample.agreed().isPresent() && !was.equals(is)) {
          breaks.add(new Broken(sample.ask(), was, is));
        }
        step();
      }
      return breaks;
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
