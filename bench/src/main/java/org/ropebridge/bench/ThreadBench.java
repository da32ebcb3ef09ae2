package org.ropebridge.bench;

import java.sql.Connection;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import org.ropebridge.bench.QuestionBench.Outcome;
import org.ropebridge.bench.QuestionBench.Tally;
import org.ropebridge.plan.Plan;
import org.ropebridge.reading.FollowUp;
import org.ropebridge.reading.Reading;

/**
 * Asks threads turn by turn and says how many turns were right. Each line of a thread file has a
 * part, the question, and the whole question that it stands for, or {@code !} where none can be
 * answered; blank lines part threads. A turn is right when its rows are those of the whole
 * question. A turn that is misread stays misread for those that lean on it, as it would for people.
 * The misses of part {@code h}, which is held back, are counted and never listed.
 *
 * <p>Arguments: the URL of a database server's database {@code postgres}; then names of models.
 */
public final class ThreadBench {
  private static final String HELD_BACK = "h";

  private final QuestionBench bench;
  private final Tally developed = new Tally();
  private final Tally heldBack = new Tally();

  private ThreadBench(QuestionBench bench) {
    this.bench = bench;
  }

  /** Runs the benchmark. */
  public static void main(String[] arguments) throws SQLException {
    List<String> names =
        arguments.length > 1
            ? List.of(arguments).subList(1, arguments.length)
            : PracticeModels.NAMES;
    for (String name : names) {
      try (Connection connection = QuestionBench.open(arguments[0])) {
        ThreadBench threads = new ThreadBench(QuestionBench.of(name, connection));
        for (String thread : PracticeModels.text("/threads/" + name + ".tsv").split("\n\n")) {
          threads.run(thread);
        }
        System.out.println(name + ", looked at: " + threads.developed);
        System.out.println(name + ", held back: " + threads.heldBack);
      }
    }
  }

  private void run(String thread) throws SQLException {
    List<Plan> before = new ArrayList<>();
    for (String line : thread.lines().filter(l -> !l.startsWith("#")).toList()) {
      String[] cells = line.split("\t", -1);
      Reading reading = bench.reader().read(cells[1], List.copyOf(before));
      reading.plan().ifPresent(p -> before.add(0, p));
      if (reading.followUp().filter(FollowUp::startsAgain).isPresent()) {
        before.clear();
      }
      Outcome outcome = outcome(reading, cells[2]);
      boolean held = cells[0].equals(HELD_BACK);
      (held ? heldBack : developed).add(outcome);
      if (!held && outcome != Outcome.RIGHT) {
        System.out.println(
            "  "
                + outcome
                + " "
                + cells[1]
                + ": "
                + reading.restatement().orElse(reading.reason()));
      }
    }
  }

  private Outcome outcome(Reading reading, String expected) throws SQLException {
    boolean answered = reading.status() == Reading.Status.ANSWERED;
    if (expected.equals("!")) {
      return answered ? Outcome.WRONG : Outcome.RIGHT;
    } else if (!answered) {
      return switch (reading.status()) {
        case PARTLY -> Outcome.PARTLY;
        case UNCLEAR -> Outcome.ASKED;
        default -> Outcome.DECLINED;
      };
    }
    Plan meant =
        bench
            .reader()
            .read(expected)
            .plan()
            .orElseThrow(() -> new IllegalStateException("not a question: " + expected));
    Plan read = reading.plan().orElseThrow();
    return read.equals(meant) || bench.rows(read).equals(bench.rows(meant))
        ? Outcome.RIGHT
        : Outcome.WRONG;
  }
}
