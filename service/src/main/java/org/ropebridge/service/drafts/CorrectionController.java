package org.ropebridge.service.drafts;

import io.swagger.v3.oas.annotations.Operation;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.ropebridge.model.Model;
import org.ropebridge.model.SampleQuestion;
import org.ropebridge.model.file.FileEdit;
import org.ropebridge.model.file.ModelReader;
import org.ropebridge.model.file.ModelWriter;
import org.ropebridge.reading.Reading;
import org.ropebridge.reading.SampleQuestions;
import org.ropebridge.service.accounts.Account;
import org.ropebridge.service.accounts.CurrentAccount;
import org.ropebridge.service.models.Engine;
import org.ropebridge.service.models.FaultPart;
import org.ropebridge.service.problems.Problem;
import org.ropebridge.service.questions.AnswerPart;
import org.ropebridge.service.questions.Asking;
import org.ropebridge.service.threads.ThreadService;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Says what a question should have meant: it becomes an agreed sample question of the draft. */
@RestController
@RequestMapping("/api/models/{model}/draft")
@PreAuthorize("hasRole('AUTHOR')")
class CorrectionController {
  private static final int MOST_ASKED = 500;

  private final Drafts drafts;
  private final Asking asking;
  private final ThreadService threads;
  private final CurrentAccount current;

  CorrectionController(
      Drafts drafts, Asking asking, ThreadService threads, CurrentAccount current) {
    this.drafts = drafts;
    this.asking = asking;
    this.threads = threads;
    this.current = current;
  }

  /**
   * What a question should have meant.
   *
   * @param means in the model's words; left out when SQL says it
   * @param sql for what no plan can say; left out when the words do
   * @param slots the columns that named values of the SQL come from
   */
  record CorrectionRequest(
      @NotBlank @Size(max = 2000) String question,
      @Size(max = 2000) String means,
      @Size(max = 20_000) String sql,
      Map<String, String> slots) {}

  /** A question that is read otherwise with the correction. */
  record ReadOtherwise(String question, String before, String after) {}

  /**
   * What a correction would do; nothing is kept before the edits are made.
   *
   * @param edits what writes it into the draft
   * @param faults of the correction; with any of them it cannot be published
   * @param answer what the question gives with it; null when the draft cannot be asked
   * @param others sample questions, and questions that the author asked before, that are read
   *     otherwise with it
   */
  record Correction(
      List<FileEdit> edits,
      List<FaultPart> faults,
      AnswerPart answer,
      List<ReadOtherwise> others) {}

  @Operation(summary = "See what it changes when a question means something else")
  @PostMapping("/correction")
  Correction correct(@PathVariable String model, @Valid @RequestBody CorrectionRequest request) {
    Account account = current.get();
    Drafts.State draft = drafts.of(model);
    Model read =
        ModelReader.read(draft.files())
            .model()
            .orElseThrow(
                () ->
                    Problem.badRequest(
                        "draft-has-faults", "The draft's files cannot be read. Mend them first."));
    List<FileEdit> edits = List.of(edit(read, request));
    Drafts.State corrected = drafts.with(draft, edits);
    List<FaultPart> faults =
        drafts.newFaults(draft, corrected).stream().map(FaultPart::of).toList();
    if (faults.stream().anyMatch(f -> f.severity().equals("error"))) {
      return new Correction(edits, faults, null, List.of());
    }
    Engine before = drafts.engine(draft, account);
    Engine after = drafts.engine(corrected, account);
    return new Correction(
        edits,
        faults,
        asking.ask(after, request.question(), account),
        others(read, request.question(), before, after, threads.asked(account, model, MOST_ASKED)));
  }

  private static FileEdit edit(Model model, CorrectionRequest request) {
    boolean bySql = request.sql() != null && !request.sql().isBlank();
    if (bySql == (request.means() != null && !request.means().isBlank())) {
      throw Problem.badRequest(
          "one-meaning",
          "Say what the question means in the model's words, or by SQL; one of them.");
    }
    int same = -1;
    for (int i = 0; i < model.questions().size(); i++) {
      if (SampleQuestions.areSame(model.questions().get(i).ask(), request.question())) {
        same = i;
      }
    }
    Optional<SampleQuestion> known =
        same < 0 ? Optional.empty() : Optional.of(model.questions().get(same));
    SampleQuestion sample =
        new SampleQuestion(
            known.map(SampleQuestion::ask).orElse(request.question().strip()),
            bySql ? Optional.empty() : Optional.of(request.means().strip()),
            bySql ? Optional.of(request.sql().strip()) : Optional.empty(),
            bySql && request.slots() != null ? request.slots() : Map.of(),
            Optional.of(LocalDate.now(ZoneId.systemDefault())),
            known.map(SampleQuestion::starter).orElse(false),
            known.flatMap(SampleQuestion::label));
    return ModelWriter.set(sample, same < 0 ? model.questions().size() : same);
  }

  private static List<ReadOtherwise> others(
      Model model, String corrected, Engine before, Engine after, List<String> asked) {
    Set<String> questions = new LinkedHashSet<>();
    model.questions().forEach(q -> questions.add(q.ask()));
    questions.addAll(asked);
    List<ReadOtherwise> others = new ArrayList<>();
    for (String question : questions) {
      String was = words(before.reader().read(question));
      String is = words(after.reader().read(question));
      if (!was.equals(is) && !SampleQuestions.areSame(question, corrected)) {
        others.add(new ReadOtherwise(question, was, is));
      }
    }
    return others;
  }

  private static String words(Reading reading) {
    return reading.restatement().orElse(reading.reason());
  }
}
