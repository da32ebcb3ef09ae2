package org.ropebridge.reading;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.ropebridge.lexicon.Lexicon;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Mention;
import org.ropebridge.lexicon.Token;
import org.ropebridge.lexicon.Vocabulary;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.PlanCheck;
import org.ropebridge.reading.rule.Contribution;
import org.ropebridge.reading.rule.Grammar;
import org.ropebridge.reading.rule.Scope;

/** Cuts the words of questions, and of follow-ups, into contributions. */
final class Parser {
  private final Lexicon lexicon;
  private final Vocabulary vocabulary;
  private final Scope scope;
  private final Brackets brackets;

  Parser(Lexicon lexicon, Vocabulary vocabulary, Scope scope, PlanCheck check) {
    this.lexicon = lexicon;
    this.vocabulary = vocabulary;
    this.scope = scope;
    this.brackets =
        new Brackets(
            scope, check, f -> sequences(f, lexicon.mentions(f.tokens()), Grammar.QUESTIONS));
  }

  /**
   * Words and the ways to cut them.
   *
   * @param tokens with stretches in brackets folded
   * @param sequences best first, at least one
   */
  record Parsed(List<Token> tokens, List<Mention> mentions, List<Sequence> sequences) {}

  /** Cuts a question that stands by itself. */
  Parsed question(String question) {
    return question(lexicon.tokens(question));
  }

  /** The same of a question that is cut into tokens. */
  Parsed question(List<Token> tokens) {
    Brackets.Folded folded = brackets.fold(tokens);
    List<Mention> mentions = lexicon.mentions(folded.tokens());
    return new Parsed(folded.tokens(), mentions, sequences(folded, mentions, Grammar.QUESTIONS));
  }

  /** Cuts a question that leans on the one before. */
  Parsed followUp(String question) {
    Brackets.Folded folded = brackets.fold(lexicon.tokens(question));
    List<Mention> mentions = lexicon.mentionsInFollowUp(folded.tokens());
    return new Parsed(folded.tokens(), mentions, sequences(folded, mentions, Grammar.FOLLOW_UPS));
  }

  private List<Sequence> sequences(
      Brackets.Folded folded, List<Mention> mentions, Grammar grammar) {
    Chart chart =
        new Chart(folded.tokens(), mentions, folded.enclosed(), scope, vocabulary, grammar);
    return Sequence.best(chart, folded.tokens(), mentions).stream()
        .map(s -> withoutEchoes(s, folded.tokens(), mentions))
        .toList();
  }

  /**
   * An unknown word that only repeats a name of an item which is read needs no meaning of its own.
   */
  private Sequence withoutEchoes(Sequence sequence, List<Token> tokens, List<Mention> mentions) {
    List<Meaning> items =
        sequence.edges().stream()
            .flatMap(
                e -> Stream.concat(e.mentions().stream().map(Mention::meaning), asked(e).stream()))
            .toList();
    List<Integer> unread =
        sequence.unread().stream()
            .filter(
                i ->
                    isNamed(i, mentions)
                        ? !leadsToValue(i, sequence, tokens)
                        : items.stream().noneMatch(m -> lexicon.isNameWord(tokens.get(i), m)))
            .toList();
    return sequence.withUnread(unread, scope.weights());
  }

  /** "paid in cash": what stands before a value and repeats a word of its column's name. */
  private boolean leadsToValue(int at, Sequence sequence, List<Token> tokens) {
    return sequence.edges().stream()
        .flatMap(e -> e.mentions().stream())
        .filter(m -> m.from() > at && m.from() <= at + 2)
        .map(Mention::meaning)
        .anyMatch(
            m ->
                m instanceof Meaning.ValueName value
                    && lexicon.isNameWord(tokens.get(at), new Meaning.ColumnName(value.column())));
  }

  /** "who directs", "in waves above 3 m": the column that is meant without its name. */
  private static Optional<Meaning> asked(Edge edge) {
    if (edge.part() instanceof Contribution.Narrowing narrowing
        && narrowing.filter() instanceof Filter.Compare compare) {
      return Optional.of(new Meaning.ColumnName(compare.column()));
    }
    return edge.part() instanceof Contribution.Subject subject
            && subject.what() instanceof Grouping.ByColumn by
        ? Optional.of(new Meaning.ColumnName(by.column()))
        : Optional.empty();
  }

  /** Whether the token has a meaning of its own, not only as another word for one. */
  private static boolean isNamed(int token, List<Mention> mentions) {
    return isKnown(token, mentions.stream().filter(m -> m.found() != Mention.Found.AKIN).toList());
  }

  /** Whether the model or the language knows the token. */
  static boolean isKnown(int token, List<Mention> mentions) {
    return mentions.stream()
        .filter(m -> !(m.meaning() instanceof Meaning.PlainWord))
        .anyMatch(m -> m.from() <= token && token < m.to());
  }
}
