package org.ropebridge.upload;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.UnaryOperator;

/** Files as texts whose cells stand between bars, looked at and taken in as a whole. */
final class UntidyFiles {
  private UntidyFiles() {}

  /** What came of a file. */
  record Taken(Detection.Result found, List<List<String>> rows, List<Aside> aside, long leftOut) {
    List<String> names() {
      return found.form().kept().stream().map(ColumnForm::name).toList();
    }

    List<String> notes() {
      return found.notes().stream()
          .map(c -> (c.column().isEmpty() ? "" : c.column() + " ") + c.text())
          .toList();
    }

    Kind kind(String name) {
      return column(name).kind();
    }

    ColumnForm column(String name) {
      return found.form().columns().stream()
          .filter(c -> c.name().equals(name))
          .findFirst()
          .orElseThrow();
    }
  }

  static List<RawRow> rows(String text) {
    List<RawRow> rows = new ArrayList<>();
    String[] lines = text.split("\n");
    for (int i = 0; i < lines.length; i++) {
      rows.add(new RawRow(i + 1, Arrays.asList(lines[i].split("\\|", -1))));
    }
    return rows;
  }

  static Detection.Result look(String text) {
    return look(rows(text), false);
  }

  static Detection.Result look(List<RawRow> rows, boolean sheet) {
    Detection detection = new Detection(sheet, '\t', null);
    rows.forEach(detection::add);
    return detection.finish();
  }

  static Taken take(String text) {
    return take(text, c -> c);
  }

  static Taken take(String text, UnaryOperator<ColumnForm> author) {
    return take(rows(text), false, author);
  }

  static Taken take(List<RawRow> rows, boolean sheet, UnaryOperator<ColumnForm> author) {
    Detection.Result found = look(rows, sheet);
    FileForm form = found.form().withColumns(found.form().columns().stream().map(author).toList());
    List<List<String>> taken = new ArrayList<>();
    List<Aside> aside = new ArrayList<>();
    Intake intake =
        new Intake(
            form,
            new Intake.Sink() {
              @Override
              public void row(List<String> values) {
                taken.add(values);
              }

              @Override
              public void aside(Aside row) {
                aside.add(row);
              }
            });
    rows.forEach(intake::add);
    return new Taken(new Detection.Result(form, found.notes()), taken, aside, intake.leftOut());
  }
}
