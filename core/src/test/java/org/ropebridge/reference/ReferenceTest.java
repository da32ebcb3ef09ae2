package org.ropebridge.reference;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.Test;
import org.ropebridge.TestDatabase;
import org.ropebridge.plan.Plan;
import org.ropebridge.plan.RandomPlans;

/**
 * Random plans over random companies: the database says what the slow reference says. Which
 * companies are tried can be set with {@code -Dreference.first} and {@code -Dreference.companies};
 * with {@code -Dreference.stops} the first difference is the last.
 */
class ReferenceTest {
  private static final int COMPANIES = Integer.getInteger("reference.companies", 200);
  private static final int FIRST = Integer.getInteger("reference.first", 0);
  private static final int PLANS = 50;
  private static final int WORKERS = 2;
  private static final int TOLD = 3;
  private static final boolean STOPS_EARLY = Boolean.getBoolean("reference.stops");

  private final Counts counts = new Counts();
  private final List<String> differences = new ArrayList<>();

  @Test
  void theDatabaseSaysWhatTheReferenceSays() throws InterruptedException, ExecutionException {
    ExecutorService workers = Executors.newFixedThreadPool(WORKERS);
    try {
      List<Future<?>> running = new ArrayList<>();
      for (int worker = 0; worker < WORKERS; worker++) {
        int own = worker;
        running.add(workers.submit(() -> work(own)));
      }
      for (Future<?> one : running) {
        one.get();
      }
    } finally {
      workers.shutdownNow();
    }
    System.out.println(counts);
    assertEquals(COMPANIES * PLANS, counts.cases());
    assertEquals(0, counts.differing(), () -> String.join("\n\n", differences));
  }

  private void work(int worker) {
    TestDatabase database = TestDatabase.fresh("reference_test_" + worker);
    for (int seed = FIRST + worker; seed < FIRST + COMPANIES; seed += WORKERS) {
      company(seed, new Comparison(database, seed));
      if (STOPS_EARLY && counts.differing() > 0) {
        return;
      }
    }
  }

  private void company(int seed, Comparison comparison) {
    RandomPlans plans =
        new RandomPlans(
            comparison.company().model(), comparison.company().values(), RandomCompany.TODAY);
    for (int i = 0; i < PLANS; i++) {
      Plan plan = plans.of(seed * 1_000L + i);
      boolean same = comparison.difference(plan).isEmpty();
      String difference = same ? "" : "company " + seed + ": " + told(comparison, plan);
      synchronized (counts) {
        counts.add(plan, same);
        if (!same && differences.size() < TOLD) {
          differences.add(difference);
        }
      }
    }
  }

  private static String told(Comparison comparison, Plan plan) {
    if (STOPS_EARLY) {
      return plan.toString();
    }
    String smallest = comparison.smallest(plan);
    comparison.fill(comparison.company().warehouse());
    return smallest;
  }
}
