package org.ropebridge.language;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.ropebridge.lexicon.Writing;

/**
 * The German words that have a task in questions, and how German words are inflected.
 *
 * <p>There is no German dictionary among what the pack may use, so it cannot tell a slip from a
 * right word: it takes every word as right, and slips are not mended.
 */
final class GermanVocabulary extends WrittenVocabulary {
  private static final List<String> KEY_ROWS = List.of("qwertzuiop", "asdfghjkl", "yxcvbnm");

  GermanVocabulary(Sections sections) {
    super(sections);
  }

  @Override
  public Writing writing() {
    return Writing.COMMAS;
  }

  @Override
  public String singular(String word) {
    return GermanInflection.withoutEnding(word);
  }

  @Override
  public boolean isPlural(String word) {
    return GermanInflection.isPlural(word);
  }

  @Override
  public boolean isParticiple(String word) {
    return GermanInflection.isParticiple(word);
  }

  @Override
  public Optional<String> notDone(String participle) {
    return isParticiple(participle) ? Optional.of("un" + participle) : Optional.empty();
  }

  @Override
  public Set<String> nounsOf(String participle) {
    return isParticiple(participle) && participle.endsWith("iert")
        ? Set.of(participle.substring(0, participle.length() - 1) + "ung")
        : Set.of();
  }

  @Override
  public String stem(String word) {
    return GermanInflection.stem(word);
  }

  @Override
  public Optional<String> verbOfEvent(String event) {
    return verbOf(event);
  }

  @Override
  public Optional<String> verbOfGerund(String word) {
    return Optional.empty();
  }

  @Override
  public Optional<String> verbOf(String noun) {
    return Optional.empty();
  }

  @Override
  public Optional<String> stateOf(String noun) {
    return Optional.empty();
  }

  @Override
  public Optional<String> deedOf(String noun) {
    return Optional.empty();
  }

  @Override
  public Optional<String> adjectiveOf(String noun) {
    return Optional.empty();
  }

  @Override
  public Optional<String> superlativeOf(String adjective) {
    return Optional.empty();
  }

  /** People's nouns as {@link #singular} leaves them. */
  @Override
  public Set<String> personWords() {
    return super.personWords().stream().map(this::singular).collect(Collectors.toSet());
  }

  @Override
  public boolean isRightWord(String word) {
    return true;
  }

  @Override
  public boolean mayBeForms(String one, String other) {
    return true;
  }

  @Override
  public Set<String> forms(String word) {
    return Set.of();
  }

  @Override
  public List<String> keyRows() {
    return KEY_ROWS;
  }
}
