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

  /** Questions and restatements in German; read from its files when a model asks for it. */
  private static final class German {
    /** Names in warehouses are taken for English ones. */
    static final LanguagePack PACK =
        new LanguagePack(
            "de",
            new GermanVocabulary(Sections.of("german")),
            new GermanPhrasebook(),
            new EnglishIdentifiers());
  }

  /**
   * The pack of the first of the languages that has one; English if none has.
   *
   * @param tags language tags in order of preference
   */
  public static LanguagePack of(List<String> tags) {
    for (String tag : tags) {
      if (tag.equals("en")) {
        return ENGLISH;
      } else if (tag.equals("de")) {
        return German.PACK;
      }
    }
    return ENGLISH;
  }
}
