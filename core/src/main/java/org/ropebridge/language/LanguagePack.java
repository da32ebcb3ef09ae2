package org.ropebridge.language;

import java.util.List;
import org.ropebridge.lexicon.Vocabulary;
import org.ropebridge.plan.Phrasebook;

/**
 * One human language.
 *
 * @param tag language tag (BCP 47)
 */
public record LanguagePack(
    String tag, Vocabulary vocabulary, Phrasebook phrasebook, Identifiers identifiers) {
  public static final LanguagePack ENGLISH =
      new LanguagePack(
          "en",
          new EnglishVocabulary(Sections.of("english")),
          new EnglishPhrasebook(),
          new EnglishIdentifiers());

  /** Questions and restatements in German; names in warehouses are taken for English ones. */
  public static final LanguagePack GERMAN =
      new LanguagePack(
          "de",
          new GermanVocabulary(Sections.of("german")),
          new GermanPhrasebook(),
          new EnglishIdentifiers());

  private static final List<LanguagePack> ALL = List.of(ENGLISH, GERMAN);

  /**
   * The pack of the first of the languages that has one; English if none has.
   *
   * @param tags language tags in order of preference
   */
  public static LanguagePack of(List<String> tags) {
    return tags.stream()
        .flatMap(t -> ALL.stream().filter(p -> p.tag().equals(t)))
        .findFirst()
        .orElse(ENGLISH);
  }
}
