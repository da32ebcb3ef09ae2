package org.ropebridge.reading.rule;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Filter;

/** "1-2, 3-5, over 5" [range] [and] [range or open end] -> the edges of bands */
final class RangesRule extends Rule {
  RangesRule() {
    super(
        Slot.a(Phrase.Ranges.class),
        Slot.word(Role.COMMA, Role.AND).maybe(),
        Slot.a(Part.class, p -> p instanceof Phrase.Ranges || p instanceof Phrase.Comparing));
  }

  @Override
  public double bonus() {
    return 0.1;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    List<BigDecimal> edges = new ArrayList<>(match.get(0, Phrase.Ranges.class).edges());
    Part next = match.get(2, Part.class);
    BigDecimal last = edges.get(edges.size() - 1);
    if (next instanceof Phrase.Ranges more) {
      BigDecimal first = more.edges().get(0);
      // "0-1500, 1500-2000": the end of one is the beginning of the next.
      if (first.add(BigDecimal.ONE).compareTo(last) == 0) {
        edges.set(edges.size() - 1, first);
      } else if (first.compareTo(last) < 0) {
        return;
      }
      more.edges().stream().filter(e -> !edges.contains(e)).forEach(edges::add);
    } else {
      Phrase.Comparing open = (Phrase.Comparing) next;
      BigDecimal from =
          open.comparison() == Filter.Comparison.MORE_THAN
              ? open.low().add(BigDecimal.ONE)
              : open.low();
      boolean above =
          open.comparison() == Filter.Comparison.MORE_THAN
              || open.comparison() == Filter.Comparison.AT_LEAST;
      if (!above || from.compareTo(last) < 0) {
        return;
      }
      if (from.compareTo(last) > 0) {
        edges.add(from);
      }
    }
    out.accept(new Phrase.Ranges(edges));
  }
}
