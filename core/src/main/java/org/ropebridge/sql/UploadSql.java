package org.ropebridge.sql;

import static org.jooq.impl.DSL.field;
import static org.jooq.impl.DSL.name;

import java.util.List;
import org.jooq.CreateTableElementListStep;
import org.jooq.DSLContext;
import org.jooq.DataType;
import org.jooq.Name;
import org.jooq.SQLDialect;
import org.jooq.impl.DSL;
import org.jooq.impl.SQLDataType;
import org.ropebridge.upload.ColumnForm;
import org.ropebridge.upload.Kind;

/**
 * Statements that make the table of a file that an author brought. Its rows arrive by {@code COPY}
 * in PostgreSQL's text format.
 *
 * @param schema where the table is
 * @param table its name
 */
public record UploadSql(String schema, String table) {
  private static final DSLContext SQL = DSL.using(SQLDialect.POSTGRES);
  private static final String ASIDE = "_aside";

  private Name path() {
    return name(schema, table);
  }

  /** The table of the rows that were put aside. */
  public UploadSql aside() {
    return new UploadSql(schema, table + ASIDE);
  }

  /** Makes the table. */
  public String create(List<ColumnForm> columns) {
    CreateTableElementListStep create = SQL.createTable(path());
    for (ColumnForm column : columns) {
      create = create.column(name(column.name()), type(column.kind()));
    }
    return create.getSQL();
  }

  private static DataType<?> type(Kind kind) {
    return switch (kind) {
      case TEXT -> SQLDataType.CLOB;
      case WHOLE -> SQLDataType.BIGINT;
      case DECIMAL -> SQLDataType.NUMERIC;
      case DAY -> SQLDataType.LOCALDATE;
      case MOMENT -> SQLDataType.LOCALDATETIME;
      case INSTANT -> SQLDataType.OFFSETDATETIME;
      case TIME -> SQLDataType.LOCALTIME;
      case YES_NO -> SQLDataType.BOOLEAN;
    };
  }

  /** Makes the table of rows put aside: line, reason, and the cells as a JSON array. */
  public String createAside() {
    return SQL.createTable(path())
        .column(name("line"), SQLDataType.BIGINT)
        .column(name("reason"), SQLDataType.CLOB)
        .column(name("cells"), SQLDataType.JSONB)
        .getSQL();
  }

  /** Reads the rows put aside, in the order of the file. */
  public String readAside() {
    return SQL.select(field(name("line")), field(name("reason")), field(name("cells")))
        .from(DSL.table(path()))
        .orderBy(field(name("line")))
        .getSQL();
  }

  /** Takes rows in from the client. */
  public String copy() {
    return SQL.render(DSL.sql("copy {0} from stdin", path()));
  }

  public String dropIfThere() {
    return SQL.dropTableIfExists(path()).getSQL();
  }

  /** Lets a role read the table. */
  public String letRead(String role) {
    return SQL.grant(DSL.privilege("select"))
        .on(DSL.table(path()))
        .to(DSL.user(name(role)))
        .getSQL();
  }

  /** Lets a role look into the schema. */
  public String letLookIn(String role) {
    return SQL.render(DSL.sql("grant usage on schema {0} to {1}", name(schema), name(role)));
  }

  public String describe(String comment) {
    return SQL.commentOnTable(path()).is(comment).getSQL();
  }

  public String describe(ColumnForm column, String comment) {
    return SQL.commentOnColumn(name(schema, table, column.name())).is(comment).getSQL();
  }

  public String analyze() {
    return SQL.render(DSL.sql("analyze {0}", path()));
  }

  public String createSchema() {
    return SQL.createSchemaIfNotExists(name(schema)).getSQL();
  }
}
