package org.ropebridge.bench;

import java.io.IOException;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import tools.jackson.databind.JsonNode;

/**
 * Many people ask a running service at once, each as soon as the last answer has come, or after a
 * pause. Every answer is compared with the one that the same account got before the crowd came.
 * Prints how the times are spread, for each account how many answers it got, and how much memory
 * the service used. Loopback only, bounded by the number of seconds.
 *
 * <p>{@code LoadBench URL PASSWORD PEOPLE SECONDS [PAUSE-SECONDS]}; the pause is the mean of what
 * people take to read an answer before they ask again.
 */
public final class LoadBench {
  /** Of the demo's accounts, this one asks with half of all people, the others share the rest. */
  private static final List<String> ACCOUNTS = List.of("tobin", "mira", "iselin");

  private static final List<String> SHAPES =
      List.of(
          "guest nights by valley in %s %d",
          "revenue by hut in %s %d",
          "number of stays by channel in %s %d",
          "occupancy by valley in %s %d",
          "top 5 huts by callouts in %s %d",
          "cancelled share by guest kind in %s %d",
          "revenue minus supply cost by valley in %s %d",
          "number of huts without callouts in %s %d",
          "average party size by hut kind in %s %d",
          "how many members stayed in %s %d");
  private static final List<String> MONTHS =
      List.of("January", "March", "May", "June", "July", "August", "September", "December");

  private final DemoService service;

  /** In seconds, on average. */
  private final double pause;

  private final Map<String, JsonNode> expected = new ConcurrentHashMap<>();

  private LoadBench(DemoService service, double pause) {
    this.service = service;
    this.pause = pause;
  }

  /** What one person saw. */
  private record Seen(String account, List<Double> whole, List<Double> added, List<String> wrong) {}

  public static void main(String[] args)
      throws IOException, InterruptedException, ExecutionException {
    if (args.length < 4) {
      System.err.println("usage: LoadBench http://127.0.0.1:PORT PASSWORD PEOPLE SECONDS [PAUSE]");
      System.exit(2);
    }
    double pause = args.length > 4 ? Double.parseDouble(args[4]) : 0;
    LoadBench bench = new LoadBench(new DemoService(args[0], args[1]), pause);
    bench.run(Integer.parseInt(args[2]), Duration.ofSeconds(Long.parseLong(args[3])));
  }

  private void run(int people, Duration time)
      throws IOException, InterruptedException, ExecutionException {
    for (String question : questions()) {
      expected.put(question, rows(ask("mira", question)));
    }
    double heapBefore = service.heap();
    long end = System.nanoTime() + time.toNanos();
    ExecutorService crowd = Executors.newFixedThreadPool(people);
    List<Future<Seen>> running = new ArrayList<>();
    for (int i = 0; i < people; i++) {
      String account = i % 2 == 0 ? ACCOUNTS.get(0) : ACCOUNTS.get(1 + i / 2 % 2);
      int seed = i;
      running.add(crowd.submit(() -> person(account, seed, end)));
    }
    List<Seen> seen = new ArrayList<>();
    for (Future<Seen> one : running) {
      seen.add(one.get());
    }
    crowd.shutdown();
    crowd.awaitTermination(1, TimeUnit.MINUTES);
    report(seen, time, heapBefore);
  }

  private static List<String> questions() {
    List<String> questions = new ArrayList<>();
    for (String shape : SHAPES) {
      for (String month : MONTHS) {
        for (int year = 2023; year <= 2026; year++) {
          questions.add(String.format(Locale.ROOT, shape, month, year));
        }
      }
    }
    return questions;
  }

  private Seen person(String account, int seed, long end) throws InterruptedException {
    Random random = new Random(seed);
    List<String> questions = questions();
    Seen seen = new Seen(account, new ArrayList<>(), new ArrayList<>(), new ArrayList<>());
    while (System.nanoTime() < end) {
      String question = questions.get(random.nextInt(questions.size()));
      Thread.sleep((long) (2_000 * pause * random.nextDouble()));
      long before = System.nanoTime();
      try {
        JsonNode answer = ask(account, question);
        double whole = (System.nanoTime() - before) / 1e6;
        seen.whole().add(whole);
        for (JsonNode step : answer.path("trail")) {
          if (step.path("step").asString().equals("warehouse")) {
            seen.added().add(whole - step.path("milliseconds").asDouble());
          }
        }
        if (!rows(answer).equals(expected.get(question))) {
          seen.wrong().add(question + ": other rows");
        }
      } catch (IOException e) {
        seen.wrong().add(question + ": " + e.getMessage());
      }
    }
    return seen;
  }

  private void report(List<Seen> seen, Duration time, double heapBefore)
      throws IOException, InterruptedException {
    List<Double> whole = new ArrayList<>();
    List<Double> added = new ArrayList<>();
    Map<String, List<Integer>> answers = new TreeMap<>();
    List<String> wrong = new ArrayList<>();
    for (Seen one : seen) {
      whole.addAll(one.whole());
      added.addAll(one.added());
      wrong.addAll(one.wrong());
      answers.computeIfAbsent(one.account(), a -> new ArrayList<>()).add(one.whole().size());
    }
    System.out.printf(
        Locale.ROOT,
        "%d people, %d s, %d answers (%.0f a second), %d errors or wrong answers%n",
        seen.size(),
        time.toSeconds(),
        whole.size(),
        whole.size() / (double) time.toSeconds(),
        wrong.size());
    wrong.stream().limit(5).forEach(w -> System.out.println("  " + w));
    print("whole answer", whole);
    print("without the warehouse and the line before it", added);
    answers.forEach(
        (account, counts) ->
            System.out.printf(
                Locale.ROOT,
                "%s, %d people: %d answers, %d to %d each%n",
                account,
                counts.size(),
                counts.stream().mapToInt(i -> i).sum(),
                Collections.min(counts),
                Collections.max(counts)));
    System.out.printf(
        Locale.ROOT,
        "heap in use before and after: %.0f and %.0f MB%n",
        heapBefore,
        service.heap());
  }

  private static void print(String what, List<Double> times) {
    Collections.sort(times);
    System.out.printf(
        Locale.ROOT,
        "%s: median %.1f ms, p95 %.1f ms, p99 %.1f ms, worst %.0f ms%n",
        what,
        times.get(times.size() / 2),
        times.get((int) (times.size() * 0.95)),
        times.get((int) (times.size() * 0.99)),
        times.get(times.size() - 1));
  }

  private JsonNode ask(String account, String question) throws IOException, InterruptedException {
    return service.post(account, "/api/models/huts/ask", Map.of("question", question));
  }

  private static JsonNode rows(JsonNode answer) {
    return answer.path("rows");
  }
}
