package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.Measure;

/**
 * "huts by revenue", "huts and their revenue", "huts with number of stays" [something to group by,
 * in the plural] [by, with or and their] [measure] -> the groups with the measure
 */
final class GroupsByMeasureRule extends Rule {
  GroupsByMeasureRule() {
    super(
        Slot.word(Role.LIST, Role.LIST_OF).maybe(),
        Slot.a(Phrase.Groupable.class, g -> g.grouping() instanceof Grouping.ByColumn),
        Slot.word(Role.BY, Role.WITH, Role.AND, Role.COMMA),
        Slot.word(Role.THEIR).maybe(),
        Slot.a(Contribution.Measures.class, m -> m.measures().size() == 1));
  }

  @Override
  public double bonus() {
    return 0.45;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Grouping.ByColumn what = (Grouping.ByColumn) match.get(1, Phrase.Groupable.class).grouping();
    Contribution.Measures measures = match.get(4, Contribution.Measures.class);
    Measure measure = measures.measures().get(0);
    boolean beside = match.isWord(2, Role.AND) || match.isWord(2, Role.COMMA);
    boolean told = !beside || match.has(3) || measure instanceof Measure.RowCount;
    boolean ofThem =
        scope.model().namesItsTable(what.column())
            && !measure.equals(new Measure.RowCount(what.column().table()));
    boolean own =
        measure instanceof Measure.Statistic s && s.column().table().equals(what.column().table());
    if (match.isPlural(1) && told && ofThem && !own && !measures.bare()) {
      out.accept(new Contribution.GroupsTold(what, measure));
    }
  }
}
