package org.ropebridge.reading;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Role;
import org.ropebridge.lexicon.Token;
import org.ropebridge.lexicon.Tokens;
import org.ropebridge.lexicon.Vocabulary;
import org.ropebridge.lexicon.Writing;
import org.ropebridge.model.Metric;
import org.ropebridge.model.Model;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.Plan;

/**
 * Makes metrics of plain words. What the words name is read as questions are; only how the parts
 * are put together is added here, because a question's arithmetic has two parts and a metric's as
 * many as it needs.
 *
 * <pre>
 *   "revenue minus refunds, per guest night"
 *   -> (coalesce(revenue, 0) - coalesce(refunds, 0)) / guest_nights
 * </pre>
 *
 * <p>"per" after a sum or difference divides all of it; before one, its own neighbour. Brackets and
 * a comma in front of the last operator say otherwise.
 */
public final class MetricWords {
  private static final int LONGEST_OPERATOR = 3;
  private static final int MOST_PARTS = 12;

  private final Model model;
  private final QuestionReader reader;
  private final Writing writing;
  private final Map<String, Measure.Operator> operators = new LinkedHashMap<>();
  private final Set<String> per = new LinkedHashSet<>();

  public MetricWords(Model model, QuestionReader reader, Vocabulary vocabulary) {
    this.model = model;
    this.reader = reader;
    this.writing = vocabulary.writing();
    vocabulary
        .words()
        .forEach(
            (phrase, meanings) -> {
              for (Meaning meaning : meanings) {
                if (meaning instanceof Meaning.OperatorWord word) {
                  operators.put(phrase, word.operator());
                } else if (meaning instanceof Meaning.FunctionWord word
                    && word.role() == Role.PER) {
                  operators.put(phrase, Measure.Operator.DIVIDED_BY);
                  per.add(phrase);
                }
              }
            });
  }

  /**
   * Metrics for some words.
   *
   * @param metrics the one that was asked for, last, and before it those that it needs and the
   *     model does not have; empty when the words cannot be read
   * @param words how the words were understood, with brackets; empty without metrics
   * @param remarks what an author should know, such as what becomes of missing values
   * @param reason why there are none; empty when there are
   */
  public record Proposed(List<Metric> metrics, String words, List<String> remarks, String reason) {
    public Proposed {
      metrics = List.copyOf(metrics);
      remarks = List.copyOf(remarks);
    }
  }

  /** The words cannot become a metric; the message says why. */
  private static final class Unfit extends RuntimeException {
    private static final long serialVersionUID = 1L;

    Unfit(String message) {
      super(message);
    }
  }

  /**
   * Proposes a metric.
   *
   * @param name the identifier that it shall have
   */
  public Proposed propose(String name, String words) {
    if (model.findMetric(name).isPresent()) {
      return refused("There is a metric \"" + name + "\" already. Choose another name.");
    }
    try {
      Term term = term(Tokens.of(words, writing), words);
      return new MetricWriting(model, reader.restatement()).write(name, term);
    } catch (Unfit | MetricWriting.Unfit e) {
      return refused(e.getMessage());
    }
  }

  private static Proposed refused(String reason) {
    return new Proposed(List.of(), "", List.of(), reason);
  }

  /** What a metric is computed from. */
  sealed interface Term {
    /** A measure of the model, and the rows that it is limited to. */
    record Leaf(Measure.Basic measure, List<Filter> filters) implements Term {}

    record Operation(Measure.Operator operator, Term left, Term right) implements Term {}

    record Number(BigDecimal value) implements Term {}
  }

  private Term term(List<Token> tokens, String text) {
    if (tokens.isEmpty()) {
      throw new Unfit("Something is missing beside \"" + text.strip() + "\".");
    } else if (tokens.size() > MOST_PARTS * LONGEST_OPERATOR * 2) {
      throw new Unfit("That is too long for one metric. Make several, and put them together.");
    }
    List<Token> inner = withoutOuterBrackets(tokens);
    if (inner.size() == 1 && inner.get(0).kind() == Token.Kind.NUMBER) {
      return new Term.Number(new BigDecimal(inner.get(0).plain().replace(",", "")));
    }
    Optional<Term> whole = read(inner, text);
    if (whole.isPresent()) {
      return whole.get();
    }
    return split(inner)
        .map(at -> operation(inner, at, text))
        .orElseThrow(() -> new Unfit(unreadable(inner, text)));
  }

  private Term operation(List<Token> tokens, Split at, String text) {
    int before = at.from() > 0 && isComma(tokens.get(at.from() - 1)) ? at.from() - 1 : at.from();
    return new Term.Operation(
        at.operator(),
        term(tokens.subList(0, before), text),
        term(tokens.subList(at.to(), tokens.size()), text));
  }

  private String unreadable(List<Token> tokens, String text) {
    Reading reading = reader.read(between(tokens, text));
    if (reading.status() == Reading.Status.ANSWERED) {
      return "\""
          + between(tokens, text)
          + "\" is not one number by itself: a metric has no breakdown, no period and no comparison;"
          + " those are said when it is asked for.";
    }
    return "\"" + between(tokens, text) + "\" cannot be read: " + reading.reason();
  }

  private static String between(List<Token> tokens, String text) {
    return text.substring(tokens.get(0).start(), tokens.get(tokens.size() - 1).end());
  }

  // ---- where the words are cut

  /** An operator between two parts. */
  private record Split(int from, int to, Measure.Operator operator, boolean isPer) {
    boolean adds() {
      return operator == Measure.Operator.PLUS || operator == Measure.Operator.MINUS;
    }
  }

  /** The operator that is applied last. */
  private Optional<Split> split(List<Token> tokens) {
    List<Split> splits = splits(tokens);
    if (splits.isEmpty()) {
      return Optional.empty();
    }
    Split last = splits.get(splits.size() - 1);
    boolean afterComma = last.from() > 0 && isComma(tokens.get(last.from() - 1));
    boolean dividesAll =
        last.isPer() && splits.stream().filter(s -> !s.adds()).count() == 1 && splits.size() > 1;
    if (afterComma || dividesAll) {
      return Optional.of(last);
    }
    return Stream.concat(
            splits.stream().filter(Split::adds).reduce((a, b) -> b).stream(), Stream.of(last))
        .findFirst();
  }

  private List<Split> splits(List<Token> tokens) {
    List<Split> splits = new ArrayList<>();
    int depth = 0;
    for (int i = 0; i < tokens.size(); i++) {
      depth += depth(tokens.get(i));
      Optional<Split> here = depth == 0 ? operatorAt(tokens, i) : Optional.empty();
      if (here.isPresent() && i > 0 && here.get().to() < tokens.size()) {
        splits.add(here.get());
        i = here.get().to() - 1;
      }
    }
    return splits;
  }

  private Optional<Split> operatorAt(List<Token> tokens, int from) {
    for (int length = LONGEST_OPERATOR; length > 0; length--) {
      if (from + length <= tokens.size()) {
        String phrase =
            String.join(
                " ", tokens.subList(from, from + length).stream().map(Token::plain).toList());
        Measure.Operator operator =
            phrase.equals("/") ? Measure.Operator.DIVIDED_BY : operators.get(phrase);
        if (operator != null) {
          return Optional.of(new Split(from, from + length, operator, per.contains(phrase)));
        }
      }
    }
    return Optional.empty();
  }

  private static int depth(Token token) {
    return token.plain().equals("(") ? 1 : token.plain().equals(")") ? -1 : 0;
  }

  private static boolean isComma(Token token) {
    return token.plain().equals(",");
  }

  private static List<Token> withoutOuterBrackets(List<Token> tokens) {
    int depth = 0;
    for (int i = 0; i < tokens.size(); i++) {
      depth += depth(tokens.get(i));
      if (depth == 0 && i < tokens.size() - 1) {
        return tokens;
      }
    }
    boolean enclosed = tokens.size() > 2 && depth(tokens.get(0)) == 1;
    return enclosed ? withoutOuterBrackets(tokens.subList(1, tokens.size() - 1)) : tokens;
  }

  // ---- what the parts are

  /** The words as one measure, when they are one. */
  private Optional<Term> read(List<Token> tokens, String text) {
    Reading reading = reader.read(between(tokens, text));
    if (reading.status() != Reading.Status.ANSWERED || reading.plan().isEmpty()) {
      return Optional.empty();
    }
    Plan plan = reading.plan().get();
    boolean alone =
        plan.measures().size() == 1
            && plan.equals(Plan.of(plan.measures().get(0), List.of(), plan.filters()));
    return alone && plan.measures().get(0) instanceof Measure.Plain plain
        ? of(plain, f -> Stream.concat(f.stream(), plan.filters().stream()).toList())
        : Optional.empty();
  }

  private static Optional<Term> of(Measure.Plain measure, UnaryOperator<List<Filter>> limited) {
    if (measure instanceof Measure.Basic basic) {
      return Optional.of(new Term.Leaf(basic, limited.apply(List.of())));
    } else if (measure instanceof Measure.Narrowed narrowed) {
      return Optional.of(new Term.Leaf(narrowed.of(), limited.apply(narrowed.filters())));
    } else if (measure instanceof Measure.Portion portion) {
      return Optional.of(
          new Term.Operation(
              Measure.Operator.DIVIDED_BY,
              new Term.Leaf(portion.of(), limited.apply(portion.filters())),
              new Term.Leaf(portion.of(), limited.apply(List.of()))));
    } else if (measure instanceof Measure.Arithmetic arithmetic) {
      Optional<Term> left = of(arithmetic.left(), limited);
      Optional<Term> right = of(arithmetic.right(), limited);
      return left.isPresent() && right.isPresent()
          ? Optional.of(
              times(
                  new Term.Operation(arithmetic.operator(), left.get(), right.get()),
                  arithmetic.factor()))
          : Optional.empty();
    }
    return Optional.empty();
  }

  private static Term times(Term term, BigDecimal factor) {
    return factor.compareTo(BigDecimal.ONE) == 0
        ? term
        : new Term.Operation(Measure.Operator.TIMES, term, new Term.Number(factor));
  }
}
