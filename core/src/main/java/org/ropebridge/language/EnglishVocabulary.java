package org.ropebridge.language;

import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.ropebridge.lexicon.Writing;

/** The English words that have a task in questions, and how English words are inflected. */
final class EnglishVocabulary extends WrittenVocabulary {
  private static final List<String> KEY_ROWS = List.of("qwertyuiop", "asdfghjkl", "zxcvbnm");

  EnglishVocabulary(Sections sections) {
    super(sections);
  }

  @Override
  public Writing writing() {
    return Writing.POINTS;
  }

  @Override
  public String singular(String word) {
    return EnglishInflection.singular(word);
  }

  @Override
  public boolean isPlural(String word) {
    return EnglishInflection.isPlural(word);
  }

  @Override
  public boolean isParticiple(String word) {
    return EnglishInflection.isParticiple(word);
  }

  @Override
  public Optional<String> notDone(String participle) {
    return isParticiple(participle) ? Optional.of("un" + participle) : Optional.empty();
  }

  @Override
  public Set<String> nounsOf(String participle) {
    return isParticiple(participle) ? EnglishInflection.nounsOf(participle) : Set.of();
  }

  @Override
  public String stem(String word) {
    return EnglishInflection.stem(word);
  }

  @Override
  public Optional<String> verbOfGerund(String word) {
    return EnglishInflection.verbOfGerund(word);
  }

  @Override
  public Optional<String> verbOfEvent(String event) {
    return EnglishInflection.verbOf(event)
        .or(
            () ->
                EnglishInflection.verbOfGerund(event)
                    .filter(v -> !EnglishDictionary.instance().isAdjective(v)));
  }

  @Override
  public Optional<String> verbOf(String noun) {
    return EnglishInflection.verbOf(noun);
  }

  @Override
  public Optional<String> stateOf(String noun) {
    return EnglishInflection.stateOf(noun);
  }

  @Override
  public Optional<String> deedOf(String noun) {
    return EnglishInflection.deedOf(noun);
  }

  @Override
  public Optional<String> reasonForDoing(String reason) {
    List<String> words = List.of(turned(reason).orElse(reason).split(" "));
    String last = words.get(words.size() - 1);
    String what = words.get(0).equals(last) ? "" : words.get(0);
    return reasonWords().contains(last) && words.size() == 2
        ? verbOf(what).map(verb -> last + " for " + verb)
        : Optional.empty();
  }

  @Override
  public Optional<String> plannedTo(String dateName) {
    List<String> words = List.of(dateName.split(" "));
    return words.size() == 3 && isParticiple(words.get(0)) && dateWords().contains(words.get(2))
        ? verbOfGerund(words.get(1))
            .or(() -> verbOf(words.get(1)))
            .map(verb -> words.get(0) + " to " + verb)
        : Optional.empty();
  }

  @Override
  public Optional<String> turned(String name) {
    return EnglishInflection.turned(name);
  }

  @Override
  public Optional<String> adjectiveOf(String noun) {
    return EnglishInflection.adjectiveOf(noun);
  }

  @Override
  public boolean looksSuperlative(String word) {
    return EnglishInflection.looksSuperlative(word);
  }

  @Override
  public Optional<String> superlativeOf(String adjective) {
    return EnglishInflection.superlativeOf(adjective);
  }

  @Override
  public boolean isRightWord(String word) {
    return words().containsKey(word) || EnglishDictionary.instance().has(word);
  }

  @Override
  public boolean mayBeForms(String one, String other) {
    Set<String> lemmas = EnglishDictionary.instance().lemmas(one);
    Set<String> others = EnglishDictionary.instance().lemmas(other);
    return lemmas.isEmpty() || others.isEmpty() || !Collections.disjoint(lemmas, others);
  }

  @Override
  public Set<String> forms(String word) {
    return EnglishDictionary.instance().forms(word);
  }

  @Override
  public List<String> keyRows() {
    return KEY_ROWS;
  }
}
