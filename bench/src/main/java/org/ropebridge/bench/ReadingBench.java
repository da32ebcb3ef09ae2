package org.ropebridge.bench;

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
import org.ropebridge.access.Access;
import org.ropebridge.demo.DemoData;
import org.ropebridge.demo.DemoFiles;
import org.ropebridge.demo.DemoValues;
import org.ropebridge.language.LanguagePack;
import org.ropebridge.lexicon.ValueIndex;
import org.ropebridge.model.Model;
import org.ropebridge.model.file.ModelReader;
import org.ropebridge.reading.QuestionReader;
import org.ropebridge.reading.Reading;
import org.ropebridge.sql.SqlQuery;
import org.ropebridge.sql.SqlWriter;

/** Reads the questions of the demo's question set one after another, with all of its values. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 4, time = 5)
@Measurement(iterations = 6, time = 5)
@Fork(2)
public class ReadingBench {
  private QuestionReader reader;
  private SqlWriter writer;
  private List<String> questions;
  private List<Reading> readings;
  private int next;

  @Setup
  public void load() {
    Model model = ModelReader.read(DemoFiles.model()).model().orElseThrow();
    Map<String, List<String>> texts = DemoValues.distinct(DemoData.Size.FULL);
    ValueIndex values =
        ValueIndex.load(
            model,
            ref ->
                texts.getOrDefault(
                    model.table(ref.table()).from() + "." + ref.column(), List.of()));
    reader = new QuestionReader(model, values, LanguagePack.ENGLISH, DemoData.TODAY);
    writer = new SqlWriter(Access.unlimited(model), reader.periods(), reader.restatement());
    questions =
        DemoFiles.text("questions/first-crossing.tsv")
            .lines()
            .filter(l -> !l.startsWith("#") && !l.isBlank())
            .map(l -> l.substring(0, l.indexOf('\t')))
            .toList();
    readings = questions.stream().map(reader::read).filter(r -> r.plan().isPresent()).toList();
  }

  /** One question of the set, from text to reading. */
  @Benchmark
  public Reading read() {
    next = (next + 1) % questions.size();
    return reader.read(questions.get(next));
  }

  /** One plan of the set, from plan to SQL text. */
  @Benchmark
  public SqlQuery write() {
    next = (next + 1) % readings.size();
    return writer.write(readings.get(next).plan().orElseThrow());
  }
}
