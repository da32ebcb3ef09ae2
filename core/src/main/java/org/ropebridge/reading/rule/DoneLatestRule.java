package org.ropebridge.reading.rule;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Dimensions;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Measure;

/**
 * "who pays the latest", "which office pays slowest" [date at which something was done] [latest, or
 * an end of times] -> ranked by how late that was on average, or by how long it took
 */
final class DoneLatestRule extends Rule {
  DoneLatestRule() {
    super(
        Slot.a(Meaning.ColumnName.class),
        Slot.a(
            Part.class,
            p ->
                p.equals(new Meaning.FunctionWord(Role.NEWEST))
                    || p instanceof Meaning.SuperlativeWord s
                        && s.dimension().equals(Dimensions.TIME)));
  }

  @Override
  public double bonus() {
    return 0.4;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    ColumnRef done = match.get(0, Meaning.ColumnName.class).column();
    Optional<Meaning.SuperlativeWord> end = match.find(1, Meaning.SuperlativeWord.class);
    List<ColumnRef> times =
        end.flatMap(e -> scope.durationUpTo(done))
            .map(List::of)
            .orElseGet(() -> scope.delaysOf(Optional.of(done)));
    if (scope.isTemporal(done) && times.size() == 1) {
      boolean least = end.filter(e -> !e.most()).isPresent();
      out.accept(
          new Contribution.Extreme(
              least ? Contribution.Direction.BOTTOM : Contribution.Direction.TOP,
              Measure.Statistic.of(Measure.Kind.AVERAGE, times.get(0))));
    }
  }
}
