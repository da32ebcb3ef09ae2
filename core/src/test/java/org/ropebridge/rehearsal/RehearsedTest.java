package org.ropebridge.rehearsal;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.ropebridge.model.SampleQuestion;
import org.ropebridge.rehearsal.Rehearsed.Difference;
import org.ropebridge.rehearsal.Rehearsed.Outcome;

class RehearsedTest {
  private static final SampleQuestion QUESTION =
      new SampleQuestion(
          "How full were we?",
          Optional.of("occupancy"),
          Optional.empty(),
          Map.of(),
          Optional.of(LocalDate.of(2026, 10, 2)),
          false,
          Optional.empty());

  private static Performance answered(String restatement, String sql, int number) {
    return new Performance(
        "answered", restatement, "", sql, Optional.of(List.of(List.of(number))), "");
  }

  private static Performance declined(String reason) {
    return new Performance("declined", "", reason, "", Optional.empty(), "");
  }

  private static Rehearsed of(Performance before, Performance after) {
    return Rehearsed.of(
        QUESTION, Optional.of(before), after, Optional.of(answered("occupancy", "x", 1)));
  }

  @Test
  void theSameAnswerIsTheSame() {
    Rehearsed same = of(answered("occupancy", "a", 1), answered("occupancy", "a", 1));
    assertEquals(Outcome.SAME, same.outcome());
    assertEquals(List.of(), same.differs());
    assertTrue(same.agreed());
  }

  @Test
  void whatIsOtherwiseIsNamed() {
    Rehearsed changed = of(answered("occupancy", "a", 1), answered("occupancy", "b", 2));
    assertEquals(Outcome.CHANGED, changed.outcome());
    assertEquals(List.of(Difference.SQL, Difference.ROWS), changed.differs());
    assertEquals(
        List.of(Difference.SQL),
        of(answered("occupancy", "a", 1), answered("occupancy", "b", 1)).differs());
  }

  @Test
  void whatIsNotAnsweredAnyMoreIsBroken() {
    Rehearsed broken = of(answered("occupancy", "a", 1), declined("Not understood: \"full\"."));
    assertEquals(Outcome.BROKEN, broken.outcome());
    assertEquals("Not understood: \"full\".", broken.why());
  }

  @Test
  void anotherReadingThanTheAgreedOneIsBroken() {
    Rehearsed broken = of(answered("occupancy", "a", 1), answered("stays", "b", 2));
    assertEquals(Outcome.BROKEN, broken.outcome());
    assertTrue(broken.why().contains("\"stays\""), broken.why());
  }

  @Test
  void aRefusedStatementIsBroken() {
    Performance failed =
        new Performance(
            "answered", "occupancy", "", "a", Optional.empty(), "The source refused it.");
    assertEquals("The source refused it.", of(answered("occupancy", "a", 1), failed).why());
  }

  @Test
  void aMendedQuestionHasChangedAndANewOneIsNew() {
    assertEquals(
        List.of(Difference.MEANING, Difference.SQL, Difference.ROWS),
        of(declined("?"), answered("occupancy", "a", 1)).differs());
    assertEquals(
        Outcome.NEW,
        Rehearsed.of(QUESTION, Optional.empty(), answered("stays", "a", 1), Optional.empty())
            .outcome());
    assertEquals(Outcome.GONE, Rehearsed.gone(QUESTION).outcome());
  }
}
