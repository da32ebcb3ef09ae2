package org.ropebridge.bench;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import org.ropebridge.access.Access;
import org.ropebridge.answer.Rows;
import org.ropebridge.demo.DemoData;
import org.ropebridge.demo.DemoLoader;
import org.ropebridge.language.LanguagePack;
import org.ropebridge.lexicon.ValueIndex;
import org.ropebridge.lexicon.Weights;
import org.ropebridge.model.Model;
import org.ropebridge.plan.Plan;
import org.ropebridge.reading.QuestionReader;
import org.ropebridge.reading.Reading;
import org.ropebridge.sql.SqlQuery;
import org.ropebridge.sql.SqlWriter;

/**
 * Asks questions with known answers and says how many were right. Each line of a question file has
 * a part, a family, the question, and SQL for the same values, or {@code !declined} or {@code
 * !asked}. The misses of part {@code h}, which is held back, are counted and never listed.
 *
 * <p>Arguments: the URL of a database server's database {@code postgres}, beside which one is made
 * for the questions; then names of models; all when none is given.
 */
public final class QuestionBench {
  static final String HELD_BACK = "h";

  private final Model model;
  private final QuestionReader reader;
  private final SqlWriter writer;
  private final Connection connection;
  private final ValueIndex values;

  /** Asks on a model whose tables are there. */
  QuestionBench(Model model, LocalDate today, Connection connection) {
    this.connection = connection;
    this.model = model;
    this.values = PracticeModels.values(model, connection);
    this.reader = new QuestionReader(model, values, LanguagePack.ENGLISH, today);
    this.writer = new SqlWriter(Access.unlimited(model), reader.periods(), reader.restatement());
  }

  /** Loads the trade's tables and reads its model. */
  static QuestionBench of(String name, Connection connection) throws SQLException {
    load(name, connection);
    Model model = PracticeModels.model(name);
    return new QuestionBench(model, model.calendar().fixedToday().orElseThrow(), connection);
  }

  Model model() {
    return model;
  }

  ValueIndex values() {
    return values;
  }

  QuestionReader reader() {
    return reader;
  }

  /** A reader of the same model with other weights. */
  QuestionReader reader(Weights weights) {
    return new QuestionReader(
        model, values, LanguagePack.ENGLISH, reader.periods().today(), weights);
  }

  /** What became of a question. */
  public enum Outcome {
    RIGHT,
    PARTLY,
    ASKED,
    DECLINED,
    WRONG
  }

  /** A line of a question file. */
  record Question(String part, String family, String ask, String expected) {
    static Question of(String line) {
      String[] cells = line.split("\t", -1);
      if (cells.length != 4) {
        throw new IllegalArgumentException("four cells are expected: " + line);
      }
      return new Question(cells[0], cells[1], cells[2], cells[3]);
    }
  }

  /** Counts of outcomes. */
  static final class Tally {
    private final Map<Outcome, Integer> counts = new EnumMap<>(Outcome.class);

    void add(Outcome outcome) {
      counts.merge(outcome, 1, Integer::sum);
    }

    int of(Outcome outcome) {
      return counts.getOrDefault(outcome, 0);
    }

    int all() {
      return counts.values().stream().mapToInt(i -> i).sum();
    }

    @Override
    public String toString() {
      return String.format(
          Locale.ROOT,
          "%4d asked: %5.1f%% right, %d partly, %d asked back, %d declined, %d wrong",
          all(),
          100.0 * of(Outcome.RIGHT) / Math.max(1, all()),
          of(Outcome.PARTLY),
          of(Outcome.ASKED),
          of(Outcome.DECLINED),
          of(Outcome.WRONG));
    }
  }

  /** Runs the benchmark. */
  public static void main(String[] arguments) throws SQLException {
    List<String> names =
        arguments.length > 1
            ? List.of(arguments).subList(1, arguments.length)
            : PracticeModels.NAMES;
    for (String name : names) {
      try (Connection connection = open(arguments[0])) {
        of(name, connection).run(name);
      }
    }
  }

  /** A connection to a database of its own for the questions, made when it is missing. */
  static Connection open(String server) throws SQLException {
    try (Connection admin = DriverManager.getConnection(server);
        Statement statement = admin.createStatement();
        ResultSet found =
            statement.executeQuery("select 1 from pg_database where datname = 'question_bench'")) {
      if (!found.next()) {
        statement.execute("create database question_bench");
      }
    }
    return DriverManager.getConnection(
        server.replaceFirst("/postgres\\?", "/question_bench?") + "&stringtype=unspecified");
  }

  /** Makes the trade's tables anew. */
  static void load(String name, Connection connection) throws SQLException {
    try (Statement statement = connection.createStatement()) {
      if (name.equals("huts")) {
        statement.execute("drop schema if exists hut, safety, member cascade");
        DemoLoader.load(connection, DemoData.Size.SMALL, "public", table -> {});
        statement.execute("set search_path to hut, safety, member");
      } else {
        statement.execute("drop schema if exists " + name + " cascade");
        statement.execute(PracticeModels.schema(name));
        statement.execute("set search_path to " + name);
      }
      statement.execute("set statement_timeout to '30s'");
    }
    if (!connection.getAutoCommit()) {
      connection.commit();
    }
  }

  private void run(String name) {
    Map<String, Tally> families = new TreeMap<>();
    List<String> misses = new ArrayList<>();
    Map<String, Tally> parts =
        ask(
            name,
            (question, reading, outcome) -> {
              families.computeIfAbsent(question.family(), f -> new Tally()).add(outcome);
              if (outcome != Outcome.RIGHT && !question.part().equals(HELD_BACK)) {
                misses.add(miss(question, reading, outcome));
              }
            });
    System.out.println("== " + name);
    families.forEach((f, t) -> System.out.printf(Locale.ROOT, "  %-14s %s%n", f, t));
    parts.forEach(
        (p, t) ->
            System.out.printf(
                Locale.ROOT, "%-14s %s%n", p.equals(HELD_BACK) ? "held back" : "development", t));
    misses.forEach(m -> System.out.println("  " + m));
  }

  /** Looks at each question and what became of it. */
  interface Listener {
    void asked(Question question, Reading reading, Outcome outcome);
  }

  /** Asks all questions on a model; the counts by part. */
  Map<String, Tally> ask(String name, Listener listener) {
    Map<String, Tally> parts = new TreeMap<>();
    for (String line : PracticeModels.lines("/questions/" + name + ".tsv")) {
      if (!line.startsWith("#")) {
        Question question = Question.of(line);
        Reading reading = reader.read(question.ask());
        Outcome outcome = outcome(question, reading);
        parts.computeIfAbsent(question.part(), p -> new Tally()).add(outcome);
        listener.asked(question, reading, outcome);
      }
    }
    return parts;
  }

  static String miss(Question question, Reading reading, Outcome outcome) {
    return outcome
        + "  "
        + question.ask()
        + "\n      "
        + reading.restatement().orElse("")
        + " "
        + reading.reason()
        + " "
        + reading.choices().stream().map(Reading.Choice::restatement).toList();
  }

  /** What became of a question that was read so. */
  Outcome outcome(Question question, Reading reading) {
    boolean declined = reading.status() == Reading.Status.DECLINED;
    boolean asked = reading.status() == Reading.Status.UNCLEAR;
    if (question.expected().equals("!explained")) {
      return reading.status() == Reading.Status.EXPLAINED ? Outcome.RIGHT : Outcome.WRONG;
    } else if (question.expected().equals("!declined")) {
      return declined || asked
          ? Outcome.RIGHT
          : reading.status() == Reading.Status.PARTLY ? Outcome.PARTLY : Outcome.WRONG;
    } else if (question.expected().equals("!asked")) {
      return asked ? Outcome.RIGHT : declined ? Outcome.DECLINED : Outcome.WRONG;
    } else if (declined || reading.status() == Reading.Status.EXPLAINED) {
      return Outcome.DECLINED;
    } else if (asked) {
      return Outcome.ASKED;
    } else if (reading.status() == Reading.Status.PARTLY) {
      return Outcome.PARTLY;
    }
    SqlQuery query = writer.write(reading.plan().orElseThrow());
    List<List<Object>> rows =
        Rows.shown(run(query.text(), query.parameters()), reading.plan().get(), model);
    List<List<Object>> expected = run(question.expected(), List.of());
    boolean listed = reading.plan().get().listing().isPresent();
    boolean same = listed ? SameRows.holdListed(expected, rows) : SameRows.hold(expected, rows);
    return same ? Outcome.RIGHT : Outcome.WRONG;
  }

  /** The rows of a plan. */
  List<List<Object>> rows(Plan plan) {
    SqlQuery query = writer.write(plan);
    return Rows.shown(run(query.text(), query.parameters()), plan, model);
  }

  private List<List<Object>> run(String sql, List<Object> parameters) {
    try (PreparedStatement statement = connection.prepareStatement(sql)) {
      for (int i = 0; i < parameters.size(); i++) {
        statement.setObject(i + 1, parameters.get(i));
      }
      List<List<Object>> rows = new ArrayList<>();
      try (ResultSet result = statement.executeQuery()) {
        while (result.next()) {
          List<Object> row = new ArrayList<>();
          for (int i = 1; i <= result.getMetaData().getColumnCount(); i++) {
            row.add(result.getObject(i));
          }
          rows.add(row);
        }
      }
      return rows;
    } catch (SQLException e) {
      throw new IllegalStateException(e.getMessage() + "\n" + sql, e);
    }
  }
}
