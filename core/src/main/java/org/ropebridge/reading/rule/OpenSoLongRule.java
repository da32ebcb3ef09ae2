package org.ropebridge.reading.rule;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Period;

/**
 * "tickets open for more than 30 days", "orders not shipped for a week" [noun] [rows whose end has
 * not come] [for] [comparison] [number] [unit of time] -> those of them that began before that day,
 * or after it
 */
final class OpenSoLongRule extends Rule {
  /** The slot of what says that the end has not come. */
  private static final int OPEN = 3;

  OpenSoLongRule() {
    super(
        Slot.a(Meaning.RowNoun.class).maybe(),
        Slot.word(Role.BE).maybe(),
        Slot.word(Role.NOT).maybe(),
        Slot.a(Part.class, OpenSoLongRule::mayBeOpen),
        Slot.word(Role.PREPOSITION).maybe(),
        Slot.a(Meaning.ComparisonWord.class).maybe(),
        Slot.a(Meaning.NumberWord.class).maybe(),
        Slot.a(Meaning.TimeUnitWord.class, OlderThanRule::isCounted));
  }

  @Override
  public double bonus() {
    return 1.6;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Optional<Filter> open = open(match, scope);
    Filter.Comparison comparison =
        match
            .find(5, Meaning.ComparisonWord.class)
            .map(Meaning.ComparisonWord::comparison)
            .orElse(Filter.Comparison.AT_LEAST);
    Optional<Period> began =
        match.has(4) || match.has(5)
            ? LongAgoRule.began(
                comparison,
                Times.count(match, 6, 1),
                match.get(7, Meaning.TimeUnitWord.class),
                scope)
            : Optional.empty();
    if (open.isPresent() && began.isPresent()) {
      List<Contribution> parts = new ArrayList<>();
      match
          .find(0, Meaning.RowNoun.class)
          .ifPresent(n -> parts.add(new Contribution.Noun(n.table())));
      parts.add(new Contribution.Narrowing(open.get()));
      parts.add(
          new Contribution.Narrowing(new Filter.InPeriod(began.get(), Optional.empty(), false)));
      out.accept(new Contribution.Together(parts));
    }
  }

  private static boolean mayBeOpen(Part part) {
    return part instanceof Meaning.ConditionName
        || part instanceof Meaning.NotDone
        || part instanceof Meaning.ColumnName
        || part.equals(new Meaning.FunctionWord(Role.OPEN));
  }

  /** The filter that the end has not come, where the part says that. */
  private static Optional<Filter> open(Match match, Scope scope) {
    Part part = match.get(OPEN, Part.class);
    if (part instanceof Meaning.ColumnName || match.has(OPEN - 1)) {
      return match
          .find(OPEN, Meaning.ColumnName.class)
          .map(Meaning.ColumnName::column)
          .filter(c -> match.has(OPEN - 1) && match.isParticiple(OPEN) && scope.isTemporal(c))
          .map(c -> new Filter.Missing(c, false));
    } else if (match.isWord(OPEN, Role.OPEN)) {
      return match.find(0, Meaning.RowNoun.class).flatMap(n -> scope.notOver(n.table()));
    } else if (part instanceof Meaning.NotDone not) {
      return Optional.of(new Filter.Missing(not.column(), false));
    }
    Meaning.ConditionName name = (Meaning.ConditionName) part;
    return scope
        .endMissing(name.table(), name.condition())
        .map(end -> new Filter.Meets(name.table(), name.condition(), false));
  }
}
