package org.ropebridge.service.sources;

import io.swagger.v3.oas.annotations.Operation;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.ropebridge.service.accounts.CurrentAccount;
import org.ropebridge.service.jobs.Job;
import org.ropebridge.service.jobs.JobPart;
import org.ropebridge.survey.Survey;
import org.ropebridge.survey.Surveyor;
import org.springframework.http.HttpStatus;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Surveys over REST; for authors and stewards. */
@RestController
@RequestMapping("/api")
@PreAuthorize("hasRole('AUTHOR')")
class SurveyController {
  private final Surveys surveys;
  private final CurrentAccount current;

  SurveyController(Surveys surveys, CurrentAccount current) {
    this.surveys = surveys;
    this.current = current;
  }

  /**
   * What to look at.
   *
   * @param schemas all tables of these; of every schema when left out
   * @param tables these alone, as {@code schema.table}; all of the schemas when left out
   */
  record SurveyRequest(
      @Size(max = 1000) Set<String> schemas, @Size(max = 10_000) Set<String> tables) {
    Surveyor.Choice choice() {
      return new Surveyor.Choice(
          schemas == null ? Set.of() : schemas, tables == null ? Set.of() : tables);
    }
  }

  /**
   * A survey.
   *
   * @param job how far it is
   * @param survey what it found; null before it is done
   */
  record SurveyPart(JobPart job, Survey survey) {
    static SurveyPart of(Job job) {
      return new SurveyPart(JobPart.of(job), Surveys.result(job).orElse(null));
    }
  }

  @Operation(summary = "List the schemas and tables of a source")
  @GetMapping("/sources/{source}/schemas")
  List<Surveys.Schema> schemas(@PathVariable String source) {
    return surveys.schemas(source);
  }

  @Operation(summary = "Start a survey of a source")
  @PostMapping("/sources/{source}/surveys")
  @ResponseStatus(HttpStatus.ACCEPTED)
  JobPart start(@PathVariable String source, @Valid @RequestBody SurveyRequest request) {
    return JobPart.of(surveys.start(source, request.choice(), current.get().name()));
  }

  @Operation(summary = "List the newest surveys of a source")
  @GetMapping("/sources/{source}/surveys")
  List<JobPart> list(@PathVariable String source) {
    return surveys.newest(source).stream().map(JobPart::of).toList();
  }

  @Operation(summary = "See how far a survey is and what it found")
  @GetMapping("/surveys/{id}")
  SurveyPart show(@PathVariable UUID id) {
    return SurveyPart.of(surveys.job(id));
  }

  @Operation(summary = "Stop a survey")
  @DeleteMapping("/surveys/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void stop(@PathVariable UUID id) {
    surveys.stop(id);
  }
}
