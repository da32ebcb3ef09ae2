package org.ropebridge.service.ownwords;

import io.swagger.v3.oas.annotations.Operation;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.ropebridge.service.accounts.Account;
import org.ropebridge.service.accounts.CurrentAccount;
import org.ropebridge.service.models.Engine;
import org.ropebridge.service.models.Engines;
import org.ropebridge.service.problems.Problem;
import org.ropebridge.steering.ItemFinder;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Words of one's own over REST, and what words could mean. */
@RestController
@RequestMapping("/api")
class OwnWordController {
  private final OwnWords words;
  private final Engines engines;
  private final CurrentAccount current;

  OwnWordController(OwnWords words, Engines engines, CurrentAccount current) {
    this.words = words;
    this.engines = engines;
    this.current = current;
  }

  @Operation(summary = "Find what words could mean: items and values of the model")
  @GetMapping("/models/{model}/items")
  List<ItemFinder.Item> find(
      @PathVariable String model,
      @RequestParam(name = "words", defaultValue = "") @Size(max = 200) String text) {
    return engine(model).steering().items().find(text);
  }

  /**
   * What one means by words.
   *
   * @param item its name, as the items of the model list it
   */
  record OwnWordRequest(
      @NotBlank @Size(max = OwnWords.LONGEST) String words,
      @NotBlank @Size(max = 500) String item) {}

  /**
   * A word of one's own.
   *
   * @param label what the model calls what it means; empty when the model does not have it any more
   */
  record OwnWordPart(
      UUID id, String model, String words, String item, String label, Instant saidAt) {}

  @Operation(summary = "Say what one means by words, for one's own questions")
  @PutMapping("/models/{model}/own-words")
  OwnWordPart keep(@PathVariable String model, @Valid @RequestBody OwnWordRequest request) {
    return part(words.keep(current.get(), engine(model), request.words(), request.item()));
  }

  @Operation(summary = "List the words of one's own")
  @GetMapping("/me/words")
  List<OwnWordPart> list() {
    return words.of(current.get()).stream().map(this::part).toList();
  }

  @Operation(summary = "Forget a word of one's own")
  @DeleteMapping("/me/words/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void forget(@PathVariable UUID id) {
    words.forget(current.get(), id);
  }

  private Engine engine(String model) {
    Account account = current.get();
    return engines.of(model, account.person());
  }

  private OwnWordPart part(OwnWord word) {
    return new OwnWordPart(
        word.id(), word.modelName(), word.words(), word.item(), label(word), word.saidAt());
  }

  private String label(OwnWord word) {
    try {
      return engine(word.modelName())
          .steering()
          .items()
          .of(word.item())
          .map(ItemFinder.Item::label)
          .orElse("");
    } catch (Problem e) {
      // The model is gone, and what the word meant with it.
      return "";
    }
  }
}
