package org.ropebridge.reading.rule;

import java.math.BigDecimal;
import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Filter;

/**
 * "reopened more than once", "reopened at least 3 times" [number that counts how often a row was
 * so, as a participle] [comparison] [once, or so many times] -> rows that were so that often
 */
final class DoneSoOftenRule extends Rule {
  DoneSoOftenRule() {
    super(
        Slot.word(Role.BE, Role.HAVE).maybe(),
        Slot.a(Meaning.ColumnName.class),
        Slot.a(Part.class, DoneSoOftenRule::compares).maybe(),
        Slot.a(Part.class, DoneSoOftenRule::isOften));
  }

  @Override
  public double bonus() {
    return 1.2;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    ColumnRef column = match.get(1, Meaning.ColumnName.class).column();
    Optional<Phrase.Comparing> amount = match.find(2, Phrase.Comparing.class);
    Optional<Meaning.TimesWord> times = match.find(3, Meaning.TimesWord.class);
    if (!match.isParticiple(1)
        || !scope.repeats().contains(column)
        || amount.isPresent() == times.isPresent()) {
      return;
    }
    Filter.Comparison comparison =
        match
            .find(2, Meaning.ComparisonWord.class)
            .map(Meaning.ComparisonWord::comparison)
            .orElse(Filter.Comparison.EQUAL_TO);
    Filter often =
        amount
            .map(a -> a.of(column))
            .orElseGet(
                () ->
                    new Filter.Compare(
                        column,
                        comparison,
                        BigDecimal.valueOf(times.orElseThrow().times()),
                        Optional.empty()));
    out.accept(new Contribution.Narrowing(often));
    out.accept(new Contribution.Predicate(often));
  }

  private static boolean compares(Part part) {
    return part instanceof Meaning.ComparisonWord
        || part instanceof Phrase.Comparing comparing && comparing.unit().isEmpty();
  }

  private static boolean isOften(Part part) {
    return part instanceof Meaning.TimesWord || part.equals(new Meaning.FunctionWord(Role.TIMES));
  }
}
