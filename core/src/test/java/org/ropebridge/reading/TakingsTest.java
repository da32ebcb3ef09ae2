package org.ropebridge.reading;

import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Arrays;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.ropebridge.reading.rule.Contribution;

class TakingsTest {
  static Stream<Class<?>> kinds() {
    return Arrays.stream(Contribution.class.getPermittedSubclasses())
        .filter(kind -> kind != Contribution.Edit.class);
  }

  @ParameterizedTest
  @MethodSource("kinds")
  void everyKindOfContributionIsTakenIn(Class<?> kind) {
    assertTrue(Takings.isKnown(kind), kind.getSimpleName());
  }
}
