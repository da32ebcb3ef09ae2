package org.ropebridge.reading.rule;

import java.util.List;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Filter;

/**
 * "who owns Biscuit", "owner of Biscuit" [who] [noun] [values that name rows which point at it] ->
 * the rows at which those point
 */
final class OwnerOfRule extends Rule {
  OwnerOfRule() {
    super(
        Slot.word(Role.WHO, Role.WHICH, Role.LIST).maybe(),
        Slot.a(Meaning.RowNoun.class),
        Slot.a(Phrase.Values.class));
  }

  @Override
  public double bonus() {
    return 0.3;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    String anchor = match.get(1, Meaning.RowNoun.class).table();
    Phrase.Values values = match.get(2, Phrase.Values.class);
    ColumnRef name = values.column();
    // "valley Quill" names one; "owner of Biscuit" does not.
    boolean apart = match.isWord(0, Role.WHO) || !match.adjoins(2);
    boolean points =
        apart
            && name.role().isEmpty()
            && scope.model().namesItsTable(name)
            && !name.table().equals(anchor)
            && scope.pointsAt(name.table(), anchor)
            && scope.haveNames(anchor);
    if (points) {
      out.accept(
          new Contribution.Related(
              anchor,
              name.table(),
              List.of(new Filter.InValues(name, values.stored(), false)),
              false));
    }
  }
}
