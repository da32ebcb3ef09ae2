package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.ColumnRef;

/**
 * "when will the annex be done" [when will] [values that name rows] [be] [done] -> those rows with
 * the date on which they are due
 */
final class WhenWillRule extends Rule {
  WhenWillRule() {
    super(
        Slot.word(Role.WHEN_WILL),
        Slot.a(Phrase.Values.class),
        Slot.a(Part.class, WhenWillRule::isDone));
  }

  @Override
  public double bonus() {
    return 0.9;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Phrase.Values values = match.get(1, Phrase.Values.class);
    for (ColumnRef due : scope.dueOf(Optional.of(values.column().table()))) {
      Columns.ofNamed(values, due, scope).ifPresent(out);
    }
  }

  /** Whether it says that something is done, or the date on which it is. */
  static boolean isDone(Part part) {
    return part.equals(new Meaning.FunctionWord(Role.READY)) || part instanceof Meaning.ColumnName;
  }
}
