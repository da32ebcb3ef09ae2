package org.ropebridge.plan;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.ropebridge.DemoModel;

class UsedItemsTest {
  private static Plan plan(String question) {
    return DemoModel.READER.read(question).plan().orElseThrow();
  }

  @ParameterizedTest
  @CsvSource({
    "revenue, revenue charges",
    "revenue by valley, revenue charges valleys valleys.name",
    "number of long stays in Ossel, stays stays.long_stay valleys valleys.name",
    "average party size by channel this year, stays stays.party_size stays.channel",
    "growth of revenue by month, revenue charges",
    "top 5 huts by guest nights, guest_nights huts huts.name stays",
    "How many members came to stay in July?, members stays"
  })
  void aPlanUsesTheItemsThatItNames(String question, String items) {
    assertEquals(
        new TreeSet<>(Set.of(items.split(" "))), UsedItems.of(plan(question), DemoModel.MODEL));
  }

  @ParameterizedTest
  @CsvSource({
    "revenue by valley in 2025, revenue by valley",
    "top 5 huts by guest nights for website, guest nights by hut",
    "growth of revenue by month, revenue by month",
    "stays in Ossel this year, number of stays"
  })
  void questionsAboutTheSameThingHaveOneTheme(String question, String theme) {
    assertEquals(theme, DemoModel.READER.restatement().of(UsedItems.theme(plan(question))));
  }
}
