package org.ropebridge.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Level;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import org.ropebridge.demo.DemoData;
import org.ropebridge.language.LanguagePack;
import org.ropebridge.lexicon.ValueIndex;
import org.ropebridge.model.Column;
import org.ropebridge.model.Metric;
import org.ropebridge.model.Model;
import org.ropebridge.model.Table;
import org.ropebridge.reading.QuestionReader;
import org.ropebridge.reading.Reading;

/**
 * Reads texts on a model of 500 columns, 150 metrics, 2,000 synonyms and a million values. Tells
 * once how long the index took and how much memory it holds.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 5)
@Measurement(iterations = 4, time = 5)
@Fork(
    value = 1,
    jvmArgsAppend = {"-Xmx3g"})
public class BigReadingBench {
  private static final int VALUES = 1_000_000;
  private static final int QUESTIONS = 400;
  private static final int LONGEST = 2_000;
  private static final String LETTERS = "abcdefghijklmnopqrstuvwxyz";

  /** What is read. */
  @Param({"questions", "slips", "pasted", "random", "unicode"})
  private String texts;

  private QuestionReader reader;
  private List<String> asked;
  private int next;

  @Setup(Level.Trial)
  public void load() {
    BigModel big = new BigModel();
    Model model = big.model();
    ValueIndex values = big.values(VALUES);
    long held = held();
    long start = System.nanoTime();
    reader = new QuestionReader(model, values, LanguagePack.ENGLISH, DemoData.TODAY);
    reader.prepare();
    long took = System.nanoTime() - start;
    System.out.printf(
        "index: %.1f s, %.0f MB beside the values%n", took / 1e9, (held() - held) / 1e6);
    Random random = new Random(3);
    asked = new ArrayList<>();
    for (int i = 0; i < QUESTIONS; i++) {
      asked.add(
          switch (texts) {
            case "questions" -> question(model, values, random);
            case "slips" -> slipped(question(model, values, random), random);
            case "pasted" -> pasted(model, values, random);
            case "random" ->
                random(random, LETTERS + "0123456789 .,-%\"'", 1 + random.nextInt(200));
            default -> unicode(random);
          });
    }
  }

  private static long held() {
    for (int i = 0; i < 3; i++) {
      System.gc();
    }
    return Runtime.getRuntime().totalMemory() - Runtime.getRuntime().freeMemory();
  }

  private static String question(Model model, ValueIndex values, Random random) {
    Metric metric = one(model.metrics(), random);
    Table table = model.table(metric.table().orElseThrow());
    Column column = one(table.columns(), random);
    String measure = one(metric.alsoCalled(), random);
    return switch (random.nextInt(4)) {
      case 0 -> measure + " by " + column.label();
      case 1 -> "top 5 " + table.rowNounPlural() + " by " + measure + " in 2025";
      case 2 -> "how many " + table.rowNounPlural() + " per month last year";
      default -> measure + " for " + value(values, random) + " in March 2026";
    };
  }

  private static String value(ValueIndex values, Random random) {
    return one(values.of(one(List.copyOf(values.values().keySet()), random)), random);
  }

  private static <T> T one(List<T> list, Random random) {
    return list.get(random.nextInt(list.size()));
  }

  private static String slipped(String question, Random random) {
    int at = 1 + random.nextInt(question.length() - 2);
    return question.substring(0, at)
        + question.charAt(at + 1)
        + question.charAt(at)
        + question.substring(at + 2);
  }

  private static String pasted(Model model, ValueIndex values, Random random) {
    StringBuilder text = new StringBuilder();
    while (text.length() < LONGEST) {
      text.append(slipped(question(model, values, random), random)).append(' ');
    }
    return text.substring(0, LONGEST);
  }

  private static String random(Random random, String letters, int length) {
    StringBuilder text = new StringBuilder();
    for (int i = 0; i < length; i++) {
      text.append(letters.charAt(random.nextInt(letters.length())));
    }
    return text.toString();
  }

  /** Any characters at all: marks, signs that turn the direction, halves of pairs. */
  private static String unicode(Random random) {
    StringBuilder text = new StringBuilder();
    int length = 1 + random.nextInt(LONGEST / 2);
    for (int i = 0; i < length; i++) {
      text.append(
          (char) (random.nextInt(4) == 0 ? 0x300 + random.nextInt(0x70) : random.nextInt()));
    }
    return text.toString();
  }

  /** One text. */
  @Benchmark
  public Reading read() {
    next = (next + 1) % asked.size();
    return reader.read(asked.get(next));
  }
}
