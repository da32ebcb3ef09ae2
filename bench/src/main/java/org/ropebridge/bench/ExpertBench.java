package org.ropebridge.bench;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.ropebridge.access.Access;
import org.ropebridge.language.LanguagePack;
import org.ropebridge.model.Model;
import org.ropebridge.reading.QuestionReader;
import org.ropebridge.reading.Reading;
import org.ropebridge.sql.ConstraintSql;
import org.ropebridge.sql.Guarantees;
import org.ropebridge.sql.SqlQuery;
import org.ropebridge.sql.SqlWriter;

/**
 * Runs the SQL that the demo's questions become, and in turn the SQL that was written for them by
 * hand, on a warehouse that holds the demo's tables; prints how many times as long the one takes.
 * Only questions with the same values are compared, as {@code bench/run questions} finds them.
 *
 * <p>The SQL by hand of {@code /questions} says which values are right, in any order. Where an
 * answer is put in an order and cut to the rows that a page shows, the SQL by hand of {@code
 * /expert} does the same.
 *
 * <p>{@code ExpertBench JDBC-URL ROUNDS [MOST-QUESTIONS]}
 */
public final class ExpertBench {
  private static final double WORTH_A_WORD = 1.3;

  /** Both are planned anew each time; a plan that is kept would help the one without parameters. */
  private static final String SETTINGS = "&stringtype=unspecified&prepareThreshold=0";

  private static final double SHORT_MILLIS = 20;

  /** Short statements are run more often: a hiccup of the machine is as long as they are. */
  private static final int TIMES_AS_OFTEN = 10;

  private static final int LONGEST_SECONDS = 60;

  /** PostgreSQL's "query_canceled". */
  private static final String STOPPED = "57014";

  private final Connection connection;
  private final int rounds;

  private ExpertBench(Connection connection, int rounds) {
    this.connection = connection;
    this.rounds = rounds;
  }

  /** A question and the medians of both, in milliseconds. */
  private record Compared(String question, double ours, double byHand) {
    double ratio() {
      return ours / byHand;
    }
  }

  public static void main(String[] args) throws SQLException {
    try (Connection connection = DriverManager.getConnection(args[0] + SETTINGS)) {
      connection.setReadOnly(true);
      try (Statement statement = connection.createStatement()) {
        statement.execute("set search_path to hut, safety, member");
        statement.execute("set jit to off");
        statement.execute("set statement_timeout to '" + LONGEST_SECONDS + "s'");
      }
      new ExpertBench(connection, Integer.parseInt(args[1]))
          .run(args.length > 2 ? Integer.parseInt(args[2]) : 60);
    }
  }

  private void run(int most) throws SQLException {
    Model model = PracticeModels.model("huts");
    QuestionReader reader =
        new QuestionReader(
            model,
            PracticeModels.values(model, connection),
            LanguagePack.ENGLISH,
            model.calendar().fixedToday().orElseThrow());
    SqlWriter writer =
        new SqlWriter(
            Access.unlimited(model), reader.periods(), reader.restatement(), guarantees(model));
    Map<String, String> whole = new HashMap<>();
    for (String line : PracticeModels.lines("/expert/huts.tsv")) {
      String[] cells = line.split("\t");
      whole.put(cells[0], cells[1]);
    }
    List<Compared> compared = new ArrayList<>();
    for (String line : PracticeModels.lines("/questions/huts.tsv")) {
      if (line.startsWith("#") || compared.size() == most) {
        continue;
      }
      QuestionBench.Question question = QuestionBench.Question.of(line);
      Reading reading = reader.read(question.ask());
      boolean fit =
          reading.status() == Reading.Status.ANSWERED && !question.expected().startsWith("!");
      if (fit) {
        String byHand = whole.getOrDefault(question.ask(), question.expected());
        compared.add(compare(question.ask(), writer.write(reading.plan().orElseThrow()), byHand));
      }
    }
    report(compared);
  }

  private Guarantees guarantees(Model model) throws SQLException {
    List<List<Object>> rows = new ArrayList<>();
    try (Statement statement = connection.createStatement();
        ResultSet result = statement.executeQuery(ConstraintSql.TEXT)) {
      while (result.next()) {
        rows.add(Arrays.asList(result.getObject(1), result.getObject(2)));
      }
    }
    return ConstraintSql.guarantees(model, model.sources().keySet().iterator().next(), rows);
  }

  private Compared compare(String question, SqlQuery query, String sql) throws SQLException {
    List<Double> ours = new ArrayList<>();
    List<Double> byHand = new ArrayList<>();
    time(query.text(), query.parameters());
    int most = time(sql, List.of()) < SHORT_MILLIS ? rounds * TIMES_AS_OFTEN : rounds;
    for (int round = 0; round < most; round++) {
      ours.add(time(query.text(), query.parameters()));
      byHand.add(time(sql, List.of()));
    }
    Compared compared = new Compared(question, median(ours), median(byHand));
    System.err.println(compared);
    return compared;
  }

  private double time(String sql, List<Object> parameters) throws SQLException {
    long before = System.nanoTime();
    try (PreparedStatement statement = connection.prepareStatement(sql)) {
      for (int i = 0; i < parameters.size(); i++) {
        statement.setObject(i + 1, parameters.get(i));
      }
      try (ResultSet result = statement.executeQuery()) {
        while (result.next()) {
          result.getObject(1);
        }
      }
    } catch (SQLException e) {
      if (!STOPPED.equals(e.getSQLState())) {
        throw e;
      }
    }
    return (System.nanoTime() - before) / 1e6;
  }

  private static double median(List<Double> times) {
    Collections.sort(times);
    return times.get(times.size() / 2);
  }

  private static String remark(Compared one) {
    return Math.max(one.ours(), one.byHand()) >= LONGEST_SECONDS * 1e3 ? " (stopped)" : "";
  }

  private static void report(List<Compared> compared) {
    List<Compared> sorted = new ArrayList<>(compared);
    sorted.sort(Comparator.comparingDouble(Compared::ratio));
    System.out.printf(
        Locale.ROOT,
        "%d questions: median ratio %.2f, worst %.2f%n",
        sorted.size(),
        sorted.get(sorted.size() / 2).ratio(),
        sorted.get(sorted.size() - 1).ratio());
    for (Compared one : sorted) {
      if (one.ratio() > WORTH_A_WORD) {
        System.out.printf(
            Locale.ROOT,
            "  %.2f  %s: %.1f ms, by hand %.1f ms%s%n",
            one.ratio(),
            one.question(),
            one.ours(),
            one.byHand(),
            remark(one));
      }
    }
  }
}
