package org.ropebridge.service.uploads;

import de.siegmar.fastcsv.writer.CsvWriter;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.parameters.RequestBody;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.io.IOException;
import java.io.OutputStreamWriter;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.ropebridge.service.accounts.CurrentAccount;
import org.ropebridge.service.jobs.JobPart;
import org.ropebridge.upload.ColumnForm;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Files that authors bring, over REST. */
@RestController
@RequestMapping("/api")
@PreAuthorize("hasRole('AUTHOR')")
class UploadController {
  private static final String NAME = "[a-z][a-z0-9_]{0,49}";

  private final Uploads uploads;
  private final CurrentAccount current;

  UploadController(Uploads uploads, CurrentAccount current) {
    this.uploads = uploads;
    this.current = current;
  }

  /**
   * A file that was brought.
   *
   * @param look how far the last look at it is
   * @param found what it found; null before it is done
   * @param intake how far it is taken in; null before that
   * @param suggestedTable a name for its table
   * @param table schema and name of the table that it became; null before that
   * @param rows rows of the table
   * @param aside rows put aside
   */
  record UploadPart(
      UUID id,
      String source,
      String fileName,
      long bytes,
      String broughtBy,
      Instant createdAt,
      JobPart look,
      Look found,
      JobPart intake,
      String suggestedTable,
      String table,
      long rows,
      long aside) {}

  /** A file in a list. */
  record UploadLine(
      UUID id,
      String fileName,
      long bytes,
      String broughtBy,
      Instant createdAt,
      String table,
      long rows,
      long aside) {}

  /** What the author says about a file; what is left out stays as it is. */
  record SaidRequest(
      @Size(max = 40) String encoding,
      @Size(max = 4) String separator,
      @Size(max = 100) String sheet,
      @Size(max = 5) List<Long> headerLines,
      @Size(max = 2000) List<ColumnForm> columns) {}

  /**
   * The table to be made.
   *
   * @param table its name; named after the file when left out
   * @param replace whether the table of an earlier file is replaced
   */
  record TableRequest(@Pattern(regexp = NAME) String table, boolean replace) {}

  @Operation(
      summary = "Bring a file: its bytes are the body",
      requestBody =
          @RequestBody(
              content =
                  @Content(
                      mediaType = "application/octet-stream",
                      schema = @Schema(type = "string", format = "binary"))))
  @PostMapping(
      path = "/sources/{source}/uploads",
      consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
  @ResponseStatus(HttpStatus.ACCEPTED)
  UploadPart bring(
      @PathVariable String source,
      @RequestParam @NotBlank @Size(max = 1000) String file,
      HttpServletRequest request)
      throws IOException {
    return part(
        uploads.receive(
            source,
            file,
            request.getInputStream(),
            request.getContentLengthLong(),
            current.get().name()));
  }

  @Operation(summary = "List the newest files brought to a source")
  @GetMapping("/sources/{source}/uploads")
  List<UploadLine> list(@PathVariable String source) {
    return uploads.newest(source).stream()
        .map(
            u ->
                new UploadLine(
                    u.id(),
                    u.fileName(),
                    u.bytes(),
                    u.broughtBy(),
                    u.createdAt(),
                    table(u),
                    u.rowsTaken(),
                    u.rowsAside()))
        .toList();
  }

  @Operation(summary = "See what was found out about a file, and what became of it")
  @GetMapping("/uploads/{id}")
  UploadPart show(@PathVariable UUID id) {
    return part(uploads.of(id));
  }

  @Operation(summary = "Say how a file is to be read, and look at it anew")
  @PutMapping("/uploads/{id}/reading")
  @ResponseStatus(HttpStatus.ACCEPTED)
  UploadPart say(
      @PathVariable UUID id,
      @Valid @org.springframework.web.bind.annotation.RequestBody SaidRequest said) {
    return part(
        uploads.lookAgain(
            id,
            new Uploads.Said(
                said.encoding(),
                said.separator(),
                said.sheet(),
                said.headerLines(),
                said.columns()),
            current.get().name()));
  }

  @Operation(summary = "Make a table of a file, as it was found or said")
  @PostMapping("/uploads/{id}/table")
  @ResponseStatus(HttpStatus.ACCEPTED)
  UploadPart takeIn(
      @PathVariable UUID id,
      @Valid @org.springframework.web.bind.annotation.RequestBody TableRequest request) {
    return part(uploads.takeIn(id, request.table(), request.replace(), current.get().name()));
  }

  @Operation(summary = "Get the rows of a file that were put aside, as CSV with line and reason")
  @GetMapping("/uploads/{id}/aside")
  void aside(@PathVariable UUID id, HttpServletResponse response) throws IOException {
    Upload upload = uploads.of(id);
    response.setContentType("text/csv;charset=UTF-8");
    response.setHeader(
        HttpHeaders.CONTENT_DISPOSITION,
        ContentDisposition.attachment()
            .filename(upload.tableName() + "-aside.csv")
            .build()
            .toString());
    try (CsvWriter csv =
        CsvWriter.builder()
            .build(new OutputStreamWriter(response.getOutputStream(), StandardCharsets.UTF_8))) {
      csv.writeRecord("line", "reason");
      uploads.eachAside(
          upload,
          row -> {
            List<String> fields = new ArrayList<>();
            fields.add(Long.toString(row.line()));
            fields.add(row.reason());
            fields.addAll(row.cells());
            csv.writeRecord(fields);
          });
    }
  }

  @Operation(summary = "Forget a file; with table=true its table too")
  @DeleteMapping("/uploads/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void forget(@PathVariable UUID id, @RequestParam(defaultValue = "false") boolean table) {
    uploads.forget(id, table);
  }

  private static String table(Upload upload) {
    return upload.tableName() == null ? null : upload.schemaName() + "." + upload.tableName();
  }

  private UploadPart part(Upload asked) {
    JobPart look = JobPart.of(uploads.lookJob(asked));
    JobPart intake = uploads.intakeJob(asked).map(JobPart::of).orElse(null);
    // After its jobs: one that is done has written before what came of it.
    Upload upload = uploads.of(asked.id());
    return new UploadPart(
        upload.id(),
        upload.source(),
        upload.fileName(),
        upload.bytes(),
        upload.broughtBy(),
        upload.createdAt(),
        look,
        uploads.look(upload).orElse(null),
        intake,
        Uploads.tableName(upload.fileName()),
        table(upload),
        upload.rowsTaken(),
        upload.rowsAside());
  }
}
