package org.ropebridge.service.sources;

import com.zaxxer.hikari.HikariConfig;
import com.zaxxer.hikari.HikariDataSource;
import io.micrometer.core.instrument.MeterRegistry;
import io.micrometer.core.instrument.Timer;
import jakarta.annotation.PreDestroy;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Properties;
import java.util.concurrent.ConcurrentHashMap;
import org.ropebridge.service.Settings;
import org.ropebridge.service.problems.Problem;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Runs statements in warehouses. Every connection is read-only from the first, every statement has
 * a time limit, and no more rows are fetched than asked for.
 */
@Service
public class Warehouses {
  private static final Logger LOG = LoggerFactory.getLogger(Warehouses.class);
  private static final int CONNECT_SECONDS = 5;
  private static final String TIMEOUT_STATE = "57014";
  private static final String DATA_EXCEPTION = "22";
  private final Sources sources;
  private final Secrets secrets;
  private final Settings.Warehouse limits;
  private final Timer timer;
  private final Map<String, HikariDataSource> pools = new ConcurrentHashMap<>();

  Warehouses(Sources sources, Secrets secrets, Settings settings, MeterRegistry meters) {
    this.sources = sources;
    this.secrets = secrets;
    this.limits = settings.warehouse();
    this.timer =
        Timer.builder("ropebridge.warehouse").description("Time of statements").register(meters);
  }

  /** Where a source is, without its password. */
  public record Described(String name, String kind, String url, String userName) {}

  public List<Described> list() {
    return sources.findAllByOrderByName().stream()
        .map(s -> new Described(s.name(), s.kind(), s.url(), s.userName()))
        .toList();
  }

  public boolean has(String name) {
    return sources.findByName(name).isPresent();
  }

  /** Adds a source, or changes where a known one is. */
  @Transactional
  public void put(String name, String kind, String url, String userName, String password) {
    if (!kind.equals("postgresql") || !url.startsWith("jdbc:postgresql://")) {
      throw Problem.badRequest(
          "unknown-source-kind",
          "Only sources of kind postgresql are known; their address begins with jdbc:postgresql://.");
    }
    byte[] secret = secrets.encrypt(password);
    Source source =
        sources
            .findByName(name)
            .map(
                known -> {
                  known.connect(url, userName, secret);
                  return known;
                })
            .orElseGet(() -> new Source(name, kind, url, userName, secret));
    sources.save(source);
    HikariDataSource old = pools.remove(name);
    if (old != null) {
      old.close();
    }
  }

  /** What a try to connect found. */
  public record Tried(boolean reachable, boolean readOnly, String message) {}

  /** Connects once, and tells whether the role there could write. */
  public Tried test(String name) {
    Source source = find(name);
    Properties properties = properties(source);
    try (Connection connection = DriverManager.getConnection(source.url(), properties);
        PreparedStatement statement =
            connection.prepareStatement(
                "select count(*) from information_schema.table_privileges where grantee in"
                    + " (current_user, 'PUBLIC') and privilege_type in ('INSERT', 'UPDATE', 'DELETE',"
                    + " 'TRUNCATE') and table_schema not in ('pg_catalog', 'information_schema')");
        ResultSet result = statement.executeQuery()) {
      result.next();
      boolean readOnly = result.getLong(1) == 0;
      return new Tried(
          true,
          readOnly,
          readOnly
              ? "Reachable, and the role may only read."
              : "Reachable, but the role may write. Give the service a role that may only read.");
    } catch (SQLException e) {
      return new Tried(false, false, "Not reachable: " + e.getMessage());
    }
  }

  private Source find(String name) {
    return sources
        .findByName(name)
        .orElseThrow(
            () ->
                Problem.notFound(
                    "unknown-source",
                    "There is no source \"" + name + "\". Add it with: ropebridge source add"));
  }

  private Properties properties(Source source) {
    Properties properties = new Properties();
    properties.setProperty("user", source.userName());
    properties.setProperty("password", secrets.decrypt(source.secret()));
    properties.setProperty("ApplicationName", "rope-bridge");
    properties.setProperty("readOnly", "true");
    properties.setProperty("readOnlyMode", "always");
    properties.setProperty("stringtype", "unspecified");
    properties.setProperty("loginTimeout", Integer.toString(CONNECT_SECONDS));
    properties.setProperty(
        "options",
        "-c default_transaction_read_only=on -c statement_timeout="
            + limits.statementTimeout().toMillis());
    return properties;
  }

  private HikariDataSource pool(String name) {
    return pools.computeIfAbsent(
        name,
        n -> {
          Source source = find(n);
          HikariConfig config = new HikariConfig();
          config.setPoolName("warehouse-" + n);
          config.setJdbcUrl(source.url());
          config.setDataSourceProperties(properties(source));
          config.setReadOnly(true);
          config.setAutoCommit(false);
          config.setMaximumPoolSize(limits.connections());
          config.setMinimumIdle(1);
          config.setInitializationFailTimeout(-1);
          config.setConnectionTimeout(CONNECT_SECONDS * 1000L);
          return new HikariDataSource(config);
        });
  }

  /**
   * Runs a statement.
   *
   * @param mostRows rows beyond these are not fetched
   * @throws Problem if the warehouse is not reachable, refuses, or takes too long
   */
  public List<List<Object>> query(
      String sourceName, String sql, List<Object> parameters, int mostRows) {
    return timer.record(() -> run(sourceName, sql, parameters, mostRows));
  }

  private List<List<Object>> run(
      String sourceName, String sql, List<Object> parameters, int mostRows) {
    try (Connection connection = pool(sourceName).getConnection()) {
      try (PreparedStatement statement = connection.prepareStatement(sql)) {
        statement.setMaxRows(mostRows);
        for (int i = 0; i < parameters.size(); i++) {
          statement.setObject(i + 1, parameters.get(i));
        }
        try (ResultSet result = statement.executeQuery()) {
          return rows(result);
        }
      } finally {
        connection.rollback();
      }
    } catch (SQLException e) {
      throw problem(sourceName, e);
    }
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

  /** What the warehouse said, unless it may quote a value that someone asked for. */
  private static String withoutValues(SQLException e) {
    boolean quotesData = e.getSQLState() != null && e.getSQLState().startsWith(DATA_EXCEPTION);
    return quotesData ? "a value does not fit its column's type" : e.getMessage();
  }

  private Problem problem(String sourceName, SQLException e) {
    if (TIMEOUT_STATE.equals(e.getSQLState())) {
      return new Problem(
          HttpStatus.GATEWAY_TIMEOUT,
          "too-slow",
          "The warehouse needed more than "
              + limits.statementTimeout().toSeconds()
              + " seconds. Narrow the question, for example to one year.");
    }
    LOG.warn("source {} failed: {} {}", sourceName, e.getSQLState(), withoutValues(e));
    boolean unreachable = e.getSQLState() == null || e.getSQLState().startsWith("08");
    return unreachable
        ? new Problem(
            HttpStatus.BAD_GATEWAY,
            "source-not-reachable",
            "The source \"" + sourceName + "\" is not reachable. Try again, or tell a steward.")
        : new Problem(
            HttpStatus.BAD_GATEWAY,
            "source-refused",
            "The source \""
                + sourceName
                + "\" refused the statement. Tell an author; the"
                + " service's log says why.");
  }

  @PreDestroy
  void close() {
    pools.values().forEach(HikariDataSource::close);
  }
}
