package org.ropebridge.service.drafts;

import io.swagger.v3.oas.annotations.Operation;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Stream;
import org.ropebridge.language.LanguagePack;
import org.ropebridge.model.BusinessCalendar;
import org.ropebridge.model.Metric;
import org.ropebridge.model.Model;
import org.ropebridge.model.SampleQuestion;
import org.ropebridge.model.Table;
import org.ropebridge.model.change.Change;
import org.ropebridge.model.file.FileEdit;
import org.ropebridge.model.file.ModelWriter;
import org.ropebridge.model.file.Places;
import org.ropebridge.reading.MetricWords;
import org.ropebridge.service.accounts.Account;
import org.ropebridge.service.accounts.CurrentAccount;
import org.ropebridge.service.models.Engine;
import org.ropebridge.service.models.FaultPart;
import org.ropebridge.service.models.ModelService;
import org.ropebridge.service.questions.AnswerPart;
import org.ropebridge.service.questions.Asking;
import org.ropebridge.survey.Proposal;
import org.springframework.http.HttpStatus;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PatchMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Drafts over REST; for authors and stewards. */
@RestController
@RequestMapping("/api")
@PreAuthorize("hasRole('AUTHOR')")
class DraftController {
  private static final String NAME = "[a-z][a-z0-9_]{0,79}";

  private final Drafts drafts;
  private final ModelService models;
  private final Asking asking;
  private final CurrentAccount current;

  DraftController(Drafts drafts, ModelService models, Asking asking, CurrentAccount current) {
    this.drafts = drafts;
    this.models = models;
    this.asking = asking;
    this.current = current;
  }

  /**
   * A draft.
   *
   * @param revision how often it was changed; 0 for the newest edition that nobody has changed yet
   * @param basedOn the edition that it began from, 0 for none
   * @param changedBy who changed it last; empty when nobody has
   * @param changedAt null when nobody has changed it
   * @param title what people call the model
   * @param about what it is for
   * @param calendar what time words mean; null while the files cannot be read
   * @param tables as the files say; none while they cannot be read
   * @param faults of the files, in their order
   * @param proposals what a survey suggested and nobody has judged yet
   * @param homes the file that each table (by {@code tables/NAME}) and each metric (by {@code
   *     metrics/NAME}) stands in
   */
  record DraftPart(
      String model,
      long revision,
      int basedOn,
      String changedBy,
      Instant changedAt,
      String title,
      String about,
      BusinessCalendar calendar,
      List<Table> tables,
      List<Metric> metrics,
      List<SampleQuestion> questions,
      boolean publishable,
      List<FaultPart> faults,
      List<ProposalPart> proposals,
      Map<String, String> files,
      Map<String, String> homes) {}

  /** Something that a survey suggested, and why; the path says what it is about. */
  record ProposalPart(String path, String words, String reason) {
    static ProposalPart of(Proposal proposal) {
      return new ProposalPart(proposal.path(), proposal.words(), proposal.reason());
    }
  }

  /** A draft in a list. */
  record DraftLine(String model, long revision, int basedOn, String changedBy, Instant changedAt) {}

  /** Tables for a draft. */
  record NewTables(@NotNull UUID survey) {}

  /** A draft from a survey. */
  record FromSurvey(@NotBlank @Pattern(regexp = NAME) String model, @NotNull UUID survey) {}

  /**
   * All files of a draft.
   *
   * @param revision that the files were changed from; left out to replace whatever is there
   */
  record FilesPut(@NotEmpty Map<String, String> files, Long revision) {}

  /**
   * One edit.
   *
   * @param path keys, and indexes of lists; none for the whole file
   * @param value what shall stand there; left out to remove the place
   * @param rename what the last key shall be called instead
   */
  record EditPart(
      @NotBlank @Size(max = 200) String file,
      @Size(max = 20) List<String> path,
      Object value,
      String rename) {
    FileEdit edit() {
      return new FileEdit(
          file,
          path == null ? List.of() : path,
          Optional.ofNullable(value),
          Optional.ofNullable(rename));
    }
  }

  /** Edits, made on a revision. */
  record Edits(long revision, @NotEmpty @Size(max = 1000) @Valid List<EditPart> edits) {}

  /**
   * A judgement of proposals.
   *
   * @param paths of the proposals; all when left out
   * @param keep whether they stay in the files
   */
  record Judgement(long revision, @Size(max = 10_000) Set<String> paths, boolean keep) {}

  /** A question for draft and edition. */
  record TryRequest(@NotBlank @Size(max = 20_000) String question) {}

  /**
   * The answers of draft and edition.
   *
   * @param edition null before the first
   * @param differs in what they differ: meaning, sql, rows
   */
  record SideBySide(AnswerPart draft, AnswerPart edition, List<String> differs) {}

  @Operation(summary = "List the models that have a draft")
  @GetMapping("/drafts")
  List<DraftLine> list() {
    return drafts.names().stream()
        .map(drafts::of)
        .map(d -> new DraftLine(d.model(), d.revision(), d.basedOn(), d.changedBy(), d.changedAt()))
        .toList();
  }

  @Operation(summary = "Make a first draft from a survey")
  @PostMapping("/drafts")
  @ResponseStatus(HttpStatus.CREATED)
  DraftPart fromSurvey(@Valid @RequestBody FromSurvey request) {
    return part(drafts.fromSurvey(request.model(), request.survey(), current.get().name()));
  }

  @Operation(summary = "See the draft of a model, its faults and its files")
  @GetMapping("/models/{model}/draft")
  DraftPart show(@PathVariable String model) {
    return part(drafts.of(model));
  }

  @Operation(summary = "Replace all files of a draft")
  @PutMapping("/models/{model}/draft")
  DraftPart push(
      @PathVariable @Pattern(regexp = NAME) String model, @Valid @RequestBody FilesPut request) {
    return part(
        drafts.push(
            model,
            ModelService.limited(request.files()),
            Optional.ofNullable(request.revision()),
            current.get().name()));
  }

  @Operation(summary = "Change single values in a draft's files")
  @PatchMapping("/models/{model}/draft")
  DraftPart edit(@PathVariable String model, @Valid @RequestBody Edits request) {
    List<FileEdit> edits = new ArrayList<>();
    request.edits().forEach(e -> edits.add(e.edit()));
    drafts.of(model);
    return part(drafts.edit(model, request.revision(), edits, current.get().name()));
  }

  @Operation(summary = "Throw a draft away")
  @DeleteMapping("/models/{model}/draft")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void discard(@PathVariable String model) {
    drafts.of(model);
    drafts.discard(model);
  }

  @Operation(summary = "Keep or drop what a survey suggested")
  @PostMapping("/models/{model}/draft/proposals")
  DraftPart judge(@PathVariable String model, @Valid @RequestBody Judgement request) {
    Set<String> paths = request.paths() == null ? Set.of() : request.paths();
    return part(
        drafts.judge(model, request.revision(), paths, request.keep(), current.get().name()));
  }

  @Operation(summary = "Add the tables of a survey that a draft does not have yet")
  @PostMapping("/models/{model}/draft/tables")
  DraftPart grow(@PathVariable String model, @Valid @RequestBody NewTables request) {
    drafts.of(model);
    return part(drafts.grow(model, request.survey(), current.get().name()));
  }

  @Operation(summary = "See what would change for askers")
  @GetMapping("/models/{model}/draft/changes")
  List<Change> changes(@PathVariable String model) {
    return drafts.changes(drafts.of(model));
  }

  /** Words that a metric shall be made of. */
  record MetricRequest(
      @NotBlank @Pattern(regexp = NAME) String name, @NotBlank @Size(max = 1000) String words) {}

  /**
   * A metric that some words became.
   *
   * @param proposed the metrics, the one asked for last; none with the reason
   * @param edits what would write them into the draft
   * @param shown its values with these edits, over all time and by year; null without metrics
   */
  record WordedMetric(
      MetricWords.Proposed proposed, List<FileEdit> edits, List<AnswerPart> shown) {}

  @Operation(summary = "Make a metric of plain words, and see its values before it is kept")
  @PostMapping("/models/{model}/draft/metric")
  WordedMetric metric(@PathVariable String model, @Valid @RequestBody MetricRequest request) {
    Account account = current.get();
    Drafts.State state = drafts.of(model);
    Engine engine = drafts.engine(state, account);
    MetricWords.Proposed proposed =
        new MetricWords(
                engine.access().visible(),
                engine.reader(),
                LanguagePack.of(engine.access().visible().languages()).vocabulary())
            .propose(request.name(), request.words());
    if (proposed.metrics().isEmpty()) {
      return new WordedMetric(proposed, List.of(), List.of());
    }
    List<FileEdit> edits = ModelWriter.added(proposed.metrics());
    Engine with = drafts.engine(drafts.with(state, edits), account);
    String label = request.name().replace('_', ' ');
    return new WordedMetric(
        proposed,
        edits,
        Stream.of(label, label + " by year")
            .map(q -> asking.ask(with, q, account))
            .filter(a -> a.status().equals("answered"))
            .toList());
  }

  @Operation(summary = "Read a question on a draft without computing anything")
  @PostMapping("/models/{model}/draft/read")
  AnswerPart read(@PathVariable String model, @Valid @RequestBody TryRequest request) {
    Account account = current.get();
    return asking.read(drafts.engine(drafts.of(model), account), request.question());
  }

  @Operation(summary = "Ask the draft and the newest edition side by side")
  @PostMapping("/models/{model}/draft/ask")
  SideBySide ask(@PathVariable String model, @Valid @RequestBody TryRequest request) {
    Account account = current.get();
    Drafts.State state = drafts.of(model);
    AnswerPart draft = asking.ask(drafts.engine(state, account), request.question(), account);
    Optional<Engine> published = drafts.published(model, account);
    AnswerPart edition =
        published.map(e -> asking.ask(e, request.question(), account)).orElse(null);
    List<String> differs = new ArrayList<>();
    if (edition != null) {
      boolean sameStatus = draft.status().equals(edition.status());
      if (!sameStatus || !draft.restatement().equals(edition.restatement())) {
        differs.add("meaning");
      }
      if (!draft.readableSql().equals(edition.readableSql())) {
        differs.add("sql");
      }
      if (!Objects.equals(draft.rows(), edition.rows())) {
        differs.add("rows");
      }
    }
    return new SideBySide(draft, edition, differs);
  }

  private DraftPart part(Drafts.State state) {
    ModelService.Checked checked = models.check(state.files());
    Optional<Model> model = checked.read().model();
    return new DraftPart(
        state.model(),
        state.revision(),
        state.basedOn(),
        state.changedBy(),
        state.revision() == 0 ? null : state.changedAt(),
        model.map(Model::title).orElse(state.model()),
        model.map(Model::about).orElse(""),
        model.map(Model::calendar).orElse(null),
        model.map(Model::tables).orElse(List.of()),
        model.map(Model::metrics).orElse(List.of()),
        model.map(Model::questions).orElse(List.of()),
        checked.publishable(),
        checked.faults().stream().map(FaultPart::of).toList(),
        state.proposals().stream().map(ProposalPart::of).toList(),
        state.files(),
        model.map(m -> homes(m, checked.read().places())).orElse(Map.of()));
  }

  private static Map<String, String> homes(Model model, Places places) {
    Map<String, String> homes = new TreeMap<>();
    for (Table table : model.tables()) {
      homes.put("tables/" + table.name(), places.of("tables/" + table.name()).file());
    }
    for (Metric metric : model.metrics()) {
      String path = "metrics-file/metrics/" + metric.name();
      homes.put("metrics/" + metric.name(), places.of(path).file());
    }
    return homes;
  }
}
