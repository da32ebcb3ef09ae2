package org.ropebridge;

import java.sql.SQLException;
import java.util.List;
import org.ropebridge.demo.DemoData;
import org.ropebridge.demo.DemoLoader;
import org.ropebridge.sql.SqlQuery;

/** A real PostgreSQL database with the small demo, made once per run. */
public final class TestWarehouse {
  private static final TestDatabase DATABASE = open();

  private TestWarehouse() {}

  private static TestDatabase open() {
    TestDatabase database = TestDatabase.fresh("core_test");
    try {
      DemoLoader.load(database.connection(), DemoData.Size.SMALL, "public", table -> {});
      database.connection().setAutoCommit(true);
    } catch (SQLException e) {
      throw new IllegalStateException(e);
    }
    database.holdReadOnly();
    return database;
  }

  /** Runs a statement with its parameters; rows in order, values as the driver gives them. */
  public static List<List<Object>> run(SqlQuery query) {
    return DATABASE.run(query);
  }

  /** Runs a statement with its parameters. */
  public static List<List<Object>> run(String sql, List<Object> parameters) {
    return DATABASE.run(sql, parameters);
  }
}
