package org.ropebridge;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.ropebridge.demo.DemoData;
import org.ropebridge.demo.DemoFiles;
import org.ropebridge.demo.RowSink;
import org.ropebridge.language.LanguagePack;
import org.ropebridge.lexicon.ValueIndex;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.model.Model;
import org.ropebridge.model.file.ModelReader;
import org.ropebridge.reading.QuestionReader;

/** The demo's model and values, for tests that need no database. */
public final class DemoModel {
  public static final Model MODEL = model();
  public static final ValueIndex VALUES = values();
  public static final QuestionReader READER =
      new QuestionReader(MODEL, VALUES, LanguagePack.ENGLISH, DemoData.TODAY);

  private DemoModel() {}

  private static Model model() {
    ModelReader.Result result = ModelReader.read(DemoFiles.model());
    if (!result.faults().isEmpty()) {
      throw new IllegalStateException("the demo model has faults: " + result.faults());
    }
    return result.model().orElseThrow();
  }

  private static ValueIndex values() {
    Map<String, Set<String>> seen = new HashMap<>();
    DemoData.generate(
        DemoData.Size.SMALL,
        new RowSink() {
          private String table = "";
          private List<String> columns = List.of();

          @Override
          public void table(String name, List<String> names) {
            table = name;
            columns = names;
          }

          @Override
          public void row(Object... values) {
            for (int i = 0; i < values.length; i++) {
              if (values[i] instanceof String text) {
                seen.computeIfAbsent(table + "." + columns.get(i), k -> new LinkedHashSet<>())
                    .add(text);
              }
            }
          }
        });
    return ValueIndex.load(
        MODEL,
        (ColumnRef ref) ->
            new ArrayList<>(
                seen.getOrDefault(MODEL.table(ref.table()).from() + "." + ref.column(), Set.of())));
  }
}
