package org.ropebridge.service.sources;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import org.ropebridge.language.LanguagePack;
import org.ropebridge.service.jobs.Job;
import org.ropebridge.service.jobs.Jobs;
import org.ropebridge.service.problems.Problem;
import org.ropebridge.sql.SurveySql;
import org.ropebridge.survey.Survey;
import org.ropebridge.survey.Surveyor;
import org.ropebridge.survey.Warehouse;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;

/** Surveys sources in the background. */
@Service
public class Surveys {
  private static final String KIND = "survey";
  private static final int MOST_COLUMNS = 200_000;

  private final Statements statements;
  private final Warehouses warehouses;
  private final Jobs jobs;

  Surveys(Statements statements, Warehouses warehouses, Jobs jobs) {
    this.statements = statements;
    this.warehouses = warehouses;
    this.jobs = jobs;
  }

  /** A schema of a source and its tables, as far as the service's role may read them. */
  public record Schema(String name, List<String> tables) {}

  /** The schemas of a source, in order. */
  List<Schema> schemas(String source) {
    List<List<Object>> rows =
        statements.query(source, SurveySql.CATALOGUE, List.of(), MOST_COLUMNS);
    return rows.stream()
        .map(r -> r.get(0).toString())
        .distinct()
        .map(
            s ->
                new Schema(
                    s,
                    rows.stream()
                        .filter(r -> r.get(0).equals(s))
                        .map(r -> r.get(1).toString())
                        .distinct()
                        .toList()))
        .toList();
  }

  /**
   * Starts a survey.
   *
   * @throws Problem if there is no such source
   */
  Job start(String source, Surveyor.Choice choice, String by) {
    if (!warehouses.has(source)) {
      throw Problem.notFound(
          "unknown-source",
          "There is no source \"" + source + "\". Add it with: ropebridge source add");
    }
    return jobs.start(KIND, source, 0, by, sign -> survey(source, choice, sign));
  }

  private Survey survey(String source, Surveyor.Choice choice, Jobs.Sign sign) {
    Surveyor surveyor =
        new Surveyor(
            (sql, parameters, most) -> rows(source, sql, parameters, most, sign),
            LanguagePack.ENGLISH.identifiers(),
            progress(sign));
    Survey survey;
    try {
      survey = surveyor.survey(source, choice);
    } catch (Warehouse.Refused e) {
      throw new Problem(HttpStatus.BAD_GATEWAY, "source-refused", e.getMessage());
    }
    if (survey.tables().isEmpty()) {
      throw Problem.badRequest(
          "nothing-to-survey",
          "There is no table that the service's role may read in what was chosen. Grant it select,"
              + " or choose other schemas.");
    }
    return survey;
  }

  private List<List<Object>> rows(
      String source, String sql, List<Object> parameters, int most, Jobs.Sign sign) {
    Running running = new Running();
    try {
      return sign.endedBy(
          running::stop, () -> statements.query(source, sql, parameters, most, running));
    } catch (Problem e) {
      if (sign.isStopped()) {
        throw new java.util.concurrent.CancellationException("stopped");
      }
      throw new Warehouse.Refused(e.getMessage(), e);
    }
  }

  private static Surveyor.Progress progress(Jobs.Sign sign) {
    return new Surveyor.Progress() {
      @Override
      public void at(Surveyor.Stage stage, int done, int of) {
        sign.at(stage.name().toLowerCase(Locale.ROOT), done, of);
      }

      @Override
      public boolean isStopped() {
        return sign.isStopped();
      }
    };
  }

  /**
   * The job of a survey.
   *
   * @throws Problem if there is none
   */
  Job job(UUID id) {
    return jobs.of(KIND, id);
  }

  List<Job> newest(String source) {
    return jobs.newest(KIND, source);
  }

  void stop(UUID id) {
    jobs.stop(job(id));
  }

  /** What a job found; empty before it is done. */
  static Optional<Survey> result(Job job) {
    return job.state() == Job.State.DONE
        ? Optional.of(Jobs.result(job, Survey.class))
        : Optional.empty();
  }

  /**
   * A survey that is done.
   *
   * @throws Problem if there is none, or it is not done
   */
  public Survey of(UUID id) {
    return result(job(id))
        .orElseThrow(
            () ->
                new Problem(
                    HttpStatus.CONFLICT,
                    "survey-not-done",
                    "This survey is not done. Wait for it, or start another."));
  }

  /** The kind of SQL that a source speaks. */
  public String kindOf(String source) {
    return warehouses.list().stream()
        .filter(w -> w.name().equals(source))
        .map(Warehouses.Described::kind)
        .findFirst()
        .orElseThrow();
  }
}
