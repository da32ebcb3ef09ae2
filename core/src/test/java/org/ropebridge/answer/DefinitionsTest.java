package org.ropebridge.answer;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.ropebridge.DemoModel;
import org.ropebridge.answer.Definitions.Definition;

class DefinitionsTest {
  private static List<Definition> of(String question) {
    return new Definitions(DemoModel.MODEL)
        .of(DemoModel.READER.read(question).plan().orElseThrow());
  }

  @Test
  void aMetricMadeOfOthersIsFollowedByThem() {
    List<Definition> definitions = of("occupancy by hut");
    assertEquals(
        new Definition(
            "occupancy",
            "Guest nights as a share of the bed nights on offer.",
            "guest nights / bed nights offered",
            ""),
        definitions.get(0));
    assertEquals(
        List.of("occupancy", "guest nights", "bed nights offered"),
        definitions.stream().map(Definition::word).toList());
    assertEquals("stays", definitions.get(1).over());
  }

  @Test
  void conditionsAreDefinedWhereverTheyStand() {
    assertEquals(
        List.of("long stay"),
        of("number of stays for long stay").stream().map(Definition::word).toList());
    assertEquals(
        List.of("revenue", "guest nights"),
        of("revenue by hut with guest nights more than 500").stream()
            .map(Definition::word)
            .toList());
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "average age by home region",
        "members by age in steps of 10",
        "members by age in bands 18-30, 31-50, over 50",
        "members over 60",
        "list members with their age",
      })
  void anAgeSaysFromWhichDateItCounts(String question) {
    assertEquals(
        List.of(
            new Definition(
                "member age",
                "Whole years from the birth date to today.",
                "years_since(born)",
                "members")),
        of(question));
  }

  @Test
  void countsNeedNoDefinition() {
    assertEquals(List.of(), of("number of huts by valley"));
  }
}
