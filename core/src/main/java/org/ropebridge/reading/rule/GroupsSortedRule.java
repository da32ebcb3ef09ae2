package org.ropebridge.reading.rule;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.Measure;

/**
 * "valleys sorted by revenue", "sort huts by revenue" [sort] [something to group by] [sorted by]
 * [measure] [direction] -> the groups with the measure, in that order
 */
final class GroupsSortedRule extends Rule {
  GroupsSortedRule() {
    super(
        Slot.word(Role.LIST, Role.LIST_OF, Role.SORTED).maybe(),
        Slot.a(Phrase.Groupable.class, g -> g.grouping() instanceof Grouping.ByColumn),
        Slot.word(Role.SORTED, Role.BY),
        Slot.a(Part.class, Rankings::canRank),
        Slot.a(Meaning.DirectionWord.class).maybe());
  }

  @Override
  public double bonus() {
    return 0.6;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    if (match.isWord(0, Role.SORTED) == match.isWord(2, Role.SORTED)) {
      return;
    }
    Grouping what = match.get(1, Phrase.Groupable.class).grouping();
    Measure of = Rankings.measure(match.get(3, Part.class));
    boolean own =
        of instanceof Measure.Statistic s
            && s.column().table().equals(((Grouping.ByColumn) what).column().table());
    if (!own) {
      out.accept(
          new Contribution.Together(
              List.of(
                  new Contribution.GroupsTold(what, of),
                  new Contribution.Order(
                      Optional.of(of),
                      false,
                      match
                          .find(4, Meaning.DirectionWord.class)
                          .map(Meaning.DirectionWord::descending)))));
    }
  }
}
