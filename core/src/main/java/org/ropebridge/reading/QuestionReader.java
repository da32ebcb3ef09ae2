package org.ropebridge.reading;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.ropebridge.language.LanguagePack;
import org.ropebridge.lexicon.DatedValues;
import org.ropebridge.lexicon.Dimensions;
import org.ropebridge.lexicon.Items;
import org.ropebridge.lexicon.Kinship;
import org.ropebridge.lexicon.Lexicon;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Mention;
import org.ropebridge.lexicon.Token;
import org.ropebridge.lexicon.ValueIndex;
import org.ropebridge.lexicon.Vocabulary;
import org.ropebridge.lexicon.Weights;
import org.ropebridge.model.LinkPaths;
import org.ropebridge.model.Model;
import org.ropebridge.model.SampleQuestion;
import org.ropebridge.plan.PeriodResolver;
import org.ropebridge.plan.Plan;
import org.ropebridge.plan.PlanCheck;
import org.ropebridge.plan.Restatement;
import org.ropebridge.reading.Reading.Status;
import org.ropebridge.reading.rule.Scope;

/**
 * Reads questions on one model, as far as one person may see it. Immutable and safe to share
 * between threads; the same question always gives the same reading.
 */
public final class QuestionReader {
  /** Longest question that is read, in characters. */
  public static final int LONGEST_QUESTION = 2_000;

  /** Most tokens of a question that are looked at. */
  private static final int MOST_TOKENS = 250;

  private final PeriodResolver periods;
  private final Restatement restatement;
  private final Scope scope;
  private final Parser parser;
  private final Candidates candidates;
  private final Chooser chooser;
  private final Map<String, SampleQuestion> samples;
  private final Analogies analogies;
  private final Suggestions suggestions;
  private final FollowUpReader followUps;
  private final SqlSamples sqlSamples;
  private final AboutReader aboutReader;
  private final Lexicon lexicon;
  private final PlanCheck check;
  private final Vocabulary vocabulary;
  private final Respelling respelling;

  /**
   * Makes a reader.
   *
   * @param model what the person may see of the model
   * @param values the values that the person may see
   * @param today the day that relative periods count from
   */
  public QuestionReader(Model model, ValueIndex values, LanguagePack language, LocalDate today) {
    this(model, values, language, today, Weights.STANDARD);
  }

  /**
   * Makes a reader with other weights than the standard ones, to see what they are worth.
   *
   * @param model what the person may see of the model
   * @param values the values that the person may see
   * @param today the day that relative periods count from
   */
  public QuestionReader(
      Model model, ValueIndex values, LanguagePack language, LocalDate today, Weights weights) {
    LinkPaths paths = new LinkPaths(model);
    this.vocabulary = language.vocabulary();
    this.lexicon = new Lexicon(model, values, vocabulary, weights);
    this.respelling = new Respelling(lexicon);
    this.periods = new PeriodResolver(model, today);
    this.check = new PlanCheck(model, paths);
    this.restatement = new Restatement(model, language.phrasebook(), periods);
    Kinship kinship = new Kinship(model, vocabulary);
    this.scope =
        new Scope(
            model,
            paths,
            periods,
            kinship.beginnings(),
            kinship.ends(),
            kinship.durations(),
            kinship.delays(),
            kinship.unnamedDelays(),
            kinship.namedLate(),
            kinship.overruns(),
            kinship.targets(),
            kinship.cost(),
            kinship.paces(),
            kinship.reasons(),
            kinship.manners(),
            kinship.repeats(),
            kinship.persons(),
            kinship.people(),
            kinship.doers(),
            new DatedValues(model),
            kinship.years(),
            kinship.places(),
            kinship.workers(),
            kinship.origins(),
            kinship.destinations(),
            new Dimensions(vocabulary.dimensions(), vocabulary.usualNames()),
            weights);
    this.parser = new Parser(lexicon, vocabulary, scope, check);
    this.candidates = new Candidates(scope, check, vocabulary);
    this.chooser = new Chooser(restatement, new WordUses(model), vocabulary, weights);
    this.samples = new LinkedHashMap<>();
    model.questions().stream()
        .filter(q -> q.agreed().isPresent() && q.means().isPresent())
        .forEach(q -> samples.putIfAbsent(SampleQuestions.key(q.ask()), q));
    this.sqlSamples = new SqlSamples(model, lexicon);
    this.analogies = new Analogies(vocabulary, check);
    this.aboutReader = new AboutReader(model, lexicon, vocabulary, today);
    this.suggestions = new Suggestions(model, language, this);
    this.followUps = new FollowUpReader(parser, candidates, chooser, check, restatement, scope);
    samples.values().forEach(this::learn);
  }

  private void learn(SampleQuestion sample) {
    readPlainly(sample.means().orElseThrow())
        .plan()
        .ifPresent(p -> analogies.learn(sample, parser.question(sample.ask()), p));
  }

  /** The same reader for a person who means something of their own by some words. */
  private QuestionReader(QuestionReader all, Map<String, Meaning> own) {
    this.vocabulary = all.vocabulary;
    this.lexicon = all.lexicon.with(own);
    this.respelling = new Respelling(lexicon);
    this.periods = all.periods;
    this.check = all.check;
    this.restatement = all.restatement;
    this.scope = all.scope;
    this.parser = new Parser(lexicon, vocabulary, scope, check);
    this.candidates = all.candidates;
    this.chooser = all.chooser;
    this.samples = all.samples;
    this.sqlSamples = all.sqlSamples;
    this.analogies = all.analogies;
    this.aboutReader = all.aboutReader.with(lexicon);
    this.suggestions = all.suggestions;
    this.followUps = new FollowUpReader(parser, candidates, chooser, check, restatement, scope);
  }

  /**
   * A reader for a person who means something of their own by some words: words that the model does
   * not know, or one of several things that they can mean. It is made in no time and shares all
   * else with this one. Agreed sample questions are read as agreed.
   *
   * @param own phrases and the item that each means
   */
  public QuestionReader with(Map<String, Meaning> own) {
    return own.isEmpty() ? this : new QuestionReader(this, own);
  }

  /**
   * The items that the words, taken together, are names of already; none for words that the model
   * and the language do not know.
   */
  public Known known(String words) {
    List<Token> tokens = lexicon.tokens(words);
    List<Meaning> meanings =
        lexicon.mentions(tokens).stream()
            .filter(m -> m.from() == 0 && m.to() == tokens.size())
            .filter(m -> m.found() == Mention.Found.EXACT || m.found() == Mention.Found.INFLECTED)
            .filter(m -> !(m.meaning() instanceof Meaning.PlainWord))
            .map(Mention::meaning)
            .toList();
    return new Known(
        meanings.stream().flatMap(m -> Items.nameOf(m).stream()).distinct().toList(),
        meanings.stream().anyMatch(m -> Items.nameOf(m).isEmpty()));
  }

  /**
   * What words are names of.
   *
   * @param items names of the model's items
   * @param ofLanguage whether they have a task in sentences, like "by" and "last year"
   */
  public record Known(List<String> items, boolean ofLanguage) {}

  /** Makes now what the first misspelt question would have to wait for. */
  public void prepare() {
    lexicon.prepare();
  }

  public Restatement restatement() {
    return restatement;
  }

  public PeriodResolver periods() {
    return periods;
  }

  /**
   * Reads a question.
   *
   * @param question any text
   */
  public Reading read(String question) {
    return respelling.read(question, q -> suggesting(asTyped(q)));
  }

  /** The reading with what the model covers instead, where it is not answered in full. */
  private Reading suggesting(Reading reading) {
    return reading.status() == Status.ANSWERED || reading.status() == Status.EXPLAINED
        ? reading
        : reading.withSuggestions(suggestions.near(reading.question()));
  }

  private Reading asTyped(String question) {
    if (question.length() <= LONGEST_QUESTION) {
      Optional<Reading> bySql = sqlSamples.read(question);
      if (bySql.isPresent()) {
        return bySql.get();
      }
    }
    SampleQuestion sample = samples.get(SampleQuestions.key(question));
    return sample == null
        ? alike(question).orElseGet(() -> readPlainly(question))
        : following(sample, question).orElseGet(() -> readPlainly(question));
  }

  /**
   * Reads a question that may lean on those before it.
   *
   * @param question any text
   * @param before the plans of the questions before, the last one first; may be empty
   */
  public Reading read(String question, List<Plan> before) {
    return read(question, before, true);
  }

  /**
   * What a question means that may lean on those before it, without what else it could mean: the
   * restatement; empty when it cannot be answered in full.
   *
   * @param before the plans of the questions before, the last one first; may be empty
   * @param mayHaveSlips whether words may be mistyped, which takes several times as long
   */
  public Optional<String> meaning(String question, List<Plan> before, boolean mayHaveSlips) {
    Reading reading =
        mayHaveSlips ? read(question, before, false) : asTyped(question, before, false);
    return reading.status() == Status.ANSWERED ? reading.restatement() : Optional.empty();
  }

  private Reading read(String question, List<Plan> before, boolean withChoices) {
    return respelling.read(question, q -> asTyped(q, before, withChoices));
  }

  private Reading asTyped(String question, List<Plan> before, boolean withChoices) {
    Optional<Reading> ofAnswer =
        before.stream()
            .findFirst()
            .filter(p -> refusal(question).isEmpty())
            .flatMap(p -> aboutReader.readOf(p, question))
            .map(u -> about(question, u));
    if (ofAnswer.isPresent()) {
      return ofAnswer.get();
    }
    Reading alone = withChoices ? suggesting(asTyped(question)) : asTyped(question);
    boolean readable = !before.isEmpty() && refusal(question).isEmpty() && alone.sql().isEmpty();
    boolean sample =
        alone.assumptions().stream().anyMatch(Assumption.FollowedSample.class::isInstance);
    boolean aboutTheModel = alone.status() == Status.EXPLAINED;
    return readable && !sample && !aboutTheModel
        ? followUps.read(question, alone, before, withChoices)
        : alone;
  }

  /** The reading that an agreed sample question gives to its own words. */
  private Optional<Reading> following(SampleQuestion sample, String question) {
    Reading meant = readPlainly(sample.means().orElseThrow());
    if (meant.status() != Status.ANSWERED) {
      return Optional.empty();
    }
    String text = question.strip();
    int start = question.indexOf(text);
    List<Assumption> assumptions = new ArrayList<>(meant.assumptions());
    assumptions.add(new Assumption.FollowedSample(sample.ask()));
    return Optional.of(
        new Reading(
            question,
            Status.ANSWERED,
            meant.plan(),
            meant.restatement(),
            List.of(
                new Reading.WordUse(
                    start, start + text.length(), text, "sample", sample.ask(), "exact")),
            List.of(),
            List.of(),
            "",
            assumptions,
            List.of(),
            meant.explanation()));
  }

  /** The reading of a question that is a sample question but for what stands in its slots. */
  private Optional<Reading> alike(String question) {
    if (refusal(question).isPresent() || !analogies.mayFollow(question)) {
      return Optional.empty();
    }
    Parser.Parsed parsed = parser.question(question);
    return analogies
        .follow(parsed)
        .map(
            f ->
                new Reading(
                    question,
                    Status.ANSWERED,
                    Optional.of(f.plan()),
                    Optional.of(restatement.of(f.plan())),
                    chooser.alike(question, f, parsed),
                    List.of(),
                    List.of(),
                    "",
                    chooser.followed(f, parsed),
                    List.of(),
                    Reading.Explanation.NONE));
  }

  /** Reads a question by its words alone, without sample questions. */
  Reading readPlainly(String question) {
    Optional<String> refusal = refusal(question);
    if (refusal.isPresent()) {
      return Chooser.declined(question, List.of(), List.of(), refusal.get());
    }
    Optional<Reading> about = aboutReader.read(question).map(u -> about(question, u));
    if (about.isPresent()) {
      return about.get();
    }
    Parser.Parsed parsed = parser.question(question);
    return chooser.choose(
        question,
        parsed,
        candidates.of(parsed.sequences(), sequence -> Assembly.of(sequence, scope)));
  }

  private Reading about(String question, AboutReader.Understood understood) {
    return understood
        .about()
        .map(a -> Reading.about(question, a, understood.words()))
        .orElseGet(
            () ->
                new Reading(
                    question,
                    Status.ANSWERED,
                    understood.plan(),
                    understood.plan().map(restatement::of),
                    understood.words(),
                    List.of(),
                    List.of(),
                    "",
                    List.of(),
                    List.of(),
                    Reading.Explanation.NONE));
  }

  /** Why a text is not read at all. */
  private Optional<String> refusal(String question) {
    if (question.length() > LONGEST_QUESTION) {
      return Optional.of(
          "The question is longer than " + LONGEST_QUESTION + " characters. Ask a shorter one.");
    }
    List<Token> tokens = lexicon.tokens(question);
    if (tokens.stream().noneMatch(t -> t.kind() != Token.Kind.STOP)) {
      return Optional.of("There is no question. Type what you want to know.");
    }
    return tokens.size() > MOST_TOKENS
        ? Optional.of("The question has more than " + MOST_TOKENS + " words. Ask a shorter one.")
        : Optional.empty();
  }
}
