package org.ropebridge.steering;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.ropebridge.DemoModel;
import org.ropebridge.demo.DemoFiles;
import org.ropebridge.plan.Plan;
import org.ropebridge.plan.Restatement;
import org.ropebridge.reading.Reading;

/** What is offered can be had: every option, next question and completion is answered. */
class SteeringTest {
  private static final Steering STEERING =
      Steering.of(DemoModel.MODEL, DemoModel.VALUES, DemoModel.READER);

  private static Plan plan(String question) {
    return DemoModel.READER.read(question).plan().orElseThrow();
  }

  private static Stream<String> questions() {
    return DemoFiles.text("questions/threads.tsv")
        .lines()
        .filter(l -> !l.isBlank() && !l.startsWith("#") && !l.contains("\t!"))
        .map(l -> l.split("\t")[1])
        .distinct();
  }

  @ParameterizedTest
  @MethodSource("questions")
  void everyOptionIsAQuestionThatMeansJustThat(String question) {
    Plan plan = plan(question);
    List<Handles.Option> options = new ArrayList<>(STEERING.handles().additions(plan));
    List<Restatement.Part> parts = STEERING.handles().of(plan);
    for (int i = 0; i < parts.size(); i++) {
      options.addAll(STEERING.handles().options(plan, i));
    }
    assertTrue(options.size() > 3, () -> options.toString());
    for (Handles.Option option : options) {
      Reading reading = DemoModel.READER.read(option.question());
      assertEquals(Reading.Status.ANSWERED, reading.status(), option::toString);
      assertEquals(Optional.of(option.question()), reading.restatement(), option::toString);
    }
  }

  @ParameterizedTest
  @MethodSource("questions")
  void everyNextQuestionIsAnswered(String question) {
    List<NextQuestions.Next> next = STEERING.next().after(plan(question), 12);
    assertTrue(next.size() <= 4);
    for (NextQuestions.Next more : next) {
      Reading reading = DemoModel.READER.read(more.question());
      assertEquals(Optional.of(more.question()), reading.restatement(), more::toString);
    }
  }

  @Test
  void aMapIsOfferedOfPlacesOnly() {
    assertTrue(offersMap("revenue by hut"));
    assertTrue(offersMap("list of huts showing hut and altitude"));
    assertEquals(false, offersMap("revenue by month"));
    assertEquals(false, offersMap("revenue by hut and channel"));
  }

  private static boolean offersMap(String question) {
    return STEERING.handles().additions(plan(question)).stream()
        .anyMatch(o -> o.question().endsWith("on a map"));
  }

  @Test
  void partsCoverTheWholeRestatement() {
    List<String> words =
        STEERING
            .handles()
            .of(plan("top 5 huts by revenue in Ossel this year as a bar chart"))
            .stream()
            .map(Restatement.Part::words)
            .toList();
    assertEquals(
        List.of(
            "revenue",
            "by hut",
            "for valley Ossel",
            "this year",
            "top 5 by revenue",
            "as a bar chart"),
        words);
  }

  @Test
  void aPartCanBeLeftOutAndSwapped() {
    Plan plan = plan("revenue by hut for valley Ossel this year");
    List<String> ofFilter =
        STEERING.handles().options(plan, 2).stream().map(Handles.Option::question).toList();
    assertTrue(ofFilter.contains("revenue by hut this year"), ofFilter::toString);
    assertTrue(ofFilter.contains("revenue by hut for valley Quill, this year"));
    assertTrue(ofFilter.contains("revenue by hut excluding valley Ossel, this year"));
    List<String> ofMeasure =
        STEERING.handles().options(plan, 0).stream().map(Handles.Option::question).toList();
    assertTrue(ofMeasure.contains("occupancy by hut for valley Ossel, this year"));
    assertFalse(ofMeasure.stream().anyMatch(q -> q.startsWith("by hut")), "the last number stays");
  }

  @Test
  void optionsAreFoundByWordsHoweverManyThereAre() {
    Plan plan = plan("revenue by hut for valley Ossel this year");
    assertEquals(
        List.of("revenue by hut for valley Quill, this year"),
        questions(STEERING.handles().options(plan, 2, "qui")));
    List<Handles.Option> found =
        STEERING.handles().additions(plan("revenue by month this year"), "remy");
    assertEquals(List.of("for hut Saint-Rémy Refuge"), labels(found));
    assertEquals(List.of(), questions(STEERING.handles().options(plan, 2, "nowhere")));
  }

  private static List<String> labels(List<Handles.Option> options) {
    return options.stream().map(Handles.Option::label).toList();
  }

  private static List<String> questions(List<Handles.Option> options) {
    return options.stream().map(Handles.Option::question).toList();
  }

  @Test
  void whatLeavesNothingToRankTakesTheRankingAlong() {
    Plan plan = plan("top 5 huts by revenue");
    List<String> ofGrouping =
        STEERING.handles().options(plan, 1).stream().map(Handles.Option::question).toList();
    assertTrue(ofGrouping.contains("revenue"), ofGrouping::toString);
    assertTrue(ofGrouping.contains("top 5 valleys by revenue"), ofGrouping::toString);
  }

  @ParameterizedTest
  @MethodSource("beginnings")
  void everyCompletionIsAnswered(String typed) {
    for (Completions.Completion completion : STEERING.completions().of(typed, List.of())) {
      assertEquals(
          Reading.Status.ANSWERED,
          DemoModel.READER.read(completion.question()).status(),
          completion::toString);
    }
  }

  /** Questions as far as they are typed, letter by letter. */
  private static Stream<String> beginnings() {
    return Stream.of("guest nights by valley in ossel", "how many callouts last year", "occ")
        .flatMap(
            q ->
                java.util.stream.IntStream.rangeClosed(0, q.length())
                    .mapToObj(n -> q.substring(0, n)))
        .distinct();
  }

  @Test
  void completionsKnowMetricsValuesAndTheQuestionBefore() {
    assertTrue(completed("occ").contains("occupancy"));
    assertTrue(completed("revenue by v").contains("revenue by valley"));
    assertTrue(completed("guest nights in os").contains("guest nights in Ossel"));
    List<String> inThread =
        STEERING.completions().of("only os", List.of(plan("revenue by valley"))).stream()
            .map(Completions.Completion::question)
            .toList();
    assertTrue(inThread.contains("only Ossel"), inThread::toString);
    assertEquals(List.of(), completed("qqqq"));
    assertFalse(completed("").isEmpty(), "starters");
  }

  private static List<String> completed(String typed) {
    return STEERING.completions().of(typed, List.of()).stream()
        .map(Completions.Completion::question)
        .toList();
  }
}
