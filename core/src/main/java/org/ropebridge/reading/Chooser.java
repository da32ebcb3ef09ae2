package org.ropebridge.reading;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Mention;
import org.ropebridge.lexicon.Role;
import org.ropebridge.lexicon.Token;
import org.ropebridge.lexicon.Vocabulary;
import org.ropebridge.lexicon.Weights;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Plan;
import org.ropebridge.plan.Restatement;
import org.ropebridge.reading.Reading.Choice;
import org.ropebridge.reading.Reading.Explanation;
import org.ropebridge.reading.Reading.Status;
import org.ropebridge.reading.rule.Phrase;

/** Settles which candidate a question means, or that it cannot be settled. */
final class Chooser {
  private static final int MOST_CHOICES = 4;

  private final Restatement restatement;
  private final WordUses wordUses;
  private final Vocabulary vocabulary;
  private final Weights weights;

  Chooser(Restatement restatement, WordUses wordUses, Vocabulary vocabulary, Weights weights) {
    this.restatement = restatement;
    this.wordUses = wordUses;
    this.vocabulary = vocabulary;
    this.weights = weights;
  }

  /**
   * The reading of a question whose words could mean the candidates.
   *
   * @param candidates best first
   */
  Reading choose(String question, Parser.Parsed parsed, List<Candidate> candidates) {
    Reading reading = chosen(question, parsed, candidates);
    if (!reading.explanation().equals(Explanation.NONE)) {
      return reading;
    }
    Sequence nearest =
        candidates.isEmpty() ? parsed.sequences().get(0) : candidates.get(0).sequence();
    return reading.withExplanation(explanation(parsed, nearest, nearest.score(), candidates));
  }

  /** What became of the words in a sequence. */
  List<Reading.WordUse> words(Sequence sequence, Parser.Parsed parsed) {
    return wordUses.of(sequence, parsed);
  }

  /** What became of the words of a question that follows a sample: its slots, and the rest. */
  List<Reading.WordUse> alike(String question, Analogies.Followed followed, Parser.Parsed parsed) {
    List<Reading.WordUse> uses = new ArrayList<>();
    int[] sample = null;
    for (Reading.WordUse use : wordUses.of(followed.sequence(), parsed)) {
      boolean inSlot =
          followed.slots().stream()
              .anyMatch(
                  s ->
                      parsed.tokens().get(s[0]).start() <= use.start()
                          && use.end() <= parsed.tokens().get(s[1] - 1).end());
      boolean isSign = use.text().codePoints().noneMatch(Character::isLetterOrDigit);
      if (inSlot || isSign) {
        sample = closed(question, sample, followed, uses);
        uses.add(use);
      } else {
        sample = new int[] {sample == null ? use.start() : sample[0], use.end()};
      }
    }
    closed(question, sample, followed, uses);
    return uses;
  }

  private static int[] closed(
      String question, int[] sample, Analogies.Followed followed, List<Reading.WordUse> uses) {
    if (sample != null) {
      String text = question.substring(sample[0], sample[1]);
      String ask = followed.sample().ask();
      uses.add(new Reading.WordUse(sample[0], sample[1], text, "sample", ask, "alike"));
    }
    return null;
  }

  /** What is told of a question that follows a sample. */
  List<Assumption> followed(Analogies.Followed followed, Parser.Parsed parsed) {
    List<Assumption> assumptions = new ArrayList<>();
    assumptions.add(new Assumption.FollowedSample(followed.sample().ask()));
    assumptions.addAll(wordUses.spellings(followed.sequence(), parsed.tokens()));
    return assumptions;
  }

  /** The candidates that are about as good as one. */
  private List<Candidate> near(Candidate best, List<Candidate> candidates) {
    return candidates.stream()
        .filter(Candidate::isSound)
        .filter(c -> c.score() > best.score() - weights.nearTie())
        .filter(c -> c.sequence().unread().size() == best.sequence().unread().size())
        .toList();
  }

  /** Those that tell something else than any before them; no more than can be asked about. */
  private static List<Candidate> different(List<Candidate> near) {
    List<Candidate> kept = new ArrayList<>();
    for (Candidate candidate : near) {
      if (kept.stream().noneMatch(k -> tellSame(k.plan(), candidate.plan()))) {
        kept.add(candidate);
      }
    }
    return kept.subList(0, Math.min(kept.size(), MOST_CHOICES));
  }

  /** Whether the rows are the same, and one of them at most shows more columns of theirs. */
  private static boolean tellSame(Plan one, Plan other) {
    Set<Filter> filters = Set.copyOf(one.filters());
    if (!filters.equals(Set.copyOf(other.filters()))
        || one.listing().isPresent() != other.listing().isPresent()) {
      return false;
    }
    Plan alike = other.withFilters(one.filters());
    if (one.listing().isEmpty()) {
      return one.equals(alike);
    }
    List<ColumnRef> columns = one.listing().get().columns();
    List<ColumnRef> others = other.listing().get().columns();
    return (columns.containsAll(others) || others.containsAll(columns))
        && one.equals(alike.withListing(other.listing().get().showing(columns)));
  }

  /** The one that takes words as they are written where all others do not; or else the first. */
  private static Candidate mostLiteral(Candidate first, List<Candidate> near) {
    return near.stream()
        .filter(
            c ->
                near.stream().allMatch(o -> o == c || c.sequence().isMoreLiteralThan(o.sequence())))
        .findFirst()
        .orElse(first);
  }

  private Reading chosen(String question, Parser.Parsed parsed, List<Candidate> candidates) {
    List<Token> tokens = parsed.tokens();
    Optional<Candidate> winner =
        candidates.stream()
            .filter(Candidate::isSound)
            .findFirst()
            .map(first -> mostLiteral(first, near(first, candidates)));
    Optional<Candidate> faulty = candidates.stream().filter(c -> !c.isSound()).findFirst();
    boolean faultExplains =
        faulty.isPresent()
            && (winner.isEmpty()
                || faulty.get().sequence().unread().size() < winner.get().sequence().unread().size()
                || tearsName(winner.get(), faulty.get()));
    // A plan that leaves more words unread than need be stands for another question.
    Sequence fullest = parsed.sequences().get(0);
    boolean leavesMore =
        winner.isPresent() && winner.get().sequence().unread().size() > fullest.unread().size();
    if (leavesMore) {
      winner = Optional.empty();
    }
    Sequence shown =
        faultExplains ? faulty.get().sequence() : winner.map(Candidate::sequence).orElse(fullest);
    List<Reading.WordUse> words = wordUses.of(shown, parsed);
    List<String> unread = unread(shown, tokens);
    if (faultExplains) {
      // What the words left over may mean matters more than that the rest does not go together.
      String reason = unread.isEmpty() ? faulty.get().fault() : notUnderstood(unread);
      return declined(question, words, unread, reason);
    }
    if (winner.isEmpty()) {
      return declined(question, words, unread, reasonWithoutPlan(unread, shown));
    }
    Candidate best = winner.get();
    int content = contentWords(shown, tokens);
    boolean tooMuchUnread = unread.size() > weights.largestUnreadShare() * content;
    boolean guessed =
        shown.isGuessed()
            || best.assumptions().stream()
                .anyMatch(
                    a -> a instanceof Assumption.CountedFor || a instanceof Assumption.Through);
    boolean declines =
        tooMuchUnread
            || guessed
            || changesMeaning(shown, parsed)
            || unreadIsHead(shown, parsed)
            || unreadIsWanted(shown, parsed)
            || unreadIsCounted(shown, parsed);
    if (!unread.isEmpty() && declines) {
      return declined(question, words, unread, notUnderstood(unread));
    }
    List<Candidate> near =
        different(
            near(best, candidates).stream()
                .filter(c -> !best.sequence().isMoreLiteralThan(c.sequence()))
                .toList());
    Explanation explanation = explanation(parsed, best.sequence(), best.score(), candidates);
    if (near.size() > 1) {
      return new Reading(
          question,
          Status.UNCLEAR,
          Optional.empty(),
          Optional.empty(),
          wordUses.ofAll(near.stream().map(Candidate::sequence).toList(), parsed),
          unread,
          near.stream().map(c -> choice(c, near, tokens)).toList(),
          severalWays(near.size()),
          List.of(),
          List.of(),
          explanation);
    }
    List<Assumption> assumptions = new ArrayList<>(best.assumptions());
    assumptions.addAll(wordUses.spellings(shown, tokens));
    return new Reading(
        question,
        unread.isEmpty() ? Status.ANSWERED : Status.PARTLY,
        Optional.of(best.plan()),
        Optional.of(restatement.of(best.plan())),
        words,
        unread,
        List.of(),
        unread.isEmpty() ? "" : "Not understood, and left out: " + quoted(unread) + ".",
        assumptions,
        List.of(),
        explanation);
  }

  /**
   * "loss rate by substance", of which there is none: what is made of the words of a name that was
   * said in full is another question, and no answer to that one.
   */
  private static boolean tearsName(Candidate winner, Candidate better) {
    Set<Mention> used = winner.sequence().mentions();
    List<Mention> others =
        better.sequence().mentions().stream().filter(m -> !used.contains(m)).toList();
    return better.score() > winner.score()
        && others.size() == 1
        && others.get(0).meaning() instanceof Meaning.MetricName
        && others.get(0).found() == Mention.Found.EXACT
        && used.stream()
            .noneMatch(m -> m.from() <= others.get(0).from() && m.to() >= others.get(0).to());
  }

  private Choice choice(Candidate candidate, List<Candidate> near, List<Token> tokens) {
    List<Sequence> all = near.stream().map(Candidate::sequence).toList();
    return new Choice(
        restatement.of(candidate.plan()),
        candidate.plan(),
        wordUses.tellingApart(candidate.sequence(), all, tokens));
  }

  /**
   * Whether leaving the unread words out could turn the meaning round: words that the language
   * knows to have a task ("without", "more than"), numbers, what a number counts, which end is
   * wanted, and what was done.
   */
  private boolean changesMeaning(Sequence sequence, Parser.Parsed parsed) {
    for (int i : sequence.unread()) {
      boolean known = Parser.isKnown(i, parsed.mentions());
      boolean isWord = parsed.tokens().get(i).kind() == Token.Kind.WORD;
      String word = parsed.tokens().get(i).plain();
      if (known
          || !isWord
          || isCounted(i, sequence)
          // "fewer complaints", "who grows leeks": what is compared, or done by those asked for.
          || isBehind(i, parsed, m -> m.meaning() instanceof Meaning.ComparativeWord)
          || isBehind(i, parsed, m -> m.is(Role.WHO))
          || vocabulary.looksSuperlative(word)
          || // "how many loans were renewed": what is told of them.
          vocabulary.isParticiple(word) && isBehind(i, parsed, m -> m.is(Role.BE))) {
        return true;
      }
    }
    return false;
  }

  /** Whether something of that kind stands right before the word. */
  private static boolean isBehind(int word, Parser.Parsed parsed, Predicate<Mention> before) {
    return parsed.mentions().stream().anyMatch(m -> m.to() == word && before.test(m));
  }

  /** "more than 90 fortnights": the word behind says what the number is of. */
  private static boolean isCounted(int word, Sequence sequence) {
    return sequence.edges().stream()
        .flatMap(e -> e.derivation().stream())
        .filter(e -> e.to() == word && !e.inBrackets())
        .anyMatch(
            e -> e.part() instanceof Phrase.Comparing comparing && comparing.unit().isEmpty());
  }

  /**
   * "passenger satisfaction": the word that is not read says what it is, and the noun before only
   * of what.
   */
  private boolean unreadIsHead(Sequence sequence, Parser.Parsed parsed) {
    return sequence.unread().stream()
        .filter(i -> i > 0 && !vocabulary.isParticiple(parsed.tokens().get(i).plain()))
        .filter(i -> !vocabulary.isPlural(parsed.tokens().get(i - 1).plain()))
        .anyMatch(
            i ->
                sequence.edges().stream()
                    .flatMap(e -> e.mentions().stream())
                    .anyMatch(
                        m ->
                            m.to() == i
                                && (m.meaning() instanceof Meaning.RowNoun
                                    || m.meaning() instanceof Meaning.MetricName
                                        && m.found() == Mention.Found.INFLECTED)));
  }

  /** "weather on the busiest day": what is wanted is not known, and the rest only says of when. */
  private boolean unreadIsWanted(Sequence sequence, Parser.Parsed parsed) {
    return sequence.unread().stream()
        .anyMatch(
            i ->
                sequence.edges().stream().allMatch(e -> e.from() > i)
                    && parsed.mentions().stream()
                        .anyMatch(m -> m.from() == i + 1 && m.is(Role.PREPOSITION)));
  }

  /** "how many dogs stayed at the huts": nothing else is counted in their place. */
  private boolean unreadIsCounted(Sequence sequence, Parser.Parsed parsed) {
    return sequence.unread().stream()
        .filter(i -> vocabulary.isPlural(parsed.tokens().get(i).plain()))
        .anyMatch(i -> isBehind(i, parsed, m -> m.is(Role.COUNT)));
  }

  private static int contentWords(Sequence sequence, List<Token> tokens) {
    Set<Integer> idle = new LinkedHashSet<>();
    for (Mention mention : sequence.idle()) {
      for (int i = mention.from(); i < mention.to(); i++) {
        idle.add(i);
      }
    }
    return (int)
        java.util.stream.IntStream.range(0, tokens.size())
            .filter(i -> !idle.contains(i) && tokens.get(i).kind() != Token.Kind.STOP)
            .count();
  }

  private static String reasonWithoutPlan(List<String> unread, Sequence sequence) {
    if (!unread.isEmpty()) {
      return notUnderstood(unread);
    }
    return sequence.edges().isEmpty()
        ? "No word of this names anything in the model."
        : "These words do not come together to a question about a number. Name what to compute.";
  }

  private static String notUnderstood(List<String> unread) {
    return "Not understood: " + quoted(unread) + ".";
  }

  private static String quoted(List<String> words) {
    return String.join(", ", words.stream().map(w -> "\"" + w + "\"").toList());
  }

  private static List<String> unread(Sequence sequence, List<Token> tokens) {
    return sequence.unread().stream().map(i -> tokens.get(i).text()).toList();
  }

  static String severalWays(int ways) {
    return "This can be read in " + ways + " ways.";
  }

  static Reading declined(
      String question, List<Reading.WordUse> words, List<String> unread, String reason) {
    return new Reading(
        question,
        Status.DECLINED,
        Optional.empty(),
        Optional.empty(),
        words,
        unread,
        List.of(),
        reason,
        List.of(),
        List.of(),
        Explanation.NONE);
  }

  /**
   * Why the words were read so.
   *
   * @param shown the sequence that was read, or came nearest to being
   * @param score what others are compared with
   */
  private Explanation explanation(
      Parser.Parsed parsed, Sequence shown, double score, List<Candidate> candidates) {
    List<Token> tokens = parsed.tokens();
    List<String> considered =
        parsed.mentions().stream()
            .filter(m -> !Chart.isFiller(m) && !(m.meaning() instanceof Meaning.PlainWord))
            .map(
                m ->
                    wordUses.text(m, tokens)
                        + " = "
                        + wordUses.kind(m)
                        + " "
                        + wordUses.means(m)
                        + String.format(Locale.ROOT, " (%.2f)", m.quality()))
            .distinct()
            .toList();
    List<String> rules =
        shown.edges().stream()
            .flatMap(e -> e.derivation().stream())
            .map(e -> e.rule() + ": " + words(e, tokens))
            .toList();
    List<String> others =
        candidates.stream()
            .filter(c -> c.sequence() != shown)
            .limit(MOST_CHOICES)
            .map(
                c ->
                    restateOrFault(c)
                        + String.format(Locale.ROOT, " (%.2f behind)", score - c.score()))
            .toList();
    return new Explanation(considered, rules, others);
  }

  /** The words of an edge; of one in brackets, whose places are its own, only what it mentions. */
  private String words(Edge edge, List<Token> tokens) {
    return edge.inBrackets()
        ? String.join(", ", edge.mentions().stream().map(wordUses::means).toList())
        : wordUses.text(edge.from(), edge.to(), tokens);
  }

  private String restateOrFault(Candidate candidate) {
    return candidate.isSound()
        ? restatement.of(candidate.plan())
        : "not possible: " + candidate.fault();
  }
}
