package org.ropebridge.bench;

import java.io.BufferedWriter;
import java.io.IOException;
import java.net.http.HttpRequest;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import tools.jackson.databind.JsonNode;

/**
 * Brings one large untidy file to the running demo, as an author does, and prints how long each
 * step took and how the service's heap went meanwhile: in each tenth of the time the least and the
 * most in use. The least is what is left after a collection.
 *
 * <p>{@code UploadBench URL PASSWORD MEGABYTES}
 */
public final class UploadBench {
  private static final String AUTHOR = "mira";
  private static final String TABLE = "bench_visits";
  private static final int TENTHS = 10;
  private static final int MILLIS_BETWEEN_LOOKS = 200;
  private static final int ROWS_PER_BAD_ONE = 5000;

  private final DemoService service;
  private final List<Double> heap = Collections.synchronizedList(new ArrayList<>());

  private UploadBench(DemoService service) {
    this.service = service;
  }

  public static void main(String[] args) throws IOException, InterruptedException {
    if (args.length != 3) {
      System.err.println("usage: UploadBench http://127.0.0.1:PORT PASSWORD MEGABYTES");
      System.exit(2);
    }
    Path file = Files.createTempFile("bench", ".csv");
    try {
      long rows = write(file, Long.parseLong(args[2]) * 1_000_000);
      System.out.printf(Locale.ROOT, "a file of %,d bytes with %,d rows%n", Files.size(file), rows);
      new UploadBench(new DemoService(args[0], args[1])).run(file);
    } finally {
      Files.delete(file);
    }
  }

  private static long write(Path file, long bytes) throws IOException {
    Random random = new Random(3);
    String[] huts = {"Larkspur Hut", "Gannet Hut", "Rook Hut", "Sørli Hut", "Öde Hut"};
    String[] valleys = {"Ossel", "Quill", "Brannick", "Harrowmere", ""};
    long rows = 0;
    long written = 0;
    try (BufferedWriter out = Files.newBufferedWriter(file)) {
      out.write("Hut;Valley;Day;Guests;Takings;Note;Paid\n");
      while (written < bytes) {
        LocalDate day = LocalDate.of(2020, 1, 1).plusDays(random.nextInt(2000));
        String row =
            huts[random.nextInt(huts.length)]
                + ";"
                + valleys[random.nextInt(valleys.length)]
                + ";"
                + day.getDayOfMonth()
                + "."
                + day.getMonthValue()
                + "."
                + day.getYear()
                + ";"
                + (rows % ROWS_PER_BAD_ONE == 7 ? "many" : random.nextInt(40))
                + ";"
                + random.nextInt(900)
                + ","
                + (10 + random.nextInt(90))
                + ";\"a note; number "
                + rows
                + "\";"
                + (random.nextBoolean() ? "yes" : "no")
                + "\n";
        out.write(row);
        written += row.length();
        rows++;
      }
    }
    return rows;
  }

  private void run(Path file) throws IOException, InterruptedException {
    Thread watch = new Thread(this::watch, "heap");
    watch.setDaemon(true);
    watch.start();
    long start = System.nanoTime();
    JsonNode upload =
        service.bring(
            AUTHOR,
            "/api/sources/ledger/uploads?file=visits.csv",
            HttpRequest.BodyPublishers.ofFile(file));
    String path = "/api/uploads/" + upload.path("id").asString();
    tell("sent", start);
    start = System.nanoTime();
    JsonNode looked = wait(path, "look");
    tell("looked at and tried", start);
    JsonNode found = looked.path("found");
    System.out.printf(
        Locale.ROOT,
        "  %,d rows fit, %,d would be put aside%n",
        found.path("rows").asLong(),
        found.path("aside").asLong());
    start = System.nanoTime();
    service.post(AUTHOR, path + "/table", java.util.Map.of("table", TABLE, "replace", false));
    JsonNode taken = wait(path, "intake");
    tell("taken in", start);
    System.out.printf(
        Locale.ROOT,
        "  %,d rows, %,d put aside%n",
        taken.path("rows").asLong(),
        taken.path("aside").asLong());
    watch.interrupt();
    watch.join();
    tellHeap();
    service.delete(AUTHOR, path + "?table=true");
  }

  private static void tell(String what, long start) {
    System.out.printf(Locale.ROOT, "%-20s %.1f s%n", what, (System.nanoTime() - start) / 1e9);
  }

  private JsonNode wait(String path, String job) throws IOException, InterruptedException {
    JsonNode now = service.get(AUTHOR, path);
    while (now.path(job).path("state").asString().equals("running")) {
      TimeUnit.MILLISECONDS.sleep(MILLIS_BETWEEN_LOOKS);
      now = service.get(AUTHOR, path);
    }
    if (!now.path(job).path("state").asString().equals("done")) {
      throw new IOException(now.path(job).path("message").asString());
    }
    return now;
  }

  private void watch() {
    try {
      while (!Thread.interrupted()) {
        heap.add(service.heap());
        TimeUnit.MILLISECONDS.sleep(MILLIS_BETWEEN_LOOKS);
      }
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    } catch (IOException e) {
      throw new java.io.UncheckedIOException(e);
    }
  }

  private void tellHeap() {
    System.out.println("heap in use, least and most in each tenth of the time, in MB:");
    List<Double> all = List.copyOf(heap);
    for (int i = 0; i < TENTHS; i++) {
      List<Double> part = all.subList(i * all.size() / TENTHS, (i + 1) * all.size() / TENTHS);
      System.out.printf(
          Locale.ROOT,
          "  %2d  %4.0f  %4.0f%n",
          i + 1,
          part.stream().mapToDouble(h -> h).min().orElse(0),
          part.stream().mapToDouble(h -> h).max().orElse(0));
    }
  }
}
