package org.ropebridge.reading.rule;

import java.math.BigDecimal;
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
    boolean noun = match.get(OF, Part.class) instanceof Meaning.RowNoun;
    int first = match.has(OF - 2) ? OF - 2 : match.has(OF - 1) ? OF - 1 : OF;
    boolean apart =
        !match.adjoins(first)
            || !match.isPlural(OF) && comparing.low().compareTo(BigDecimal.ONE) > 0;
    if (noun && (apart || match.isParticiple(OF) || match.has(2))) {
      // "readers over 65 subscribe", "members under 25 who stayed", "members under 25 with stays":
      // of that age, and not with so many.
      return;
    }
    Optional<Phrase.SomeRows> rows =
        Optional.of(match.get(OF, Part.class))
            .filter(Phrase.SomeRows::isNamedBy)
            .map(p -> Phrase.SomeRows.of(match, OF, OF - 2, OF - 1));
    if (rows.isEmpty() && (match.has(OF - 2) || match.has(OF - 1))) {
      return;
    }
    Measure measure =
        rows.<Measure>map(r -> new Measure.RowCount(r.table()))
            .orElseGet(() -> Operands.of(match.get(OF, Part.class)));
    List<Filter> among = rows.map(Phrase.SomeRows::among).orElse(List.of());
    Keeps.compared(measure, comparing, scope)
        .ifPresent(keep -> out.accept(new Contribution.Keeping(keep, false, among)));
  }
}
