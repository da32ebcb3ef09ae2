package org.ropebridge.bench;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import org.ropebridge.demo.DemoData;
import org.ropebridge.demo.DemoLoader;

/**
 * Fills a database with many times the demo's rows: the same huts, valleys, bridges and beds, with
 * every member, stay, charge, callout, supply and inspection copied that often under a new key.
 *
 * <p>{@code LargeWarehouse JDBC-URL NAME TIMES}: the database {@code NAME} is made by the server's
 * administrator of the URL, and left alone when it is there already.
 */
public final class LargeWarehouse {
  /** Keys of copies lie this far apart; no key of the demo is as large. */
  private static final int STRIDE = 1_000_000;

  private static final List<Growing> GROWING =
      List.of(
          new Growing("member.member", List.of("member_id", "sponsor_id")),
          new Growing("hut.stay", List.of("stay_id", "member_id")),
          new Growing("hut.charge", List.of("charge_id", "stay_id")),
          new Growing("hut.supply", List.of("supply_id")),
          new Growing("safety.inspection", List.of("inspection_id")),
          new Growing("safety.callout", List.of("callout_id")));

  private LargeWarehouse() {}

  /** A table whose rows are copied, and its columns that hold keys of copied rows. */
  private record Growing(String table, List<String> keys) {}

  public static void main(String[] args) throws SQLException {
    int times = Integer.parseInt(args[2]);
    String url = args[0].replaceFirst("/postgres\\?", "/" + args[1] + "?");
    try (Connection administrator = DriverManager.getConnection(args[0]);
        Statement statement = administrator.createStatement()) {
      if (exists(statement, args[1])) {
        System.out.println(url);
        return;
      }
      statement.execute("create database " + args[1] + "_unfinished");
    }
    String unfinished = args[0].replaceFirst("/postgres\\?", "/" + args[1] + "_unfinished?");
    try (Connection connection = DriverManager.getConnection(unfinished)) {
      DemoLoader.load(
          connection, DemoData.Size.FULL, "public", table -> System.err.println("  " + table));
      grow(connection, times);
    }
    try (Connection administrator = DriverManager.getConnection(args[0]);
        Statement statement = administrator.createStatement()) {
      statement.execute("alter database " + args[1] + "_unfinished rename to " + args[1]);
    }
    System.out.println(url);
  }

  private static boolean exists(Statement statement, String database) throws SQLException {
    try (ResultSet found =
        statement.executeQuery("select 1 from pg_database where datname = '" + database + "'")) {
      return found.next();
    }
  }

  /** Indexes are made anew after the rows, which is much quicker than keeping them up to date. */
  private static void grow(Connection connection, int times) throws SQLException {
    try (Statement statement = connection.createStatement()) {
      statement.execute("set session_replication_role = replica");
      List<String> indexes = new ArrayList<>();
      List<String> drops = new ArrayList<>();
      try (ResultSet found =
          statement.executeQuery(
              "select indexdef, schemaname || '.' || indexname from pg_indexes"
                  + " where schemaname in ('hut', 'member', 'safety') and indexname like '%_idx'")) {
        while (found.next()) {
          indexes.add(found.getString(1));
          drops.add(found.getString(2));
        }
      }
      for (String index : drops) {
        statement.execute("drop index " + index);
      }
      for (Growing growing : GROWING) {
        System.err.println("  " + times + " times " + growing.table());
        statement.execute(
            "insert into %s select %s from %s t, generate_series(1, %d) copy"
                .formatted(
                    growing.table(), columns(statement, growing), growing.table(), times - 1));
      }
      for (String index : indexes) {
        statement.execute(index);
      }
      connection.commit();
      connection.setAutoCommit(true);
      statement.execute("vacuum analyze");
    }
  }

  private static String columns(Statement statement, Growing growing) throws SQLException {
    List<String> columns = new ArrayList<>();
    try (ResultSet found =
        statement.executeQuery(
            "select attname from pg_attribute where attrelid = '%s'::regclass and attnum > 0 order by attnum"
                .formatted(growing.table()))) {
      while (found.next()) {
        String name = found.getString(1);
        columns.add(
            growing.keys().contains(name)
                ? "t.%s + copy * %d".formatted(name, STRIDE)
                : "t." + name);
      }
    }
    return String.join(", ", columns);
  }
}
