package org.ropebridge.service.models;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Clock;
import java.time.Duration;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.ropebridge.access.Access;
import org.ropebridge.access.Person;
import org.ropebridge.answer.Definitions;
import org.ropebridge.answer.Explanations;
import org.ropebridge.answer.Narrative;
import org.ropebridge.answer.Notices;
import org.ropebridge.language.LanguagePack;
import org.ropebridge.lexicon.ValueIndex;
import org.ropebridge.model.BusinessCalendar.Today;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.model.Model;
import org.ropebridge.model.check.ModelCheck;
import org.ropebridge.model.file.Fault;
import org.ropebridge.model.file.ModelReader;
import org.ropebridge.reading.QuestionReader;
import org.ropebridge.reading.WordVectors;
import org.ropebridge.service.problems.Problem;
import org.ropebridge.service.sources.Statements;
import org.ropebridge.sql.ConstraintSql;
import org.ropebridge.sql.Guarantees;
import org.ropebridge.sql.SqlWriter;
import org.ropebridge.sql.ValueSql;
import org.ropebridge.steering.Steering;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;

/**
 * Makes engines and keeps them. Everything here can be made anew from the stored edition and the
 * warehouse, so that any replica can do so.
 */
@Component
public class Engines {
  private static final Logger LOG = LoggerFactory.getLogger(Engines.class);

  /** Most values of a column that can be named in questions. */
  static final int MOST_VALUES = 50_000;

  private static final int MOST_CONSTRAINTS = 100_000;

  private static final Duration FRESH = Duration.ofMinutes(30);

  private final Editions editions;
  private final Statements statements;
  private final Vectors vectors;
  private final Cache<Key, Engine> engines =
      Caffeine.newBuilder().maximumSize(200).expireAfterWrite(FRESH).build();
  private final Cache<AccessKey, Access> accesses =
      Caffeine.newBuilder().maximumSize(2_000).expireAfterAccess(FRESH).build();

  /** Another replica's new edition is seen after so long; one of this process at once. */
  private final Cache<String, EditionNumber> newest =
      Caffeine.newBuilder().maximumSize(1_000).expireAfterWrite(Duration.ofSeconds(2)).build();

  /** Values of a moment ago are good enough for the many checks of a draft that is being edited. */
  private final Cache<ValueSql.Statement, List<String>> checked =
      Caffeine.newBuilder().maximumSize(2_000).expireAfterWrite(Duration.ofMinutes(2)).build();

  private final Cache<UUID, Model> models = Caffeine.newBuilder().maximumSize(100).build();

  Engines(Editions editions, Statements statements, Vectors vectors) {
    this.vectors = vectors;
    this.editions = editions;
    this.statements = statements;
  }

  private record AccessKey(UUID edition, Person person) {}

  private record Key(UUID edition, String access, LocalDate clock) {}

  /** Word vectors, to compare what people wrote by its meaning. */
  public WordVectors wordVectors() {
    return vectors.words();
  }

  /**
   * The engine of the newest edition, for a person.
   *
   * @throws Problem if there is no such model
   */
  public Engine of(String modelName, Person person) {
    EditionNumber edition =
        newest.get(modelName, name -> editions.findNewest(name).orElseThrow(() -> unknown(name)));
    Model model = models.get(edition.id(), id -> model(editions.findById(id).orElseThrow()));
    Access access =
        accesses.get(new AccessKey(edition.id(), person), k -> Access.of(model, person));
    return engines.get(
        new Key(edition.id(), access.key(), model.calendar().day(Clock.systemDefaultZone())),
        k -> make(access, edition.number()));
  }

  /**
   * An engine for files that are not published, for a person.
   *
   * @param state tells these files from all others
   * @throws Problem if the files cannot be asked
   */
  public Engine ofFiles(UUID state, Map<String, String> files, Person person) {
    Model model = models.get(state, id -> sound(files));
    Access access = accesses.get(new AccessKey(state, person), k -> Access.of(model, person));
    return engines.get(
        new Key(state, access.key(), model.calendar().day(Clock.systemDefaultZone())),
        k -> make(access, 0));
  }

  private static Model sound(Map<String, String> files) {
    ModelReader.Result read = ModelReader.read(files);
    boolean sound =
        read.model().isPresent()
            && Stream.concat(
                    read.faults().stream(),
                    ModelCheck.faults(read.model().get(), read.places()).stream())
                .noneMatch(f -> f.severity() == Fault.Severity.ERROR);
    if (!sound) {
      throw new Problem(
          HttpStatus.UNPROCESSABLE_CONTENT,
          "draft-has-faults",
          "The draft has faults, so it cannot be asked. Mend them first.");
    }
    return read.model().get();
  }

  /** A new edition of the model is there. */
  void published(String modelName) {
    newest.invalidate(modelName);
  }

  Edition newest(String modelName) {
    return editions
        .findFirstByModelNameOrderByNumberDesc(modelName)
        .orElseThrow(() -> unknown(modelName));
  }

  private static Problem unknown(String modelName) {
    return Problem.notFound(
        "unknown-model",
        "There is no published model \"" + modelName + "\". See: ropebridge model list");
  }

  private static Model model(Edition edition) {
    return ModelReader.read(edition.files()).model().orElseThrow();
  }

  private Engine make(Access access, int edition) {
    ValueSql sql = new ValueSql(access);
    ValueIndex values =
        ValueIndex.load(access.visible(), c -> access.maySeeValues(c) ? values(sql, c) : List.of());
    QuestionReader reader =
        new QuestionReader(
            access.visible(),
            values,
            LanguagePack.of(access.visible().languages()),
            today(access, sql));
    if (edition > 0) {
      // Askers mistype; a draft is only tried.
      reader.prepare();
    }
    return new Engine(
        access,
        edition,
        reader,
        new SqlWriter(access, reader.periods(), reader.restatement(), guarantees(access.model())),
        new Notices(access, reader.periods(), reader.restatement()),
        new Narrative(access.visible(), reader.periods()),
        new Definitions(access.visible()),
        new Explanations(access.visible()),
        Steering.of(access.visible(), values, reader),
        vectors.proposals(access.visible()));
  }

  /** What the sources of the model promise by the constraints on their tables. */
  private Guarantees guarantees(Model model) {
    Guarantees all = Guarantees.NONE;
    for (String source : model.sources().keySet()) {
      List<List<Object>> rows =
          statements.query(source, ConstraintSql.TEXT, List.of(), MOST_CONSTRAINTS);
      all = all.and(ConstraintSql.guarantees(model, source, rows));
    }
    return all;
  }

  private List<String> values(ValueSql sql, ColumnRef column) {
    List<List<Object>> rows = rows(sql.distinct(column, MOST_VALUES + 1), MOST_VALUES + 1);
    // Too many to be categories that people name.
    return rows.size() > MOST_VALUES
        ? List.of()
        : rows.stream().map(r -> String.valueOf(r.get(0))).toList();
  }

  /**
   * The rows of a statement; none when the warehouse refuses it. A column that is gone takes away
   * what counts on it, and not the whole model; see the model's health.
   */
  private List<List<Object>> rows(ValueSql.Statement statement, int most) {
    try {
      return statements.query(statement.source(), statement.text(), statement.parameters(), most);
    } catch (Problem e) {
      if (!e.type().equals(Statements.REFUSED)) {
        throw e;
      }
      LOG.warn("values were not read: {}", statement.text());
      return List.of();
    }
  }

  private LocalDate today(Access access, ValueSql sql) {
    Today today = access.model().calendar().today();
    if (today instanceof Today.Fixed fixed) {
      return fixed.day();
    } else if (today instanceof Today.Clock) {
      return access.model().calendar().day(Clock.systemDefaultZone());
    }
    return access.model().tables().stream()
        .map(t -> sql.newestDate(t.name()))
        .flatMap(Optional::stream)
        .flatMap(s -> rows(s, 1).stream())
        .map(r -> r.get(0))
        .filter(Objects::nonNull)
        .map(d -> LocalDate.parse(d.toString()))
        .max(LocalDate::compareTo)
        .orElseGet(() -> access.model().calendar().day(Clock.systemDefaultZone()));
  }

  /** Reads the model's values for a check of files that are not published. */
  ValueIndex valuesFor(Access access) {
    ValueSql sql = new ValueSql(access);
    return ValueIndex.load(
        access.model(),
        column -> checked.get(sql.distinct(column, MOST_VALUES + 1), s -> values(sql, column)));
  }

  LocalDate todayFor(Access access) {
    return today(access, new ValueSql(access));
  }
}
