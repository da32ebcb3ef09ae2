package org.ropebridge;

import org.ropebridge.access.Access;
import org.ropebridge.reading.Reading;
import org.ropebridge.sql.SqlQuery;
import org.ropebridge.sql.SqlWriter;

final class TryOut {
  public static void main(String[] args) {
    for (String q : args) {
      Reading r = DemoModel.READER.read(q);
      System.out.println("== " + q + "\n" + r.status() + " " + r.restatement() + " " + r.reason() + r.choices().stream().map(Reading.Choice::restatement).toList());
      if (r.plan().isPresent()) {
        SqlQuery s = new SqlWriter(Access.unlimited(DemoModel.MODEL), DemoModel.READER.periods(), DemoModel.READER.restatement()).write(r.plan().get());
        System.out.println(s.readable());
        TestWarehouse.run(s).stream().limit(6).forEach(System.out::println);
      }
    }
    System.exit(0);
  }
}
