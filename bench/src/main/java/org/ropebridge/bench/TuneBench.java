package org.ropebridge.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.DoubleFunction;
import java.util.stream.DoubleStream;
import org.ropebridge.bench.QuestionBench.Outcome;
import org.ropebridge.bench.QuestionBench.Question;
import org.ropebridge.lexicon.Weights;
import org.ropebridge.reading.QuestionReader;
import org.ropebridge.reading.Reading;
import org.ropebridge.reading.rule.Grammar;
import org.ropebridge.reading.rule.Rule;

/**
 * Looks for the weights that read best. One weight after another is tried at other values; it moves
 * where more is read right, and stays where nothing is gained. What each value gains or loses is
 * printed, which tells how much depends on it.
 *
 * <p>What counts: development questions (one point when the values are right, three less when they
 * are wrong without a warning), the tables of examples of rules and of sections (one point when the
 * restatement is the one of the table), and the restatements of all questions read so far, read
 * back (one point when the plan is the same). Held-back questions are counted at the beginning and
 * at the end and have no part in it.
 *
 * <p>{@code TuneBench SERVER-JDBC-URL weights|rules EXAMPLES.tsv ...}
 */
public final class TuneBench {
  private static final double[] OTHER_VALUES = {0.5, 0.7, 0.85, 1.18, 1.4, 2};
  private static final double[] OTHER_BONUSES = {-0.3, -0.15, 0.15, 0.3};
  private static final int WRONG = -3;

  /** A restatement that a question of a table must have. */
  private record Example(String question, String restatement) {}

  /** A model with its questions; what became of a reading is found once. */
  private static final class Trade {
    private final QuestionBench bench;
    private final List<Question> questions = new ArrayList<>();
    private final Map<List<Object>, Outcome> known = new HashMap<>();
    private final List<Example> examples = new ArrayList<>();

    Trade(String name, QuestionBench bench) {
      this.bench = bench;
      for (String line : PracticeModels.lines("/questions/" + name + ".tsv")) {
        if (!line.startsWith("#")) {
          questions.add(Question.of(line));
        }
      }
    }

    private Outcome outcome(Question question, Reading reading) {
      List<Object> key =
          List.of(question.ask(), reading.status(), reading.plan(), reading.about(), reading.sql());
      Outcome outcome = known.get(key);
      if (outcome == null) {
        outcome = bench.outcome(question, reading);
        known.put(key, outcome);
      }
      return outcome;
    }

    int points(Weights weights) {
      QuestionReader reader = bench.reader(weights);
      int points = 0;
      for (Question question : questions) {
        if (question.part().equals(QuestionBench.HELD_BACK)) {
          continue;
        }
        Reading reading = reader.read(question.ask());
        Outcome outcome = outcome(question, reading);
        points += outcome == Outcome.RIGHT ? 1 : outcome == Outcome.WRONG ? WRONG : 0;
        boolean comesBack =
            reading.plan().isPresent()
                && reader
                    .read(reader.restatement().of(reading.plan().get()))
                    .plan()
                    .equals(reading.plan());
        points += comesBack ? 1 : 0;
      }
      for (Example example : examples) {
        Optional<String> read = reader.read(example.question()).restatement();
        points += read.equals(Optional.of(example.restatement())) ? 1 : 0;
      }
      return points;
    }

    Map<Outcome, Integer> heldBack(Weights weights) {
      QuestionReader reader = bench.reader(weights);
      Map<Outcome, Integer> counts = new TreeMap<>();
      questions.stream()
          .filter(q -> q.part().equals(QuestionBench.HELD_BACK))
          .forEach(q -> counts.merge(outcome(q, reader.read(q.ask())), 1, Integer::sum));
      return counts;
    }
  }

  private final List<Trade> trades;

  private TuneBench(List<Trade> trades) {
    this.trades = trades;
  }

  public static void main(String[] args) throws SQLException, IOException {
    if (args.length < 3 || !List.of("weights", "rules").contains(args[1])) {
      System.err.println("usage: TuneBench SERVER-JDBC-URL weights|rules EXAMPLES.tsv ...");
      System.exit(2);
    }
    List<Connection> open = new ArrayList<>();
    try {
      List<Trade> trades = new ArrayList<>();
      for (String name : PracticeModels.NAMES) {
        open.add(QuestionBench.open(args[0]));
        trades.add(new Trade(name, QuestionBench.of(name, open.get(open.size() - 1))));
      }
      for (String file : List.of(args).subList(2, args.length)) {
        Files.readAllLines(Path.of(file)).stream()
            .filter(l -> !l.startsWith("#"))
            .map(l -> l.split("\t"))
            .filter(c -> c.length == 3 && !c[1].contains(" > "))
            .forEach(c -> trades.get(0).examples.add(new Example(c[1], c[2])));
      }
      TuneBench tune = new TuneBench(trades);
      tune.run(args[1].equals("rules"));
    } finally {
      for (Connection connection : open) {
        connection.close();
      }
    }
  }

  private void run(boolean rules) {
    Weights weights = Weights.STANDARD;
    heldBack("held back, before", weights);
    int points = points(weights);
    System.out.printf(
        Locale.ROOT,
        "%d points, of %d questions and %d examples%n",
        points,
        trades.stream().mapToInt(t -> t.questions.size()).sum(),
        trades.get(0).examples.size());
    for (String name : rules ? ruleNames() : Weights.names()) {
      weights = rules ? bonus(name, weights) : weight(name, weights);
    }
    int after = points(weights);
    System.out.printf(Locale.ROOT, "%d points after%n", after);
    heldBack("held back, after", weights);
  }

  private Weights weight(String name, Weights weights) {
    double now = weights.get(name);
    double[] others = DoubleStream.of(OTHER_VALUES).map(factor -> now * factor).toArray();
    return best(name, now, others, weights, value -> weights.with(name, value));
  }

  private Weights bonus(String rule, Weights weights) {
    double now = weights.bonusOf(rule, byItself(rule));
    double[] others = DoubleStream.of(OTHER_BONUSES).map(more -> now + more).toArray();
    return best(rule, now, others, weights, value -> weights.withBonus(rule, value));
  }

  /** The weights with the value at which most is read right; as they are if nothing is gained. */
  private Weights best(
      String name, double now, double[] others, Weights weights, DoubleFunction<Weights> with) {
    int points = points(weights);
    double best = now;
    int most = points;
    StringBuilder tried = new StringBuilder();
    for (double value : others) {
      int got = points(with.apply(value));
      tried.append(String.format(Locale.ROOT, " %.3g:%+d", value, got - points));
      if (got > most) {
        most = got;
        best = value;
      }
    }
    System.out.printf(
        Locale.ROOT,
        "%-24s %7.3f %s at other values%s%n",
        name,
        best,
        most == points ? "stays;" : "was " + now + ", " + (most - points) + " points more;",
        tried);
    return most == points ? weights : with.apply(best);
  }

  private static List<String> ruleNames() {
    return Grammar.QUESTIONS.rules().stream().map(Rule::name).toList();
  }

  private static double byItself(String rule) {
    return Grammar.QUESTIONS.rules().stream()
        .filter(r -> r.name().equals(rule))
        .findFirst()
        .orElseThrow()
        .bonus();
  }

  private int points(Weights weights) {
    return trades.stream().mapToInt(t -> t.points(weights)).sum();
  }

  private void heldBack(String when, Weights weights) {
    Map<Outcome, Integer> all = new TreeMap<>();
    trades.forEach(t -> t.heldBack(weights).forEach((o, n) -> all.merge(o, n, Integer::sum)));
    System.out.println(when + ": " + all);
  }
}
