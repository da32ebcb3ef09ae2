package org.ropebridge.reading;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.ropebridge.lexicon.Token;
import org.ropebridge.lexicon.Tokens;
import org.ropebridge.lexicon.Vocabulary;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.model.SampleQuestion;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.Plan;
import org.ropebridge.plan.PlanCheck;
import org.ropebridge.reading.rule.Contribution;

/**
 * Reads a question that is an agreed sample question but for its values, period or grouping: it
 * means what the sample means, with these in their place.
 *
 * <pre>
 *   sample:    What did [Ossel] earn [last quarter]?  means  revenue for valley Ossel, last quarter
 *   question:  What did [Quill] earn [in 2025]?       means  revenue for valley Quill, in 2025
 * </pre>
 *
 * <p>What stands in brackets is found by the same rules as in any question. Only what the sample's
 * meaning has, too, can be replaced; all other words must be those of the sample.
 */
final class Analogies {
  /** More ways to cut a question are not looked at. */
  private static final int MOST_SEQUENCES = 8;

  private final List<Template> templates = new ArrayList<>();
  private final Vocabulary vocabulary;
  private final PlanCheck check;

  /** What may differ: values of a column, the period, or what is broken down by. */
  private record Slot(String kind, Optional<ColumnRef> column) {}

  /** A word of a sample, or a place where something else may stand. */
  private record Element(String stem, Optional<Slot> slot, Contribution original) {}

  /**
   * A sample question as others are compared with it.
   *
   * @param words the stems that a question must have; looked at for every question
   */
  private record Template(
      SampleQuestion sample, Plan plan, List<Element> elements, Set<String> words) {}

  /**
   * A question that follows a sample.
   *
   * @param slots the stretches of tokens that stand in its slots
   */
  record Followed(SampleQuestion sample, Plan plan, Sequence sequence, List<int[]> slots) {}

  Analogies(Vocabulary vocabulary, PlanCheck check) {
    this.vocabulary = vocabulary;
    this.check = check;
  }

  /**
   * Learns a sample question.
   *
   * @param asked its words, as they are cut
   * @param plan what it means
   */
  void learn(SampleQuestion sample, Parser.Parsed asked, Plan plan) {
    List<Element> elements = new ArrayList<>();
    Map<Integer, Edge> edges = edges(asked.sequences().get(0));
    int slots = 0;
    for (int i = 0; i < asked.tokens().size(); ) {
      Edge edge = edges.get(i);
      Optional<Slot> slot = edge == null ? Optional.empty() : slot((Contribution) edge.part());
      if (slot.isPresent() && isIn(plan, (Contribution) edge.part())) {
        elements.add(new Element("", slot, (Contribution) edge.part()));
        i = edge.to();
        slots++;
      } else {
        if (isWord(asked.tokens().get(i))) {
          elements.add(new Element(stem(asked.tokens().get(i)), Optional.empty(), null));
        }
        i++;
      }
    }
    if (slots > 0 && slots < elements.size()) {
      Set<String> words = new HashSet<>();
      elements.stream().filter(e -> e.slot().isEmpty()).forEach(e -> words.add(e.stem()));
      templates.add(new Template(sample, plan, elements, words));
    }
  }

  /** Whether a question has all the words of some sample, so that it is worth to be cut. */
  boolean mayFollow(String question) {
    if (templates.isEmpty()) {
      return false;
    }
    Set<String> stems = new HashSet<>();
    Tokens.of(question, vocabulary.writing()).stream()
        .filter(Analogies::isWord)
        .forEach(t -> stems.add(stem(t)));
    return templates.stream().anyMatch(t -> stems.containsAll(t.words()));
  }

  /** What a question means by a sample that it is like; empty when it is like none. */
  Optional<Followed> follow(Parser.Parsed question) {
    for (Sequence sequence : question.sequences().stream().limit(MOST_SEQUENCES).toList()) {
      Map<Integer, Edge> edges = edges(sequence);
      for (Template template : templates) {
        Optional<Followed> followed = follow(template, question, sequence, edges);
        if (followed.isPresent()) {
          return followed;
        }
      }
    }
    return Optional.empty();
  }

  private Optional<Followed> follow(
      Template template, Parser.Parsed question, Sequence sequence, Map<Integer, Edge> edges) {
    List<int[]> slots = new ArrayList<>();
    Plan plan = template.plan();
    int at = 0;
    for (Element element : template.elements()) {
      at = nextWord(question.tokens(), at);
      if (at == question.tokens().size()) {
        return Optional.empty();
      }
      if (element.slot().isEmpty()) {
        if (!stem(question.tokens().get(at)).equals(element.stem())) {
          return Optional.empty();
        }
        at++;
        continue;
      }
      Edge edge = edges.get(at);
      boolean fits = edge != null && slot((Contribution) edge.part()).equals(element.slot());
      if (!fits) {
        return Optional.empty();
      }
      plan = with(plan, element.original(), (Contribution) edge.part());
      slots.add(new int[] {edge.from(), edge.to()});
      at = edge.to();
    }
    boolean whole = nextWord(question.tokens(), at) == question.tokens().size();
    return whole && check.faults(plan).isEmpty()
        ? Optional.of(new Followed(template.sample(), plan, sequence, slots))
        : Optional.empty();
  }

  /** What could stand in slots, by where it begins; also as a part of something larger. */
  private static Map<Integer, Edge> edges(Sequence sequence) {
    Map<Integer, Edge> edges = new HashMap<>();
    sequence.edges().forEach(e -> addSlots(e, edges));
    return edges;
  }

  private static void addSlots(Edge edge, Map<Integer, Edge> edges) {
    if (edge.inBrackets()) {
      return;
    }
    if (edge.part() instanceof Contribution part && slot(part).isPresent()) {
      edges.put(edge.from(), edge);
    } else {
      edge.parts().forEach(p -> addSlots(p, edges));
    }
  }

  private static Optional<Slot> slot(Contribution part) {
    if (part instanceof Contribution.Groupings by && by.groupings().size() == 1) {
      return Optional.of(new Slot("grouping", Optional.empty()));
    } else if (part instanceof Contribution.Narrowing narrowing) {
      if (narrowing.filter() instanceof Filter.InValues in && !in.negated()) {
        return Optional.of(new Slot("values", Optional.of(in.column())));
      } else if (narrowing.filter() instanceof Filter.InPeriod in && !in.negated()) {
        return Optional.of(new Slot("period", in.date()));
      }
    }
    return Optional.empty();
  }

  private static boolean isIn(Plan plan, Contribution part) {
    return part instanceof Contribution.Groupings by
        ? plan.groupings().contains(by.groupings().get(0))
        : plan.filters().contains(((Contribution.Narrowing) part).filter());
  }

  private static Plan with(Plan plan, Contribution original, Contribution other) {
    if (original instanceof Contribution.Groupings was) {
      Grouping instead = ((Contribution.Groupings) other).groupings().get(0);
      return plan.withGroupings(
          plan.groupings().stream()
              .map(g -> g.equals(was.groupings().get(0)) ? instead : g)
              .toList());
    }
    Filter was = ((Contribution.Narrowing) original).filter();
    Filter instead = ((Contribution.Narrowing) other).filter();
    return plan.withFilters(plan.filters().stream().map(f -> f.equals(was) ? instead : f).toList());
  }

  private static int nextWord(List<Token> tokens, int from) {
    int at = from;
    while (at < tokens.size() && !isWord(tokens.get(at))) {
      at++;
    }
    return at;
  }

  private static boolean isWord(Token token) {
    return token.kind() != Token.Kind.STOP && token.kind() != Token.Kind.SIGN;
  }

  private String stem(Token token) {
    return vocabulary.stem(token.plain());
  }
}
