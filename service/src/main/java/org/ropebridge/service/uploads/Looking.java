package org.ropebridge.service.uploads;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CancellationException;
import java.util.function.Consumer;
import org.ropebridge.service.jobs.Jobs;
import org.ropebridge.upload.Aside;
import org.ropebridge.upload.ColumnForm;
import org.ropebridge.upload.Detection;
import org.ropebridge.upload.FileForm;
import org.ropebridge.upload.FileNote;
import org.ropebridge.upload.Intake;
import org.ropebridge.upload.Kind;

/** Looks at a file: finds out how to take it in, then tries that on every row. */
final class Looking {
  private static final int ROWS_SHOWN = 10;
  private static final int ASIDE_SHOWN = 50;
  private static final int KILOBYTE = 1024;

  private final Path file;
  private final long bytes;
  private final Jobs.Sign sign;

  Looking(Path file, long bytes, Jobs.Sign sign) {
    this.file = file;
    this.bytes = bytes;
    this.sign = sign;
  }

  /** Told how much was read; ends the work when it was stopped. */
  Consumer<Long> progress(String stage) {
    return read -> {
      if (sign.isStopped()) {
        throw new CancellationException("stopped");
      }
      sign.at(stage, (int) (read / KILOBYTE), (int) (bytes / KILOBYTE));
    };
  }

  /** Finds out. */
  Look find(Opening wanted, List<Long> headerLines) {
    Consumer<Long> progress = progress("looking");
    progress.accept(0L);
    RawRows rows = Opener.open(file, wanted);
    Opening opening = rows.opening();
    char separator = opening.isSheet() ? ' ' : opening.separator().charAt(0);
    Detection detection = new Detection(opening.isSheet(), separator, headerLines);
    rows.each(detection::add, progress);
    Detection.Result found = detection.finish();
    List<FileNote> notes = new ArrayList<>();
    notes.add(new FileNote("", rows.remark(), false));
    notes.addAll(found.notes());
    return tried(rows, found.form(), notes);
  }

  /** Tries what the author changed about the columns. */
  Look again(Look before, List<ColumnForm> columns) {
    RawRows rows = Opener.open(file, before.opening());
    FileForm form = before.form().withColumns(columns);
    List<FileNote> notes =
        before.notes().stream().filter(c -> !c.open() || isStillOpen(c, form)).toList();
    return tried(rows, form, notes);
  }

  private static boolean isStillOpen(FileNote change, FileForm form) {
    return form.columns().stream().anyMatch(c -> c.name().equals(change.column()) && c.isOpen());
  }

  private Look tried(RawRows rows, FileForm form, List<FileNote> notes) {
    boolean open = form.hasOpenColumns();
    List<List<String>> firstRows = new ArrayList<>();
    List<Aside> firstAside = new ArrayList<>();
    Intake intake =
        new Intake(
            open ? openAsText(form) : form,
            new Intake.Sink() {
              @Override
              public void row(List<String> values) {
                if (firstRows.size() < ROWS_SHOWN) {
                  firstRows.add(values);
                }
              }

              @Override
              public void aside(Aside row) {
                if (firstAside.size() < ASIDE_SHOWN) {
                  firstAside.add(row);
                }
              }
            });
    rows.each(intake::add, progress("trying"));
    if (open) {
      return new Look(rows.opening(), form, notes, 0, 0, 0, firstRows, List.of());
    }
    return new Look(
        rows.opening(),
        form,
        notes,
        intake.taken(),
        intake.aside(),
        intake.leftOut(),
        firstRows,
        firstAside);
  }

  /** What the author must decide is shown as it stands in the file. */
  private static FileForm openAsText(FileForm form) {
    return form.withColumns(
        form.columns().stream().map(c -> c.isOpen() ? c.withKind(Kind.TEXT) : c).toList());
  }
}
