package org.ropebridge.reading;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Mention;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.Measure;
import org.ropebridge.reading.rule.Contribution;

/**
 * What a follow-up says, by the parts of a plan that it is about.
 *
 * @param edits what it does with the plan before
 * @param rest the sequence without them
 * @param startsWithAnd whether its first word is "and", "but" or the like
 * @param again whether it says "also" or "too"
 */
record Said(List<Contribution.Edit> edits, Sequence rest, boolean startsWithAnd, boolean again) {
  /** Words that begin questions which stand by themselves. */
  private static final Set<Role> BEGINNINGS =
      Set.of(Role.COUNT, Role.WHICH, Role.LIST, Role.AUXILIARY, Role.WHO, Role.WHEN, Role.WHERE);

  private static final Set<Role> ASKING_WHICH = Set.of(Role.WHICH, Role.HAVE, Role.WHO);

  /** Words that begin what limits a question and is none. */
  private static final Set<Role> LIMITING = Set.of(Role.WITH, Role.WHERE, Role.WHEN, Role.IF);

  static Said of(Sequence sequence) {
    List<Contribution.Edit> edits =
        sequence.edges().stream()
            .filter(e -> e.part() instanceof Contribution.Edit)
            .map(e -> (Contribution.Edit) e.part())
            .toList();
    boolean and =
        sequence.idle().stream().anyMatch(m -> m.from() == 0 && m.is(Role.AND))
            && !asksWhichIsFirst(sequence);
    boolean again = sequence.idle().stream().anyMatch(m -> m.is(Role.AGAIN));
    return new Said(edits, sequence.withoutEdits(), and, again);
  }

  /** "and which had the lowest occupancy": a question in its own right. */
  private static boolean asksWhichIsFirst(Sequence sequence) {
    boolean which =
        Stream.concat(
                sequence.idle().stream(),
                sequence.edges().stream().flatMap(e -> e.mentions().stream()))
            .anyMatch(m -> m.from() == 1 && ASKING_WHICH.stream().anyMatch(m::is));
    return which
        && sequence.edges().stream()
            .anyMatch(
                e ->
                    e.part() instanceof Contribution.Extreme
                        || e.part() instanceof Contribution.OfRanked
                        || e.part() instanceof Contribution.Ranked r && r.by().isPresent());
  }

  /** The same edits with other words beside them. */
  Said withRest(Sequence other) {
    return new Said(edits, other, startsWithAnd, again);
  }

  /** The same words with the cues of others. */
  Said like(Said other) {
    return new Said(other.edits(), rest, other.startsWithAnd(), other.again());
  }

  <E extends Contribution.Edit> List<E> edits(Class<E> kind) {
    return edits.stream().filter(kind::isInstance).map(kind::cast).toList();
  }

  boolean has(Class<? extends Contribution.Edit> kind) {
    return edits.stream().anyMatch(kind::isInstance);
  }

  private boolean says(List<Class<? extends Contribution>> kinds) {
    return rest.edges().stream()
        .anyMatch(e -> kinds.stream().anyMatch(k -> k.isInstance(e.part())));
  }

  List<Contribution> contributions() {
    return rest.edges().stream().map(e -> (Contribution) e.part()).toList();
  }

  /** Whether a number to compute is named. */
  boolean measures() {
    return says(
            List.of(
                Contribution.Measures.class,
                Contribution.Counting.class,
                Contribution.ShareOf.class,
                Contribution.Moved.class,
                Contribution.SpannedMeasure.class,
                Contribution.Ordered.class,
                Contribution.Events.class,
                Contribution.MeasureWith.class,
                Contribution.NewRows.class,
                Contribution.Extreme.class,
                Contribution.Claimed.class))
        || isNounsOnly();
  }

  /** The only measure, where nothing else is said. */
  Optional<Measure> onlyMeasure() {
    return contributions().size() == 1
            && contributions().get(0) instanceof Contribution.Measures of
            && of.measures().size() == 1
        ? Optional.of(of.measures().get(0))
        : Optional.empty();
  }

  /** Whether groups are ranked by a number that is said, other than those. */
  boolean ranksByOtherThan(List<Measure> measures) {
    return contributions().stream()
        .anyMatch(
            c ->
                c instanceof Contribution.Ranked ranked
                    && ranked.what().isPresent()
                    && ranked.by().filter(m -> !measures.contains(m)).isPresent());
  }

  /** Whether a noun for rows is said. */
  boolean namesRows() {
    return rest.edges().stream()
        .flatMap(e -> e.mentions().stream())
        .anyMatch(m -> m.meaning() instanceof Meaning.RowNoun);
  }

  /** Whether nothing is said but this, besides what limits it. */
  boolean isOnly(Class<? extends Contribution> kind) {
    List<Contribution> others =
        contributions().stream()
            .filter(
                c ->
                    !(c instanceof Contribution.Narrowing)
                        && !(c instanceof Contribution.Predicate))
            .toList();
    return !others.isEmpty() && others.stream().allMatch(kind::isInstance);
  }

  /** Whether nothing but nouns is said, which asks for how many there are. */
  boolean isNounsOnly() {
    boolean limits =
        has(Contribution.Only.class)
            || rest.idle().stream().anyMatch(m -> m.is(Role.PREPOSITION) || m.is(Role.WITH));
    return !limits
        && !rest.edges().isEmpty()
        && contributions().stream().allMatch(Contribution.Noun.class::isInstance);
  }

  /** Whether how the numbers of before are told is said anew: compared, in shares, divided. */
  boolean figures() {
    return says(
        List.of(
            Contribution.Versus.class,
            Contribution.VersusTime.class,
            Contribution.FromTo.class,
            Contribution.Comparative.class,
            Contribution.ComparativeTo.class,
            Contribution.InShares.class,
            Contribution.DividedBy.class));
  }

  List<Grouping> groupings() {
    return contributions().stream().flatMap(c -> groupings(c).stream()).toList();
  }

  private static List<Grouping> groupings(Contribution contribution) {
    if (contribution instanceof Contribution.Groupings g) {
      return g.groupings();
    } else if (contribution instanceof Contribution.Subject subject) {
      return List.of(subject.what());
    } else if (contribution instanceof Contribution.Ranked ranked) {
      return ranked.what().stream().toList();
    } else if (contribution instanceof Contribution.SpannedMeasure spanned) {
      return List.of(spanned.spans());
    } else if (contribution instanceof Contribution.Ordered ordered) {
      return List.of(ordered.what());
    } else if (contribution instanceof Contribution.Opposed opposed) {
      return List.of(new Grouping.ByColumn(opposed.values().column()));
    }
    return List.of();
  }

  List<Contribution.Narrowing> narrowings() {
    return contributions().stream()
        .filter(Contribution.Narrowing.class::isInstance)
        .map(Contribution.Narrowing.class::cast)
        .toList();
  }

  List<Filter> filters() {
    return contributions().stream().flatMap(c -> filter(c).stream()).toList();
  }

  private static Optional<Filter> filter(Contribution contribution) {
    if (contribution instanceof Contribution.Narrowing narrowing) {
      return Optional.of(narrowing.filter());
    } else if (contribution instanceof Contribution.Predicate predicate) {
      return Optional.of(predicate.filter());
    } else if (contribution instanceof Contribution.Opposed opposed) {
      return Optional.of(
          new Filter.InValues(opposed.values().column(), opposed.values().stored(), false));
    }
    return contribution instanceof Contribution.NounWith with
        ? Optional.of(with.filter())
        : Optional.empty();
  }

  boolean ranking() {
    return says(List.of(Contribution.Ranked.class, Contribution.Extreme.class));
  }

  boolean rows() {
    return says(
        List.of(Contribution.Rows.class, Contribution.EndRows.class, Contribution.FirstRows.class));
  }

  /** Whether it asks for rows, or columns of them, which may be what is shown already. */
  boolean asksForThose() {
    return rest.edges().isEmpty()
        && edits.stream()
            .allMatch(
                e ->
                    e instanceof Contribution.ListThose
                        || e instanceof Contribution.MoreColumns more
                            && more.pointed() != Contribution.MoreColumns.Pointed.NO);
  }

  /** Whether a word says that this leans on what was before. */
  boolean leans() {
    boolean onlyColumns =
        edits.stream()
            .allMatch(
                e ->
                    e instanceof Contribution.MoreColumns more
                            && more.pointed() == Contribution.MoreColumns.Pointed.NO
                        || e instanceof Contribution.Amount
                        || e instanceof Contribution.AllOf);
    return !onlyColumns || startsWithAnd || again || limitsOnly();
  }

  /**
   * "where channel is phone", "with fuel solar": it begins with a word that limits, and only does
   * so.
   */
  private boolean limitsOnly() {
    return !rest.edges().isEmpty()
        && contributions().stream().allMatch(Contribution.Narrowing.class::isInstance)
        && rest.edges().get(0).mentions().stream()
            .anyMatch(m -> m.from() == 0 && LIMITING.stream().anyMatch(m::is));
  }

  /** Whether this could well be a question by itself: a number, and something about it. */
  boolean isWhole() {
    boolean begins =
        rest.idle().stream().anyMatch(Said::begins)
            || rest.edges().stream().flatMap(e -> e.mentions().stream()).anyMatch(Said::begins);
    boolean more =
        contributions().stream()
            .anyMatch(
                c ->
                    !(c instanceof Contribution.Measures)
                        && !(c instanceof Contribution.Noun)
                        && !(c instanceof Contribution.Shown));
    boolean shown =
        contributions().stream().anyMatch(Said::isShownOrTime)
            && contributions().stream()
                .allMatch(c -> isShownOrTime(c) || c instanceof Contribution.Showing);
    boolean question = says(List.of(Contribution.YesOrNo.class, Contribution.Showing.class));
    return measures() && (begins || more)
        || begins && !shown && !contributions().isEmpty()
        || question && !shown;
  }

  /** "show 2025", "show it as bars": of what, was said before. */
  private static boolean isShownOrTime(Contribution contribution) {
    return contribution instanceof Contribution.Shown
        || contribution instanceof Contribution.Narrowing narrowing
            && narrowing.filter() instanceof Filter.InPeriod;
  }

  private static boolean begins(Mention mention) {
    return mention.meaning() instanceof Meaning.FunctionWord word
        && BEGINNINGS.contains(word.role());
  }
}
