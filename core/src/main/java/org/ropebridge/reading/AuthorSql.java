package org.ropebridge.reading;

import java.util.Map;
import org.ropebridge.model.SampleQuestion;

/**
 * A question that an agreed sample question answers by the author's own SQL.
 *
 * @param sample the sample question
 * @param values what the question names for each slot of the SQL, as stored
 */
public record AuthorSql(SampleQuestion sample, Map<String, String> values) {
  public AuthorSql {
    values = Map.copyOf(values);
  }
}
