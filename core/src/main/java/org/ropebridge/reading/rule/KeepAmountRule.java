package org.ropebridge.reading.rule;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Measure;

/**
 * "more than 500 guest nights", "at least 3 cancelled stays" [comparison] [filter] [measure or
 * noun] -> keeps groups whose measure, of such rows, compares so
 */
final class KeepAmountRule extends Rule {
  /** The slot of what is measured. */
  private static final int OF = 5;

  KeepAmountRule() {
    super(
        Slot.word(Role.PREPOSITION, Role.SHOWING).maybe(),
        Slot.a(Phrase.Comparing.class),
        Slot.word(Role.PREPOSITION).maybe(),
        Slot.a(Contribution.Narrowing.class, Contribution.Narrowing::bare).maybe(),
        Slot.a(Contribution.Narrowing.class, Contribution.Narrowing::bare).maybe(),
        Slot.a(
            Part.class,
            p ->
                Operands.isOperand(p) && !Operands.isBare(p)
                    || p instanceof Contribution.NounWith));
  }

  @Override
  public double bonus() {
    return 0.45;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Phrase.Comparing comparing = match.get(1, Phrase.Comparing.class);
    if (match.get(OF, Part.class) instanceof Meaning.RowNoun && match.isParticiple(OF)) {
      // "members under 25 who stayed" are not those with fewer than 25 stays.
      return;
    }
    List<Filter> among = new ArrayList<>();
    match.find(OF - 2, Contribution.Narrowing.class).ifPresent(n -> among.add(n.filter()));
    match.find(OF - 1, Contribution.Narrowing.class).ifPresent(n -> among.add(n.filter()));
    Optional<Contribution.NounWith> some = match.find(OF, Contribution.NounWith.class);
    some.ifPresent(n -> among.add(n.filter()));
    Measure measure =
        some.<Measure>map(n -> new Measure.RowCount(n.table()))
            .orElseGet(() -> Operands.of(match.get(OF, Part.class)));
    if (!among.isEmpty() && !(measure instanceof Measure.RowCount)) {
      return;
    }
    Keeps.compared(measure, comparing, scope)
        .ifPresent(keep -> out.accept(new Contribution.Keeping(keep, false, among)));
  }
}
