package org.ropebridge.service.questions;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.io.OutputStream;
import java.math.BigDecimal;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.apache.parquet.conf.PlainParquetConfiguration;
import org.apache.parquet.example.data.Group;
import org.apache.parquet.hadoop.ParquetReader;
import org.apache.parquet.hadoop.api.ReadSupport;
import org.apache.parquet.hadoop.example.GroupReadSupport;
import org.apache.parquet.io.InputFile;
import org.apache.parquet.io.LocalInputFile;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.ropebridge.model.Metric;
import org.ropebridge.sql.OutputColumn;

/** What is written is read back by the format's own library. */
class ParquetRowsTest {
  @TempDir private Path folder;

  /** Reads groups without any configuration of a cluster. */
  private static final class Reading extends ParquetReader.Builder<Group> {
    Reading(InputFile file) {
      super(file, new PlainParquetConfiguration());
    }

    @Override
    protected ReadSupport<Group> getReadSupport() {
      return new GroupReadSupport();
    }
  }

  private static OutputColumn column(String name, OutputColumn.Kind kind) {
    return new OutputColumn(name, kind, Optional.empty(), Metric.ShownAs.NUMBER);
  }

  private List<Group> written(List<OutputColumn> columns, List<List<Object>> rows)
      throws Exception {
    Path file = folder.resolve("rows.parquet");
    try (OutputStream out = Files.newOutputStream(file)) {
      ParquetRows.write(new Exports.Table("rows", columns, rows), out);
    }
    List<Group> groups = new ArrayList<>();
    try (ParquetReader<Group> reader = new Reading(new LocalInputFile(file)).build()) {
      for (Group group = reader.read(); group != null; group = reader.read()) {
        groups.add(group);
      }
    }
    return groups;
  }

  @Test
  void cellsKeepTheirKindAndNothingIsRounded() throws Exception {
    List<Group> groups =
        written(
            List.of(
                column("hut", OutputColumn.Kind.CATEGORY),
                column("stays", OutputColumn.Kind.NUMBER),
                column("revenue", OutputColumn.Kind.NUMBER),
                column("day", OutputColumn.Kind.DAY),
                column("open", OutputColumn.Kind.YES_NO)),
            List.of(
                List.of("Larkspur Hut", 12L, new BigDecimal("1234567.89"), "2026-07-01", true),
                Arrays.asList(null, null, new BigDecimal("-0.5"), null, false)));
    Group first = groups.get(0);
    assertEquals("Larkspur Hut", first.getString("hut", 0));
    assertEquals(12, first.getLong("stays", 0));
    assertEquals(123_456_789, first.getLong("revenue", 0));
    assertEquals(LocalDate.of(2026, 7, 1).toEpochDay(), first.getInteger("day", 0));
    assertEquals(true, first.getBoolean("open", 0));
    Group second = groups.get(1);
    assertEquals(0, second.getFieldRepetitionCount("hut"));
    assertEquals(0, second.getFieldRepetitionCount("day"));
    assertEquals(-50, second.getLong("revenue", 0));
  }

  @Test
  void numbersThatNoDecimalHoldsAreFloating() throws Exception {
    List<Group> groups =
        written(
            List.of(column("n", OutputColumn.Kind.NUMBER)),
            List.of(List.of(new BigDecimal("123456789012345678.5")), List.of(0.25)));
    assertEquals(0.25, groups.get(1).getDouble("n", 0));
  }

  @Test
  void columnsOfOneNameAreToldApartAndNoRowsAreNoFault() throws Exception {
    OutputColumn column = column("hut", OutputColumn.Kind.CATEGORY);
    List<Group> groups = written(List.of(column, column), List.of(List.of("a", "b")));
    assertEquals("b", groups.get(0).getString("hut 2", 0));
    assertEquals(List.of(), written(List.of(column), List.of()));
  }
}
