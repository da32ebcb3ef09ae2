package org.ropebridge;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.ropebridge.language.LanguagePack;
import org.ropebridge.lexicon.ValueIndex;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.model.Model;
import org.ropebridge.model.check.ModelCheck;
import org.ropebridge.model.file.ModelReader;
import org.ropebridge.reading.QuestionReader;

/**
 * A second, small model that differs from the demo's: two links to one table, a column of one name
 * in two tables, values with digits and connecting words, weeks from Sunday, no seasons.
 */
public final class PotteryModel {
  public static final Map<String, String> FILES = files();
  public static final Model MODEL = model();
  public static final ValueIndex VALUES =
      new ValueIndex(
          Map.ofEntries(
              Map.entry(ColumnRef.of("kilns", "label"), List.of("Big Bertha", "K-2", "3rd kiln")),
              Map.entry(
                  ColumnRef.of("kilns", "fuel"), List.of("gas", "oak and ash", "electricity")),
              Map.entry(ColumnRef.of("firings", "cone"), List.of("6", "10", "04")),
              Map.entry(ColumnRef.of("firings", "hot"), List.of("hot", "mild")),
              Map.entry(
                  ColumnRef.of("potters", "name"),
                  List.of("Zoë van Dijk", "O'Malley", "Top Jones")),
              Map.entry(ColumnRef.of("potters", "level"), List.of("novice", "skilled", "master")),
              Map.entry(ColumnRef.of("pots", "glaze"), List.of("7", "12", "99")),
              Map.entry(ColumnRef.of("pots", "shape"), List.of("bowl", "jug", "two-handled cup")),
              Map.entry(ColumnRef.of("pots", "fuel"), List.of("gas", "sawdust")),
              Map.entry(ColumnRef.of("courses", "title"), List.of("First Bowls", "Raku Nights")),
              Map.entry(ColumnRef.of("decorators", "name"), List.of("Ida Moor", "Bo Lind")),
              Map.entry(ColumnRef.of("decorators", "guild"), List.of("Fairwater", "Stonegate"))));
  public static final QuestionReader READER =
      new QuestionReader(
          MODEL, VALUES, LanguagePack.ENGLISH, MODEL.calendar().fixedToday().orElseThrow());

  private PotteryModel() {}

  private static Model model() {
    ModelReader.Result result = ModelReader.read(FILES);
    Model model = result.model().orElseThrow();
    if (!result.faults().isEmpty() || !ModelCheck.faults(model, result.places()).isEmpty()) {
      throw new IllegalStateException(
          result.faults() + " " + ModelCheck.faults(model, result.places()));
    }
    return model;
  }

  private static Map<String, String> files() {
    Map<String, String> files = new TreeMap<>();
    for (String path :
        List.of(
            "model.yaml",
            "metrics.yaml",
            "tables/kilns.yaml",
            "tables/orders.yaml",
            "tables/reviews.yaml",
            "tables/firings.yaml",
            "tables/potters.yaml",
            "tables/pots.yaml",
            "tables/courses.yaml",
            "tables/decorators.yaml",
            "tables/enrolments.yaml")) {
      try (InputStream in = PotteryModel.class.getResourceAsStream("/pottery/" + path)) {
        files.put(path, new String(in.readAllBytes(), StandardCharsets.UTF_8));
      } catch (IOException e) {
        throw new UncheckedIOException(e);
      }
    }
    return files;
  }
}
