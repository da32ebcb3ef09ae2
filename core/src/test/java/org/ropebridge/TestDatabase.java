package org.ropebridge;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import org.ropebridge.access.Access;
import org.ropebridge.reading.QuestionReader;
import org.ropebridge.reading.Reading;
import org.ropebridge.sql.SqlQuery;
import org.ropebridge.sql.SqlWriter;

/**
 * A new, empty database in the cluster that {@code ROPEBRIDGE_TEST_JDBC} names; {@code ./check}
 * starts it. It is this process's own, and goes with it.
 */
public final class TestDatabase {
  private final Connection connection;

  private TestDatabase(Connection connection) {
    this.connection = connection;
  }

  /** The JDBC address of the cluster, as its administrator. */
  public static String cluster() {
    String url = System.getenv("ROPEBRIDGE_TEST_JDBC");
    if (url == null) {
      throw new IllegalStateException(
          "no test database: run ./check, or eval \"$(bin/test-database)\" first");
    }
    return url;
  }

  /** Makes the database anew. */
  public static TestDatabase fresh(String name) {
    String url = cluster();
    String own = name + "_" + ProcessHandle.current().pid();
    try {
      administer(url, "create database " + own);
      Connection connection =
          DriverManager.getConnection(
              url.replaceFirst("/postgres\\?", "/" + own + "?") + "&stringtype=unspecified");
      Runtime.getRuntime().addShutdownHook(new Thread(() -> drop(url, own)));
      return new TestDatabase(connection);
    } catch (SQLException e) {
      throw new IllegalStateException(e);
    }
  }

  private static void administer(String url, String command) throws SQLException {
    try (Connection admin = DriverManager.getConnection(url);
        Statement statement = admin.createStatement()) {
      statement.execute(command);
    }
  }

  private static void drop(String url, String name) {
    try {
      administer(url, "drop database if exists " + name + " with (force)");
    } catch (SQLException e) {
      System.err.println("The test database " + name + " is left behind: " + e.getMessage());
    }
  }

  /** The connection, for filling the database. */
  public Connection connection() {
    return connection;
  }

  /** Runs a script of statements that give no rows. */
  public void execute(String script) {
    try (Statement statement = connection.createStatement()) {
      statement.execute(script);
    } catch (SQLException e) {
      throw new IllegalStateException(e.getMessage() + "\n" + script, e);
    }
  }

  /** From now on nothing can be written. */
  public void holdReadOnly() {
    try {
      connection.setReadOnly(true);
    } catch (SQLException e) {
      throw new IllegalStateException(e);
    }
  }

  /** The rows that answer a question, of a person who may see so much. */
  public List<List<Object>> answer(String question, QuestionReader reader, Access access) {
    Reading reading = reader.read(question);
    return run(
        new SqlWriter(access, reader.periods(), reader.restatement())
            .write(
                reading
                    .plan()
                    .orElseThrow(() -> new AssertionError(question + ": " + reading.reason()))));
  }

  /** Runs a statement with its parameters; rows in order, values as the driver gives them. */
  public List<List<Object>> run(SqlQuery query) {
    return run(query.text(), query.parameters());
  }

  /** Runs a statement with its parameters. */
  public synchronized List<List<Object>> run(String sql, List<Object> parameters) {
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
      throw new IllegalStateException(e.getMessage() + "\n" + sql + "\n" + parameters, e);
    }
  }
}
