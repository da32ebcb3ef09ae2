package org.ropebridge.bench;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.sql.Connection;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import org.ropebridge.access.Access;
import org.ropebridge.reading.Reading;
import org.ropebridge.sql.SqlWriter;

/**
 * One number for what all questions on a model become: status, restatement, plan and SQL. Two
 * processes that read the same give the same number, in whatever order they read.
 *
 * <p>{@code Fingerprint SERVER-JDBC-URL MODEL SEED-OF-THE-ORDER}
 */
public final class Fingerprint {
  private Fingerprint() {}

  public static void main(String[] args) throws SQLException {
    try (Connection connection = QuestionBench.open(args[0])) {
      System.out.println(
          of(QuestionBench.of(args[1], connection), args[1], Long.parseLong(args[2])));
    }
  }

  static String of(QuestionBench bench, String model, long order) {
    SqlWriter writer =
        new SqlWriter(
            Access.unlimited(bench.model()),
            bench.reader().periods(),
            bench.reader().restatement());
    List<String> questions = new ArrayList<>();
    for (String line : PracticeModels.lines("/questions/" + model + ".tsv")) {
      if (!line.startsWith("#")) {
        questions.add(QuestionBench.Question.of(line).ask());
      }
    }
    Collections.shuffle(questions, new Random(order));
    Map<String, String> became = new TreeMap<>();
    for (String question : questions) {
      Reading reading = bench.reader().read(question);
      became.put(
          question,
          reading.status()
              + reading.restatement().orElse(reading.reason())
              + reading.plan()
              + reading.choices()
              + reading.plan().map(p -> writer.write(p).readable()).orElse(""));
    }
    try {
      return HexFormat.of()
          .formatHex(
              MessageDigest.getInstance("SHA-256")
                  .digest(became.toString().getBytes(StandardCharsets.UTF_8)));
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException(e);
    }
  }
}
