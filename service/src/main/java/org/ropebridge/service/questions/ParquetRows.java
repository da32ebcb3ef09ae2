package org.ropebridge.service.questions;

import java.io.IOException;
import java.io.OutputStream;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import org.apache.parquet.conf.PlainParquetConfiguration;
import org.apache.parquet.example.data.Group;
import org.apache.parquet.example.data.simple.SimpleGroupFactory;
import org.apache.parquet.hadoop.ParquetWriter;
import org.apache.parquet.hadoop.example.ExampleParquetWriter;
import org.apache.parquet.hadoop.metadata.CompressionCodecName;
import org.apache.parquet.io.OutputFile;
import org.apache.parquet.io.PositionOutputStream;
import org.apache.parquet.schema.LogicalTypeAnnotation;
import org.apache.parquet.schema.MessageType;
import org.apache.parquet.schema.PrimitiveType.PrimitiveTypeName;
import org.apache.parquet.schema.Types;
import org.ropebridge.sql.OutputColumn;

/**
 * Writes rows as Parquet: whole numbers as 64-bit integers, others as exact decimals where they
 * fit, days as dates, yes and no as booleans, all else as text.
 */
final class ParquetRows {
  /** Most digits that a decimal in 64 bits holds. */
  private static final int MOST_DIGITS = 18;

  private ParquetRows() {}

  /** How a column is stored. */
  private enum Kind {
    TEXT,
    WHOLE,
    DECIMAL,
    FLOATING,
    DAY,
    YES_NO
  }

  /** A column with a name of its own. */
  private record Stored(String name, Kind kind, int scale) {}

  /** Writes the rows; the stream stays open. */
  static void write(Exports.Table table, OutputStream out) throws IOException {
    List<Stored> columns = columns(table);
    Types.MessageTypeBuilder schema = Types.buildMessage();
    columns.forEach(c -> field(schema, c));
    MessageType type = schema.named("answer");
    SimpleGroupFactory groups = new SimpleGroupFactory(type);
    try (ParquetWriter<Group> writer =
        ExampleParquetWriter.builder(new Streamed(out))
            .withConf(new PlainParquetConfiguration())
            .withType(type)
            .withCompressionCodec(CompressionCodecName.UNCOMPRESSED)
            .build()) {
      for (List<Object> row : table.rows()) {
        Group group = groups.newGroup();
        for (int i = 0; i < columns.size(); i++) {
          if (row.get(i) != null) {
            add(group, columns.get(i), row.get(i));
          }
        }
        writer.write(group);
      }
    }
  }

  private static List<Stored> columns(Exports.Table table) {
    List<Stored> columns = new ArrayList<>();
    Set<String> taken = new HashSet<>();
    for (int i = 0; i < table.columns().size(); i++) {
      int at = i;
      OutputColumn column = table.columns().get(i);
      List<Object> values =
          table.rows().stream().map(r -> r.get(at)).filter(Objects::nonNull).toList();
      String name = column.name();
      for (int copy = 2; !taken.add(name); copy++) {
        name = column.name() + " " + copy;
      }
      columns.add(stored(name, column, values));
    }
    return columns;
  }

  private static Stored stored(String name, OutputColumn column, List<Object> values) {
    if (!values.isEmpty() && values.stream().allMatch(Boolean.class::isInstance)) {
      return new Stored(name, Kind.YES_NO, 0);
    } else if (column.kind() == OutputColumn.Kind.DAY
        && values.stream().allMatch(v -> v.toString().matches("\\d{4}-\\d{2}-\\d{2}"))) {
      return new Stored(name, Kind.DAY, 0);
    } else if (!column.isNumber() || !values.stream().allMatch(Number.class::isInstance)) {
      return new Stored(name, Kind.TEXT, 0);
    }
    int scale = 0;
    int before = 1;
    for (Object value : values) {
      BigDecimal number = decimal(value).stripTrailingZeros();
      scale = Math.max(scale, number.scale());
      before = Math.max(before, number.precision() - number.scale());
    }
    if (before + scale > MOST_DIGITS) {
      return new Stored(name, Kind.FLOATING, 0);
    }
    return new Stored(name, scale == 0 ? Kind.WHOLE : Kind.DECIMAL, scale);
  }

  private static void field(Types.MessageTypeBuilder schema, Stored column) {
    switch (column.kind()) {
      case TEXT ->
          schema
              .optional(PrimitiveTypeName.BINARY)
              .as(LogicalTypeAnnotation.stringType())
              .named(column.name());
      case WHOLE -> schema.optional(PrimitiveTypeName.INT64).named(column.name());
      case DECIMAL ->
          schema
              .optional(PrimitiveTypeName.INT64)
              .as(LogicalTypeAnnotation.decimalType(column.scale(), MOST_DIGITS))
              .named(column.name());
      case FLOATING -> schema.optional(PrimitiveTypeName.DOUBLE).named(column.name());
      case DAY ->
          schema
              .optional(PrimitiveTypeName.INT32)
              .as(LogicalTypeAnnotation.dateType())
              .named(column.name());
      case YES_NO -> schema.optional(PrimitiveTypeName.BOOLEAN).named(column.name());
    }
  }

  private static void add(Group group, Stored column, Object value) {
    switch (column.kind()) {
      case TEXT -> group.append(column.name(), value.toString());
      case WHOLE -> group.append(column.name(), decimal(value).longValueExact());
      case DECIMAL ->
          group.append(
              column.name(),
              decimal(value)
                  .setScale(column.scale(), RoundingMode.UNNECESSARY)
                  .unscaledValue()
                  .longValueExact());
      case FLOATING -> group.append(column.name(), ((Number) value).doubleValue());
      case DAY -> group.append(column.name(), (int) LocalDate.parse(value.toString()).toEpochDay());
      case YES_NO -> group.append(column.name(), (Boolean) value);
    }
  }

  private static BigDecimal decimal(Object number) {
    return number instanceof BigDecimal exact ? exact : new BigDecimal(number.toString());
  }

  /** A file that is written from front to back to a stream. */
  private record Streamed(OutputStream out) implements OutputFile {
    @Override
    public PositionOutputStream create(long blockSizeHint) {
      return new Counting(out);
    }

    @Override
    public PositionOutputStream createOrOverwrite(long blockSizeHint) {
      return create(blockSizeHint);
    }

    @Override
    public boolean supportsBlockSize() {
      return false;
    }

    @Override
    public long defaultBlockSize() {
      return 0;
    }
  }

  /** Counts what went by; closing only flushes. */
  private static final class Counting extends PositionOutputStream {
    private final OutputStream out;
    private long position;

    Counting(OutputStream out) {
      this.out = out;
    }

    @Override
    public long getPos() {
      return position;
    }

    @Override
    public void write(int b) throws IOException {
      out.write(b);
      position++;
    }

    @Override
    public void write(byte[] bytes, int from, int length) throws IOException {
      out.write(bytes, from, length);
      position += length;
    }

    @Override
    public void flush() throws IOException {
      out.flush();
    }

    @Override
    public void close() throws IOException {
      out.flush();
    }
  }
}
