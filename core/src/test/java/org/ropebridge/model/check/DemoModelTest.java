package org.ropebridge.model.check;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.ropebridge.DemoModel;
import org.ropebridge.demo.DemoFiles;
import org.ropebridge.model.file.ModelReader;
import org.ropebridge.reading.SampleQuestions;

/** The demo's model is one that an author could publish. */
class DemoModelTest {
  private final ModelReader.Result result = ModelReader.read(DemoFiles.model());

  @Test
  void hasNoFaults() {
    assertEquals(List.of(), result.faults());
    assertEquals(List.of(), ModelCheck.faults(result.model().orElseThrow(), result.places()));
  }

  @Test
  void itsSampleQuestionsCanBeRead() {
    assertEquals(
        List.of(),
        SampleQuestions.faults(DemoModel.MODEL, DemoModel.READER, result.places(), true));
  }

  @Test
  void isAsLargeAsPromised() {
    assertTrue(DemoModel.MODEL.metrics().size() >= 20);
    assertTrue(DemoModel.MODEL.questions().size() >= 25);
  }
}
