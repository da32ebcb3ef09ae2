package org.ropebridge.service.gaps;

import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import org.flywaydb.core.api.migration.BaseJavaMigration;
import org.flywaydb.core.api.migration.Context;
import org.springframework.stereotype.Component;

/** Decisions about gaps, once kept by people's words, are kept by hashes of them. */
@Component
class V9__GapKeys extends BaseJavaMigration {
  private final GapKeys keys;

  V9__GapKeys(GapKeys keys) {
    this.keys = keys;
  }

  @Override
  public void migrate(Context context) throws SQLException {
    try (Statement all = context.getConnection().createStatement();
        ResultSet rows = all.executeQuery("select id, model_name, gap_key from gap_state");
        PreparedStatement change =
            context
                .getConnection()
                .prepareStatement("update gap_state set gap_key = ? where id = ?")) {
      while (rows.next()) {
        change.setString(1, keys.stored(rows.getString(2), rows.getString(3)));
        change.setObject(2, rows.getObject(1));
        change.executeUpdate();
      }
    }
  }
}
