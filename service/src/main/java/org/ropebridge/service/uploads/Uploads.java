package org.ropebridge.service.uploads;

import java.io.InputStream;
import java.time.Instant;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.ropebridge.language.Identifiers;
import org.ropebridge.service.Settings;
import org.ropebridge.service.jobs.Job;
import org.ropebridge.service.jobs.Jobs;
import org.ropebridge.service.problems.Problem;
import org.ropebridge.service.sources.UploadTables;
import org.ropebridge.upload.ColumnForm;
import org.ropebridge.upload.Intake;
import org.ropebridge.upload.Untakable;
import org.springframework.data.domain.Limit;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import tools.jackson.databind.json.JsonMapper;

/** Takes files, looks at them in the background, and makes tables of them. */
@Service
class Uploads {
  private static final JsonMapper JSON = JsonMapper.builder().build();
  private static final String LOOK = "look";
  private static final String INTAKE = "intake";
  private static final int MOST_LISTED = 100;
  private static final int LONGEST_NAME = 200;
  private static final int LONGEST_TABLE = 50;

  private final StoredUploads stored;
  private final Spool spool;
  private final Jobs jobs;
  private final UploadTables tables;
  private final Settings.Uploads settings;

  Uploads(StoredUploads stored, Spool spool, Jobs jobs, UploadTables tables, Settings settings) {
    this.stored = stored;
    this.spool = spool;
    this.jobs = jobs;
    this.tables = tables;
    this.settings = settings.uploads();
  }

  /** Takes a file and begins to look at it. */
  Upload receive(String source, String fileName, InputStream in, long announced, String by) {
    UploadTables.Place place = tables.place(source);
    forgetOld();
    UUID id = UUID.randomUUID();
    long bytes = spool.receive(id, in, announced);
    String name = fileName.length() > LONGEST_NAME ? fileName.substring(0, LONGEST_NAME) : fileName;
    Upload upload = new Upload(id, source, place.schema(), name, bytes, by);
    look(upload, Opening.FIND_OUT, null, by);
    return upload;
  }

  private void forgetOld() {
    for (Upload old :
        stored.findBySpooledTrueAndCreatedAtBefore(Instant.now().minus(settings.kept()))) {
      spool.forget(old.id());
      stored.delete(old);
    }
  }

  private void look(Upload upload, Opening wanted, List<Long> headerLines, String by) {
    start(
        upload,
        wanted,
        by,
        sign -> new Looking(spool.of(upload.id()), upload.bytes(), sign).find(wanted, headerLines));
  }

  private void start(Upload upload, Opening wanted, String by, Jobs.Work work) {
    Job job = jobs.start(LOOK, upload.id().toString(), 0, by, told(work));
    upload.lookedAtBy(job.id(), JSON.writeValueAsString(wanted));
    stored.save(upload);
  }

  /** What is wrong with a file is told to who brought it. */
  private static Jobs.Work told(Jobs.Work work) {
    return sign -> {
      try {
        return work.run(sign);
      } catch (Untakable e) {
        throw Problem.badRequest("untakable-file", e.getMessage());
      }
    };
  }

  /**
   * What the author says about a file; null leaves a thing as it is.
   *
   * @param headerLines lines of the heading; empty for none
   * @param columns all columns, changed
   */
  record Said(
      String encoding,
      String separator,
      String sheet,
      List<Long> headerLines,
      List<ColumnForm> columns) {
    private boolean isAboutOpening() {
      return encoding != null || separator != null || sheet != null || headerLines != null;
    }
  }

  /** Looks anew, as the author says. */
  Upload lookAgain(UUID id, Said said, String by) {
    Upload upload = spooled(id);
    if (said.isAboutOpening()) {
      Opening before = JSON.readValue(upload.opening(), Opening.class);
      Opening wanted =
          new Opening(
              said.encoding() == null ? before.encoding() : said.encoding(),
              said.separator() == null ? before.separator() : said.separator(),
              said.sheet() == null ? before.sheet() : said.sheet(),
              List.of());
      look(upload, wanted, said.headerLines(), by);
      return upload;
    }
    Look before = lookOf(upload);
    List<ColumnForm> columns = said.columns() == null ? before.form().columns() : said.columns();
    check(before, columns);
    start(
        upload,
        JSON.readValue(upload.opening(), Opening.class),
        by,
        sign -> new Looking(spool.of(upload.id()), upload.bytes(), sign).again(before, columns));
    return upload;
  }

  private static void check(Look before, List<ColumnForm> columns) {
    if (columns.size() != before.form().columns().size()) {
      throw Problem.badRequest(
          "invalid-columns",
          "Give all %d columns of the file; leave out those that are not kept by \"kept\"."
              .formatted(before.form().columns().size()));
    }
    Set<String> names = new HashSet<>();
    for (int i = 0; i < columns.size(); i++) {
      ColumnForm column = columns.get(i);
      if (column.index() != i) {
        throw Problem.badRequest("invalid-columns", "Give the columns in the order of the file.");
      }
      if (column.kept() && !column.name().matches("[a-z][a-z0-9_]{0,59}")) {
        throw Problem.badRequest(
            "invalid-columns",
            "\""
                + column.name()
                + "\" cannot be a column's name: use small letters, digits and underscores.");
      }
      if (column.kept() && !names.add(column.name())) {
        throw Problem.badRequest(
            "invalid-columns", "Two columns are called \"" + column.name() + "\".");
      }
    }
  }

  /**
   * Begins to make a table of a file.
   *
   * @param table its name; null to name it after the file
   */
  Upload takeIn(UUID id, String table, boolean replace, String by) {
    Upload upload = spooled(id);
    Look look = lookOf(upload);
    if (look.form().hasOpenColumns()) {
      throw new Problem(
          HttpStatus.CONFLICT,
          "file-not-settled",
          "Something must be said first: "
              + look.notes().stream()
                  .filter(org.ropebridge.upload.FileNote::open)
                  .map(c -> "\"" + c.column() + "\" " + c.text())
                  .reduce((a, b) -> a + "; " + b)
                  .orElse("how a column is to be read")
              + ".");
    }
    if (look.rows() == 0) {
      throw new Problem(
          HttpStatus.CONFLICT,
          "no-rows",
          "No row of the file fits its columns. Look at the reasons, and change the columns, the"
              + " separator or the heading.");
    }
    String name = table == null ? tableName(upload.fileName()) : table;
    if (replace && !isOurs(upload, name)) {
      throw new Problem(
          HttpStatus.CONFLICT,
          "not-an-upload",
          "There is no table \"" + name + "\" of a file that was brought, so none is replaced.");
    }
    Job job =
        jobs.start(
            INTAKE,
            id.toString(),
            0,
            by,
            told(sign -> takeIn(upload.id(), look, name, replace, sign)));
    stored.takenInBy(id, job.id());
    return of(id);
  }

  private boolean isOurs(Upload upload, String table) {
    return stored.existsBySourceAndSchemaNameAndTableName(
        upload.source(), upload.schemaName(), table);
  }

  /** A name for the table of a file: its name without ending. */
  static String tableName(String fileName) {
    String words = fileName.replaceAll("^.*[/\\\\]", "").replaceAll("\\.[A-Za-z0-9]{1,5}$", "");
    return Identifiers.name(words, LONGEST_TABLE, Set.of());
  }

  /** What a file became. */
  record Became(String table, long rows, long aside) {}

  private Became takeIn(UUID id, Look look, String table, boolean replace, Jobs.Sign sign) {
    Upload upload = of(id);
    long[] counts = new long[2];
    String comment =
        "From the file " + upload.fileName() + ", brought by " + upload.broughtBy() + ".";
    tables.make(
        new UploadTables.Wanted(upload.source(), table, look.form().kept(), comment, replace),
        spool.folder(),
        sink -> {
          Intake intake = new Intake(look.form(), sink);
          Looking looking = new Looking(spool.of(id), upload.bytes(), sign);
          Opener.open(spool.of(id), look.opening())
              .each(intake::add, looking.progress("taking in"));
          counts[0] = intake.taken();
          counts[1] = intake.aside();
        });
    if (replace) {
      stored
          .findBySourceAndSchemaNameAndTableName(upload.source(), upload.schemaName(), table)
          .forEach(stored::delete);
    }
    stored.became(id, table, counts[0], counts[1], Instant.now());
    spool.forget(id);
    return new Became(upload.schemaName() + "." + table, counts[0], counts[1]);
  }

  private Look lookOf(Upload upload) {
    return look(upload)
        .orElseThrow(
            () ->
                new Problem(
                    HttpStatus.CONFLICT,
                    "look-not-done",
                    "This file is still looked at, or could not be read. See how far it is."));
  }

  /** What the last look found; empty before it is done. */
  Optional<Look> look(Upload upload) {
    return Optional.of(lookJob(upload))
        .filter(j -> j.state() == Job.State.DONE)
        .map(j -> Jobs.result(j, Look.class));
  }

  Job lookJob(Upload upload) {
    return jobs.of(LOOK, upload.look());
  }

  /** The job that takes it in; empty before that. */
  Optional<Job> intakeJob(Upload upload) {
    return Optional.ofNullable(upload.intake()).map(i -> jobs.of(INTAKE, i));
  }

  /**
   * The upload.
   *
   * @throws Problem if there is none
   */
  Upload of(UUID id) {
    return stored
        .findById(id)
        .orElseThrow(
            () -> Problem.notFound("unknown-upload", "There is no file " + id + " any more."));
  }

  private Upload spooled(UUID id) {
    Upload upload = of(id);
    if (!upload.isSpooled()) {
      throw new Problem(
          HttpStatus.CONFLICT,
          "already-a-table",
          "This file became the table \""
              + upload.tableName()
              + "\" already. Bring it again to take it in otherwise.");
    }
    if (intakeJob(upload).filter(j -> j.state() == Job.State.RUNNING).isPresent()) {
      throw new Problem(
          HttpStatus.CONFLICT, "being-taken-in", "This file is being taken in just now.");
    }
    return upload;
  }

  /** The newest files brought to a source. */
  List<Upload> newest(String source) {
    tables.place(source);
    return stored.findBySourceOrderByCreatedAtDesc(source, Limit.of(MOST_LISTED));
  }

  /** Forgets a file; its table goes too when that is said. */
  void forget(UUID id, boolean table) {
    Upload upload = of(id);
    jobs.stop(lookJob(upload));
    intakeJob(upload).ifPresent(jobs::stop);
    if (table && upload.tableName() != null) {
      tables.drop(upload.source(), upload.schemaName(), upload.tableName());
    }
    spool.forget(id);
    stored.delete(upload);
  }

  /** Hands over the rows that were put aside. */
  void eachAside(Upload upload, java.util.function.Consumer<org.ropebridge.upload.Aside> each) {
    if (upload.rowsAside() > 0) {
      tables.eachAside(upload.source(), upload.schemaName(), upload.tableName(), each);
    }
  }
}
