package org.ropebridge.service.gaps;

import io.swagger.v3.oas.annotations.Operation;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Set;
import org.ropebridge.model.Metric;
import org.ropebridge.model.Model;
import org.ropebridge.model.Table;
import org.ropebridge.service.accounts.CurrentAccount;
import org.ropebridge.service.log.QuestionLog;
import org.ropebridge.service.models.Engines;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What of a model nobody asks for, over REST; for authors. */
@RestController
@PreAuthorize("hasRole('AUTHOR')")
class UnusedController {
  private final QuestionLog log;
  private final Engines engines;
  private final CurrentAccount current;

  UnusedController(QuestionLog log, Engines engines, CurrentAccount current) {
    this.log = log;
    this.engines = engines;
    this.current = current;
  }

  /**
   * Items that no question of the log makes use of, by what people call them.
   *
   * @param since the moment since when nobody did
   * @param questions whether anything was asked since then at all
   */
  record UnusedPart(
      Instant since,
      boolean questions,
      List<String> metrics,
      List<String> tables,
      List<String> conditions) {}

  @Operation(summary = "List metrics, tables and conditions that no question made use of")
  @GetMapping("/api/models/{model}/unused")
  UnusedPart unused(
      @PathVariable String model, @RequestParam(defaultValue = "90") @Min(1) @Max(3650) int days) {
    Instant since = Instant.now().minus(Duration.ofDays(days));
    Model seen = engines.of(model, current.get().person()).access().visible();
    Set<String> used = log.used(model, since);
    return new UnusedPart(
        since,
        !used.isEmpty(),
        seen.metrics().stream().filter(m -> !used.contains(m.name())).map(Metric::label).toList(),
        seen.tables().stream()
            .filter(t -> !used.contains(t.name()))
            .map(Table::rowNounPlural)
            .toList(),
        seen.tables().stream()
            .flatMap(
                t ->
                    t.conditions().stream()
                        .filter(c -> !used.contains(t.name() + "." + c.name()))
                        .map(c -> c.label()))
            .toList());
  }
}
