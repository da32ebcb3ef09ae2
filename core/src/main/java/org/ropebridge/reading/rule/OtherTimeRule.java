package org.ropebridge.reading.rule;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Measure;

/** "the earlier time (in May 2025)" [earlier time] [period in brackets] -> that period */
final class OtherTimeRule extends Rule {
  OtherTimeRule() {
    super(Slot.word(Role.EARLIER_TIME), Slot.a(Phrase.EnclosedFilters.class));
  }

  @Override
  public double bonus() {
    return 0.5;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    List<Filter> filters = match.get(1, Phrase.EnclosedFilters.class).filters();
    if (filters.size() == 1
        && filters.get(0) instanceof Filter.InPeriod in
        && in.date().isEmpty()
        && !in.negated()) {
      out.accept(new Phrase.EarlierTime(new Measure.Other(in.period()), Optional.empty(), false));
    }
  }
}
