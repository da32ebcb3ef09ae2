package org.ropebridge.reading.rule;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.Column;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Measure;

/**
 * "which captain is late most often", "is most often late" [condition, values or yes-or-no column]
 * [most often], in either order -> ranked by how many rows are so
 */
final class OftenSoRule extends Rule {
  OftenSoRule() {
    super(
        Slot.word(Role.BE).maybe(),
        Slot.a(Part.class, OftenSoRule::isOneOfBoth),
        Slot.a(Part.class, OftenSoRule::isOneOfBoth));
  }

  private static boolean isOneOfBoth(Part part) {
    return part instanceof Meaning.ConditionName
        || part instanceof Meaning.ColumnName
        || part instanceof Phrase.Values
        || part instanceof Meaning.OftenWord;
  }

  @Override
  public double bonus() {
    return 0.3;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Optional<Meaning.OftenWord> often =
        match.find(1, Meaning.OftenWord.class).or(() -> match.find(2, Meaning.OftenWord.class));
    Part what = match.get(match.find(1, Meaning.OftenWord.class).isPresent() ? 2 : 1, Part.class);
    if (often.isEmpty()) {
      return;
    }
    if (what instanceof Meaning.ConditionName condition) {
      out.accept(
          ranked(
              often.get(),
              condition.table(),
              new Filter.Meets(condition.table(), condition.condition(), false)));
    } else if (what instanceof Phrase.Values values) {
      out.accept(ranked(often.get(), values.column().table(), values.filter(false)));
    } else if (what instanceof Meaning.ColumnName name
        && scope.holds(name.column(), Column.Holds.YES_NO)) {
      out.accept(
          ranked(often.get(), name.column().table(), new Filter.IsTrue(name.column(), false)));
    }
  }

  private static Contribution ranked(Meaning.OftenWord often, String table, Filter so) {
    return new Contribution.Extreme(
        often.most() ? Contribution.Direction.TOP : Contribution.Direction.BOTTOM,
        new Measure.Narrowed(new Measure.RowCount(table), List.of(so)));
  }
}
