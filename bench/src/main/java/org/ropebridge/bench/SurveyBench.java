package org.ropebridge.bench;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.atomic.AtomicInteger;
import org.ropebridge.language.LanguagePack;
import org.ropebridge.survey.Survey;
import org.ropebridge.survey.Surveyor;
import org.ropebridge.survey.Warehouse;

/**
 * Surveys a made-up warehouse of 200 tables with 50 million rows, and prints how long it took, by
 * stage, and how many statements ran at once at most. A third of the tables are things with a key,
 * the others are events that point at them; nothing is declared and nothing is indexed.
 *
 * <p>{@code SurveyBench JDBC-URL}: the database {@code survey_200} is made by the server's
 * administrator of the URL, and left alone when it is there already.
 */
public final class SurveyBench {
  private static final String DATABASE = "survey_200";
  private static final String UNFINISHED = DATABASE + "_unfinished";
  private static final int THINGS = 66;
  private static final int EVENTS = 134;
  private static final int ROWS_OF_A_THING = 20_000;
  private static final int ROWS_OF_AN_EVENT = 363_000;

  private final AtomicInteger running = new AtomicInteger();
  private final AtomicInteger mostRunning = new AtomicInteger();
  private final AtomicInteger statements = new AtomicInteger();
  private final ConcurrentLinkedQueue<Connection> idle = new ConcurrentLinkedQueue<>();
  private final String url;

  private SurveyBench(String url) {
    this.url = url;
  }

  public static void main(String[] args) throws SQLException {
    String url = args[0].replaceFirst("/postgres\\?", "/" + DATABASE + "?");
    fill(args[0], url);
    new SurveyBench(url).run();
  }

  private static void fill(String administrator, String url) throws SQLException {
    try (Connection connection = DriverManager.getConnection(administrator);
        Statement statement = connection.createStatement()) {
      try (ResultSet found =
          statement.executeQuery("select 1 from pg_database where datname = '" + DATABASE + "'")) {
        if (found.next()) {
          return;
        }
      }
      statement.execute("drop database if exists " + UNFINISHED);
      statement.execute("create database " + UNFINISHED);
    }
    String unfinished = url.replace("/" + DATABASE + "?", "/" + UNFINISHED + "?");
    try (Connection connection = DriverManager.getConnection(unfinished);
        Statement statement = connection.createStatement()) {
      statement.execute("create schema trust");
      for (int i = 1; i <= THINGS; i++) {
        statement.execute(
            """
            create table trust.thing_%1$d as
            select n as thing_%1$d_id, 'Thing ' || n as name, 'K' || n %% 7 as kind,
              date '2015-01-01' + n %% 3000 as since, n %% 900 as altitude_m,
              case when n %% 9 > 0 then 'Valley ' || n %% 40 end as valley, n %% 2 = 0 as open
            from generate_series(1, %2$d) n
            """
                .formatted(i, ROWS_OF_A_THING));
      }
      for (int i = 1; i <= EVENTS; i++) {
        statement.execute(
            """
            create table trust.event_%1$d as
            select n as event_%1$d_id, (1 + n::bigint * 7919 %% %3$d)::int as thing_%4$d_id,
              (1 + n::bigint * 104729 %% %3$d)::int as thing_%5$d_id, date '2019-01-01' + n %% 2500 as day,
              n %% 12 as guests, (n %% 5000) / 7.0 as paid, 'S' || n %% 5 as state,
              'note ' || n %% 20000 as note
            from generate_series(1, %2$d) n
            """
                .formatted(
                    i, ROWS_OF_AN_EVENT, ROWS_OF_A_THING, 1 + i % THINGS, 1 + (i + 17) % THINGS));
        System.err.println("  event_" + i);
      }
      statement.execute("vacuum analyze");
    }
    try (Connection connection = DriverManager.getConnection(administrator);
        Statement statement = connection.createStatement()) {
      statement.execute("alter database " + UNFINISHED + " rename to " + DATABASE);
    }
  }

  private void run() {
    Map<Surveyor.Stage, Long> starts = new EnumMap<>(Surveyor.Stage.class);
    long start = System.nanoTime();
    Surveyor surveyor =
        new Surveyor(
            this::rows,
            LanguagePack.ENGLISH.identifiers(),
            new Surveyor.Progress() {
              @Override
              public void at(Surveyor.Stage stage, int done, int of) {
                starts.putIfAbsent(stage, System.nanoTime());
              }

              @Override
              public boolean isStopped() {
                return false;
              }
            });
    Survey survey = surveyor.survey("bench", Surveyor.Choice.EVERYTHING);
    long end = System.nanoTime();
    long rows = survey.tables().stream().mapToLong(t -> t.rows()).sum();
    System.out.printf(
        Locale.ROOT,
        "%d tables, %,d rows, %d pointers, %d tables with a key: %.1f s%n",
        survey.tables().size(),
        rows,
        survey.pointers().size(),
        survey.tables().stream().filter(t -> t.singleKey().isPresent()).count(),
        (end - start) / 1e9);
    List<Surveyor.Stage> stages = List.of(Surveyor.Stage.values());
    for (int i = 0; i < stages.size(); i++) {
      long until = i + 1 < stages.size() ? starts.get(stages.get(i + 1)) : end;
      System.out.printf(
          Locale.ROOT, "  %-9s %.1f s%n", stages.get(i), (until - starts.get(stages.get(i))) / 1e9);
    }
    System.out.printf(
        Locale.ROOT, "%,d statements, at most %d at once%n", statements.get(), mostRunning.get());
  }

  private List<List<Object>> rows(String sql, List<Object> parameters, int most) {
    mostRunning.accumulateAndGet(running.incrementAndGet(), Math::max);
    statements.incrementAndGet();
    Connection connection = idle.poll();
    try {
      if (connection == null) {
        connection =
            DriverManager.getConnection(url + "&stringtype=unspecified&options=-c%20jit=off");
      }
      try (PreparedStatement statement = connection.prepareStatement(sql)) {
        for (int i = 0; i < parameters.size(); i++) {
          statement.setObject(i + 1, parameters.get(i));
        }
        statement.setMaxRows(most);
        List<List<Object>> rows = new ArrayList<>();
        try (ResultSet result = statement.executeQuery()) {
          int columns = result.getMetaData().getColumnCount();
          while (result.next()) {
            List<Object> row = new ArrayList<>(columns);
            for (int i = 1; i <= columns; i++) {
              row.add(result.getObject(i));
            }
            rows.add(java.util.Collections.unmodifiableList(row));
          }
        }
        return rows;
      } finally {
        idle.add(connection);
      }
    } catch (SQLException e) {
      throw new Warehouse.Refused(e.getMessage(), e);
    } finally {
      running.decrementAndGet();
    }
  }
}
