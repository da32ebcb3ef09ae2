package org.ropebridge.language;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/** Hours of the day, put together. */
final class Hours {
  private static final int OF_DAY = 24;

  private Hours() {}

  /** Stretches of hours without a gap, from their first to the one after their last. */
  static List<int[]> stretches(Set<Integer> hours) {
    if (hours.size() == OF_DAY) {
      return List.of(new int[] {0, OF_DAY});
    }
    List<int[]> stretches = new ArrayList<>();
    for (int hour : hours) {
      if (!hours.contains((hour + OF_DAY - 1) % OF_DAY)) {
        int end = hour + 1;
        while (hours.contains(end % OF_DAY)) {
          end++;
        }
        stretches.add(new int[] {hour, end > OF_DAY ? end - OF_DAY : end});
      }
    }
    return stretches;
  }
}
