package org.ropebridge.reading;

import java.time.LocalDate;
import java.util.List;
import org.ropebridge.lexicon.Meaning;

/** A question about the model itself, which its author's words answer and no numbers. */
public sealed interface About {
  /**
   * What a name means, and how it is computed.
   *
   * @param items everything that goes by the name; not empty
   */
  record Sense(List<Meaning> items) implements About {
    public Sense {
      items = List.copyOf(items);
    }
  }

  /**
   * Where something comes from.
   *
   * @param items everything that goes by the name; not empty
   */
  record Origin(List<Meaning> items) implements About {
    public Origin {
      items = List.copyOf(items);
    }
  }

  /** What can be asked. */
  record Coverage() implements About {}

  /**
   * By what numbers can be broken down.
   *
   * @param items what is to be broken down; empty for all there is
   */
  record Breakdowns(List<Meaning> items) implements About {
    public Breakdowns {
      items = List.copyOf(items);
    }
  }

  /**
   * Which day it is, and when years, weeks and seasons begin.
   *
   * @param today the day that relative times are told from
   */
  record Calendar(LocalDate today) implements About {}

  /** Who may see what. */
  record Access() implements About {}

  /** Which metrics there are. */
  record Metrics() implements About {}

  /** Which tables there are. */
  record Tables() implements About {}

  /**
   * How two tables hang together.
   *
   * @param one name of a table
   * @param other name of another
   */
  record Relation(String one, String other) implements About {}
}
