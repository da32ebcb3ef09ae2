package org.ropebridge.reading;

import java.util.List;

/**
 * How a question leans on the one before it, in the words of restatements.
 *
 * @param kept what it keeps of the plan before
 * @param added what it adds
 * @param dropped what it gives up
 * @param startsAgain whether it only says that the next question stands by itself
 */
public record FollowUp(
    List<String> kept, List<String> added, List<String> dropped, boolean startsAgain) {
  /** Gives up all that was before. */
  static final FollowUp START = new FollowUp(List.of(), List.of(), List.of(), true);

  /** Does nothing with the plan: an order, which is told what to do instead. */
  static final FollowUp ORDER = new FollowUp(List.of(), List.of(), List.of(), false);

  /** Whether it is an order and no question: "export it". */
  public boolean changesNothing() {
    return equals(ORDER);
  }

  public FollowUp {
    kept = List.copyOf(kept);
    added = List.copyOf(added);
    dropped = List.copyOf(dropped);
  }

  /** What changes from the parts of one plan to those of another. */
  static FollowUp between(List<String> before, List<String> after) {
    return new FollowUp(
        before.stream().filter(after::contains).toList(),
        after.stream().filter(p -> !before.contains(p)).toList(),
        before.stream().filter(p -> !after.contains(p)).toList(),
        false);
  }
}
