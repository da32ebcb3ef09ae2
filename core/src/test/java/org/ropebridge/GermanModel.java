package org.ropebridge;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.ropebridge.demo.DemoData;
import org.ropebridge.language.LanguagePack;
import org.ropebridge.lexicon.ValueIndex;
import org.ropebridge.model.Model;
import org.ropebridge.model.check.ModelCheck;
import org.ropebridge.model.file.ModelReader;
import org.ropebridge.reading.QuestionReader;

/** A part of the demo's warehouse, as an author describes it who writes German. */
public final class GermanModel {
  public static final Model MODEL = model();
  public static final ValueIndex VALUES = DemoModel.values(MODEL);
  public static final QuestionReader READER =
      new QuestionReader(MODEL, VALUES, LanguagePack.of(MODEL.languages()), DemoData.TODAY);

  private GermanModel() {}

  private static Model model() {
    Map<String, String> files = new TreeMap<>();
    for (String path :
        List.of(
            "model.yaml",
            "metrics.yaml",
            "tables/callouts.yaml",
            "tables/huts.yaml",
            "tables/members.yaml",
            "tables/stays.yaml",
            "tables/valleys.yaml")) {
      try (InputStream in = GermanModel.class.getResourceAsStream("/huetten/" + path)) {
        files.put(path, new String(in.readAllBytes(), StandardCharsets.UTF_8));
      } catch (IOException e) {
        throw new UncheckedIOException(e);
      }
    }
    ModelReader.Result result = ModelReader.read(files);
    Model model = result.model().orElseThrow(() -> new IllegalStateException("" + result.faults()));
    if (!result.faults().isEmpty() || !ModelCheck.faults(model, result.places()).isEmpty()) {
      throw new IllegalStateException(
          result.faults() + " " + ModelCheck.faults(model, result.places()));
    }
    return model;
  }
}
