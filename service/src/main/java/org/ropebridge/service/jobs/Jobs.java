package org.ropebridge.service.jobs;

import jakarta.annotation.PreDestroy;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.CancellationException;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.Supplier;
import org.ropebridge.service.problems.Problem;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** Runs jobs, two at a time, and keeps how far they are where every replica sees it. */
@Service
public class Jobs {
  private static final Logger LOG = LoggerFactory.getLogger(Jobs.class);
  private static final JsonMapper JSON = JsonMapper.builder().build();
  private static final int AT_ONCE = 2;
  private static final long MILLIS_BETWEEN_SIGNS = 300;
  private static final int MOST_LISTED = 20;

  private final StoredJobs stored;
  private final Map<UUID, Stop> stops = new ConcurrentHashMap<>();
  private final ExecutorService workers =
      Executors.newFixedThreadPool(
          AT_ONCE,
          task -> {
            Thread thread = new Thread(task, "job");
            thread.setDaemon(true);
            return thread;
          });

  Jobs(StoredJobs stored) {
    this.stored = stored;
  }

  /** What a job does. */
  @FunctionalInterface
  public interface Work {
    /**
     * Does it.
     *
     * @return what came of it, to be written as JSON
     * @throws CancellationException if it was stopped
     */
    Object run(Sign sign);
  }

  /** A running job's line to who follows it. */
  public interface Sign {
    /** Tells how far it is; from any thread. */
    void at(String stage, int done, int total);

    boolean isStopped();

    /** Does something that is ended early, by what is given, when the job is stopped. */
    <T> T endedBy(Runnable end, Supplier<T> work);
  }

  /** Whether a job shall stop, and what ends then. */
  private static final class Stop {
    private final AtomicBoolean stopped = new AtomicBoolean();
    private final Set<Runnable> ends = ConcurrentHashMap.newKeySet();

    void now() {
      stopped.set(true);
      ends.forEach(Runnable::run);
    }

    <T> T during(Runnable end, Supplier<T> work) {
      ends.add(end);
      try {
        if (stopped.get()) {
          end.run();
        }
        return work.get();
      } finally {
        ends.remove(end);
      }
    }
  }

  /** Starts a job; it is in the list at once. */
  public Job start(String kind, String subject, long revision, String by, Work work) {
    Job job = stored.save(new Job(kind, subject, revision, by));
    Stop stop = new Stop();
    stops.put(job.id(), stop);
    workers.submit(() -> run(job, work, stop));
    return job;
  }

  private void run(Job job, Work work, Stop stop) {
    try {
      Object result = work.run(sign(job, stop));
      end(job, Job.State.DONE, "", JSON.writeValueAsString(result));
    } catch (CancellationException e) {
      end(job, Job.State.STOPPED, "", "");
    } catch (Problem e) {
      end(job, Job.State.FAILED, e.getMessage(), "");
    } catch (RuntimeException | Error e) {
      // An error, too, ends only this job; nobody else would tell of it.
      LOG.error("the {} of {} failed", job.kind(), job.subject(), e);
      end(job, Job.State.FAILED, "It failed; the service's log says why.", "");
    } finally {
      stops.remove(job.id());
    }
  }

  private void end(Job job, Job.State state, String message, String result) {
    synchronized (job) {
      job.end(state, message, result);
      stored.save(job);
    }
  }

  private Sign sign(Job job, Stop stop) {
    return new Sign() {
      private long last;

      @Override
      public void at(String stage, int done, int total) {
        synchronized (job) {
          boolean other = !job.stage().equals(stage);
          job.at(stage, done, total);
          if (other || System.currentTimeMillis() - last > MILLIS_BETWEEN_SIGNS) {
            last = System.currentTimeMillis();
            stored.save(job);
          }
        }
      }

      @Override
      public boolean isStopped() {
        return stop.stopped.get();
      }

      @Override
      public <T> T endedBy(Runnable end, Supplier<T> work) {
        return stop.during(end, work);
      }
    };
  }

  /**
   * The job.
   *
   * @throws Problem if there is none of that kind
   */
  public Job of(String kind, UUID id) {
    return stored
        .findById(id)
        .filter(j -> j.kind().equals(kind))
        .orElseThrow(
            () -> Problem.notFound("unknown-" + kind, "There is no " + kind + " " + id + "."));
  }

  /** The newest jobs of a kind, the newest first. */
  public List<Job> newest(String kind, String subject) {
    return stored.findByKindAndSubjectOrderByStartedAtDesc(kind, subject, Limit.of(MOST_LISTED));
  }

  /** Forgets all jobs of a kind that have ended, with what came of them. */
  @Transactional
  public void forgetEnded(String kind) {
    stored.deleteEnded(kind);
  }

  /** Forgets those of them that were started before a moment. */
  @Transactional
  public void forgetEnded(String kind, Instant before) {
    stored.deleteEnded(kind, before);
  }

  /** Stops a job of this process soon; one that has ended stays as it is. */
  public void stop(Job job) {
    Stop stop = stops.get(job.id());
    if (stop != null) {
      stop.now();
    }
  }

  /** What came of a job that is done. */
  public static <T> T result(Job job, Class<T> type) {
    return JSON.readValue(job.result(), type);
  }

  @PreDestroy
  void close() {
    stops.values().forEach(Stop::now);
    workers.shutdownNow();
  }
}
