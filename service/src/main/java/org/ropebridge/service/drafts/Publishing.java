package org.ropebridge.service.drafts;

import java.util.Map;
import java.util.Optional;
import org.ropebridge.service.jobs.Job;
import org.ropebridge.service.models.ModelService;
import org.ropebridge.service.problems.Problem;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;

/**
 * Publishes drafts. A draft that changes a published model must have been rehearsed as it stands,
 * and nothing may be broken, unless its author says why it is published all the same.
 */
@Service
class Publishing {
  private final Drafts drafts;
  private final Rehearsals rehearsals;
  private final ModelService models;

  Publishing(Drafts drafts, Rehearsals rehearsals, ModelService models) {
    this.drafts = drafts;
    this.rehearsals = rehearsals;
    this.models = models;
  }

  /**
   * Publishes a draft as the next edition.
   *
   * @param revision that the author has seen
   * @param overrule why it is published although something is broken; empty for not at all
   * @throws Problem if it has faults, was changed meanwhile, was not rehearsed, or broke something
   */
  ModelService.Published publish(
      String model, long revision, String note, String overrule, String by) {
    Drafts.State draft =
        drafts
            .find(model)
            .orElseThrow(
                () ->
                    new Problem(
                        HttpStatus.CONFLICT,
                        "nothing-to-publish",
                        "The draft of \"" + model + "\" is its newest edition; nothing changed."));
    if (draft.revision() != revision) {
      throw new Problem(
          HttpStatus.CONFLICT,
          "draft-changed",
          "The draft was changed by " + draft.changedBy() + " meanwhile. Look at it again.");
    }
    if (models.newestFiles(model).filter(e -> e.files().equals(draft.files())).isPresent()) {
      throw new Problem(
          HttpStatus.CONFLICT,
          "nothing-to-publish",
          "The draft of \"" + model + "\" is its newest edition; nothing changed.");
    }
    Optional<Rehearsals.Rehearsal> rehearsal = rehearsals.newest(draft).flatMap(Rehearsals::result);
    long broken = rehearsal.map(Rehearsals.Rehearsal::broken).orElse(0L);
    if (overrule.isBlank() && rehearsal.isEmpty()) {
      throw new Problem(
          HttpStatus.CONFLICT,
          "not-rehearsed",
          "The draft was not rehearsed as it stands"
              + stateOf(draft)
              + ". Rehearse it, or say why it is to be published all the same.");
    } else if (overrule.isBlank() && broken > 0) {
      throw new Problem(
          HttpStatus.CONFLICT,
          "rehearsal-broken",
          "The rehearsal found "
              + broken
              + (broken == 1 ? " sample question" : " sample questions")
              + " broken. Mend the draft, or say why it is to be published all the same.",
          Map.of("broken", broken));
    }
    String overruled = rehearsal.isEmpty() || broken > 0 ? overrule : "";
    ModelService.Published published = models.publish(draft.files(), note, by, overruled);
    drafts.published(model, published.edition());
    models.announce(model);
    return published;
  }

  private String stateOf(Drafts.State draft) {
    return rehearsals
        .newest(draft)
        .filter(j -> j.state() == Job.State.RUNNING)
        .map(j -> "; its rehearsal is still running")
        .orElse("");
  }

  /**
   * Goes back to an edition: its files become the next edition, and the draft.
   *
   * @throws Problem if there is none of that number, or it is the newest
   */
  ModelService.Published back(String model, int number, String by) {
    ModelService.EditionFiles edition = models.files(model, number);
    ModelService.EditionFiles newest = models.newestFiles(model).orElseThrow();
    if (newest.files().equals(edition.files())) {
      throw new Problem(
          HttpStatus.CONFLICT,
          "nothing-to-publish",
          "Edition " + number + " says the same as the newest one.");
    }
    ModelService.Published published =
        models.publish(edition.files(), "Back to edition " + number + ".", by, "");
    drafts.push(model, edition.files(), Optional.empty(), by);
    drafts.published(model, published.edition());
    models.announce(model);
    return published;
  }
}
