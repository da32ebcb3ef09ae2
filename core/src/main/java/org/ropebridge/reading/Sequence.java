package org.ropebridge.reading;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Mention;
import org.ropebridge.lexicon.Role;
import org.ropebridge.lexicon.Token;
import org.ropebridge.lexicon.Weights;
import org.ropebridge.plan.Measure;
import org.ropebridge.reading.rule.Contribution;

/**
 * One way to cut a question into contributions, words without effect, and unread words.
 *
 * @param edges contributions in the order of the question
 * @param idle mentions of words that have no effect here
 * @param unread indexes of tokens that nothing was made of
 * @param joined for each contribution, whether an "and" or comma stands right before it
 */
record Sequence(
    List<Edge> edges,
    List<Mention> idle,
    List<Integer> unread,
    List<Boolean> joined,
    double score) {
  private static final int KEPT = 28;

  /** At the beginning these ask for something; without effect, another question is answered. */
  private static final Set<Role> ASKING = Set.of(Role.WHERE, Role.WHO, Role.HOW);

  /** The same with fewer words unread, which takes back what they cost. */
  Sequence withUnread(List<Integer> left, Weights weights) {
    int less = unread.size() - left.size();
    return less == 0
        ? this
        : new Sequence(
            edges, idle, left, joined, score - less * (weights.unread() - weights.echoed()));
  }

  /** The same without what only tells how a plan before is to be changed. */
  Sequence withoutEdits() {
    List<Edge> plain = new ArrayList<>();
    List<Boolean> stillJoined = new ArrayList<>();
    for (int i = 0; i < edges.size(); i++) {
      if (!(edges.get(i).part() instanceof Contribution.Edit)) {
        plain.add(edges.get(i));
        stillJoined.add(joined.get(i));
      }
    }
    return new Sequence(plain, idle, unread, stillJoined, score);
  }

  /** The same with one contribution more. */
  Sequence with(Edge edge, Contribution contribution) {
    List<Edge> more = new ArrayList<>(edges);
    more.add(edge.as(contribution));
    List<Boolean> joinedMore = new ArrayList<>(joined);
    joinedMore.add(false);
    return new Sequence(more, idle, unread, joinedMore, score);
  }

  /** The same with other contributions in the place of some, or none. */
  Sequence replacing(Function<Contribution, Optional<Contribution>> change) {
    List<Edge> changed = new ArrayList<>();
    List<Boolean> stillJoined = new ArrayList<>();
    for (int i = 0; i < edges.size(); i++) {
      Edge edge = edges.get(i);
      Optional<Contribution> other = change.apply((Contribution) edge.part());
      if (other.isPresent()) {
        changed.add(edge.as(other.get()));
        stillJoined.add(joined.get(i));
      }
    }
    return new Sequence(changed, idle, unread, stillJoined, score);
  }

  /**
   * "revenue and emergencies by clinic": rows that are called by a value, counted beside another
   * number, narrow themselves alone.
   */
  Sequence countedApart() {
    List<Edge> apart = new ArrayList<>();
    for (int i = 0; i < edges.size(); i++) {
      Edge edge = edges.get(i);
      boolean beside =
          edge.part() instanceof Contribution.NounWith
              && (joined.get(i) && i > 0 && isMeasured(i - 1)
                  || i + 1 < edges.size() && joined.get(i + 1) && isMeasured(i + 1));
      apart.add(beside ? edge.as(counted((Contribution.NounWith) edge.part())) : edge);
    }
    return new Sequence(apart, idle, unread, joined, score);
  }

  private boolean isMeasured(int at) {
    return edges.get(at).part() instanceof Contribution.Measures && edges.get(at).kept().isEmpty();
  }

  private static Contribution counted(Contribution.NounWith rows) {
    return new Contribution.Measures(
        List.of(new Measure.Narrowed(new Measure.RowCount(rows.table()), List.of(rows.filter()))));
  }

  /**
   * Whether this takes words exactly as they are written wherever the two differ, and the other
   * takes some of them for a form of something else.
   */
  boolean isMoreLiteralThan(Sequence other) {
    Set<Mention> own = mentions();
    Set<Mention> others = other.mentions();
    boolean literal = own.stream().filter(m -> !others.contains(m)).allMatch(Sequence::isExact);
    boolean otherLiteral =
        others.stream().filter(m -> !own.contains(m)).allMatch(Sequence::isExact);
    return literal && !otherLiteral;
  }

  /** Whether a word that the model lacks stands for one that it has. */
  boolean isGuessed() {
    return mentions().stream().anyMatch(m -> m.found() == Mention.Found.AKIN);
  }

  /** What the words are taken for that have a task here. */
  Set<Mention> mentions() {
    Set<Mention> mentions = new HashSet<>();
    edges.forEach(e -> mentions.addAll(e.mentions()));
    return mentions;
  }

  private static boolean isExact(Mention mention) {
    return mention.found() == Mention.Found.EXACT || mention.found() == Mention.Found.OWN;
  }

  /** A sequence under construction, linked backwards. */
  private record State(
      State before, Edge edge, Mention idle, int unread, boolean and, double score) {}

  /** The best ways to cut the question, best first. */
  static List<Sequence> best(Chart chart, List<Token> tokens, List<Mention> mentions) {
    int n = tokens.size();
    List<List<State>> at = new ArrayList<>();
    for (int i = 0; i <= n; i++) {
      at.add(new ArrayList<>());
    }
    at.get(0).add(new State(null, null, null, -1, false, 0));
    for (int i = 0; i < n; i++) {
      List<State> states = at.get(i);
      states.sort(Comparator.comparingDouble(State::score).reversed());
      if (states.size() > KEPT) {
        states.subList(KEPT, states.size()).clear();
      }
      for (State state : states) {
        extend(state, i, chart, tokens, mentions, at);
      }
    }
    return at.get(n).stream()
        .sorted(Comparator.comparingDouble(State::score).reversed())
        .limit(KEPT)
        .map(Sequence::of)
        .toList();
  }

  /** Whether the same words may have one of the roles. */
  private static boolean mayBe(Mention words, List<Mention> mentions, Set<Role> roles) {
    return mentions.stream()
        .filter(m -> m.from() == words.from() && m.to() == words.to())
        .anyMatch(
            m -> m.meaning() instanceof Meaning.FunctionWord word && roles.contains(word.role()));
  }

  /** "how much did the huts make": what the author calls a metric is not left out for nothing. */
  private static boolean isMetric(Mention words, List<Mention> mentions) {
    return mentions.stream()
        .filter(m -> m.from() == words.from() && m.to() == words.to())
        .anyMatch(m -> m.meaning() instanceof Meaning.MetricName);
  }

  private static void extend(
      State state,
      int i,
      Chart chart,
      List<Token> tokens,
      List<Mention> mentions,
      List<List<State>> at) {
    Weights weights = chart.weights();
    for (Edge edge : chart.startingAt(i)) {
      if (edge.part() instanceof Contribution) {
        at.get(edge.to())
            .add(
                new State(
                    state, edge, null, -1, false, state.score() + edge.score() + weights.cut()));
      }
    }
    boolean idle = tokens.get(i).kind() == Token.Kind.STOP;
    if (idle) {
      at.get(i + 1).add(new State(state, null, null, -1, state.and(), state.score()));
    }
    for (Mention mention : mentions) {
      if (mention.from() == i
          && mention.meaning() instanceof Meaning.FunctionWord word
          && word.role().mayStandAlone()
          && !(i == 0 && mayBe(mention, mentions, ASKING))
          && !Chart.isDenied(mention, mentions)
          // "how many people": who is counted cannot be left out.
          && !Chart.isBehind(Role.COUNT, Role.EVERYONE, mention, mentions)) {
        idle = true;
        boolean and = word.role() == Role.AND || word.role() == Role.COMMA;
        boolean free = word.role().isFiller() || word.role() == Role.HAVE || word.role() == Role.BE;
        boolean asksWhether =
            i == 0 && word.role() == Role.BE && mayBe(mention, mentions, Set.of(Role.AUXILIARY));
        double cost =
            asksWhether
                ? weights.idleAuxiliary()
                : free && !isMetric(mention, mentions) ? 0 : weights.idlePreposition();
        at.get(mention.to())
            .add(
                new State(
                    state,
                    null,
                    mention,
                    -1,
                    and || state.and() && state.edge() == null,
                    state.score() + cost));
      }
    }
    if (!idle) {
      at.get(i + 1).add(new State(state, null, null, i, false, state.score() + weights.unread()));
    }
  }

  private static Sequence of(State end) {
    List<Edge> edges = new ArrayList<>();
    List<Mention> idle = new ArrayList<>();
    List<Integer> unread = new ArrayList<>();
    List<Boolean> joined = new ArrayList<>();
    for (State s = end; s.before() != null; s = s.before()) {
      if (s.edge() != null) {
        boolean first = s.edge().part() instanceof Contribution.NounWith;
        List<Edge> made = new ArrayList<>(List.of(s.edge()));
        s.edge().keptApart().ifPresent(kept -> made.add(first ? 1 : 0, kept));
        made.forEach(
            e -> {
              edges.add(e);
              joined.add(false);
            });
        joined.set(joined.size() - 1, s.before().and());
      } else if (s.idle() != null) {
        idle.add(s.idle());
      } else if (s.unread() >= 0) {
        unread.add(s.unread());
      }
    }
    Collections.reverse(edges);
    Collections.reverse(idle);
    Collections.reverse(unread);
    Collections.reverse(joined);
    return new Sequence(edges, idle, unread, joined, end.score());
  }
}
