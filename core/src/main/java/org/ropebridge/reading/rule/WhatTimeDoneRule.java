package org.ropebridge.reading.rule;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.Column;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.TimeUnit;

/**
 * "what time do trips start" [what time] [noun] [time at which that is done, as a verb] -> rows by
 * its hour of the day
 */
final class WhatTimeDoneRule extends Rule {
  WhatTimeDoneRule() {
    super(
        Slot.word(Role.WHAT_TIME),
        Slot.a(Meaning.RowNoun.class).maybe(),
        Slot.a(Meaning.ColumnName.class));
  }

  @Override
  public double bonus() {
    return 0.6;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    ColumnRef time = match.get(2, Meaning.ColumnName.class).column();
    boolean ofRows =
        match.find(1, Meaning.RowNoun.class).map(n -> n.table().equals(time.table())).orElse(true);
    if (ofRows && scope.holds(time, Column.Holds.TIME) && time.role().isEmpty()) {
      out.accept(
          new Contribution.Together(
              List.of(
                  Contribution.Measures.of(new Measure.RowCount(time.table())),
                  new Contribution.Groupings(
                      List.of(
                          new Grouping.ByTime(
                              TimeUnit.HOUR_OF_DAY,
                              Optional.of(time).filter(t -> !scope.isMainDate(t))))))));
    }
  }
}
