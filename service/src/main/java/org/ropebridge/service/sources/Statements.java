package org.ropebridge.service.sources;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import com.zaxxer.hikari.HikariDataSource;
import io.micrometer.core.instrument.MeterRegistry;
import io.micrometer.core.instrument.Timer;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.SQLTransientConnectionException;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import org.ropebridge.service.Settings;
import org.ropebridge.service.problems.Problem;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import tools.jackson.databind.json.JsonMapper;

/**
 * Runs statements in warehouses: people share the connections fairly, what would cost too much is
 * refused before it starts, what nobody waits for any more is ended, and the same statement is not
 * run again within moments. Every statement has a time limit, and no more rows are fetched than
 * asked for.
 */
@Service
public class Statements {
  private static final Logger LOG = LoggerFactory.getLogger(Statements.class);
  private static final JsonMapper JSON = JsonMapper.builder().build();

  /** The code of the problem that a warehouse refuses a statement. */
  public static final String REFUSED = "source-refused";

  private static final String ENDED_EARLY = "57014";
  private static final String CONNECTION_EXCEPTION = "08";
  private static final String SHUT_DOWN = "57P";
  private static final String DATA_EXCEPTION = "22";
  private static final long MOST_CELLS_KEPT = 2_000_000;

  private final Pools pools;
  private final Settings.Warehouse limits;
  private final Timer timer;
  private final Map<String, FairShare> shares = new ConcurrentHashMap<>();
  private final Cache<Key, List<List<Object>>> kept;

  /** A source whose address changes gets another pool, and so forgets what was kept. */
  private record Key(HikariDataSource pool, Task task) {}

  Statements(Pools pools, Settings settings, MeterRegistry meters) {
    this.pools = pools;
    this.limits = settings.warehouse();
    this.timer =
        Timer.builder("ropebridge.warehouse").description("Time of statements").register(meters);
    this.kept =
        Caffeine.newBuilder()
            .expireAfterWrite(limits.answersKept())
            .maximumWeight(MOST_CELLS_KEPT)
            .weigher((Key key, List<List<Object>> rows) -> 1 + rows.size() * key.task().columns())
            .build();
  }

  /**
   * A statement to run. Access rules are part of its text and parameters, so two persons have equal
   * tasks only where both may see the same.
   *
   * @param columns how many columns it has
   * @param mostRows rows beyond these are not fetched
   */
  public record Task(
      String source, String sql, List<Object> parameters, int columns, int mostRows) {
    public Task {
      parameters = List.copyOf(parameters);
    }
  }

  /** The planner's estimate of a statement is above the ceiling. */
  public static final class TooCostly extends Exception {
    private static final long serialVersionUID = 1L;

    TooCostly(double cost, double ceiling) {
      super(String.format(Locale.ENGLISH, "about %.1f times what is allowed", cost / ceiling));
    }
  }

  /**
   * Runs a statement for a person.
   *
   * @param person among whom the places of the source are shared
   * @throws TooCostly if the warehouse expects too much work
   * @throws Problem if the warehouse is not reachable, refuses, takes too long, or has no place
   */
  public List<List<Object>> answer(Task task, String person, Running running) throws TooCostly {
    Key key = new Key(pools.of(task.source()), task);
    List<List<Object>> known = kept.getIfPresent(key);
    if (known != null) {
      return known;
    }
    FairShare share =
        shares.computeIfAbsent(task.source(), s -> new FairShare(limits.connections()));
    running.waitsInLine();
    try {
      if (!share.enter(person, limits.longestInLine(), running::isStopped)) {
        throw running.isStopped() ? stopped() : busy();
      }
      try {
        List<List<Object>> rows = run(task, running, true);
        kept.put(key, rows);
        return rows;
      } finally {
        share.leave(person);
      }
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw stopped();
    }
  }

  /** Runs a statement of the service's own, such as one that looks at values. */
  public List<List<Object>> query(
      String source, String sql, List<Object> parameters, int mostRows) {
    return query(source, sql, parameters, mostRows, new Running());
  }

  /**
   * Why the warehouse will not run a statement: it only plans it.
   *
   * @return what the warehouse says; empty when it would run it
   * @throws Problem if the warehouse is not reachable
   */
  public Optional<String> refusal(String source, String sql, List<Object> parameters) {
    Task task = new Task(source, "explain " + sql, parameters, 1, 1);
    HikariDataSource pool = pools.of(source);
    try {
      once(pool, task, new Running(), false);
      return Optional.empty();
    } catch (TooCostly e) {
      throw new IllegalStateException(e);
    } catch (SQLException e) {
      if (isUnreachable(e) || ENDED_EARLY.equals(e.getSQLState())) {
        throw problem(source, e, new Running());
      }
      return Optional.of(firstLine(withoutValues(e)));
    }
  }

  private static String firstLine(String message) {
    return message.lines().findFirst().orElse("").replaceFirst("^ERROR: ", "");
  }

  private static boolean isUnreachable(SQLException e) {
    return e.getSQLState() == null || isBroken(e) || e instanceof SQLTransientConnectionException;
  }

  /** Runs a statement of the service's own that can be stopped meanwhile. */
  List<List<Object>> query(
      String source, String sql, List<Object> parameters, int mostRows, Running running) {
    try {
      return run(new Task(source, sql, parameters, 1, mostRows), running, false);
    } catch (TooCostly e) {
      throw new IllegalStateException(e);
    }
  }

  /** Nothing is written, so a statement whose connection broke is simply run once more. */
  private List<List<Object>> run(Task task, Running running, boolean limited) throws TooCostly {
    HikariDataSource pool = pools.of(task.source());
    try {
      try {
        return once(pool, task, running, limited);
      } catch (SQLException e) {
        if (!isBroken(e) || e instanceof SQLTransientConnectionException) {
          throw e;
        }
        LOG.info("source {}: {}; trying once more", task.source(), e.getSQLState());
        pool.getHikariPoolMXBean().softEvictConnections();
        return once(pool, task, running, limited);
      }
    } catch (SQLTransientConnectionException e) {
      pools.giveUp(task.source(), pool);
      throw problem(task.source(), e, running);
    } catch (SQLException e) {
      throw problem(task.source(), e, running);
    }
  }

  private List<List<Object>> once(
      HikariDataSource pool, Task task, Running running, boolean limited)
      throws SQLException, TooCostly {
    long began = System.nanoTime();
    try (Connection connection = pool.getConnection()) {
      try {
        if (limited && limits.costCeiling() > 0) {
          double cost = cost(connection, task, running);
          if (cost > limits.costCeiling()) {
            throw new TooCostly(cost, limits.costCeiling());
          }
        }
        return rows(connection, task.sql(), task, running);
      } finally {
        if (!connection.isClosed()) {
          connection.rollback();
        }
      }
    } finally {
      timer.record(Duration.ofNanos(System.nanoTime() - began));
    }
  }

  private static List<List<Object>> rows(
      Connection connection, String sql, Task task, Running running) throws SQLException {
    try (PreparedStatement statement = connection.prepareStatement(sql)) {
      for (int i = 0; i < task.parameters().size(); i++) {
        statement.setObject(i + 1, task.parameters().get(i));
      }
      statement.setMaxRows(task.mostRows());
      if (!running.begins(statement)) {
        throw stopped();
      }
      try (ResultSet result = statement.executeQuery()) {
        return rows(result);
      }
    } finally {
      running.ends();
    }
  }

  /** The planner's estimate, in its own units: about one for a page read in sequence. */
  private static double cost(Connection connection, Task task, Running running)
      throws SQLException {
    String explain = "explain (format json) " + task.sql();
    String explained = rows(connection, explain, task, running).get(0).get(0).toString();
    return JSON.readTree(explained).path(0).path("Plan").path("Total Cost").asDouble();
  }

  private static List<List<Object>> rows(ResultSet result) throws SQLException {
    int width = result.getMetaData().getColumnCount();
    List<List<Object>> rows = new ArrayList<>();
    while (result.next()) {
      List<Object> row = new ArrayList<>(width);
      for (int i = 1; i <= width; i++) {
        row.add(result.getObject(i));
      }
      rows.add(row);
    }
    return rows;
  }

  private static boolean isBroken(SQLException e) {
    String state = e.getSQLState();
    return state != null && (state.startsWith(CONNECTION_EXCEPTION) || state.startsWith(SHUT_DOWN));
  }

  /** What the warehouse said, unless it may quote a value that someone asked for. */
  private static String withoutValues(SQLException e) {
    boolean quotesData = e.getSQLState() != null && e.getSQLState().startsWith(DATA_EXCEPTION);
    return quotesData ? "a value does not fit its column's type" : e.getMessage();
  }

  private static Problem stopped() {
    return new Problem(HttpStatus.GONE, "stopped", "The question was stopped before it was done.");
  }

  private Problem busy() {
    return new Problem(
        HttpStatus.SERVICE_UNAVAILABLE,
        "busy",
        "Too many questions are being computed. Yours waited "
            + limits.longestInLine().toSeconds()
            + " seconds; ask again in a moment.");
  }

  private Problem problem(String sourceName, SQLException e, Running running) {
    if (ENDED_EARLY.equals(e.getSQLState())) {
      return running.isStopped()
          ? stopped()
          : new Problem(
              HttpStatus.GATEWAY_TIMEOUT,
              "too-slow",
              "The warehouse needed more than "
                  + limits.statementTimeout().toSeconds()
                  + " seconds. Narrow the question, for example to one year.");
    }
    LOG.warn("source {} failed: {} {}", sourceName, e.getSQLState(), withoutValues(e));
    return isUnreachable(e)
        ? new Problem(
            HttpStatus.BAD_GATEWAY,
            "source-not-reachable",
            "The source \"" + sourceName + "\" is not reachable. Try again, or tell a steward.")
        : new Problem(
            HttpStatus.BAD_GATEWAY,
            REFUSED,
            "The source \""
                + sourceName
                + "\" refused the statement. Tell an author; the"
                + " service's log says why.");
  }
}
