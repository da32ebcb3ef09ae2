package org.ropebridge.reading;

import static org.junit.jupiter.api.Assertions.assertEquals;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.ShrinkingMode;
import org.ropebridge.DemoModel;
import org.ropebridge.GermanModel;
import org.ropebridge.PotteryModel;
import org.ropebridge.lexicon.ValueIndex;
import org.ropebridge.model.Model;
import org.ropebridge.plan.Plan;
import org.ropebridge.plan.RandomPlans;

/** Every plan, said in words, is read back as the same plan. */
class RoundTripTest {
  /** The same plans each time, so that a check fails for what was changed and nothing else. */
  private static final String SEED = "20261018";

  private static final RandomPlans DEMO =
      plans(DemoModel.MODEL, DemoModel.VALUES, DemoModel.READER);
  private static final RandomPlans POTTERY =
      plans(PotteryModel.MODEL, PotteryModel.VALUES, PotteryModel.READER);

  private static final RandomPlans GERMAN =
      plans(GermanModel.MODEL, GermanModel.VALUES, GermanModel.READER);

  private static RandomPlans plans(Model model, ValueIndex values, QuestionReader reader) {
    return new RandomPlans(model, values, reader.periods().today());
  }

  @Property(tries = 3000, shrinking = ShrinkingMode.OFF, seed = SEED)
  void onTheDemo(@ForAll long seed) {
    check(DemoModel.READER, DEMO.of(seed));
  }

  @Property(tries = 3000, shrinking = ShrinkingMode.OFF, seed = SEED)
  void onAnotherModel(@ForAll long seed) {
    check(PotteryModel.READER, POTTERY.of(seed));
  }

  @Property(tries = 3000, shrinking = ShrinkingMode.OFF, seed = SEED)
  void inAnotherLanguage(@ForAll long seed) {
    check(GermanModel.READER, GERMAN.of(seed));
  }

  private static void check(QuestionReader reader, Plan plan) {
    String words = reader.restatement().of(plan);
    Reading reading = reader.read(words);
    assertEquals(
        plan,
        reading.plan().orElse(null),
        () ->
            "\""
                + words
                + "\" "
                + reading.status()
                + " "
                + reading.restatement()
                + " "
                + reading.reason()
                + reading.choices().stream().map(Reading.Choice::restatement).toList());
  }
}
