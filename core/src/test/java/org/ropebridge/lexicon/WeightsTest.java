package org.ropebridge.lexicon;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import org.junit.jupiter.api.Test;
import org.ropebridge.DemoModel;
import org.ropebridge.demo.DemoData;
import org.ropebridge.language.LanguagePack;
import org.ropebridge.reading.QuestionReader;
import org.ropebridge.reading.Reading;

class WeightsTest {
  @Test
  void oneWeightChangesAndTheOthersStay() {
    Weights other = Weights.STANDARD.with("nearTie", 0.5).withBonus("By", 0.9);
    assertEquals(0.5, other.get("nearTie"));
    assertEquals(0.5, other.nearTie());
    assertEquals(0.9, other.bonusOf("By", 0.1));
    assertEquals(0.1, other.bonusOf("Noun", 0.1));
    for (String name : Weights.names()) {
      if (!name.equals("nearTie")) {
        assertEquals(Weights.STANDARD.get(name), other.get(name));
      }
    }
  }

  @Test
  void aWeightThatIsNotThereIsTold() {
    IllegalArgumentException e =
        assertThrows(IllegalArgumentException.class, () -> Weights.STANDARD.with("nearTies", 1));
    assertTrue(e.getMessage().startsWith("no weight \"nearTies\"; there are [content, "));
  }

  /** With a wide tie, what was clear is asked back. */
  @Test
  void weightsDecide() {
    assertEquals(Reading.Status.UNCLEAR, read("most popular channel", 2));
    assertEquals(Reading.Status.ANSWERED, read("most popular channel", 0.12));
  }

  private static Reading.Status read(String question, double nearTie) {
    return new QuestionReader(
            DemoModel.MODEL,
            DemoModel.VALUES,
            LanguagePack.ENGLISH,
            DemoData.TODAY,
            Weights.STANDARD.with("nearTie", nearTie))
        .read(question)
        .status();
  }
}
