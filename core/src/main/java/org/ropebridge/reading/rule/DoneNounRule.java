package org.ropebridge.reading.rule;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Measure;

/**
 * "cancellations by month" [how many] [noun of what was done, in the plural] -> how many rows it is
 * said of
 */
final class DoneNounRule extends Rule {
  DoneNounRule() {
    super(Slot.word(Role.COUNT).maybe(), Slot.a(Meaning.DoneNoun.class));
  }

  @Override
  public double bonus() {
    return 0.1;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    if (!match.isPlural(1)) {
      return;
    }
    Meaning said = match.get(1, Meaning.DoneNoun.class).said();
    Optional<Filter> filter = Optional.empty();
    String table = "";
    if (said instanceof Meaning.ValueName value) {
      table = value.column().table();
      filter = Optional.of(new Filter.InValues(value.column(), List.of(value.stored()), false));
    } else if (said instanceof Meaning.ConditionName condition) {
      table = condition.table();
      filter = Optional.of(new Filter.Meets(table, condition.condition(), false));
    } else if (said instanceof Meaning.ColumnName column) {
      table = column.column().table();
      filter = Optional.of(new Filter.IsTrue(column.column(), false));
    }
    if (filter.isPresent()) {
      out.accept(
          Contribution.Measures.of(
              new Measure.Narrowed(new Measure.RowCount(table), List.of(filter.get()))));
    }
  }
}
