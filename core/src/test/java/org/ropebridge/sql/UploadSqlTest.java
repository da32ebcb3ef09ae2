package org.ropebridge.sql;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.ropebridge.upload.ColumnForm;
import org.ropebridge.upload.Kind;

/** Names are quoted whatever they are, and each kind has its type. */
class UploadSqlTest {
  private final UploadSql sql = new UploadSql("uploads", "odd\"name");

  private static ColumnForm column(String name, Kind kind) {
    return new ColumnForm(0, name, name, kind, null, null, false, true);
  }

  @Test
  void aTableHasAColumnOfItsTypeForEachKind() {
    assertEquals(
        "create table \"uploads\".\"odd\"\"name\" (\"a\" text, \"b\" bigint, \"c\" numeric, \"d\""
            + " date, \"e\" timestamp, \"f\" timestamp with time zone, \"g\" time, \"h\" boolean)",
        sql.create(
            List.of(
                column("a", Kind.TEXT),
                column("b", Kind.WHOLE),
                column("c", Kind.DECIMAL),
                column("d", Kind.DAY),
                column("e", Kind.MOMENT),
                column("f", Kind.INSTANT),
                column("g", Kind.TIME),
                column("h", Kind.YES_NO))));
  }

  @Test
  void commentsAndNamesCannotLeaveTheirPlace() {
    assertEquals(
        "comment on table \"uploads\".\"odd\"\"name\" is 'it''s; drop'",
        sql.describe("it's; drop"));
    assertEquals("copy \"uploads\".\"odd\"\"name\" from stdin", sql.copy());
    assertEquals("grant usage on schema \"uploads\" to \"a\"\"b\"", sql.letLookIn("a\"b"));
    assertEquals("grant select on \"uploads\".\"odd\"\"name\" to \"a\"\"b\"", sql.letRead("a\"b"));
  }
}
