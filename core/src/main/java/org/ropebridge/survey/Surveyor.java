package org.ropebridge.survey;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.CancellationException;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Function;
import org.ropebridge.language.Identifiers;
import org.ropebridge.sql.SurveySql;

/**
 * Looks at the tables of a source: each by itself, then how they point at each other, then what
 * identifies their rows. At most {@value #STATEMENTS_AT_ONCE} statements run at once, and big
 * tables are looked at by a sample.
 */
public final class Surveyor {
  /** Statements that a survey runs at once in a warehouse. */
  public static final int STATEMENTS_AT_ONCE = 2;

  private static final int MOST_COLUMNS = 200_000;

  private final Warehouse warehouse;
  private final Identifiers identifiers;
  private final Progress progress;

  public Surveyor(Warehouse warehouse, Identifiers identifiers, Progress progress) {
    this.warehouse = warehouse;
    this.identifiers = identifiers;
    this.progress = progress;
  }

  /**
   * Which tables to look at.
   *
   * @param schemas all tables of these; of every schema when empty
   * @param tables these alone, as {@code schema.table}; all of the schemas when empty
   */
  public record Choice(Set<String> schemas, Set<String> tables) {
    public static final Choice EVERYTHING = new Choice(Set.of(), Set.of());

    public Choice {
      schemas = Set.copyOf(schemas);
      tables = Set.copyOf(tables);
    }

    boolean has(String schema, String table) {
      return (schemas.isEmpty() || schemas.contains(schema))
          && (tables.isEmpty() || tables.contains(schema + "." + table));
    }
  }

  /** What is told while a survey runs, and asked whether it should go on. */
  public interface Progress {
    /** A progress that nobody follows. */
    Progress NONE =
        new Progress() {
          @Override
          public void at(Stage stage, int done, int of) {}

          @Override
          public boolean isStopped() {
            return false;
          }
        };

    /** Called when another table is done, from any thread. */
    void at(Stage stage, int done, int of);

    /** Whether the survey should end. */
    boolean isStopped();
  }

  /** The parts of a survey, in order. */
  public enum Stage {
    TABLES,
    POINTERS,
    KEYS
  }

  /**
   * Looks at the chosen tables.
   *
   * @throws CancellationException if the progress says that it should end
   * @throws Warehouse.Refused if the warehouse does not even tell which tables it has
   */
  public Survey survey(String source, Choice choice) {
    List<ListedTable> listed =
        ListedTable.all(warehouse.rows(SurveySql.CATALOGUE, List.of(), MOST_COLUMNS)).stream()
            .filter(t -> choice.has(t.schema(), t.name()))
            .toList();
    Constraints constraints =
        Constraints.of(warehouse.rows(SurveySql.CONSTRAINTS, List.of(), MOST_COLUMNS));
    ExecutorService workers = Executors.newFixedThreadPool(STATEMENTS_AT_ONCE);
    try {
      TableLook look = new TableLook(warehouse, identifiers);
      List<SurveyedTable> tables =
          all(
              workers,
              Stage.TABLES,
              listed,
              t -> KeySearch.withSingleKey(look.at(t, constraints.keysOf(t.path())), warehouse));
      PointerSearch search = new PointerSearch(tables, constraints, identifiers, warehouse);
      List<Pointer> pointers = new ArrayList<>();
      all(workers, Stage.POINTERS, tables, search::of).forEach(pointers::addAll);
      KeySearch keys = new KeySearch(new Survey(source, tables, pointers), identifiers, warehouse);
      return new Survey(source, all(workers, Stage.KEYS, tables, keys::of), pointers);
    } finally {
      workers.shutdownNow();
    }
  }

  private <A, B> List<B> all(
      ExecutorService workers, Stage stage, List<A> items, Function<A, B> work) {
    progress.at(stage, 0, items.size());
    AtomicInteger done = new AtomicInteger();
    List<Future<B>> futures = new ArrayList<>();
    for (A item : items) {
      futures.add(
          workers.submit(
              () -> {
                if (progress.isStopped()) {
                  throw new CancellationException("the survey was stopped");
                }
                B result = work.apply(item);
                progress.at(stage, done.incrementAndGet(), items.size());
                return result;
              }));
    }
    List<B> results = new ArrayList<>();
    for (Future<B> future : futures) {
      results.add(result(future));
    }
    return results;
  }

  private static <B> B result(Future<B> future) {
    try {
      return future.get();
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new CancellationException("the survey was interrupted");
    } catch (ExecutionException e) {
      if (e.getCause() instanceof RuntimeException cause) {
        throw cause;
      }
      throw new IllegalStateException(e.getCause());
    }
  }

  /** A table as the warehouse lists it. */
  record ListedTable(
      String schema,
      String name,
      String kind,
      long estimatedRows,
      String comment,
      List<ListedColumn> columns) {

    String path() {
      return schema + "." + name;
    }

    /** Whether it has pages of its own, so that some of them can be looked at. */
    boolean hasPages() {
      return kind.equals("r") || kind.equals("p") || kind.equals("m");
    }

    static List<ListedTable> all(List<List<Object>> rows) {
      Map<String, ListedTable> tables = new LinkedHashMap<>();
      for (List<Object> row : rows) {
        String schema = row.get(0).toString();
        String name = row.get(1).toString();
        tables
            .computeIfAbsent(
                schema + "." + name,
                path ->
                    new ListedTable(
                        schema,
                        name,
                        row.get(2).toString(),
                        ((Number) row.get(3)).longValue(),
                        row.get(4).toString(),
                        new ArrayList<>()))
            .columns()
            .add(
                new ListedColumn(
                    row.get(5).toString(),
                    row.get(6).toString(),
                    Boolean.TRUE.equals(row.get(7)),
                    row.get(8).toString()));
      }
      return List.copyOf(tables.values());
    }
  }

  /** A column as the warehouse lists it. */
  record ListedColumn(String name, String type, boolean neverMissing, String comment) {}
}
