package org.ropebridge.reading.rule;

import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.plan.Grouping;

/**
 * "valley", "channel", "month", "month of booking date" [noun, column or unit of time] -> something
 * to group by
 */
final class GroupableRule extends Rule {
  GroupableRule() {
    super(Slot.a(Part.class, GroupableRule::mayGroup));
  }

  @Override
  public double bonus() {
    return 0.0;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Part part = match.get(0, Part.class);
    if (part instanceof Meaning.RowNoun noun) {
      scope
          .namingColumn(noun.table())
          .or(() -> scope.labelledName(noun.table()))
          .ifPresent(c -> out.accept(new Phrase.Groupable(new Grouping.ByColumn(c))));
    } else if (part instanceof Meaning.ColumnName name) {
      if (!scope.isTemporal(name.column())) {
        out.accept(new Phrase.Groupable(new Grouping.ByColumn(name.column())));
      }
    } else {
      Meaning.TimeUnitWord unit = (Meaning.TimeUnitWord) part;
      out.accept(new Phrase.Groupable(new Grouping.ByTime(unit.grouping(), Optional.empty())));
    }
  }

  private static boolean mayGroup(Part part) {
    return part instanceof Meaning.RowNoun
        || part instanceof Meaning.ColumnName
        || part instanceof Meaning.TimeUnitWord unit && !unit.adverb();
  }
}
