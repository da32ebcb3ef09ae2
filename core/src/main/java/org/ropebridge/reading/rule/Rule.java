package org.ropebridge.reading.rule;

import java.util.List;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;

/**
 * Combines neighbouring parts of a question into a larger one. Words without effect ("the", "of")
 * may stand between them.
 */
public abstract class Rule {
  private final List<Slot> slots;

  protected Rule(Slot... slots) {
    this.slots = List.of(slots);
  }

  /** What must stand side by side, in order. */
  public final List<Slot> slots() {
    return slots;
  }

  /** The name by which explanations call the rule. */
  public final String name() {
    return getClass().getSimpleName().replaceAll("Rule$", "");
  }

  /** How much better the combination is than its parts by themselves; about -0.5 to 0.5. */
  public double bonus() {
    return 0.05;
  }

  /** Hands what the matched parts mean together to {@code out}; nothing when they do not fit. */
  public abstract void apply(Match match, Scope scope, Consumer<Part> out);
}
