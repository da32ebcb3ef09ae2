package org.ropebridge.reading;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Token;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.Plan;
import org.ropebridge.plan.PlanCheck;
import org.ropebridge.reading.rule.Contribution;
import org.ropebridge.reading.rule.Phrase;
import org.ropebridge.reading.rule.Scope;

/**
 * Reads what stands in round brackets by itself and puts one token in its place. Restatements set
 * off with brackets what belongs together; brackets around anything else are passed over.
 */
final class Brackets {
  private static final int DEEPEST = 4;
  private final Scope scope;
  private final PlanCheck check;
  private final Function<Folded, List<Sequence>> sequences;

  Brackets(Scope scope, PlanCheck check, Function<Folded, List<Sequence>> sequences) {
    this.scope = scope;
    this.check = check;
    this.sequences = sequences;
  }

  /**
   * Tokens without brackets.
   *
   * @param enclosed what the tokens that stand for brackets may be, by their places
   */
  record Folded(List<Token> tokens, Map<Integer, List<Read>> enclosed) {}

  /** What a stretch may be, and the edges that it was made of. */
  record Read(Part part, List<Edge> edges) {}

  Folded fold(List<Token> tokens) {
    return fold(tokens, 0);
  }

  private Folded fold(List<Token> tokens, int depth) {
    List<Token> folded = new ArrayList<>();
    Map<Integer, List<Read>> enclosed = new HashMap<>();
    for (int i = 0; i < tokens.size(); i++) {
      int end = isOpening(tokens.get(i)) ? closing(tokens, i) : -1;
      if (end > i + 1 && depth < DEEPEST) {
        List<Token> inner = tokens.subList(i + 1, end);
        List<Read> parts = parts(fold(inner, depth + 1));
        if (!parts.isEmpty()) {
          enclosed.put(folded.size(), parts);
          folded.add(token(tokens.subList(i, end + 1)));
          i = end;
          continue;
        }
      }
      if (!isBracket(tokens.get(i))) {
        folded.add(tokens.get(i));
      }
    }
    return new Folded(folded, enclosed);
  }

  private static boolean isOpening(Token token) {
    return token.text().equals("(");
  }

  private static boolean isBracket(Token token) {
    return isOpening(token) || token.text().equals(")");
  }

  private static int closing(List<Token> tokens, int opening) {
    int open = 0;
    for (int i = opening; i < tokens.size(); i++) {
      if (isOpening(tokens.get(i))) {
        open++;
      } else if (isBracket(tokens.get(i)) && --open == 0) {
        return i;
      }
    }
    return -1;
  }

  private static Token token(List<Token> tokens) {
    String text = String.join(" ", tokens.stream().map(Token::text).toList());
    return new Token(
        Token.Kind.ENCLOSED,
        text,
        "",
        tokens.get(0).start(),
        tokens.get(tokens.size() - 1).end(),
        false);
  }

  /** What the stretch may be: for each kind of part the best way to read it so. */
  private List<Read> parts(Folded inner) {
    List<Sequence> all = sequences.apply(inner).stream().filter(s -> s.unread().isEmpty()).toList();
    List<Read> parts = new ArrayList<>();
    first(all, Brackets::filters).ifPresent(parts::add);
    first(all, Brackets::measure).ifPresent(parts::add);
    first(all, Brackets::rows).ifPresent(parts::add);
    first(all, this::plan).ifPresent(parts::add);
    return parts;
  }

  private static Optional<Read> first(
      List<Sequence> sequences, Function<Sequence, Optional<Part>> kind) {
    return sequences.stream()
        .flatMap(
            s ->
                kind
                    .apply(s)
                    .map(p -> new Read(p, s.edges().stream().map(Edge::bracketed).toList()))
                    .stream())
        .findFirst();
  }

  private static List<Part> contributions(Sequence sequence) {
    return sequence.edges().stream().map(Edge::part).toList();
  }

  private static Optional<Part> filters(Sequence sequence) {
    List<Part> parts = contributions(sequence);
    boolean only =
        !parts.isEmpty() && parts.stream().allMatch(Contribution.Narrowing.class::isInstance);
    return only ? Optional.of(new Phrase.EnclosedFilters(narrowing(parts))) : Optional.empty();
  }

  private static List<Filter> narrowing(List<Part> parts) {
    return parts.stream().map(p -> ((Contribution.Narrowing) p).filter()).toList();
  }

  private static Optional<Part> measure(Sequence sequence) {
    List<Part> parts = contributions(sequence);
    if (parts.size() == 1 && parts.get(0) instanceof Contribution.ShareOf share) {
      return Optional.of(
          new Phrase.EnclosedFigure(new Measure.Share(share.of(), Optional.empty())));
    }
    if (parts.size() != 1
        || !(parts.get(0) instanceof Contribution.Measures m)
        || m.measures().size() != 1) {
      return Optional.empty();
    }
    Measure measure = m.measures().get(0);
    return Optional.of(
        measure instanceof Measure.Plain plain
            ? new Phrase.EnclosedMeasure(plain)
            : new Phrase.EnclosedFigure((Measure.Figure) measure));
  }

  private static Optional<Part> rows(Sequence sequence) {
    List<Part> parts = contributions(sequence);
    if (parts.isEmpty()
        || !parts.subList(1, parts.size()).stream()
            .allMatch(Contribution.Narrowing.class::isInstance)) {
      return Optional.empty();
    }
    List<Filter> filters = narrowing(parts.subList(1, parts.size()));
    if (parts.get(0) instanceof Contribution.Noun noun) {
      return Optional.of(new Phrase.EnclosedRows(noun.table(), Optional.empty(), filters));
    } else if (parts.get(0) instanceof Contribution.NounVia noun) {
      return Optional.of(new Phrase.EnclosedRows(noun.table(), Optional.of(noun.role()), filters));
    }
    return Optional.empty();
  }

  private Optional<Part> plan(Sequence sequence) {
    Optional<Plan> plan = Assembly.of(sequence, scope).map(Assembly.Result::plan);
    return plan.filter(p -> check.faults(p).isEmpty()).map(Phrase.EnclosedPlan::new);
  }
}
