package org.ropebridge.demo;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.List;
import java.util.function.Consumer;
import org.postgresql.PGConnection;
import org.postgresql.copy.CopyIn;

/** Loads the demo's data into an empty PostgreSQL database by COPY. */
public final class DemoLoader {
  private DemoLoader() {}

  /**
   * Creates the tables and loads them, in one transaction.
   *
   * @param connection as the owner of the database; not closed here
   * @param reader the role that may read afterwards
   * @param progress told each table as it begins
   * @throws SQLException if the database refuses; nothing is left behind then
   */
  public static void load(
      Connection connection, DemoData.Size size, String reader, Consumer<String> progress)
      throws SQLException {
    connection.setAutoCommit(false);
    try (Statement statement = connection.createStatement()) {
      statement.execute(DemoFiles.text("schema.sql"));
      CopySink sink = new CopySink(connection, progress);
      DemoData.generate(size, sink);
      sink.finish();
      progress.accept("indexes");
      statement.execute(DemoFiles.text("indexes.sql"));
      for (String schema : List.of("hut", "member", "safety")) {
        statement.execute("grant usage on schema " + schema + " to " + reader);
        statement.execute("grant select on all tables in schema " + schema + " to " + reader);
      }
      connection.commit();
    } catch (SQLException | RuntimeException e) {
      connection.rollback();
      throw e;
    }
  }

  /** Writes rows in the text format of COPY. */
  private static final class CopySink implements RowSink {
    private static final int BUFFER = 1 << 16;
    private final Connection connection;
    private final Consumer<String> progress;
    private final StringBuilder buffer = new StringBuilder();
    private CopyIn copy;

    CopySink(Connection connection, Consumer<String> progress) {
      this.connection = connection;
      this.progress = progress;
    }

    @Override
    public void table(String table, List<String> columns) {
      try {
        finish();
        progress.accept(table);
        copy =
            connection
                .unwrap(PGConnection.class)
                .getCopyAPI()
                .copyIn("copy " + table + " (" + String.join(", ", columns) + ") from stdin");
      } catch (SQLException e) {
        throw new IllegalStateException(e);
      }
    }

    @Override
    public void row(Object... values) {
      for (int i = 0; i < values.length; i++) {
        buffer.append(i == 0 ? "" : "\t").append(values[i] == null ? "\\N" : values[i]);
      }
      buffer.append('\n');
      if (buffer.length() > BUFFER) {
        flush();
      }
    }

    private void flush() {
      try {
        byte[] bytes = buffer.toString().getBytes(StandardCharsets.UTF_8);
        copy.writeToCopy(bytes, 0, bytes.length);
        buffer.setLength(0);
      } catch (SQLException e) {
        throw new IllegalStateException(e);
      }
    }

    void finish() throws SQLException {
      if (copy != null) {
        flush();
        copy.endCopy();
        copy = null;
      }
    }
  }

  /**
   * Loads the demo: {@code DemoLoader JDBC-URL OWNER READER SIZE}; the owner's password is read
   * from the environment variable {@code ROPEBRIDGE_OWNER_PASSWORD}.
   */
  public static void main(String[] args) throws SQLException, IOException {
    if (args.length != 4) {
      System.err.println("usage: DemoLoader JDBC-URL OWNER READER full|small");
      System.exit(2);
    }
    String password = System.getenv("ROPEBRIDGE_OWNER_PASSWORD");
    DemoData.Size size = DemoData.Size.valueOf(args[3].toUpperCase(java.util.Locale.ROOT));
    try (Connection connection = java.sql.DriverManager.getConnection(args[0], args[1], password)) {
      load(connection, size, args[2], table -> System.out.println("  " + table));
    }
  }
}
