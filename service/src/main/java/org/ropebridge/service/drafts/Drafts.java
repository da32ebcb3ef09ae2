package org.ropebridge.service.drafts;

import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.ropebridge.language.LanguagePack;
import org.ropebridge.model.Model;
import org.ropebridge.model.change.Change;
import org.ropebridge.model.change.ModelChanges;
import org.ropebridge.model.file.Fault;
import org.ropebridge.model.file.FileEdit;
import org.ropebridge.model.file.FileEditor;
import org.ropebridge.model.file.ModelReader;
import org.ropebridge.model.file.ModelWriter;
import org.ropebridge.service.accounts.Account;
import org.ropebridge.service.models.Engine;
import org.ropebridge.service.models.Engines;
import org.ropebridge.service.models.ModelService;
import org.ropebridge.service.problems.Problem;
import org.ropebridge.service.sources.Surveys;
import org.ropebridge.survey.Drafter;
import org.ropebridge.survey.Dropping;
import org.ropebridge.survey.Growth;
import org.ropebridge.survey.Proposal;
import org.ropebridge.survey.Survey;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/**
 * Keeps the draft of each model. A change says which revision it was made on; one that was made on
 * an older revision is refused, so that two authors never overwrite each other in silence.
 */
@Service
public class Drafts {
  private static final JsonMapper JSON = JsonMapper.builder().build();

  private final StoredDrafts stored;
  private final ModelService models;
  private final Engines engines;
  private final Surveys surveys;

  Drafts(StoredDrafts stored, ModelService models, Engines engines, Surveys surveys) {
    this.stored = stored;
    this.models = models;
    this.engines = engines;
    this.surveys = surveys;
  }

  /**
   * A draft as it stands.
   *
   * @param revision how often it was changed; 0 for the newest edition that nobody has changed yet
   * @param basedOn the edition that it began from, 0 for none
   * @param proposals what a survey suggested and nobody has judged yet
   */
  public record State(
      String model,
      Map<String, String> files,
      long revision,
      int basedOn,
      List<Proposal> proposals,
      String changedBy,
      Instant changedAt) {
    /** Tells the files of this state from those of all others. */
    UUID key() {
      String name = model + "/" + revision + "/" + basedOn + "/" + changedAt + files.hashCode();
      return UUID.nameUUIDFromBytes(name.getBytes(StandardCharsets.UTF_8));
    }
  }

  /**
   * The draft, or the newest edition as the draft that nobody has changed yet.
   *
   * @throws Problem if there is neither
   */
  @Transactional(readOnly = true)
  public State of(String model) {
    return find(model)
        .or(
            () ->
                models
                    .newestFiles(model)
                    .map(
                        e ->
                            new State(
                                model, e.files(), 0, e.number(), List.of(), "", Instant.EPOCH)))
        .orElseThrow(
            () ->
                Problem.notFound(
                    "unknown-model",
                    "There is no model \"" + model + "\". See: ropebridge model list"));
  }

  /** The draft of a model, if someone has changed something. */
  @Transactional(readOnly = true)
  public Optional<State> find(String model) {
    return models.has(model)
        ? stored.findById(models.keyOf(model)).map(d -> state(model, d))
        : Optional.empty();
  }

  private static State state(String model, StoredDraft draft) {
    return new State(
        model,
        draft.files(),
        draft.revision(),
        draft.basedOn(),
        List.of(JSON.readValue(draft.proposals(), Proposal[].class)),
        draft.changedBy(),
        draft.changedAt());
  }

  /** Names of models that have a draft, in order. */
  List<String> names() {
    return models.allNames().stream()
        .filter(n -> stored.findById(models.keyOf(n)).isPresent())
        .toList();
  }

  /**
   * Replaces all files of a draft.
   *
   * @param revision that the files were changed from; empty to replace whatever is there
   * @throws Problem if the files are those of another model, or another author was faster
   */
  @Transactional
  public State push(String model, Map<String, String> files, Optional<Long> revision, String by) {
    String named = ModelReader.read(files).model().map(Model::name).orElse(model);
    if (!named.equals(model)) {
      throw Problem.badRequest(
          "other-model",
          "These files say model: " + named + ", and the draft is that of " + model + ".");
    }
    StoredDraft draft = locked(model);
    revision.ifPresent(r -> sameRevision(draft, r));
    draft.change(files, by);
    return state(model, stored.save(draft));
  }

  /** Makes edits in a draft's files. */
  @Transactional
  public State edit(String model, long revision, List<FileEdit> edits, String by) {
    StoredDraft draft = locked(model);
    sameRevision(draft, revision);
    draft.change(edited(filesOf(model, draft), edits), by);
    return state(model, stored.save(draft));
  }

  /** The draft as it would be after some edits; nothing is kept. */
  public State with(State draft, List<FileEdit> edits) {
    return new State(
        draft.model(),
        edited(draft.files(), edits),
        draft.revision(),
        draft.basedOn(),
        draft.proposals(),
        draft.changedBy(),
        draft.changedAt());
  }

  /** The faults that a draft has after a change and did not have before. */
  public List<Fault> newFaults(State before, State after) {
    Set<String> known = new HashSet<>();
    models.check(before.files()).faults().forEach(f -> known.add(f.message()));
    return models.check(after.files()).faults().stream()
        .filter(f -> !known.contains(f.message()))
        .toList();
  }

  private static Map<String, String> edited(Map<String, String> files, List<FileEdit> edits) {
    try {
      return FileEditor.apply(files, edits);
    } catch (FileEdit.Impossible e) {
      throw Problem.badRequest("impossible-edit", e.getMessage());
    }
  }

  private Map<String, String> filesOf(String model, StoredDraft draft) {
    return draft.revision() == 0
        ? models.newestFiles(model).map(ModelService.EditionFiles::files).orElse(Map.of())
        : draft.files();
  }

  private StoredDraft locked(String model) {
    UUID key = models.keyOf(model);
    return stored
        .lockById(key)
        .orElseGet(
            () ->
                new StoredDraft(
                    key,
                    models.newestFiles(model).map(ModelService.EditionFiles::number).orElse(0),
                    "[]"));
  }

  private static void sameRevision(StoredDraft draft, long revision) {
    if (draft.revision() == 0 && revision > 0) {
      throw new Problem(
          HttpStatus.CONFLICT,
          "draft-changed",
          "The draft that this was changed from is gone: someone threw it away meanwhile. Look at"
              + " the model again and make your change there.",
          Map.of("revision", 0));
    } else if (draft.revision() != revision) {
      throw new Problem(
          HttpStatus.CONFLICT,
          "draft-changed",
          "The draft was changed by "
              + draft.changedBy()
              + " meanwhile, so nothing was overwritten. Look at it again and make your change"
              + " there.",
          Map.of("revision", draft.revision(), "changedBy", draft.changedBy()));
    }
  }

  /** Throws a draft away; the newest edition stays as it is. */
  @Transactional
  public void discard(String model) {
    stored.lockById(models.keyOf(model)).ifPresent(stored::delete);
  }

  /**
   * Makes a first draft from a survey.
   *
   * @throws Problem if the model has a draft or an edition already
   */
  @Transactional
  public State fromSurvey(String model, UUID surveyId, String by) {
    if (find(model).isPresent() || models.newestFiles(model).isPresent()) {
      throw new Problem(
          HttpStatus.CONFLICT,
          "model-exists",
          "There is a model \"" + model + "\" already. Choose another name.");
    }
    org.ropebridge.survey.Draft draft = suggested(model, surveyId);
    StoredDraft made =
        new StoredDraft(models.keyOf(model), 0, JSON.writeValueAsString(draft.proposals()));
    made.change(ModelWriter.write(draft.model()), by);
    return state(model, stored.save(made));
  }

  private org.ropebridge.survey.Draft suggested(String model, UUID surveyId) {
    Survey survey = surveys.of(surveyId);
    return new Drafter(LanguagePack.ENGLISH.identifiers(), LocalDate.now(ZoneId.systemDefault()))
        .draft(survey, model, surveys.kindOf(survey.source()));
  }

  /**
   * Adds the tables of a survey that a draft does not have yet, and their metrics.
   *
   * @throws Problem if the draft has all of them, or cannot be read
   */
  @Transactional
  public State grow(String model, UUID surveyId, String by) {
    StoredDraft draft = locked(model);
    Map<String, String> files = new HashMap<>(filesOf(model, draft));
    Model now = ModelReader.read(files).model().orElseThrow(Drafts::unreadable);
    Growth growth = Growth.of(suggested(model, surveyId), now, LanguagePack.ENGLISH.identifiers());
    if (growth.tables().isEmpty()) {
      throw new Problem(
          HttpStatus.CONFLICT,
          "nothing-new",
          "The draft has all tables of this survey that have rows. Survey the schema of the new"
              + " one.");
    }
    files.putAll(growth.files());
    List<Proposal> proposals = new ArrayList<>(state(model, draft).proposals());
    proposals.addAll(growth.proposals());
    draft.judge(JSON.writeValueAsString(proposals));
    draft.change(edited(files, growth.edits()), by);
    return state(model, stored.save(draft));
  }

  private static Problem unreadable() {
    return Problem.badRequest(
        "draft-has-faults", "The draft's files cannot be read. Mend them first.");
  }

  /**
   * Judges proposals of a draft: those that are kept are only taken off the list, those that are
   * dropped are taken out of the files.
   *
   * @param paths of the proposals; all when empty
   */
  @Transactional
  public State judge(String model, long revision, Set<String> paths, boolean keep, String by) {
    StoredDraft draft = locked(model);
    sameRevision(draft, revision);
    List<Proposal> rest = new ArrayList<>();
    List<Proposal> judged = new ArrayList<>();
    for (Proposal proposal : state(model, draft).proposals()) {
      (paths.isEmpty() || paths.contains(proposal.path()) ? judged : rest).add(proposal);
    }
    Map<String, String> files = draft.files();
    if (!keep) {
      for (Proposal proposal : judged) {
        files = without(files, proposal.path());
      }
      Set<String> gone = new HashSet<>();
      judged.forEach(p -> gone.add(p.path() + "/"));
      rest.removeIf(p -> gone.stream().anyMatch(g -> p.path().startsWith(g)));
    }
    draft.judge(JSON.writeValueAsString(rest));
    draft.change(files, by);
    return state(model, stored.save(draft));
  }

  private static Map<String, String> without(Map<String, String> files, String path) {
    return ModelReader.read(files)
        .model()
        .map(m -> edited(files, Dropping.edits(path, m)))
        .orElseThrow(Drafts::unreadable);
  }

  /** What would change for askers if the draft were published. */
  List<Change> changes(State draft) {
    Optional<Model> before =
        models.newestFiles(draft.model()).flatMap(e -> ModelReader.read(e.files()).model());
    Optional<Model> after = ModelReader.read(draft.files()).model();
    return before.isPresent() && after.isPresent()
        ? ModelChanges.between(before.get(), after.get())
        : List.of();
  }

  /** The draft's engine, as far as a person may see it. */
  public Engine engine(State draft, Account account) {
    return engines.ofFiles(draft.key(), draft.files(), account.person());
  }

  /** The newest edition's engine; empty before the first. */
  Optional<Engine> published(String model, Account account) {
    return models.newestFiles(model).map(e -> engines.of(model, account.person()));
  }

  /** The draft's files were published as an edition. */
  @Transactional
  public void published(String model, int edition) {
    stored
        .lockById(models.keyOf(model))
        .ifPresent(
            d -> {
              d.published(edition);
              stored.save(d);
            });
  }
}
