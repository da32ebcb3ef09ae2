package org.ropebridge.service.sources;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.BooleanSupplier;

/**
 * A number of places that people share. A place that gets free goes to the one who holds the fewest
 * among those who wait, and among equals to the one who came first; so nobody who asks a lot keeps
 * others waiting.
 */
final class FairShare {
  private static final long LOOK_AROUND_MILLIS = 100;
  private final Map<String, Integer> held = new HashMap<>();
  private final List<Waiting> waiting = new ArrayList<>();
  private int free;

  FairShare(int places) {
    this.free = places;
  }

  /** Someone in line; the same person may be there several times. */
  private static final class Waiting {
    private final String person;
    private boolean served;

    private Waiting(String person) {
      this.person = person;
    }
  }

  /**
   * Takes a place, waiting for one if need be.
   *
   * @param longest how long to wait
   * @param gaveUp whether the person has left the line meanwhile
   * @return whether there is a place now; if so, {@link #leave} must follow
   */
  synchronized boolean enter(String person, Duration longest, BooleanSupplier gaveUp)
      throws InterruptedException {
    Waiting own = new Waiting(person);
    waiting.add(own);
    serve();
    long end = System.nanoTime() + longest.toNanos();
    try {
      while (!own.served && !gaveUp.getAsBoolean() && System.nanoTime() < end) {
        wait(LOOK_AROUND_MILLIS);
      }
    } finally {
      waiting.remove(own);
    }
    return own.served;
  }

  /** Gives a place back. */
  synchronized void leave(String person) {
    free++;
    held.computeIfPresent(person, (p, count) -> count == 1 ? null : count - 1);
    serve();
  }

  private void serve() {
    while (free > 0 && waiting.stream().anyMatch(w -> !w.served)) {
      Waiting next =
          waiting.stream()
              .filter(w -> !w.served)
              .min(Comparator.comparingInt(w -> held.getOrDefault(w.person, 0)))
              .orElseThrow();
      next.served = true;
      free--;
      held.merge(next.person, 1, Integer::sum);
    }
    notifyAll();
  }
}
