package org.ropebridge.service.sources;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.concurrent.atomic.AtomicBoolean;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;

@Timeout(20)
class FairShareTest {
  private static final Duration LONG = Duration.ofSeconds(10);

  private static boolean enter(FairShare share, String person) throws InterruptedException {
    return share.enter(person, LONG, () -> false);
  }

  @Test
  void aFreePlaceIsTakenAtOnce() throws InterruptedException {
    FairShare share = new FairShare(2);
    assertTrue(enter(share, "a"));
    assertTrue(enter(share, "a"));
    assertFalse(share.enter("b", Duration.ZERO, () -> false));
    share.leave("a");
    assertTrue(enter(share, "b"));
  }

  @Test
  void whoHoldsFewestIsNext() throws InterruptedException {
    FairShare share = new FairShare(2);
    enter(share, "greedy");
    enter(share, "greedy");
    List<String> served = Collections.synchronizedList(new ArrayList<>());
    List<Thread> line = new ArrayList<>();
    for (String person : List.of("greedy", "greedy", "greedy", "modest")) {
      Thread thread =
          new Thread(
              () -> {
                try {
                  if (enter(share, person)) {
                    served.add(person);
                  }
                } catch (InterruptedException e) {
                  Thread.currentThread().interrupt();
                }
              });
      thread.start();
      while (thread.getState() != Thread.State.TIMED_WAITING) {
        Thread.onSpinWait();
      }
      line.add(thread);
    }
    share.leave("greedy");
    line.get(3).join();
    assertEquals(List.of("modest"), served);
    for (int i = 0; i < 3; i++) {
      share.leave("greedy");
    }
    for (Thread thread : line) {
      thread.join();
    }
    assertEquals(List.of("modest", "greedy", "greedy", "greedy"), served);
  }

  @Test
  void whoGivesUpLeavesTheLine() throws InterruptedException {
    FairShare share = new FairShare(1);
    enter(share, "a");
    AtomicBoolean gone = new AtomicBoolean(true);
    assertFalse(share.enter("b", LONG, gone::get));
    share.leave("a");
    assertTrue(share.enter("c", Duration.ZERO, () -> false));
  }
}
