package org.ropebridge;

import java.util.List;
import java.util.Map;
import org.ropebridge.demo.DemoData;
import org.ropebridge.demo.DemoFiles;
import org.ropebridge.demo.DemoValues;
import org.ropebridge.language.LanguagePack;
import org.ropebridge.lexicon.ValueIndex;
import org.ropebridge.model.Model;
import org.ropebridge.model.file.ModelReader;
import org.ropebridge.reading.QuestionReader;

/** The demo's model and values, for tests that need no database. */
public final class DemoModel {
  public static final Model MODEL = model();
  public static final ValueIndex VALUES = values(MODEL);
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

  /** The values that the demo's warehouse has for a model's columns. */
  static ValueIndex values(Model model) {
    Map<String, List<String>> texts = DemoValues.distinct(DemoData.Size.SMALL);
    return ValueIndex.load(
        model,
        ref -> texts.getOrDefault(model.table(ref.table()).from() + "." + ref.column(), List.of()));
  }
}
