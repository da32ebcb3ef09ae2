package org.ropebridge.bench;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.ropebridge.demo.DemoFiles;
import org.ropebridge.lexicon.ValueIndex;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.model.Model;
import org.ropebridge.model.Table;
import org.ropebridge.model.check.ModelCheck;
import org.ropebridge.model.file.ModelReader;

/** The models that questions are measured on: the demo's and those of other made-up trades. */
public final class PracticeModels {
  /** Their names, the demo's first. */
  public static final List<String> NAMES =
      List.of(
          "huts",
          "theatre",
          "water",
          "seeds",
          "ferries",
          "library",
          "shop",
          "works",
          "vets",
          "broadband",
          "school",
          "cover",
          "wind",
          "staff",
          "purse",
          "parcels",
          "homes",
          "desk",
          "orchard",
          "wheels",
          "deals",
          "clinic",
          "press");

  private PracticeModels() {}

  /**
   * The model of that name.
   *
   * @throws IllegalStateException if its files have faults
   */
  public static Model model(String name) {
    Map<String, String> files =
        name.equals("huts") ? DemoFiles.model() : files("/practice/" + name + "/model/");
    ModelReader.Result result = ModelReader.read(files);
    if (result.model().isEmpty() || !result.faults().isEmpty()) {
      throw new IllegalStateException(name + ": " + result.faults());
    }
    Model model = result.model().get();
    List<?> faults = ModelCheck.faults(model, result.places());
    if (!faults.isEmpty()) {
      throw new IllegalStateException(name + ": " + faults);
    }
    return model;
  }

  private static Map<String, String> files(String folder) {
    Map<String, String> files = new TreeMap<>();
    for (String path : lines(folder + "files")) {
      files.put(path, text(folder + path));
    }
    return files;
  }

  /** The statements that make and fill a trade's tables. */
  public static String schema(String name) {
    return text("/practice/" + name + "/schema.sql");
  }

  static String text(String path) {
    try (InputStream in = PracticeModels.class.getResourceAsStream(path)) {
      if (in == null) {
        throw new IllegalArgumentException("there is no file " + path);
      }
      return new String(in.readAllBytes(), StandardCharsets.UTF_8);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  static List<String> lines(String path) {
    try (InputStream in = PracticeModels.class.getResourceAsStream(path);
        BufferedReader reader =
            new BufferedReader(new InputStreamReader(in, StandardCharsets.UTF_8))) {
      return reader.lines().filter(l -> !l.isBlank()).toList();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** The values of the model's categories in a database that holds its tables. */
  public static ValueIndex values(Model model, Connection connection) {
    return ValueIndex.load(model, column -> distinct(model, column, connection));
  }

  private static List<String> distinct(Model model, ColumnRef column, Connection connection) {
    Table table = model.table(column.table());
    String from = table.query().isEmpty() ? table.from() : "(" + table.query() + ") t";
    String expression = model.column(column).sql().orElse(column.column());
    String sql = "select distinct cast(" + expression + " as text) v from " + from + " order by 1";
    List<String> values = new ArrayList<>();
    try (Statement statement = connection.createStatement();
        ResultSet result = statement.executeQuery(sql)) {
      while (result.next()) {
        if (result.getString(1) != null) {
          values.add(result.getString(1));
        }
      }
    } catch (SQLException e) {
      throw new IllegalStateException(sql, e);
    }
    return values;
  }
}
