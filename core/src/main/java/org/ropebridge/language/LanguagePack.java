package org.ropebridge.language;

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
}
