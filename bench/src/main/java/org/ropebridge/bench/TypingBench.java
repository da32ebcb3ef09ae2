package org.ropebridge.bench;

import java.io.IOException;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.ropebridge.model.Metric;
import org.ropebridge.model.Model;
import org.ropebridge.model.Table;

/**
 * Many people type questions on the big model at once, letter by letter, and the service reads what
 * stands there after each letter, as it does for the page. Prints how the times of the service are
 * spread. Loopback only, bounded by the number of seconds.
 *
 * <p>{@code TypingBench URL PASSWORD PEOPLE SECONDS}; {@code TypingBench --question} prints one of
 * the questions.
 */
public final class TypingBench {
  /** Between two letters of one person, on average; 60 words a minute are 200. */
  private static final int MILLISECONDS_BETWEEN_KEYS = 200;

  /** As long as the page waits without a key, until it asks how the question may go on. */
  private static final int BEFORE_COMPLETIONS = 150;

  private TypingBench() {}

  public static void main(String[] args)
      throws IOException, InterruptedException, ExecutionException {
    if (args.length == 1 && args[0].equals("--question")) {
      System.out.println(question(new BigModel().model(), new Random(1)));
      return;
    }
    if (args.length != 4) {
      System.err.println(
          "usage: TypingBench http://127.0.0.1:PORT PASSWORD PEOPLE SECONDS | --question");
      System.exit(2);
    }
    DemoService service = new DemoService(args[0], args[1]);
    int people = Integer.parseInt(args[2]);
    long end = System.nanoTime() + Long.parseLong(args[3]) * 1_000_000_000L;
    Model model = new BigModel().model();
    ExecutorService crowd = Executors.newFixedThreadPool(people);
    List<Future<List<Double>>> running = new ArrayList<>();
    for (int i = 0; i < people; i++) {
      int seed = i;
      running.add(crowd.submit(() -> type(service, model, new Random(seed), end)));
    }
    List<Double> times = new ArrayList<>();
    for (Future<List<Double>> one : running) {
      times.addAll(one.get());
    }
    crowd.shutdown();
    Collections.sort(times);
    System.out.printf(
        Locale.ROOT,
        "%d people, %d letters (%.0f a second): the service reads one in %.1f ms at the median, p95"
            + " %.1f, most %.1f%n",
        people,
        times.size(),
        times.size() / Double.parseDouble(args[3]),
        at(times, 0.5),
        at(times, 0.95),
        times.get(times.size() - 1));
  }

  private static double at(List<Double> sorted, double share) {
    return sorted.get((int) Math.min(sorted.size() - 1, share * sorted.size()));
  }

  private static List<Double> type(DemoService service, Model model, Random random, long end)
      throws IOException, InterruptedException {
    List<Double> times = new ArrayList<>();
    Thread.sleep(random.nextInt(MILLISECONDS_BETWEEN_KEYS));
    while (System.nanoTime() < end) {
      String question = question(model, random);
      for (int i = 1; i <= question.length() && System.nanoTime() < end; i++) {
        Map<String, String> typed = Map.of("question", question.substring(0, i));
        long before = System.nanoTime();
        service.post("tobin", "/api/models/big/typing?completions=false", typed);
        times.add((System.nanoTime() - before) / 1e6);
        double pause = 2 * MILLISECONDS_BETWEEN_KEYS * random.nextDouble();
        if (pause > BEFORE_COMPLETIONS) {
          Thread.sleep(BEFORE_COMPLETIONS);
          service.post("tobin", "/api/models/big/typing?completions=true", typed);
        }
        double done = (System.nanoTime() - before) / 1e6;
        Thread.sleep((long) Math.max(0, pause - done));
      }
    }
    return times;
  }

  static String question(Model model, Random random) {
    Metric metric = model.metrics().get(random.nextInt(model.metrics().size()));
    Table table = model.table(metric.table().orElseThrow());
    return metric.alsoCalled().get(0)
        + " by "
        + table.columns().get(1 + random.nextInt(9)).label()
        + (random.nextBoolean() ? " last year" : " in March 2026");
  }
}
