package org.ropebridge.reading.rule;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Measure;

/**
 * "revenue and emergencies by clinic" [measures] [and] [rows called by a value], in either order ->
 * both
 */
final class AndCalledRowsRule extends Rule {
  AndCalledRowsRule() {
    super(
        Slot.a(Part.class, AndCalledRowsRule::isCounted),
        Slot.word(Role.AND),
        Slot.a(Part.class, AndCalledRowsRule::isCounted));
  }

  private static boolean isCounted(Part part) {
    return part instanceof Contribution.Measures
        || part instanceof Phrase.Values v && v.stored().size() == 1 && v.column().role().isEmpty();
  }

  @Override
  public double bonus() {
    return -0.5;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    int called = match.find(0, Phrase.Values.class).isPresent() ? 0 : 2;
    Optional<Phrase.Values> values = match.find(called, Phrase.Values.class);
    Optional<Contribution.Measures> others = match.find(2 - called, Contribution.Measures.class);
    boolean rows =
        values.filter(v -> !scope.model().namesItsTable(v.column())).isPresent()
            && others.isPresent()
            && match.isPlural(called)
            && match.adjoins(2);
    if (rows) {
      List<Measure> both = new ArrayList<>(others.get().measures());
      both.add(
          called == 0 ? 0 : both.size(),
          new Measure.Narrowed(
              new Measure.RowCount(values.get().column().table()),
              List.of(new Filter.InValues(values.get().column(), values.get().stored(), false))));
      out.accept(new Contribution.Measures(both));
    }
  }
}
