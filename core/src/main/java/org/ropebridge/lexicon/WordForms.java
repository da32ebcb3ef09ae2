package org.ropebridge.lexicon;

import java.util.List;
import java.util.Optional;

/** The words of a phrase, and the forms in which they are compared. */
final class WordForms {
  private final Vocabulary vocabulary;

  WordForms(Vocabulary vocabulary) {
    this.vocabulary = vocabulary;
  }

  /** Cuts a text into tokens, as the language writes them. */
  List<Token> tokens(String text) {
    return Tokens.of(text, vocabulary.writing());
  }

  List<String> words(String phrase) {
    return tokens(phrase).stream().map(Token::plain).filter(p -> !p.isEmpty()).toList();
  }

  /** The words written together. */
  static String compact(List<String> words) {
    return String.join("", words);
  }

  List<String> singulars(List<String> words) {
    return words.stream().map(vocabulary::singular).toList();
  }

  List<String> stems(List<String> words) {
    return words.stream().map(vocabulary::stem).toList();
  }

  /** The words in the singular, written together. */
  String singular(String phrase) {
    return compact(singulars(words(phrase)));
  }

  /** The last of several words. */
  static Optional<String> lastWord(String value) {
    String[] words = Tokens.plain(value).split("[\\s-]+");
    return words.length < 2 ? Optional.empty() : Optional.of(words[words.length - 1]);
  }
}
