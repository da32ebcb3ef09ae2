package org.ropebridge.answer;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.ropebridge.DemoModel;
import org.ropebridge.TestWarehouse;
import org.ropebridge.access.Access;
import org.ropebridge.reading.Reading;
import org.ropebridge.sql.SqlQuery;
import org.ropebridge.sql.SqlWriter;

/** What the reader of an answer is told, on real rows. */
class NoticesTest {
  private final Access access = Access.unlimited(DemoModel.MODEL);

  @ParameterizedTest
  @CsvSource({
    "revenue this year, PERIOD INCOMPLETE",
    "revenue in 2024, PERIOD",
    "number of huts, ''",
    "revenue, PERIOD",
    "top huts, ASSUMED PERIOD",
    "stays in Ossel, ASSUMED PERIOD",
    "ocupancy in 2025, SPELLING PERIOD",
    "number of stays by channel in 2021, PERIOD NO_VALUE",
    "revenue in 1990, PERIOD EMPTY",
    "how high are our huts, SAMPLE",
    "how much do refunds cost us in 2025, ASSUMED PERIOD",
    "revenue and guest nights in 2025, PERIOD",
    "number of charges by member, PERIOD NO_VALUE"
  })
  void areGiven(String question, String kinds) {
    Reading reading = DemoModel.READER.read(question);
    SqlQuery query =
        new SqlWriter(access, DemoModel.READER.periods(), DemoModel.READER.restatement())
            .write(reading.plan().orElseThrow());
    List<Notice> notices =
        new Notices(access, DemoModel.READER.periods(), DemoModel.READER.restatement())
            .of(reading, query, TestWarehouse.run(query));
    assertEquals(
        kinds, notices.stream().map(n -> n.kind().name()).collect(Collectors.joining(" ")));
  }
}
