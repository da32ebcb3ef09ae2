package org.ropebridge.reading;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.ropebridge.language.LanguagePack;
import org.ropebridge.lexicon.Lexicon;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Mention;
import org.ropebridge.lexicon.Token;
import org.ropebridge.lexicon.Tokens;
import org.ropebridge.lexicon.ValueIndex;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.model.LinkPaths;
import org.ropebridge.model.Model;
import org.ropebridge.model.SampleQuestion;
import org.ropebridge.model.Table;
import org.ropebridge.plan.DayRange;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.MeasureTables;
import org.ropebridge.plan.PeriodResolver;
import org.ropebridge.plan.Plan;
import org.ropebridge.plan.PlanCheck;
import org.ropebridge.plan.Restatement;
import org.ropebridge.reading.Reading.Choice;
import org.ropebridge.reading.Reading.Explanation;
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

  private static final double NEAR_TIE = 0.12;
  private static final double STEP_ON_A_WAY = 0.033;
  private static final double GUESSED_ROLE = 0.25;
  private static final double THROUGH_OTHERS = 0.6;
  private static final double GUESSED_BESIDE = 2;
  private static final double SECOND_PERIOD = 0.5;
  private static final double LARGEST_UNREAD_SHARE = 0.34;
  private static final int MOST_CHOICES = 4;

  private final Model model;
  private final LinkPaths paths;
  private final Lexicon lexicon;
  private final LanguagePack language;
  private final PeriodResolver periods;
  private final PlanCheck check;
  private final Restatement restatement;
  private final Scope scope;
  private final Brackets brackets;
  private final WordUses wordUses;
  private final Map<String, SampleQuestion> samples = new LinkedHashMap<>();
  private final Suggestions suggestions;
  private final SqlSamples sqlSamples;

  /**
   * Makes a reader.
   *
   * @param model what the person may see of the model
   * @param values the values that the person may see
   * @param today the day that relative periods count from
   */
  public QuestionReader(Model model, ValueIndex values, LanguagePack language, LocalDate today) {
    this.model = model;
    this.paths = new LinkPaths(model);
    this.language = language;
    this.lexicon = new Lexicon(model, values, language.vocabulary());
    this.periods = new PeriodResolver(model, today);
    this.check = new PlanCheck(model, paths);
    this.restatement = new Restatement(model, language.phrasebook(), periods);
    Kinship kinship = new Kinship(model, language.vocabulary());
    this.scope = new Scope(model, paths, periods, kinship.beginnings(), kinship.persons());
    this.brackets = new Brackets(scope, check, f -> sequences(f, lexicon.mentions(f.tokens())));
    this.wordUses = new WordUses(model);
    model.questions().stream()
        .filter(q -> q.agreed().isPresent() && q.means().isPresent())
        .forEach(q -> samples.putIfAbsent(SampleQuestions.key(q.ask()), q));
    this.sqlSamples = new SqlSamples(model, lexicon);
    this.suggestions = new Suggestions(model, language, this);
  }

  public Restatement restatement() {
    return restatement;
  }

  public PeriodResolver periods() {
    return periods;
  }

  /** A plan that could be made of a sequence, with what speaks for and against it. */
  private record Candidate(
      Sequence sequence, Plan plan, List<Assumption> assumptions, double score, String fault) {
    boolean isSound() {
      return fault.isEmpty();
    }
  }

  /**
   * Reads a question.
   *
   * @param question any text
   */
  public Reading read(String question) {
    if (question.length() <= LONGEST_QUESTION) {
      Optional<Reading> bySql = sqlSamples.read(question);
      if (bySql.isPresent()) {
        return bySql.get();
      }
    }
    SampleQuestion sample = samples.get(SampleQuestions.key(question));
    Reading reading =
        sample == null
            ? readPlainly(question)
            : following(sample, question).orElseGet(() -> readPlainly(question));
    return reading.status() == Status.ANSWERED
        ? reading
        : reading.withSuggestions(suggestions.near(question));
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

  /** Reads a question by its words alone, without sample questions. */
  Reading readPlainly(String question) {
    if (question.length() > LONGEST_QUESTION) {
      return declined(
          question,
          List.of(),
          List.of(),
          "The question is longer than " + LONGEST_QUESTION + " characters. Ask a shorter one.");
    }
    List<Token> tokens = Tokens.of(question);
    if (tokens.stream().noneMatch(t -> t.kind() != Token.Kind.STOP)) {
      return declined(
          question, List.of(), List.of(), "There is no question. Type what you want to know.");
    }
    if (tokens.size() > MOST_TOKENS) {
      return declined(
          question,
          List.of(),
          List.of(),
          "The question has more than " + MOST_TOKENS + " words. Ask a shorter one.");
    }
    Brackets.Folded folded = brackets.fold(tokens);
    List<Mention> mentions = lexicon.mentions(folded.tokens());
    List<Sequence> sequences = sequences(folded, mentions);
    List<Candidate> candidates = candidates(sequences);
    return choose(question, folded.tokens(), mentions, sequences, candidates);
  }

  private List<Sequence> sequences(Brackets.Folded folded, List<Mention> mentions) {
    Chart chart =
        new Chart(folded.tokens(), mentions, folded.enclosed(), scope, language.vocabulary());
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
            .flatMap(e -> e.mentions().stream())
            .map(Mention::meaning)
            .toList();
    List<Integer> unread =
        sequence.unread().stream()
            .filter(
                i ->
                    isKnown(i, mentions)
                        || items.stream().noneMatch(m -> lexicon.isNameWord(tokens.get(i), m)))
            .toList();
    return sequence.withUnread(unread);
  }

  private static boolean isKnown(int token, List<Mention> mentions) {
    return mentions.stream()
        .filter(m -> !(m.meaning() instanceof Meaning.PlainWord))
        .anyMatch(m -> m.from() <= token && token < m.to());
  }

  private List<Candidate> candidates(List<Sequence> sequences) {
    Map<Plan, Candidate> best = new LinkedHashMap<>();
    for (Sequence sequence : sequences) {
      Optional<Assembly.Result> assembled = Assembly.of(sequence, scope);
      if (assembled.isEmpty()) {
        continue;
      }
      Plan plan = assembled.get().plan();
      List<PlanCheck.Fault> faults = check.faults(plan);
      boolean unclearWayOnly =
          !faults.isEmpty()
              && faults.stream().allMatch(f -> f.kind() == PlanCheck.Kind.UNCLEAR_WAY);
      List<Candidate> made = new ArrayList<>();
      if (unclearWayOnly) {
        for (String role : faults.get(0).roles()) {
          Plan withRole = WithRole.of(plan, faults.get(0).column().orElseThrow(), role);
          made.add(
              candidate(sequence, withRole, assembled.get(), check.faults(withRole), GUESSED_ROLE));
        }
      } else {
        made.add(candidate(sequence, plan, assembled.get(), faults, 0));
        through(plan, faults)
            .ifPresent(
                way ->
                    made.add(
                        candidate(
                            sequence,
                            way.plan(),
                            assembled.get().assuming(way.assumption()),
                            check.faults(way.plan()),
                            THROUGH_OTHERS)));
      }
      for (Candidate candidate : made) {
        best.merge(candidate.plan(), candidate, (a, b) -> a.score() >= b.score() ? a : b);
      }
    }
    return best.values().stream()
        .sorted(Comparator.comparingDouble(Candidate::score).reversed())
        .toList();
  }

  /** Whether a word that the model lacks adds a number to one that it has. */
  private static boolean isGuessedBeside(Sequence sequence, Assembly.Result assembled) {
    return assembled.assumptions().stream().anyMatch(Assumption.SideBySide.class::isInstance)
        && sequence.isGuessed();
  }

  /** A plan that counts rows through those of another table, and what that assumes. */
  private record Through(Plan plan, Assumption assumption) {}

  /**
   * "members per hut": rows that have no way to what they are split by are counted through those of
   * the one table that points at both.
   */
  private Optional<Through> through(Plan plan, List<PlanCheck.Fault> faults) {
    boolean counts =
        faults.stream().anyMatch(f -> f.kind() == PlanCheck.Kind.NOT_REACHABLE)
            && plan.measures().size() == 1
            && plan.ranking().isEmpty()
            && plan.measures().get(0) instanceof Measure.RowCount;
    if (!counts) {
      return Optional.empty();
    }
    String counted = ((Measure.RowCount) plan.measures().get(0)).table();
    List<Through> ways = new ArrayList<>();
    for (Table table : model.tables()) {
      boolean points =
          !table.name().equals(counted)
              && paths.shortest(table.name(), counted, Optional.empty()).size() == 1;
      if (points) {
        Plan other =
            plan.withMeasures(
                List.of(new Measure.DistinctRows(counted, table.name(), Optional.empty())));
        if (check.faults(other).isEmpty()) {
          ways.add(new Through(other, new Assumption.Through(counted, table.name())));
        }
      }
    }
    return nearest(ways);
  }

  /** The only way; of several the one whose rows point at what the others point at. */
  private Optional<Through> nearest(List<Through> ways) {
    return ways.stream()
        .filter(
            w ->
                ways.stream()
                    .allMatch(
                        o ->
                            o == w
                                || paths.shortest(through(o), through(w), Optional.empty()).size()
                                    == 1))
        .findFirst();
  }

  private static String through(Through way) {
    return ((Assumption.Through) way.assumption()).through();
  }

  private Candidate candidate(
      Sequence sequence,
      Plan plan,
      Assembly.Result assembled,
      List<PlanCheck.Fault> faults,
      double penalty) {
    double score =
        sequence.score()
            - penalty
            - assembled.penalty()
            - STEP_ON_A_WAY * steps(plan, faults)
            - SECOND_PERIOD * secondPeriods(plan)
            - (isGuessedBeside(sequence, assembled) ? GUESSED_BESIDE : 0);
    String fault = faults.isEmpty() ? disjointPeriods(plan) : faults.get(0).message();
    return new Candidate(sequence, plan, assembled.assumptions(), score, fault);
  }

  /** Says so when two periods of one date have no day in common, which nobody can mean. */
  private String disjointPeriods(Plan plan) {
    Map<Optional<ColumnRef>, DayRange> byDate = new LinkedHashMap<>();
    for (Filter filter : plan.filters()) {
      if (filter instanceof Filter.InPeriod in && !in.negated()) {
        DayRange days = periods.resolve(in.period());
        DayRange other = byDate.putIfAbsent(in.date(), days);
        if (other != null && !days.overlaps(other)) {
          return "Two periods are named that have no day in common; comparing periods is not"
              + " answered in this version. Ask for one of them.";
        }
      }
    }
    return "";
  }

  /** How many periods the plan has beyond the first; people seldom mean two. */
  private static long secondPeriods(Plan plan) {
    long periods = plan.filters().stream().filter(Filter.InPeriod.class::isInstance).count();
    return Math.max(0, periods - 1);
  }

  /**
   * How far the plan's columns are from the rows that it computes over; columns of those rows
   * themselves are much nearer than any other.
   */
  private int steps(Plan plan, List<PlanCheck.Fault> faults) {
    if (!faults.isEmpty()) {
      return 0;
    }
    Set<ColumnRef> columns = new LinkedHashSet<>();
    for (Grouping grouping : plan.groupings()) {
      if (grouping instanceof Grouping.ByColumn by) {
        columns.add(by.column());
      }
    }
    for (Filter filter : plan.filters()) {
      if (filter instanceof Filter.InValues in) {
        columns.add(in.column());
      } else if (filter instanceof Filter.Compare compare) {
        columns.add(compare.column());
      } else if (filter instanceof Filter.HasText text) {
        columns.add(text.column());
      }
    }
    Set<String> bases = new LinkedHashSet<>();
    bases.addAll(MeasureTables.of(plan, model));
    int steps = 0;
    for (String base : bases) {
      for (ColumnRef column : columns) {
        steps +=
            paths
                .to(base, column)
                .map(w -> w.steps().size())
                .map(n -> n == 0 ? 0 : n + 3)
                .orElse(0);
      }
    }
    return steps;
  }

  private Reading choose(
      String question,
      List<Token> tokens,
      List<Mention> mentions,
      List<Sequence> sequences,
      List<Candidate> candidates) {
    Reading reading = chosen(question, tokens, mentions, sequences, candidates);
    if (!reading.explanation().equals(Explanation.NONE)) {
      return reading;
    }
    Sequence nearest = candidates.isEmpty() ? sequences.get(0) : candidates.get(0).sequence();
    return reading.withExplanation(
        explanation(mentions, tokens, nearest, nearest.score(), candidates));
  }

  /** The candidates that are about as good as one. */
  private static List<Candidate> near(Candidate best, List<Candidate> candidates) {
    return candidates.stream()
        .filter(Candidate::isSound)
        .filter(c -> c.score() > best.score() - NEAR_TIE)
        .filter(c -> c.sequence().unread().size() == best.sequence().unread().size())
        .toList();
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

  private Reading chosen(
      String question,
      List<Token> tokens,
      List<Mention> mentions,
      List<Sequence> sequences,
      List<Candidate> candidates) {
    Optional<Candidate> winner =
        candidates.stream()
            .filter(Candidate::isSound)
            .findFirst()
            .map(first -> mostLiteral(first, near(first, candidates)));
    Optional<Candidate> faulty = candidates.stream().filter(c -> !c.isSound()).findFirst();
    boolean faultExplains =
        faulty.isPresent()
            && (winner.isEmpty()
                || faulty.get().sequence().unread().size()
                    < winner.get().sequence().unread().size());
    // A plan that leaves more words unread than need be stands for another question.
    Sequence fullest = sequences.get(0);
    boolean leavesMore =
        winner.isPresent() && winner.get().sequence().unread().size() > fullest.unread().size();
    if (leavesMore) {
      winner = Optional.empty();
    }
    Sequence shown =
        faultExplains ? faulty.get().sequence() : winner.map(Candidate::sequence).orElse(fullest);
    List<Reading.WordUse> words = wordUses.of(shown, tokens);
    List<String> unread = unread(shown, tokens);
    if (faultExplains) {
      return declined(question, words, unread, faulty.get().fault());
    }
    if (winner.isEmpty()) {
      return declined(question, words, unread, reasonWithoutPlan(unread, shown));
    }
    Candidate best = winner.get();
    int content = contentWords(shown, tokens);
    boolean tooMuchUnread = unread.size() > LARGEST_UNREAD_SHARE * content;
    boolean guessed =
        shown.isGuessed()
            || best.assumptions().stream()
                .anyMatch(
                    a -> a instanceof Assumption.CountedFor || a instanceof Assumption.Through);
    boolean declines = tooMuchUnread || guessed || changesMeaning(shown, tokens, mentions);
    if (!unread.isEmpty() && declines) {
      return declined(question, words, unread, "Not understood: " + quoted(unread) + ".");
    }
    List<Candidate> near =
        near(best, candidates).stream()
            .filter(c -> !best.sequence().isMoreLiteralThan(c.sequence()))
            .limit(MOST_CHOICES)
            .toList();
    Explanation explanation =
        explanation(mentions, tokens, best.sequence(), best.score(), candidates);
    if (near.size() > 1) {
      return new Reading(
          question,
          Status.UNCLEAR,
          Optional.empty(),
          Optional.empty(),
          wordUses.ofAll(near.stream().map(Candidate::sequence).toList(), tokens),
          unread,
          near.stream().map(c -> new Choice(restatement.of(c.plan()), c.plan())).toList(),
          "This can be read in " + near.size() + " ways.",
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
   * Whether leaving the unread words out could turn the meaning round: words that the language
   * knows to have a task ("without", "more than"), and numbers.
   */
  private static boolean changesMeaning(
      Sequence sequence, List<Token> tokens, List<Mention> mentions) {
    for (int i : sequence.unread()) {
      boolean known = isKnown(i, mentions);
      if (known || tokens.get(i).kind() != Token.Kind.WORD) {
        return true;
      }
    }
    return false;
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
      return "Not understood: " + quoted(unread) + ".";
    }
    return sequence.edges().isEmpty()
        ? "No word of this names anything in the model."
        : "These words do not come together to a question about a number. Name what to compute.";
  }

  private static String quoted(List<String> words) {
    return String.join(", ", words.stream().map(w -> "\"" + w + "\"").toList());
  }

  private static List<String> unread(Sequence sequence, List<Token> tokens) {
    return sequence.unread().stream().map(i -> tokens.get(i).text()).toList();
  }

  private static Reading declined(
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
      List<Mention> mentions,
      List<Token> tokens,
      Sequence shown,
      double score,
      List<Candidate> candidates) {
    List<String> considered =
        mentions.stream()
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
