package org.ropebridge.reading;

import java.util.List;
import org.ropebridge.plan.Measure;

/** Something that the words left open and reading settled; every answer tells it. */
public sealed interface Assumption {

  /** Ranked by the author's preferred measure. */
  record RankedBy(Measure measure) implements Assumption {}

  /** Rows were counted, because no measure was said. */
  record Counted(String table) implements Assumption {}

  /** The rows that have the named values were counted, because nothing else to count was named. */
  record CountedFor(String table) implements Assumption {}

  /** Rows were counted through those of another table, the only ones that point at both. */
  record Through(String counted, String through) implements Assumption {}

  /** A word was taken for another that is spelt nearly so. */
  record Spelling(String typed, String taken) implements Assumption {}

  /** The model does not know the word, but knows another for the same. */
  record Akin(String typed, String taken) implements Assumption {}

  /** Read as the person who asks has said what they mean by it. */
  record OwnMeaning(String typed, String taken) implements Assumption {}

  /** Read as the agreed sample question says. */
  record FollowedSample(String ask) implements Assumption {}

  /** Parts of the question before that do not go with this one, in words. */
  record LeftOut(List<String> parts) implements Assumption {
    public LeftOut {
      parts = List.copyOf(parts);
    }
  }

  /** Compared with the time before the current one, because no time was said. */
  record ComparedYears() implements Assumption {}

  /** Several measures were named with no word between them that says how they belong together. */
  record SideBySide(List<Measure> measures) implements Assumption {
    public SideBySide {
      measures = List.copyOf(measures);
    }
  }

  static Assumption rankedBy(Measure measure) {
    return new RankedBy(measure);
  }

  static Assumption counted(String table) {
    return new Counted(table);
  }
}
