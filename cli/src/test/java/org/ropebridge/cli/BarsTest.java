package org.ropebridge.cli;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class BarsTest {
  private static Optional<List<String>> bars(String rows) {
    return Bars.of(Rest.JSON.readTree(rows), 1);
  }

  @Test
  void areAsLongAsTheNumbersAreLarge() {
    List<String> bars =
        bars("[[\"a\", 8], [\"b\", 4], [\"c\", 0], [\"d\", null], [\"e\", 0.03125]]").get();
    assertEquals(List.of(32, 16, 0, 0, 1), bars.stream().map(String::length).toList());
    assertEquals("▏", bars.get(4));
  }

  @ParameterizedTest
  @ValueSource(
      strings = {"[[\"a\", 1]]", "[[\"a\", 1], [\"b\", -1]]", "[[\"a\", 0], [\"b\", 0]]", "[]"})
  void areLeftOutWhereTheyDoNotHelp(String rows) {
    assertEquals(Optional.empty(), bars(rows));
  }
}
