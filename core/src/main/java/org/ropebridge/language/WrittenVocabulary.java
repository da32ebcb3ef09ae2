package org.ropebridge.language;

import java.util.List;
import java.util.Map;
import java.util.Set;
import org.ropebridge.lexicon.AboutFrame;
import org.ropebridge.lexicon.Akin;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.UnitRatio;
import org.ropebridge.lexicon.Vocabulary;

/** A vocabulary whose words stand in sections; how words are inflected is left to the language. */
abstract class WrittenVocabulary implements Vocabulary {
  private final Sections sections;
  private final Units units;

  WrittenVocabulary(Sections sections) {
    this.sections = sections;
    this.units = new Units(sections.units(), this::singular);
  }

  @Override
  public Map<String, List<Meaning>> words() {
    return sections.words();
  }

  @Override
  public Map<String, List<Meaning>> followUpWords() {
    return sections.followUps();
  }

  @Override
  public List<String> unitNames(String unit) {
    return units.namesOf(unit);
  }

  @Override
  public Map<String, UnitRatio> unitsLike(String unit) {
    return units.like(unit);
  }

  @Override
  public Map<String, Set<String>> dimensions() {
    return sections.dimensions();
  }

  @Override
  public Set<String> dateWords() {
    return sections.nouns("DATE");
  }

  @Override
  public Set<String> lifeWords() {
    return sections.nouns("BEGINNING");
  }

  @Override
  public Set<String> dueWords() {
    return sections.nouns("DUE");
  }

  @Override
  public Set<String> dueDateWords() {
    return sections.nouns("DUE_DATE");
  }

  @Override
  public Set<String> targetWords() {
    return sections.nouns("TARGET");
  }

  @Override
  public Set<String> actualWords() {
    return sections.nouns("ACTUAL");
  }

  @Override
  public Set<String> costWords() {
    return sections.nouns("COST");
  }

  @Override
  public Set<String> workWords() {
    return sections.nouns("WORK");
  }

  @Override
  public Set<String> useWords() {
    return sections.nouns("USE");
  }

  @Override
  public Set<String> repeatWords() {
    return sections.nouns("REPEAT");
  }

  @Override
  public Set<String> mannerWords() {
    return sections.nouns("MANNER");
  }

  @Override
  public Set<String> delayWords() {
    return sections.nouns("DELAY");
  }

  @Override
  public Set<String> endWords() {
    return sections.nouns("END");
  }

  @Override
  public Set<String> originWords() {
    return sections.nouns("ORIGIN");
  }

  @Override
  public Set<String> destinationWords() {
    return sections.nouns("DESTINATION");
  }

  @Override
  public Map<String, Set<String>> usualNames() {
    return sections.usualNames();
  }

  @Override
  public Set<String> reasonWords() {
    return sections.nouns("REASON");
  }

  @Override
  public Set<String> durationWords() {
    return sections.nouns("DURATION");
  }

  @Override
  public Set<String> ageWords() {
    return sections.nouns("AGE");
  }

  @Override
  public Set<String> workerWords() {
    return sections.nouns("WORKER");
  }

  @Override
  public Set<String> placeWords() {
    return sections.nouns("PLACE");
  }

  @Override
  public Set<String> personWords() {
    return sections.nouns("PERSON");
  }

  @Override
  public List<AboutFrame> aboutFrames() {
    return sections.aboutFrames();
  }

  @Override
  public List<Akin> akin() {
    return sections.akin();
  }
}
