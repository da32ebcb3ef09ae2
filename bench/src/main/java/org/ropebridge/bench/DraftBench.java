package org.ropebridge.bench;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.ropebridge.bench.QuestionBench.Outcome;
import org.ropebridge.bench.QuestionBench.Question;
import org.ropebridge.bench.QuestionBench.Tally;
import org.ropebridge.language.LanguagePack;
import org.ropebridge.model.check.ModelCheck;
import org.ropebridge.model.file.Fault;
import org.ropebridge.model.file.ModelReader;
import org.ropebridge.model.file.ModelWriter;
import org.ropebridge.reading.Reading;
import org.ropebridge.survey.Draft;
import org.ropebridge.survey.Drafter;
import org.ropebridge.survey.Survey;
import org.ropebridge.survey.Surveyor;

/**
 * Surveys made-up tables of which no model is told anything, drafts a model from the survey, and
 * asks the draft, with nothing changed by hand, what a stranger to the business could ask. The
 * constraints of the practice trades are dropped first; those of the demo are kept.
 *
 * <p>Arguments: the URL of a database server's database {@code postgres}; then names of trades.
 */
public final class DraftBench {
  private static final List<String> TRADES = List.of("huts", "theatre", "water");
  private static final LocalDate TODAY = LocalDate.of(2026, 10, 18);

  private static final String DROP_CONSTRAINTS =
      """
      do $$
      declare c record;
      begin
        for c in select conrelid::regclass t, conname from pg_constraint
            where connamespace = '%s'::regnamespace order by contype loop
          execute 'alter table ' || c.t || ' drop constraint ' || quote_ident(c.conname);
        end loop;
        for c in select attrelid::regclass t, attname from pg_attribute a
            join pg_class k on k.oid = a.attrelid and k.relkind = 'r'
            where k.relnamespace = '%s'::regnamespace and attnotnull and attnum > 0 loop
          execute 'alter table ' || c.t || ' alter column ' || quote_ident(c.attname) || ' drop not null';
        end loop;
      end $$
      """;

  private DraftBench() {}

  public static void main(String[] arguments) throws SQLException {
    List<String> names =
        arguments.length > 1 ? List.of(arguments).subList(1, arguments.length) : TRADES;
    for (String name : names) {
      try (Connection connection = QuestionBench.open(arguments[0])) {
        run(name, connection);
      }
    }
  }

  private static void run(String name, Connection connection) throws SQLException {
    QuestionBench.load(name, connection);
    if (!name.equals("huts")) {
      try (Statement statement = connection.createStatement()) {
        statement.execute(DROP_CONSTRAINTS.formatted(name, name));
      }
    }
    Draft draft = draft(name, connection);
    System.out.println("== " + name);
    if (System.getenv("PROPOSALS") != null) {
      ModelWriter.write(draft.model())
          .forEach((f, text) -> System.out.println("# " + f + "\n" + text));
      draft.proposals().forEach(System.out::println);
      draft.leftOut().forEach(System.out::println);
    }
    ModelReader.Result read = ModelReader.read(ModelWriter.write(draft.model()));
    List<Fault> faults = new ArrayList<>(read.faults());
    faults.addAll(ModelCheck.faults(read.model().orElseThrow(), read.places()));
    faults.forEach(f -> System.out.println("  " + f.severity() + " " + f));
    QuestionBench bench = new QuestionBench(read.model().get(), TODAY, connection);
    Tally tally = new Tally();
    for (String line : PracticeModels.lines("/drafts/" + name + ".tsv")) {
      if (!line.startsWith("#")) {
        Question question = Question.of("d\t" + line);
        Reading reading = bench.reader().read(question.ask());
        Outcome outcome = bench.outcome(question, reading);
        tally.add(outcome);
        if (outcome != Outcome.RIGHT) {
          System.out.println("  " + QuestionBench.miss(question, reading, outcome));
        }
      }
    }
    System.out.println(tally);
  }

  private static Draft draft(String name, Connection connection) {
    Surveyor surveyor =
        new Surveyor(
            (sql, parameters, most) -> rows(connection, sql, parameters),
            LanguagePack.ENGLISH.identifiers(),
            Surveyor.Progress.NONE);
    java.util.Set<String> schemas =
        name.equals("huts") ? java.util.Set.of("hut", "safety", "member") : java.util.Set.of(name);
    Survey survey = surveyor.survey("ledger", new Surveyor.Choice(schemas, java.util.Set.of()));
    return new Drafter(LanguagePack.ENGLISH.identifiers(), TODAY).draft(survey, name, "postgresql");
  }

  private static synchronized List<List<Object>> rows(
      Connection connection, String sql, List<Object> parameters) {
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
      throw new IllegalStateException(e.getMessage() + "\n" + sql, e);
    }
  }
}
