package org.ropebridge.reading;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Mention;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.lexicon.Token;
import org.ropebridge.lexicon.Vocabulary;
import org.ropebridge.lexicon.Weights;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Measure;
import org.ropebridge.reading.rule.Contribution;
import org.ropebridge.reading.rule.Grammar;
import org.ropebridge.reading.rule.Match;
import org.ropebridge.reading.rule.Phrase;
import org.ropebridge.reading.rule.Scope;
import org.ropebridge.reading.rule.Slot;

/**
 * All parts that rules can build over a question, bottom up and left to right. Every edge that ends
 * at a place is complete before any that ends further right is begun, so that each rule needs to be
 * tried only where its last part ends.
 */
final class Chart {
  private static final String COLON = ":";
  private static final int MOST_EDGES = 6_000;

  private final List<Token> tokens;
  private final Scope scope;
  private final Vocabulary vocabulary;
  private final Patterns patterns;
  private final List<List<Edge>> endingAt = new ArrayList<>();
  private final List<List<Edge>> startingAt = new ArrayList<>();
  private final boolean[] transparent;

  /** Which tokens are words of the language that may have no effect, such as "on". */
  private final boolean[] preposition;

  private final boolean[] smallWord;

  /** Whether the first word may ask for something: "show", "order by". */
  private final boolean beginsAsking;

  private int size;

  /**
   * Builds the chart.
   *
   * @param enclosed what the stretches in brackets may be, by their places
   */
  Chart(
      List<Token> tokens,
      List<Mention> mentions,
      Map<Integer, List<Brackets.Read>> enclosed,
      Scope scope,
      Vocabulary vocabulary,
      Grammar grammar) {
    this.tokens = tokens;
    this.scope = scope;
    this.vocabulary = vocabulary;
    this.patterns = Patterns.of(grammar);
    this.transparent = new boolean[tokens.size()];
    this.preposition = new boolean[tokens.size()];
    this.smallWord = new boolean[tokens.size()];
    this.beginsAsking =
        mentions.stream().anyMatch(m -> m.from() == 0 && (m.is(Role.LIST) || m.is(Role.SORTED)));
    for (int i = 0; i <= tokens.size(); i++) {
      endingAt.add(new ArrayList<>());
      startingAt.add(new ArrayList<>());
    }
    Map<Integer, List<Mention>> byEnd = new HashMap<>();
    for (Mention mention : mentions) {
      if (!isInPhrase(mention, mentions) && !isOfAnother(mention, mentions)) {
        byEnd.computeIfAbsent(mention.to(), k -> new ArrayList<>()).add(mention);
      }
      if (mention.meaning() instanceof Meaning.FunctionWord word
          && word.role().mayStandAlone()
          && mention.to() == mention.from() + 1
          && mention.quality() == 1) {
        smallWord[mention.from()] = true;
      }
      if (isFiller(mention) && !opensClause(mention, mentions)) {
        for (int i = mention.from(); i < mention.to(); i++) {
          transparent[i] = true;
        }
      }
    }
    for (int i = 0; i < tokens.size(); i++) {
      transparent[i] |= tokens.get(i).text().equals(COLON);
      preposition[i] = vocabulary.hasRole(tokens.get(i).plain(), r -> r == Role.PREPOSITION);
    }
    byEnd.values().forEach(ending -> ending.removeIf(m -> isWhat(m, mentions)));
    for (int end = 1; end <= tokens.size(); end++) {
      fill(byEnd.getOrDefault(end, List.of()), enclosed.getOrDefault(end - 1, List.of()), end);
    }
  }

  /** What counts how much. */
  Weights weights() {
    return scope.weights();
  }

  /**
   * "by how people paid": what follows is no name of a breakdown; "how many people": who is
   * counted.
   */
  private static boolean opensClause(Mention mention, List<Mention> mentions) {
    return isDenied(mention, mentions)
        || isBehind(Role.BY, Role.HOW, mention, mentions)
        || isBehind(Role.COUNT, Role.EVERYONE, mention, mentions);
  }

  /** "did not come", "are all cats": what they did not do, or all are, cannot be left out. */
  static boolean isDenied(Mention mention, List<Mention> mentions) {
    return isBehind(Role.EXCLUDING, Role.HAPPENING, mention, mentions)
        || isBehind(Role.BE, Role.WHOLLY, mention, mentions);
  }

  /** Whether the mention has the second task and stands right behind words with the first. */
  static boolean isBehind(Role first, Role second, Mention mention, List<Mention> mentions) {
    return mention.is(second)
        && mentions.stream().anyMatch(m -> m.to() == mention.from() && m.is(first));
  }

  /** "what did events cost" asks for no events. */
  private static boolean isWhat(Mention mention, List<Mention> mentions) {
    return mention.is(Role.WHICH)
        && mentions.stream().anyMatch(m -> m.from() == mention.from() && m.is(Role.WHAT_DID));
  }

  /**
   * "make", where cars have one: what money might be a word for is first what its author calls so.
   */
  private static boolean isOfAnother(Mention mention, List<Mention> mentions) {
    return mention.found() == Mention.Found.AKIN
        && mention.meaning() instanceof Meaning.MetricName
        && mentions.stream()
            .anyMatch(
                m ->
                    m.meaning() instanceof Meaning.ColumnName
                        && m.found() == Mention.Found.EXACT
                        && m.from() == mention.from()
                        && m.to() == mention.to());
  }

  /** "broken down by", "so low": what leads to a breakdown, or wonders, is no value. */
  private static boolean isInPhrase(Mention mention, List<Mention> mentions) {
    return mention.meaning() instanceof Meaning.ValueName
        && mentions.stream()
            .anyMatch(
                m ->
                    m.is(Role.BY) && m.from() == mention.from() && m.to() > mention.to()
                        || m.is(Role.SO_HOW)
                            && m.from() < mention.from()
                            && m.to() == mention.to());
  }

  static boolean isFiller(Mention mention) {
    return mention.meaning() instanceof Meaning.FunctionWord word
        && (word.role().isFiller()
            || word.role() == Role.BE
            || word.role() == Role.AGAIN
            || word.role() == Role.HAVE);
  }

  /** "show revenue": in the singular, a first word that may ask for something. */
  private boolean isCommand(Mention mention) {
    return mention.from() == 0
        && mention.to() == 1
        && beginsAsking
        && !vocabulary.isPlural(tokens.get(0).plain())
        && mention.meaning() instanceof Meaning.RowNoun;
  }

  /** A small word at the end of a name, as in "sent on", counts as it does alone. */
  private double score(Mention mention) {
    int length = mention.to() - mention.from();
    if (mention.meaning() instanceof Meaning.FunctionWord) {
      return mention.quality() * length * scope.weights().function()
          + scope.weights().longerFunction() * (length - 1);
    }
    int content = length;
    while (content > 1 && smallWord[mention.from() + content - 1]) {
      content--;
    }
    double covered =
        content * scope.weights().content() + (length - content) * scope.weights().function();
    return mention.quality() * covered
        + scope.weights().longerName() * (content - 1)
        - (isCommand(mention) ? scope.weights().commandNoun() : 0);
  }

  private void fill(List<Mention> mentions, List<Brackets.Read> enclosed, int end) {
    Deque<Edge> agenda = new ArrayDeque<>();
    for (Brackets.Read read : enclosed) {
      Mention brackets =
          new Mention(
              end - 1,
              end,
              new Meaning.Enclosed(tokens.get(end - 1).text()),
              1,
              Mention.Found.EXACT);
      agenda.add(
          new Edge(
              end - 1,
              end,
              read.part(),
              scope.weights().content(),
              "",
              List.of(brackets),
              read.edges()));
    }
    for (Mention mention : mentions) {
      agenda.add(
          new Edge(
              mention.from(),
              mention.to(),
              mention.meaning(),
              score(mention),
              "",
              List.of(mention),
              List.of()));
    }
    while (!agenda.isEmpty() && size < MOST_EDGES) {
      Edge edge = agenda.removeFirst();
      if (!add(edge)) {
        continue;
      }
      for (Patterns.Pattern pattern : patterns.endingWith(edge.part())) {
        int last = pattern.slots().size() - 1;
        if (pattern.slots().get(last).accepts(edge.part())) {
          Edge[] matched = new Edge[pattern.slots().size()];
          matched[last] = edge;
          match(pattern, last - 1, matched, agenda);
        }
      }
    }
  }

  /** Adds an edge unless one at least as good over the same tokens means the same. */
  private boolean add(Edge edge) {
    List<Edge> same = endingAt.get(edge.to());
    for (int i = 0; i < same.size(); i++) {
      Edge other = same.get(i);
      if (other.from() == edge.from()
          && other.part().equals(edge.part())
          && other.kept().equals(edge.kept())) {
        if (other.score() >= edge.score()) {
          return false;
        }
        same.remove(i);
        startingAt.get(edge.from()).remove(other);
        size--;
        break;
      }
    }
    same.add(edge);
    startingAt.get(edge.from()).add(edge);
    size++;
    return true;
  }

  private void match(Patterns.Pattern pattern, int slot, Edge[] matched, Deque<Edge> agenda) {
    if (slot < 0) {
      apply(pattern, matched, agenda);
      return;
    }
    Slot wanted = pattern.slots().get(slot);
    int end = matched[slot + 1].from();
    while (true) {
      List<Edge> before = endingAt.get(end);
      for (int i = 0; i < before.size(); i++) {
        Edge edge = before.get(i);
        if (wanted.accepts(edge.part())) {
          matched[slot] = edge;
          match(pattern, slot - 1, matched, agenda);
        }
      }
      if (end == 0 || !transparent[end - 1]) {
        return;
      }
      end--;
    }
  }

  /** The word that is in the plural when the part is: of "lines of business" the first. */
  private String head(Edge edge) {
    for (Edge named : edge.parts()) {
      if (named.part() == edge.part()) {
        return head(named);
      }
    }
    if (edge.part() instanceof Meaning) {
      for (int i = edge.from() + 1; i < edge.to() - 1; i++) {
        if (transparent[i] || preposition[i]) {
          return tokens.get(i - 1).plain();
        }
      }
    }
    return tokens.get(edge.to() - 1).plain();
  }

  /** "who did not book" is said of what is called booked, in the plain form of the verb. */
  private boolean isNotDone(Edge not, Edge edge) {
    return (not.part().equals(new Meaning.FunctionWord(Role.NONE))
            || not.part().equals(new Meaning.FunctionWord(Role.NOT)))
        && edge.part() instanceof Meaning.ColumnName
        && edge.mentions().stream().allMatch(m -> m.found() == Mention.Found.INFLECTED)
        && !vocabulary.isPlural(tokens.get(edge.to() - 1).plain());
  }

  private void apply(Patterns.Pattern pattern, Edge[] matched, Deque<Edge> agenda) {
    int slots = pattern.rule().slots().size();
    List<Optional<Part>> parts =
        new ArrayList<>(java.util.Collections.nCopies(slots, Optional.empty()));
    List<Boolean> plural = new ArrayList<>(java.util.Collections.nCopies(slots, false));
    List<Boolean> participle = new ArrayList<>(java.util.Collections.nCopies(slots, false));
    List<Boolean> adjoining = new ArrayList<>(java.util.Collections.nCopies(slots, true));
    List<Boolean> dashed = new ArrayList<>(java.util.Collections.nCopies(slots, false));
    double score = scope.weights().bonusOf(pattern.rule().name(), pattern.rule().bonus());
    List<Mention> mentions = new ArrayList<>();
    for (int i = 0; i < matched.length; i++) {
      parts.set(pattern.places()[i], Optional.of(matched[i].part()));
      String lastWord = tokens.get(matched[i].to() - 1).plain();
      plural.set(pattern.places()[i], vocabulary.isPlural(head(matched[i])));
      participle.set(
          pattern.places()[i],
          vocabulary.isParticiple(lastWord) || i > 0 && isNotDone(matched[i - 1], matched[i]));
      adjoining.set(pattern.places()[i], i == 0 || matched[i - 1].to() == matched[i].from());
      dashed.set(pattern.places()[i], tokens.get(matched[i].from()).afterDash());
      score += matched[i].score();
      mentions.addAll(matched[i].mentions());
    }
    double total = score;
    List<Edge> edges = List.of(matched);
    List<Edge> called = edges.stream().filter(e -> e.kept().isPresent()).toList();
    if (called.size() > 1) {
      return;
    }
    Optional<Filter> kept = called.isEmpty() ? Optional.empty() : called.get(0).kept();
    boolean alone = kept.isPresent() && matched.length == 1;
    pattern
        .rule()
        .apply(
            new Match(parts, plural, participle, adjoining, dashed, matched[0].from()),
            scope,
            part -> {
              Edge edge =
                  new Edge(
                      matched[0].from(),
                      matched[matched.length - 1].to(),
                      part,
                      total,
                      pattern.rule().name(),
                      mentions,
                      edges);
              // Rows that are called by a value are a noun only beside what asks for one.
              boolean idle = alone && !(part instanceof Phrase.Groupable);
              if (idle || kept.isPresent() && isApart(part)) {
                return;
              }
              if (!(part instanceof Phrase.CalledRows rows)) {
                agenda.addLast(edge.keeping(kept));
              } else if (mentions.stream().allMatch(this::isOwnForm)) {
                double less = plural.get(0) ? 0 : scope.weights().singularRows();
                agenda.addLast(edge.called(rows, less));
              }
            });
  }

  /** Whether a value is said in a form of its own: "staff" is no "staffed". */
  private boolean isOwnForm(Mention mention) {
    return mention.meaning() instanceof Meaning.ValueName
        && mention.quality() != scope.weights().sameStem();
  }

  /** Whether the part has no rows of its own that a value may narrow. */
  private static boolean isApart(Part part) {
    return part instanceof Contribution.Edit
        || part instanceof Contribution.ShareOf
        || part instanceof Contribution.Measures measures
            && measures.measures().stream().anyMatch(Measure.Narrowed.class::isInstance)
        || part instanceof Contribution.Narrowing n && n.filter() instanceof Filter.Missing;
  }

  /** The edges that start at a token, in the order in which they were built. */
  List<Edge> startingAt(int token) {
    return startingAt.get(token);
  }

  int size() {
    return size;
  }
}
