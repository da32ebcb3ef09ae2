package org.ropebridge;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import org.ropebridge.demo.DemoData;
import org.ropebridge.demo.DemoLoader;
import org.ropebridge.sql.SqlQuery;

/**
 * A real PostgreSQL database with the small demo, made once per run. The cluster is the one named
 * by {@code ROPEBRIDGE_TEST_JDBC}; {@code ./check} starts it.
 */
public final class TestWarehouse {
  private static final Connection CONNECTION = open();

  private TestWarehouse() {}

  private static Connection open() {
    String url = System.getenv("ROPEBRIDGE_TEST_JDBC");
    if (url == null) {
      throw new IllegalStateException(
          "no test database: run ./check, or eval \"$(bin/test-database)\" first");
    }
    try (Connection admin = DriverManager.getConnection(url);
        Statement statement = admin.createStatement()) {
      statement.execute("drop database if exists core_test");
      statement.execute("create database core_test");
      Connection connection =
          DriverManager.getConnection(
              url.replaceFirst("/postgres\\?", "/core_test?") + "&stringtype=unspecified");
      DemoLoader.load(connection, DemoData.Size.SMALL, "public", table -> {});
      connection.setReadOnly(true);
      return connection;
    } catch (SQLException e) {
      throw new IllegalStateException(e);
    }
  }

  /** Runs a statement with its parameters; rows in order, values as the driver gives them. */
  public static List<List<Object>> run(SqlQuery query) {
    return run(query.text(), query.parameters());
  }

  public static List<List<Object>> run(String sql, List<Object> parameters) {
    synchronized (CONNECTION) {
      try (PreparedStatement statement = CONNECTION.prepareStatement(sql)) {
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
        CONNECTION.rollback();
        return rows;
      } catch (SQLException e) {
        try {
          CONNECTION.rollback();
        } catch (SQLException again) {
          e.addSuppressed(again);
        }
        throw new IllegalStateException(e.getMessage() + "\n" + sql + "\n" + parameters, e);
      }
    }
  }
}
