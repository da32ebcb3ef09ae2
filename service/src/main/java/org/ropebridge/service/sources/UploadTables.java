package org.ropebridge.service.sources;

import java.io.BufferedWriter;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.List;
import java.util.function.Consumer;
import org.postgresql.PGConnection;
import org.postgresql.copy.PGCopyOutputStream;
import org.ropebridge.service.problems.Problem;
import org.ropebridge.sql.UploadSql;
import org.ropebridge.upload.Aside;
import org.ropebridge.upload.ColumnForm;
import org.ropebridge.upload.Intake;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/**
 * The tables of files that authors bring. Each is made as a whole or not at all, and only the role
 * that reads the source may read it; the rows put aside are in a table that it may not read.
 */
@Component
public class UploadTables {
  private static final JsonMapper JSON = JsonMapper.builder().build();
  private static final int FETCHED_AT_ONCE = 1000;
  private static final String TABLE_EXISTS = "42P07";
  private static final String IS_NEEDED = "2BP01";
  private static final String LOCKED = "55P03";

  private final Pools pools;

  UploadTables(Pools pools) {
    this.pools = pools;
  }

  /**
   * Where uploads of a source go.
   *
   * @param reader the role that may read what was made there
   */
  public record Place(String schema, String reader) {}

  /**
   * Where files become tables.
   *
   * @throws Problem if there is no such source, or it takes no files
   */
  public Place place(String source) {
    return pools.uploads(source);
  }

  /**
   * What becomes a table.
   *
   * @param comment what it is, kept with the table
   * @param replace whether a table of that name is replaced
   */
  public record Wanted(
      String source, String table, List<ColumnForm> columns, String comment, boolean replace) {}

  /** Hands rows over, one after the other. */
  @FunctionalInterface
  public interface Filling {
    /** Hands them over. */
    void into(Intake.Sink sink) throws IOException;
  }

  /**
   * Makes the table, in one transaction.
   *
   * @throws Problem if the warehouse refuses
   */
  public void make(Wanted wanted, Path folder, Filling filling) {
    Place place = place(wanted.source());
    UploadSql sql = new UploadSql(place.schema(), wanted.table());
    Path asideRows = null;
    try (Connection connection = pools.connectForUploads(wanted.source());
        Statement statement = connection.createStatement()) {
      prepare(statement, sql, wanted);
      asideRows = Files.createTempFile(folder, "aside", ".rows");
      boolean anyAside = copy(connection, sql, asideRows, filling);
      if (anyAside) {
        statement.execute(sql.aside().createAside());
        copyAside(connection, sql, asideRows);
      }
      describe(statement, sql, wanted);
      // What is in a schema of another owner is let in by that owner, once.
      if (owns(connection, place.schema())) {
        statement.execute(sql.letLookIn(place.reader()));
      }
      statement.execute(sql.letRead(place.reader()));
      statement.execute(sql.analyze());
      connection.commit();
    } catch (SQLException e) {
      throw refused(e, wanted);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    } finally {
      delete(asideRows);
    }
  }

  private static void prepare(Statement statement, UploadSql sql, Wanted wanted)
      throws SQLException {
    if (!hasSchema(statement.getConnection(), sql.schema())) {
      statement.execute(sql.createSchema());
    }
    if (wanted.replace()) {
      statement.execute(sql.dropIfThere());
      statement.execute(sql.aside().dropIfThere());
    }
    statement.execute(sql.create(wanted.columns()));
  }

  private static boolean hasSchema(Connection connection, String schema) throws SQLException {
    return has(connection, "select 1 from pg_namespace where nspname = ?", schema);
  }

  private static boolean owns(Connection connection, String schema) throws SQLException {
    return has(
        connection,
        "select 1 from pg_namespace where nspname = ? and pg_has_role(nspowner, 'usage')",
        schema);
  }

  private static boolean has(Connection connection, String sql, String schema) throws SQLException {
    try (PreparedStatement statement = connection.prepareStatement(sql)) {
      statement.setString(1, schema);
      try (ResultSet found = statement.executeQuery()) {
        return found.next();
      }
    }
  }

  private static boolean copy(Connection connection, UploadSql sql, Path asideRows, Filling filling)
      throws SQLException, IOException {
    boolean[] anyAside = {false};
    try (BufferedWriter aside = Files.newBufferedWriter(asideRows);
        Writer rows = writer(connection, sql)) {
      filling.into(
          new Intake.Sink() {
            @Override
            public void row(List<String> values) {
              CopyText.write(rows, values);
            }

            @Override
            public void aside(Aside row) {
              anyAside[0] = true;
              CopyText.write(
                  aside,
                  List.of(
                      Long.toString(row.line()),
                      row.reason().replace("\0", ""),
                      JSON.writeValueAsString(withoutNul(row.cells()))));
            }
          });
    }
    return anyAside[0];
  }

  private static List<String> withoutNul(List<String> cells) {
    return cells.stream().map(c -> c.replace("\0", "")).toList();
  }

  private static Writer writer(Connection connection, UploadSql sql) throws SQLException {
    return new BufferedWriter(
        new java.io.OutputStreamWriter(
            new PGCopyOutputStream(connection.unwrap(PGConnection.class), sql.copy()),
            StandardCharsets.UTF_8));
  }

  private static void copyAside(Connection connection, UploadSql sql, Path rows)
      throws SQLException, IOException {
    try (var in = Files.newInputStream(rows)) {
      connection.unwrap(PGConnection.class).getCopyAPI().copyIn(sql.aside().copy(), in);
    }
  }

  private static void describe(Statement statement, UploadSql sql, Wanted wanted)
      throws SQLException {
    statement.execute(sql.describe(wanted.comment()));
    for (ColumnForm column : wanted.columns()) {
      if (!column.header().isEmpty() && !column.header().equals(column.name())) {
        statement.execute(sql.describe(column, column.header()));
      }
    }
  }

  private static Problem refused(SQLException e, Wanted wanted) {
    String table = "\"" + wanted.table() + "\"";
    String state = e.getSQLState() == null ? "" : e.getSQLState();
    return switch (state) {
      case TABLE_EXISTS ->
          conflict(
              "table-exists",
              "There is a table " + table + " already. Choose another name, or replace it.");
      case IS_NEEDED ->
          conflict(
              "table-needed",
              "The table " + table + " cannot be replaced, because a view reads it.");
      case LOCKED ->
          conflict(
              "table-busy",
              "The table " + table + " is being read just now. Try again in a moment.");
      default ->
          new Problem(
              HttpStatus.BAD_GATEWAY,
              "source-refused",
              "The source refused the table, and nothing was kept: " + e.getMessage());
    };
  }

  private static Problem conflict(String type, String message) {
    return new Problem(HttpStatus.CONFLICT, type, message);
  }

  private static void delete(Path file) {
    try {
      if (file != null) {
        Files.deleteIfExists(file);
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** Drops the table and the rows put aside, if they are there. */
  public void drop(String source, String schema, String table) {
    UploadSql sql = new UploadSql(schema, table);
    try (Connection connection = pools.connectForUploads(source);
        Statement statement = connection.createStatement()) {
      statement.execute(sql.dropIfThere());
      statement.execute(sql.aside().dropIfThere());
      connection.commit();
    } catch (SQLException e) {
      throw refused(e, new Wanted(source, table, List.of(), "", true));
    }
  }

  /** Hands over the rows that were put aside, in the order of the file. */
  public void eachAside(String source, String schema, String table, Consumer<Aside> each) {
    try (Connection connection = pools.connectForUploads(source);
        PreparedStatement statement =
            connection.prepareStatement(new UploadSql(schema, table).aside().readAside())) {
      statement.setFetchSize(FETCHED_AT_ONCE);
      try (ResultSet rows = statement.executeQuery()) {
        while (rows.next()) {
          each.accept(
              new Aside(
                  rows.getLong(1),
                  rows.getString(2),
                  JSON.readValue(rows.getString(3), new TypeReference<List<String>>() {})));
        }
      }
    } catch (SQLException e) {
      throw new Problem(
          HttpStatus.BAD_GATEWAY,
          "source-refused",
          "The source did not give the rows that were put aside: " + e.getMessage());
    }
  }
}
