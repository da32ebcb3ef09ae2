package org.ropebridge.service.models;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.ropebridge.access.Access;
import org.ropebridge.language.LanguagePack;
import org.ropebridge.lexicon.ValueIndex;
import org.ropebridge.model.Model;
import org.ropebridge.model.check.ModelCheck;
import org.ropebridge.model.check.SoundPart;
import org.ropebridge.model.file.Fault;
import org.ropebridge.model.file.ModelReader;
import org.ropebridge.reading.QuestionReader;
import org.ropebridge.reading.SampleQuestions;
import org.ropebridge.service.problems.Problem;
import org.ropebridge.service.sources.Warehouses;
import org.ropebridge.sql.SampleSql;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Checks and publishes models. */
@Service
public class ModelService {
  private static final Logger LOG = LoggerFactory.getLogger(ModelService.class);
  private static final long LARGEST = 8_000_000;

  /**
   * The model of how the service is used: for authors only, and not in the list of models that
   * people choose from.
   */
  public static final String USAGE = "usage";

  private final StoredModels models;
  private final Editions editions;
  private final Engines engines;
  private final Warehouses warehouses;
  private final ApplicationEventPublisher events;

  ModelService(
      StoredModels models,
      Editions editions,
      Engines engines,
      Warehouses warehouses,
      ApplicationEventPublisher events) {
    this.events = events;
    this.models = models;
    this.editions = editions;
    this.engines = engines;
    this.warehouses = warehouses;
  }

  /**
   * What a check found.
   *
   * @param publishable whether nothing stands in the way
   * @param name the model's name; empty when its files could not be read
   * @param read the files as they were read
   */
  public record Checked(
      boolean publishable, String name, List<Fault> faults, ModelReader.Result read) {}

  /** Checks files without keeping them; sample questions are read with the warehouse's values. */
  public Checked check(Map<String, String> files) {
    ModelReader.Result result = ModelReader.read(files);
    List<Fault> faults = new ArrayList<>(result.faults());
    if (result.model().isPresent()) {
      Model model = result.model().get();
      faults.addAll(ModelCheck.faults(model, result.places()));
      boolean sound = faults.stream().noneMatch(f -> f.severity() == Fault.Severity.ERROR);
      faults.addAll(questions(model, result, sound));
      faults.addAll(SampleSql.faults(model, result.places()));
    }
    faults.sort(Comparator.comparing(Fault::place));
    boolean publishable =
        result.model().isPresent()
            && faults.stream().noneMatch(f -> f.severity() == Fault.Severity.ERROR);
    return new Checked(publishable, result.model().map(Model::name).orElse(""), faults, result);
  }

  private List<Fault> questions(Model model, ModelReader.Result result, boolean sound) {
    Model readable = sound ? model : SoundPart.of(model);
    Access access = Access.unlimited(model);
    Optional<ValueIndex> values =
        sound ? values(model, access) : values(readable, Access.unlimited(readable));
    try {
      LocalDate today =
          model
              .calendar()
              .fixedToday()
              .orElseGet(
                  () ->
                      values.isPresent()
                          ? engines.todayFor(access)
                          : model.calendar().day(Clock.systemDefaultZone()));
      QuestionReader reader =
          new QuestionReader(
              readable, values.orElse(ValueIndex.EMPTY), LanguagePack.of(model.languages()), today);
      return sound
          ? SampleQuestions.faults(model, reader, result.places(), values.isPresent())
          : SampleQuestions.besideOtherFaults(model, reader, result.places(), values.isPresent());
    } catch (RuntimeException e) {
      // A model with faults may be too broken to read questions on; its own faults come first.
      if (sound) {
        throw e;
      }
      LOG.debug("sample questions were not read", e);
      return List.of();
    }
  }

  /** The warehouse's values, when all sources of the model are known and reachable. */
  private Optional<ValueIndex> values(Model model, Access access) {
    if (!model.sources().keySet().stream().allMatch(warehouses::has)) {
      return Optional.empty();
    }
    try {
      return Optional.of(engines.valuesFor(access));
    } catch (Problem e) {
      LOG.info("checked without the values of the warehouse: {}", e.getMessage());
      return Optional.empty();
    }
  }

  /**
   * Publishes files as the next edition.
   *
   * @throws Problem if the files have faults that stand in the way
   */
  @Transactional
  public Published publish(Map<String, String> files, String note, String by) {
    return publish(files, note, by, "");
  }

  /**
   * Publishes files as the next edition.
   *
   * @param overruled why, although something is broken; empty when nothing is
   * @throws Problem if the files have faults that stand in the way
   */
  @Transactional
  public Published publish(Map<String, String> files, String note, String by, String overruled) {
    Checked checked = check(files);
    if (!checked.publishable()) {
      throw new Problem(
          HttpStatus.UNPROCESSABLE_CONTENT,
          "model-has-faults",
          "The model has faults; nothing was published. Mend them and publish again.",
          Map.of("faults", checked.faults()));
    }
    StoredModel model =
        models
            .lockByName(checked.name())
            .orElseGet(() -> models.save(new StoredModel(checked.name())));
    int number =
        editions
            .findFirstByModelNameOrderByNumberDesc(checked.name())
            .map(e -> e.number() + 1)
            .orElse(1);
    Edition edition = editions.save(new Edition(model, number, files, note, by, overruled));
    return new Published(checked.name(), edition.number(), checked.faults());
  }

  /**
   * The files, unless they are too large.
   *
   * @throws Problem if they are
   */
  public static Map<String, String> limited(Map<String, String> files) {
    long size = files.values().stream().mapToLong(String::length).sum();
    if (size > LARGEST) {
      throw Problem.badRequest(
          "model-too-large", "The model's files have more than 8 million characters together.");
    }
    return files;
  }

  /** Makes a published edition the one that is asked, from now on. */
  public void announce(String name) {
    engines.published(name);
    events.publishEvent(new Announced(name));
  }

  /** A model has a new edition, which is asked from now on. */
  public record Announced(String model) {}

  /** A new edition, and the warnings that came with it. */
  public record Published(String model, int edition, List<Fault> warnings) {}

  /** The files of a model's newest edition, and its number; empty before the first. */
  @Transactional(readOnly = true)
  public Optional<EditionFiles> newestFiles(String name) {
    return editions
        .findFirstByModelNameOrderByNumberDesc(name)
        .map(e -> new EditionFiles(e.number(), e.files()));
  }

  /**
   * The files of an edition.
   *
   * @throws Problem if there is none of that number
   */
  @Transactional(readOnly = true)
  public EditionFiles files(String name, int number) {
    return editions
        .findByModelNameAndNumber(name, number)
        .map(e -> new EditionFiles(e.number(), e.files()))
        .orElseThrow(
            () ->
                Problem.notFound(
                    "unknown-edition",
                    "The model \"" + name + "\" has no edition " + number + "."));
  }

  /** The editions of a model, the newest first. */
  public List<EditionLine> editions(String name) {
    return editions.findLines(name);
  }

  /** The stored model's key, made when it is missing. */
  @Transactional
  public UUID keyOf(String name) {
    return models.findByName(name).orElseGet(() -> models.save(new StoredModel(name))).id();
  }

  /** An edition's number and its files as they were written. */
  public record EditionFiles(int number, Map<String, String> files) {
    public EditionFiles {
      files = Map.copyOf(files);
    }
  }

  /** The names of all models, published or not, in order. */
  public List<String> allNames() {
    return models.findAllByOrderByName().stream().map(StoredModel::name).toList();
  }

  /** The names of all models that were published. */
  public List<String> published() {
    return models.findAllByOrderByName().stream()
        .map(StoredModel::name)
        .filter(name -> editions.findNewest(name).isPresent())
        .toList();
  }

  public boolean has(String name) {
    return models.findByName(name).isPresent();
  }

  Edition newest(String name) {
    return engines.newest(name);
  }
}
