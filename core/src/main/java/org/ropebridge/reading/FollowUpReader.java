package org.ropebridge.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Stream;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Mention;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.Plan;
import org.ropebridge.plan.PlanCheck;
import org.ropebridge.plan.Restatement;
import org.ropebridge.reading.PlanEdit.Manner;
import org.ropebridge.reading.Reading.Choice;
import org.ropebridge.reading.Reading.Status;
import org.ropebridge.reading.rule.Contribution;
import org.ropebridge.reading.rule.Contribution.Steer;
import org.ropebridge.reading.rule.Scope;

/**
 * Reads questions that lean on the one before, and settles whether a question does. Where it could
 * be either, the other reading is kept as a choice.
 */
final class FollowUpReader {
  private static final int MOST_CHOICES = 3;

  private final Parser parser;
  private final Candidates candidates;
  private final Chooser chooser;
  private final PlanCheck check;
  private final Restatement restatement;
  private final Scope scope;

  FollowUpReader(
      Parser parser,
      Candidates candidates,
      Chooser chooser,
      PlanCheck check,
      Restatement restatement,
      Scope scope) {
    this.parser = parser;
    this.candidates = candidates;
    this.chooser = chooser;
    this.check = check;
    this.restatement = restatement;
    this.scope = scope;
  }

  /**
   * The reading of a question in a thread.
   *
   * @param alone how it is read by itself
   * @param before the plans of the questions before, the last one first; at least one
   * @param withChoices whether to look for what else it could mean
   */
  Reading read(String question, Reading alone, List<Plan> before, boolean withChoices) {
    Parser.Parsed parsed = parser.followUp(question);
    Optional<Reading> steered = steered(question, parsed, before);
    if (steered.isPresent()) {
      return steered.get();
    }
    List<Candidate> made = candidates(parsed, before, Manner.AS_SAID);
    Reading leaning = chooser.choose(question, parsed, made);
    Sequence sequence =
        leaning.plan().stream()
            .flatMap(p -> made.stream().filter(c -> c.plan().equals(p)))
            .map(Candidate::sequence)
            .findFirst()
            .orElse(parsed.sequences().get(0));
    Said said = Said.of(sequence);
    boolean another = !said.startsWithAnd() && pointsWithin(parsed);
    if (another && alone.status() == Status.ANSWERED
        || !isPreferred(leaning, alone, said, points(parsed), before.get(0))) {
      return alone.withChoices(
          others(alone, leaning.plan().stream().filter(p -> limitsMore(p, alone.plan()))));
    }
    if (leaning.plan().isEmpty()) {
      return leaning.status() == Status.DECLINED && leaning.unread().isEmpty()
          ? Chooser.declined(question, leaning.words(), List.of(), misfit(before.get(0)))
          : leaning;
    }
    FollowUp change = FollowUp.between(words(before.get(0)), words(leaning.plan().orElseThrow()));
    Reading reading = leaning.leaningOn(change);
    return reading.status() == Status.UNCLEAR || !withChoices
        ? reading
        : reading.withChoices(others(reading, otherWays(parsed, before, said, alone)));
  }

  /** "revenue by hut" after "revenue by valley this year": whether this year still holds. */
  private static boolean limitsMore(Plan leaning, Optional<Plan> alone) {
    return alone
        .filter(p -> p.measures().equals(leaning.measures()))
        .filter(p -> p.groupings().equals(leaning.groupings()))
        .filter(p -> leaning.filters().containsAll(p.filters()))
        .isPresent();
  }

  private List<String> words(Plan plan) {
    return restatement.parts(plan).stream().map(Restatement.Part::words).toList();
  }

  private String misfit(Plan before) {
    return "This does not go with the question before, which was read as \""
        + restatement.of(before)
        + "\". Ask the whole question, or name what is to change.";
  }

  /** What is done with the conversation and not with the plan. */
  private Optional<Reading> steered(String question, Parser.Parsed parsed, List<Plan> before) {
    Sequence best = parsed.sequences().get(0);
    if (!best.unread().isEmpty() || best.edges().size() != 1) {
      return Optional.empty();
    } else if (best.edges().get(0).part() instanceof Contribution.Edit edit) {
      Optional<String> nothing = nothingToChange(edit, before.get(0));
      if (nothing.isPresent()) {
        return Optional.of(told(question, parsed, nothing.get()));
      }
    }
    if (!(best.edges().get(0).part() instanceof Contribution.Steering steering)) {
      return Optional.empty();
    }
    Optional<Reading> told =
        reply(steering.steer(), before).map(what -> told(question, parsed, what));
    return switch (steering.steer()) {
      case START_OVER -> told.map(r -> r.leaningOn(FollowUp.START));
      // Something was asked, or not answered as it was meant.
      case WHY, NOT_MEANT -> told;
      default -> told.map(r -> r.leaningOn(FollowUp.ORDER));
    };
  }

  /** What is said to an order; empty where the plan before is changed by it. */
  private Optional<String> reply(Steer steer, List<Plan> before) {
    String reply =
        switch (steer) {
          case START_OVER -> "Started again. The next question stands by itself.";
          case WHY ->
              new ListEdits(scope).byReason(before.get(0)).isPresent()
                  ? ""
                  : "Why is not answered in this version. Ask for the number by what it may depend"
                      + " on, or compare it with the year before.";
          case OTHER_PICTURE ->
              "Which picture? Say one, such as \"as a line\", \"as bars\", \"as a heat map\" or"
                  + " \"as a table\".";
          case NOT_MEANT ->
              "The question was read as \""
                  + restatement.of(before.get(0))
                  + "\". Say what you meant instead, such as \"I meant last year\", or ask it in"
                  + " other words.";
          case TAKE_ALONG ->
              "A question only asks. Saving, sharing and files are offered beside the answer.";
          case IN_WORDS -> "What stands out is said in a few sentences beside each answer.";
          case NO_SUCH_PICTURE ->
              "That picture is not drawn here. Parts of a whole are shown by \"as bars\", \"as a"
                  + " tree map\" or \"as a percentage\".";
          case STATEMENT -> "The SQL of an answer is shown with it, and can be copied there.";
          case UNDO -> before.size() > 1 ? "" : "There is no question before this one.";
          case OTHER_WAY -> "";
        };
    return Optional.of(reply).filter(r -> !r.isEmpty());
  }

  /** What to say where an edit finds nothing in the plan before that it could change. */
  private Optional<String> nothingToChange(Contribution.Edit edit, Plan before) {
    boolean every = edit instanceof Contribution.EveryRow || edit instanceof Contribution.MoreRows;
    boolean worth = edit instanceof Contribution.Worth;
    boolean others = edit instanceof Contribution.Others;
    if (!every && !worth && !others || new PlanParts(scope).edited(before, edit).isPresent()) {
      return Optional.empty();
    }
    return Optional.of(
        every || others
            ? "The answer before shows all there is: \"" + restatement.of(before) + "\"."
            : "How much that is cannot be told of \""
                + restatement.of(before)
                + "\". Name the amount that you mean.");
  }

  private Reading told(String question, Parser.Parsed parsed, String what) {
    Sequence best = parsed.sequences().get(0);
    return Chooser.declined(question, chooser.words(best, parsed), List.of(), what);
  }

  private List<Candidate> candidates(Parser.Parsed parsed, List<Plan> before, Manner manner) {
    PlanEdit edit = new PlanEdit(before, scope);
    boolean points = points(parsed);
    return candidates.of(
        parsed.sequences(),
        sequence ->
            edit.of(sequence, manner)
                .flatMap(r -> fitting(r, before.get(0)))
                .filter(
                    r ->
                        !points
                            || r.plan().filters().stream().anyMatch(Filter.Among.class::isInstance)
                            || r.assumptions().stream()
                                .noneMatch(Assumption.LeftOut.class::isInstance)));
  }

  /** Whether the answer before shows some of what there is, of any time. */
  private static boolean isLimited(Plan plan) {
    return plan.ranking().isPresent()
        || !plan.keeps().isEmpty()
        || plan.listing()
            .filter(l -> l.count().isPresent() || !plan.filters().isEmpty())
            .isPresent()
        || plan.filters().stream().anyMatch(f -> !(f instanceof Filter.InPeriod));
  }

  /**
   * Whether a word points at the answer before: "of them". Behind a noun of the same question, as
   * in "the huts and their wardens", it points at that.
   */
  private static boolean points(Parser.Parsed parsed) {
    int noun =
        endOfFirst(
            parsed,
            m ->
                m.meaning() instanceof Meaning.RowNoun
                    || m.meaning() instanceof Meaning.ColumnName
                    || m.meaning() instanceof Meaning.ValueName);
    return parsed.mentions().stream()
        .anyMatch(m -> m.is(Role.THOSE) && (m.from() < noun || haveWhatIsCounted(m, parsed)));
  }

  /** "how many open deals do they have": they are not the deals. */
  private static boolean haveWhatIsCounted(Mention those, Parser.Parsed parsed) {
    return parsed.mentions().stream().anyMatch(m -> m.is(Role.AUXILIARY) && m.to() == those.from())
        && parsed.mentions().stream().anyMatch(m -> m.is(Role.COUNT) && m.from() <= 1);
  }

  /** "the huts and their wardens": whose they are is told by a noun before. */
  private static boolean pointsWithin(Parser.Parsed parsed) {
    int noun = endOfFirst(parsed, m -> m.meaning() instanceof Meaning.RowNoun);
    return parsed.mentions().stream().anyMatch(m -> m.is(Role.THEIR) && m.from() >= noun);
  }

  /** Where the first of some words ends; beyond all words where there is none. */
  private static int endOfFirst(Parser.Parsed parsed, Predicate<Mention> wanted) {
    return parsed.mentions().stream()
        .filter(wanted)
        .mapToInt(Mention::to)
        .min()
        .orElse(Integer.MAX_VALUE);
  }

  /** Leaves out what was kept of the question before and cannot be said of the new numbers. */
  private Optional<Assembly.Result> fitting(Assembly.Result result, Plan before) {
    Plan plan = result.plan();
    if (!isUnreachable(plan)) {
      return Optional.of(result);
    }
    List<String> leftOut = new ArrayList<>();
    Plan less = plan;
    for (Filter filter : before.filters()) {
      Plan alone = bare(plan).withFilters(List.of(filter));
      if (less.filters().contains(filter) && isUnreachable(alone)) {
        less = less.withFilters(less.filters().stream().filter(f -> !f.equals(filter)).toList());
        leftOut.add(restatement.filter(filter));
      }
    }
    for (Grouping grouping : before.groupings()) {
      boolean kept = less.groupings().contains(grouping) && less.ranking().isEmpty();
      if (kept && isUnreachable(bare(plan).withGroupings(List.of(grouping)))) {
        less =
            less.withGroupings(less.groupings().stream().filter(g -> !g.equals(grouping)).toList())
                .withSort(less.sort().filter(s -> !s.by().equals(grouping)));
        leftOut.add(restatement.grouping(grouping));
      }
    }
    return leftOut.isEmpty()
        ? Optional.of(result)
        : Optional.of(result.with(less).assuming(new Assumption.LeftOut(leftOut)));
  }

  private static Plan bare(Plan plan) {
    return plan.listing().isPresent()
        ? Plan.of(plan.listing().get(), List.of())
        : Plan.of(plan.measures(), List.of(), List.of());
  }

  private boolean isUnreachable(Plan plan) {
    return check.faults(plan).stream()
        .anyMatch(
            f -> f.kind() == PlanCheck.Kind.NOT_REACHABLE || f.kind() == PlanCheck.Kind.NO_DATE);
  }

  private static boolean isPreferred(
      Reading leaning, Reading alone, Said said, boolean points, Plan before) {
    boolean same =
        leaning.plan().equals(Optional.of(before))
            && !said.asksForThose()
            && !said.isOnly(Contribution.Counting.class);
    boolean elliptic =
        !said.namesRows() && alone.plan().filter(p -> countsLike(before, p)).isPresent()
            || alone.assumptions().stream().anyMatch(Assumption.RankedBy.class::isInstance);
    boolean another =
        alone.status() == Status.ANSWERED
            && !said.leans()
            && said.ranksByOtherThan(before.measures());
    boolean more = leaning.unread().size() < alone.unread().size();
    return switch (leaning.status()) {
      case ANSWERED ->
          !same
              && !another
              && (said.leans()
                  || points
                  || alone.status() != Status.ANSWERED
                  || !said.isWhole()
                  || elliptic);
      case PARTLY -> alone.status() != Status.ANSWERED && (said.leans() || more);
      case UNCLEAR -> said.leans() || alone.plan().isEmpty();
      case EXPLAINED -> false;
      case DECLINED ->
          said.leans()
                  && (alone.status() != Status.ANSWERED || said.has(Contribution.ThatNumber.class))
              || points && isLimited(before);
    };
  }

  /**
   * "how many children" after a list of readers, "how many beds" after one of huts: no noun says of
   * what, so of those.
   */
  private static boolean countsLike(Plan before, Plan alone) {
    if (alone.measures().size() == 1
        && alone.measures().get(0) instanceof Measure.Statistic statistic) {
      return before.listing().filter(l -> l.table().equals(statistic.column().table())).isPresent();
    }
    return alone.measures().size() == 1
        && alone.measures().get(0) instanceof Measure.RowCount counted
        && (before.listing().filter(l -> l.table().equals(counted.table())).isPresent()
            || before.measures().equals(alone.measures()));
  }

  private Stream<Plan> otherWays(
      Parser.Parsed parsed, List<Plan> before, Said said, Reading alone) {
    boolean plain =
        said.edits().stream()
            .noneMatch(
                e ->
                    e instanceof Contribution.Dropping
                        || e instanceof Contribution.Replacing
                        || e instanceof Contribution.Those
                        || e instanceof Contribution.Steering);
    Stream<Plan> edits =
        plain
            ? Stream.of(Manner.IN_PLACE, Manner.ON_TOP)
                .flatMap(m -> candidates(parsed, before, m).stream().limit(1))
                .filter(Candidate::isSound)
                .filter(c -> c.sequence().unread().isEmpty())
                .filter(c -> !Said.of(c.sequence()).rest().edges().isEmpty())
                .map(Candidate::plan)
            : Stream.of();
    Stream<Plan> byItself = alone.status() == Status.ANSWERED ? alone.plan().stream() : Stream.of();
    return Stream.concat(edits, byItself);
  }

  private List<Choice> others(Reading reading, Stream<Plan> plans) {
    List<Choice> choices = new ArrayList<>(reading.choices());
    plans
        .distinct()
        .filter(p -> !reading.plan().equals(Optional.of(p)))
        .map(p -> new Choice(restatement.of(p), p))
        .filter(c -> !choices.contains(c))
        .limit(MOST_CHOICES)
        .forEach(choices::add);
    return choices;
  }
}
