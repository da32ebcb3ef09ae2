package org.ropebridge.lexicon;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;

/** What the lexicon needs to know of a language. */
public interface Vocabulary {
  /** How the language writes numbers and days. */
  Writing writing();

  /** The singular of a plain word, or the word itself. */
  String singular(String word);

  /** Whether the plain word is a plural. */
  boolean isPlural(String word);

  /** Whether the plain word says that something was done: "paid", "collected". */
  boolean isParticiple(String word);

  /** What says that it was not done, of a word that says that it was: "unpaid". */
  Optional<String> notDone(String participle);

  /** Nouns for what a plain word says was done: "cancellation" of "cancelled". */
  Set<String> nounsOf(String participle);

  /** A key that all inflected forms of a plain word share; not itself a word. */
  String stem(String word);

  /** The language's own words and phrases (plain, words separated by one space). */
  Map<String, List<Meaning>> words();

  /** Words and phrases that have a task in follow-ups only. */
  Map<String, List<Meaning>> followUpWords();

  /** Other words for a unit, such as "metres" for "m". */
  List<String> unitNames(String unit);

  /** Names of other units of the kind of a unit: "kilometre" of "m", and how they compare. */
  Map<String, UnitRatio> unitsLike(String unit);

  /** Names of units, in small letters, by what they measure: "length", "money". */
  Map<String, Set<String>> dimensions();

  /** Names of what a unit's dimension mostly is, as "price" of money. */
  Map<String, Set<String>> usualNames();

  /** The verb that a noun of an action is made from, if it is one: "inspect" of "inspection". */
  Optional<String> verbOf(String noun);

  /** What somebody is of whom such a row tells: "absent" of "absence"; empty for other nouns. */
  Optional<String> stateOf(String noun);

  /** What somebody of that name does: "sell" of "seller"; empty for other nouns. */
  Optional<String> deedOf(String noun);

  /** A name of two nouns the other way round: "purchase date" of "date of purchase". */
  default Optional<String> turned(String name) {
    return Optional.empty();
  }

  /** What something was done for: "reason for lose" of "loss reason", in the verb's plain form. */
  default Optional<String> reasonForDoing(String reason) {
    return Optional.empty();
  }

  /** What is to happen on a date: "expected to close" of "expected closing date". */
  default Optional<String> plannedTo(String dateName) {
    return Optional.empty();
  }

  /** What was done by whom a name calls so: "sold", of "sold by"; empty for other names. */
  default Optional<String> doneBy(String name) {
    return wordsOf(Role.PLAIN_BY).stream()
        .filter(by -> name.endsWith(" " + by))
        .map(by -> name.substring(0, name.length() - by.length() - 1))
        .filter(this::isParticiple)
        .findFirst();
  }

  /** The adjective that a noun of a quality is made from: "punctual" of "punctuality". */
  Optional<String> adjectiveOf(String noun);

  /** The word that says that there is most of an adjective: "fullest" of "full". */
  Optional<String> superlativeOf(String adjective);

  /** Words that names of dates end with and people leave out: "arrival" for "arrival date". */
  Set<String> dateWords();

  /**
   * Groups of plain words that people use for one another; a model's word of a group stands for
   * those that the model does not know.
   */
  List<Akin> akin();

  /** Words that name the date at which something began to be: "birth", "built". */
  Set<String> lifeWords();

  /** Words for how many years ago something began to be: "age". */
  Set<String> ageWords();

  /** Words that name why something happened: "reason", "cause". */
  Set<String> reasonWords();

  /** Words for how long something took: "duration". */
  Set<String> durationWords();

  /** Words in names of the date at which something is to be done: "due", "deadline". */
  Set<String> dueWords();

  /** Words for the date itself on which something is to be done. */
  Set<String> dueDateWords();

  /** Words in names of what a number is to be: "planned", "budget". */
  Set<String> targetWords();

  /** Words for what came of what was planned: "actuals". */
  Set<String> actualWords();

  /** What metrics of what is paid are called: "cost". */
  Set<String> costWords();

  /** Words in names of how long people worked: "worked", "labour". */
  Set<String> workWords();

  /** Verbs for what is done with whatever a model is mainly about: "use". */
  Set<String> useWords();

  /** The verb of which a word is the gerund: "pay" of "paying"; empty if it is none. */
  Optional<String> verbOfGerund(String word);

  /**
   * The verb that tells that such an event took place: "start" of "starting"; none that tells a
   * quality as well, as "open" does.
   */
  Optional<String> verbOfEvent(String event);

  /** Words in names of how something was done: "channel", "method". */
  Set<String> mannerWords();

  /** Words that begin the name of a number of how often something was done: "times reopened". */
  Set<String> repeatWords();

  /** Words for how long after it was due something was done: "delay". */
  Set<String> delayWords();

  /** Words that name the date at which something was over: "finished", "departure". */
  Set<String> endWords();

  /** Words in names of a role that something comes from: "origin", "sender". */
  Set<String> originWords();

  /** Words in names of a role that something goes to: "destination", "receiver". */
  Set<String> destinationWords();

  /** Singular words for kinds of places, which "where" may ask for. */
  Set<String> placeWords();

  /** Singular words for people who work for an organisation. */
  Set<String> workerWords();

  /** Singular words for people, which "who" may ask for. */
  Set<String> personWords();

  /** Whether a plain word or phrase has such a role. */
  default boolean hasRole(String word, Predicate<Role> wanted) {
    return words().getOrDefault(word, List.of()).stream()
        .anyMatch(m -> m instanceof Meaning.FunctionWord w && wanted.test(w.role()));
  }

  /** The words and phrases that have the role. */
  default List<String> wordsOf(Role role) {
    return words().entrySet().stream()
        .filter(e -> e.getValue().contains(new Meaning.FunctionWord(role)))
        .map(Map.Entry::getKey)
        .toList();
  }

  /** Whether an unknown word looks like one that asks for one end: "friendliest". */
  default boolean looksSuperlative(String word) {
    return false;
  }

  /** Questions about the model itself, as words around the names of its items. */
  List<AboutFrame> aboutFrames();

  /** Whether a plain word is right as it is, and so is no slip of another. */
  boolean isRightWord(String word);

  /** Whether two plain words may be forms of one: not of two words that are known and differ. */
  boolean mayBeForms(String one, String other);

  /** The other forms of a plain word, as far as they are known. */
  Set<String> forms(String word);

  /** The rows of letters on the keyboard, from the top. */
  List<String> keyRows();
}
