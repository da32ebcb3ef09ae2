package org.ropebridge.service.uploads;

import de.siegmar.fastcsv.reader.CsvParseException;
import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.CsvRecord;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Finds what stands between the cells of a text file. */
final class Separators {
  private static final List<Character> KNOWN = List.of(',', ';', '\t', '|');
  private static final int ROWS_LOOKED_AT = 300;

  /** A text that most rows are the same size by. */
  private static final double MOSTLY = 0.5;

  private Separators() {}

  /** The separator by which most of these first lines have the same number of cells, above one. */
  static char of(String start) {
    char best = ',';
    double bestScore = 0;
    for (char separator : KNOWN) {
      double score = score(start, separator);
      if (score > bestScore) {
        bestScore = score;
        best = separator;
      }
    }
    return best;
  }

  private static double score(String start, char separator) {
    Map<Integer, Integer> times = new HashMap<>();
    int rows = 0;
    try (CsvReader<CsvRecord> reader = TextRows.csv(separator).ofCsvRecord(start)) {
      for (CsvRecord row : reader) {
        times.merge(row.getFieldCount(), 1, Integer::sum);
        if (++rows == ROWS_LOOKED_AT) {
          break;
        }
      }
    } catch (CsvParseException e) {
      // A quote that is not closed in the part that is looked at; what was seen before counts.
    } catch (java.io.IOException e) {
      throw new java.io.UncheckedIOException(e);
    }
    int common = 0;
    for (Map.Entry<Integer, Integer> entry : times.entrySet()) {
      boolean more = entry.getValue() > times.getOrDefault(common, 0);
      if (entry.getKey() > 1 && more) {
        common = entry.getKey();
      }
    }
    double share = rows == 0 ? 0 : (double) times.getOrDefault(common, 0) / rows;
    // Where shares are alike, the separator that makes more cells is not a letter of a text.
    return share + (share > MOSTLY ? Math.min(common, 50) / 1000.0 : 0);
  }
}
