package org.ropebridge.service.drafts;

import io.swagger.v3.oas.annotations.Operation;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.ropebridge.model.Model;
import org.ropebridge.model.file.FileEdit;
import org.ropebridge.model.file.ModelReader;
import org.ropebridge.model.words.WordList;
import org.ropebridge.service.problems.Problem;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Lists of words that come to a draft and go from it; for authors and stewards. */
@RestController
@RequestMapping("/api/models/{model}/draft")
@PreAuthorize("hasRole('AUTHOR')")
class WordsController {
  private final Drafts drafts;
  private final WordFiles files;

  WordsController(Drafts drafts, WordFiles files) {
    this.drafts = drafts;
    this.files = files;
  }

  /**
   * A file with words.
   *
   * @param name whose ending says what it is: .csv, .ttl or .rdf
   */
  record WordsFile(@NotBlank @Size(max = 200) String name, @Size(max = 8_000_000) String text) {}

  /**
   * What a list would do; nothing is kept before the edits are made.
   *
   * @param edits what writes the words into the draft
   * @param added what each item would get
   * @param passedOver what is not taken, and why
   */
  record WordsRead(List<FileEdit> edits, List<WordList.Added> added, List<String> passedOver) {}

  @Operation(summary = "Take all words of a draft as CSV")
  @GetMapping("/words.csv")
  ResponseEntity<byte[]> csv(@PathVariable String model) {
    return file(
        files.csv(WordList.of(read(model).model().orElseThrow())), "text/csv", model + ".csv");
  }

  @Operation(summary = "Take all words of a draft as a SKOS vocabulary in Turtle")
  @GetMapping("/words.ttl")
  ResponseEntity<byte[]> skos(@PathVariable String model) {
    Model read = read(model).model().orElseThrow();
    String text = files.skos(WordList.of(read), read.name(), read.title(), read.languages().get(0));
    return file(text, "text/turtle", model + ".ttl");
  }

  private static ResponseEntity<byte[]> file(String text, String type, String name) {
    return ResponseEntity.ok()
        .contentType(MediaType.parseMediaType(type + ";charset=UTF-8"))
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment().filename(name).build().toString())
        .body(text.getBytes(StandardCharsets.UTF_8));
  }

  @Operation(summary = "See what a list of words would add to a draft")
  @PostMapping("/words")
  WordsRead bring(@PathVariable String model, @Valid @RequestBody WordsFile file) {
    ModelReader.Result read = read(model);
    WordList.Brought brought =
        WordList.bring(
            files.read(file.name(), file.text() == null ? "" : file.text(), model),
            read.model().orElseThrow(),
            read.places());
    return new WordsRead(brought.edits(), brought.added(), brought.passedOver());
  }

  private ModelReader.Result read(String model) {
    ModelReader.Result read = ModelReader.read(drafts.of(model).files());
    if (read.model().isEmpty()) {
      throw Problem.badRequest(
          "draft-has-faults", "The draft's files cannot be read. Mend them first.");
    }
    return read;
  }
}
