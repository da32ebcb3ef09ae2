package org.ropebridge.service.ownwords;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import org.ropebridge.lexicon.Items;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.reading.QuestionReader;
import org.ropebridge.reading.Reading;
import org.ropebridge.service.accounts.Account;
import org.ropebridge.service.log.QuestionLog;
import org.ropebridge.service.models.Engine;
import org.ropebridge.service.problems.Problem;
import org.ropebridge.steering.ItemFinder;
import org.springframework.context.event.EventListener;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps what each person means by words, and reads their questions by it. */
@Service
public class OwnWords {
  static final int LONGEST = 80;
  private static final int MOST_OF_ONE = 500;

  private final StoredOwnWords stored;

  /** Another replica's change is seen after so long; one of this process at once. */
  private final Cache<Key, Map<String, String>> known =
      Caffeine.newBuilder().maximumSize(5_000).expireAfterWrite(Duration.ofSeconds(5)).build();

  private record Key(UUID account, String model) {}

  /** How many people mean something by words. */
  public record Meant(String words, String item, long people) {}

  OwnWords(StoredOwnWords stored) {
    this.stored = stored;
  }

  /** A reader that takes a person's own words as they mean them. */
  public QuestionReader reader(Engine engine, Account account) {
    Map<String, String> words =
        known.get(new Key(account.id(), engine.model()), k -> load(k.account(), k.model()));
    Map<String, Meaning> own = new LinkedHashMap<>();
    words.forEach(
        (w, item) ->
            Items.meaning(engine.access().visible(), item)
                .ifPresent(meaning -> own.put(w, meaning)));
    return engine.reader().with(own);
  }

  private Map<String, String> load(UUID account, String model) {
    Map<String, String> words = new LinkedHashMap<>();
    stored.findByAccountIdAndModelName(account, model).forEach(w -> words.put(w.words(), w.item()));
    return words;
  }

  @Transactional(readOnly = true)
  List<OwnWord> of(Account account) {
    return stored.findByAccountIdOrderByModelNameAscWordsAsc(account.id());
  }

  /**
   * Keeps what a person means by words from now on.
   *
   * @throws Problem if there is no such item, or the model means another by these words
   */
  @Transactional
  OwnWord keep(Account account, Engine engine, String words, String item) {
    ItemFinder.Item meant =
        engine
            .steering()
            .items()
            .of(item)
            .orElseThrow(
                () ->
                    Problem.badRequest(
                        "no-such-item",
                        "The model has nothing called \"" + item + "\" that you may see."));
    QuestionReader.Known before = engine.reader().known(words);
    if (before.ofLanguage()) {
      throw new Problem(
          HttpStatus.CONFLICT,
          "word-of-the-language",
          "\"" + words + "\" has a task in sentences. Give a meaning to other words.");
    } else if (!before.items().isEmpty() && !before.items().contains(item)) {
      throw new Problem(
          HttpStatus.CONFLICT,
          "words-taken",
          "The model means something else by \""
              + words
              + "\" already. Ask the author where that is wrong.");
    }
    return put(account, engine.model(), words, meant.item());
  }

  /**
   * Keeps by which words a person told readings of a question apart, when they were asked back.
   *
   * @param asked the question that was asked back
   * @param chosen the restatement that they chose
   */
  @Transactional
  public void choose(Account account, Engine engine, Reading asked, String chosen) {
    asked.choices().stream()
        .filter(c -> c.restatement().equals(chosen))
        .findFirst()
        .ifPresent(
            c ->
                c.telling()
                    .forEach(
                        (words, meaning) ->
                            Items.nameOf(meaning)
                                .ifPresent(item -> put(account, engine.model(), words, item))));
  }

  private OwnWord put(Account account, String model, String words, String item) {
    String plain = plain(words);
    OwnWord word =
        stored
            .findByAccountIdAndModelNameAndWords(account.id(), model, plain)
            .orElseGet(() -> new OwnWord(account.id(), model, plain));
    if (stored.findByAccountIdAndModelName(account.id(), model).size() >= MOST_OF_ONE) {
      throw new Problem(
          HttpStatus.CONFLICT,
          "too-many-words",
          "More than " + MOST_OF_ONE + " words of your own are not kept. Delete some first.");
    }
    word.means(item);
    known.invalidate(new Key(account.id(), model));
    return stored.save(word);
  }

  private static String plain(String words) {
    String plain = words.strip().toLowerCase(Locale.ROOT).replaceAll("\\s+", " ");
    return plain.length() <= LONGEST ? plain : plain.substring(0, LONGEST);
  }

  /**
   * Forgets a word of a person.
   *
   * @throws Problem if they have no such word
   */
  @Transactional
  void forget(Account account, UUID id) {
    if (stored.deleteByIdAndAccountId(id, account.id()) == 0) {
      throw Problem.notFound("no-such-word", "You have no such word. It may have been deleted.");
    }
    known.invalidateAll();
  }

  /** What people mean by words that are their own, without saying who. */
  @Transactional(readOnly = true)
  public List<Meant> meant(String model) {
    return stored.meant(model);
  }

  /** Words go with all else that is kept of what a person asked. */
  @EventListener
  @Transactional
  void deleted(QuestionLog.Deleted event) {
    event.allOf().ifPresent(stored::deleteByAccountId);
    known.invalidateAll();
  }
}
