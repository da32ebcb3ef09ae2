package org.ropebridge.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import org.ropebridge.demo.DemoData;
import org.ropebridge.language.LanguagePack;
import org.ropebridge.lexicon.ValueIndex;
import org.ropebridge.model.Model;
import org.ropebridge.model.check.ModelCheck;
import org.ropebridge.model.file.Fault;
import org.ropebridge.model.file.FileEdit;
import org.ropebridge.model.file.FileEditor;
import org.ropebridge.model.file.ModelReader;
import org.ropebridge.reading.QuestionReader;
import org.ropebridge.reading.SampleQuestions;

/** Edits a draft of a thousand columns and checks all of it, as each change on the page does. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 5)
@Measurement(iterations = 4, time = 5)
@Fork(1)
public class CheckBench {
  private static final int TABLES = 50;
  private Map<String, String> files;
  private List<FileEdit> edits;

  @Setup
  public void load() {
    files = new BigModel().files(TABLES);
    Model model = ModelReader.read(files).model().orElseThrow();
    StringBuilder questions = new StringBuilder("questions:\n");
    for (int i = 0; i < 40; i++) {
      String metric = model.metrics().get(i).label();
      questions
          .append("  - ask: how is ")
          .append(metric)
          .append("\n    means: ")
          .append(metric)
          .append("\n    agreed: 2026-06-01\n");
    }
    files.put("questions.yaml", questions.toString());
    edits =
        List.of(
            FileEdit.set(
                "metrics.yaml",
                List.of("metrics", model.metrics().get(7).name(), "about"),
                "Changed on the page."));
  }

  /** One change, and every fault of the model that it makes. */
  @Benchmark
  public List<Fault> change() {
    ModelReader.Result read = ModelReader.read(FileEditor.apply(files, edits));
    Model model = read.model().orElseThrow();
    List<Fault> faults = new ArrayList<>(read.faults());
    faults.addAll(ModelCheck.faults(model, read.places()));
    QuestionReader reader =
        new QuestionReader(model, ValueIndex.EMPTY, LanguagePack.ENGLISH, DemoData.TODAY);
    faults.addAll(SampleQuestions.faults(model, reader, read.places(), false));
    return faults;
  }
}
