package org.ropebridge.reading.rule;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.Measure;

/**
 * "share of Ossel in revenue", "contribution of huts to revenue" [share] [values or something to
 * group by] [in or to] [measure] -> their part of the measure
 */
final class ShareInRule extends Rule {
  ShareInRule() {
    super(
        Slot.word(Role.SHARE),
        Slot.word(Role.BY).maybe(),
        Slot.a(Part.class, p -> p instanceof Phrase.Values || p instanceof Phrase.Groupable),
        Slot.word(Role.PREPOSITION, Role.TO, Role.TOWARDS),
        Slot.a(
            Contribution.Measures.class,
            m -> m.measures().size() == 1 && m.measures().get(0) instanceof Measure.MetricValue));
  }

  @Override
  public double bonus() {
    return 0.9;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Contribution share =
        new Contribution.ShareOf(Operands.of(match.get(4, Part.class)), Optional.empty());
    Optional<Phrase.Values> values = match.find(2, Phrase.Values.class);
    boolean toMeasure = match.isWord(3, Role.TO) || match.isWord(3, Role.TOWARDS);
    if (values.isEmpty() && (match.has(1) || toMeasure)) {
      Grouping grouping = match.get(2, Phrase.Groupable.class).grouping();
      // "of each buyer in sales of apples": all that is said behind is said of the whole.
      Measure ofWhole = new Measure.Share(Operands.of(match.get(4, Part.class)), Optional.empty());
      out.accept(
          new Contribution.Together(
              List.of(
                  Contribution.Measures.of(ofWhole),
                  new Contribution.Groupings(List.of(grouping)))));
    } else if (values.isPresent() && !match.has(1)) {
      Filter filter = new Filter.InValues(values.get().column(), values.get().stored(), false);
      out.accept(new Contribution.Together(List.of(share, new Contribution.Narrowing(filter))));
    }
  }
}
