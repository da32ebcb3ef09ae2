package org.ropebridge.model.file;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.ropebridge.DemoModel;
import org.ropebridge.PotteryModel;
import org.ropebridge.model.Model;

/** Files that are written are read back as the same model, and written again without change. */
class ModelWriterTest {

  @Test
  void theDemoComesBackAsItWas() {
    check(DemoModel.MODEL);
  }

  @Test
  void anotherModelComesBackAsItWas() {
    check(PotteryModel.MODEL);
  }

  private static void check(Model model) {
    Map<String, String> files = ModelWriter.write(model);
    ModelReader.Result result = ModelReader.read(files);
    assertEquals(List.of(), result.faults());
    Model again = result.model().orElseThrow();
    // Tables are read in the order of their files' names.
    assertEquals(sorted(model), sorted(again));
    assertEquals(files, ModelWriter.write(again));
  }

  private static Model sorted(Model model) {
    return model.withTables(
        model.tables().stream()
            .sorted(java.util.Comparator.comparing(org.ropebridge.model.Table::name))
            .toList());
  }
}
