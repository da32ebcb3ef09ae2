package org.ropebridge.reading;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestFactory;
import org.ropebridge.DemoModel;
import org.ropebridge.PotteryModel;
import org.ropebridge.plan.Plan;
import org.ropebridge.reading.rule.Grammar;
import org.ropebridge.reading.rule.Rule;

/** Each rule of the grammar with questions that need it. */
class RuleExamplesTest {
  /**
   * An example of a rule.
   *
   * @param reader of the demo's model, or of the pottery's where a line ends with that word
   */
  private record Example(String rule, String question, String restatement, QuestionReader reader) {
    static Example of(String[] cells) {
      boolean pottery = cells.length > 3 && cells[3].equals("pottery");
      return new Example(
          cells[0], cells[1], cells[2], pottery ? PotteryModel.READER : DemoModel.READER);
    }
  }

  private static List<Example> examples() throws IOException {
    try (BufferedReader reader =
        new BufferedReader(
            new InputStreamReader(
                Objects.requireNonNull(RuleExamplesTest.class.getResourceAsStream("/rules.tsv")),
                StandardCharsets.UTF_8))) {
      return reader
          .lines()
          .filter(l -> !l.startsWith("#"))
          .map(l -> l.split("\t"))
          .map(Example::of)
          .toList();
    }
  }

  @TestFactory
  List<DynamicTest> examplesAreReadByTheirRule() throws IOException {
    return examples().stream()
        .map(e -> DynamicTest.dynamicTest(e.rule() + ": " + e.question(), () -> check(e)))
        .toList();
  }

  private static void check(Example example) {
    String[] thread = example.question().split(" > ");
    List<Plan> before = new ArrayList<>();
    for (int i = 0; i < thread.length - 1; i++) {
      before.add(0, example.reader().read(thread[i], List.copyOf(before)).plan().orElseThrow());
    }
    Reading reading = example.reader().read(thread[thread.length - 1], before);
    assertEquals(example.restatement(), reading.restatement().orElse(reading.reason()));
    assertTrue(
        reading.explanation().rules().stream().anyMatch(r -> r.startsWith(example.rule() + ": ")),
        () -> reading.explanation().rules().toString());
  }

  @Test
  void everyRuleHasAnExample() throws IOException {
    Set<String> shown = examples().stream().map(Example::rule).collect(Collectors.toSet());
    List<String> missing =
        Grammar.FOLLOW_UPS.rules().stream()
            .map(Rule::name)
            .filter(n -> !shown.contains(n))
            .toList();
    assertEquals(List.of(), missing);
  }
}
