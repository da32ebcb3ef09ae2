package org.ropebridge.reading.rule;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.Measure;

/**
 * "which hut has the longest stays", "hut with the longest stays" [group] [filter] [has]
 * [superlative] [filter] [noun of rows at each] -> the groups whose rows are so on average
 */
final class ExtremeOfRowsRule extends Rule {
  /** The slot of the noun. */
  private static final int NOUN = 5;

  ExtremeOfRowsRule() {
    super(
        Slot.a(Part.class, ExtremeOfRowsRule::isGroup),
        Slot.a(Contribution.Narrowing.class).maybe(),
        Slot.word(Role.HAVE, Role.AUXILIARY, Role.WITH, Role.PREPOSITION).maybe(),
        Slot.a(Meaning.SuperlativeWord.class, s -> !s.dimension().equals("amount")),
        Slot.a(Contribution.Narrowing.class, Contribution.Narrowing::bare).maybe(),
        Slot.a(Meaning.RowNoun.class));
  }

  @Override
  public double bonus() {
    return 0.9;
  }

  private static boolean isGroup(Part part) {
    return (part instanceof Contribution.Subject || part instanceof Phrase.Groupable)
        && group(part) instanceof Grouping.ByColumn;
  }

  private static Grouping group(Part part) {
    return part instanceof Contribution.Subject which
        ? which.what()
        : ((Phrase.Groupable) part).grouping();
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Part groups = match.get(0, Part.class);
    Grouping by = group(groups);
    Meaning.SuperlativeWord word = match.get(3, Meaning.SuperlativeWord.class);
    String table = match.get(NOUN, Meaning.RowNoun.class).table();
    List<ColumnRef> columns = scope.measuredBy(table, word.dimension());
    ColumnRef of = ((Grouping.ByColumn) by).column();
    boolean each = of.table().equals(table) || scope.pointsAt(table, of.table());
    boolean said = groups instanceof Contribution.Subject || match.has(2);
    if (!each || !said || columns.size() != 1 || !match.isPlural(NOUN)) {
      return;
    }
    Measure average =
        scope
            .averageOf(columns.get(0))
            .orElse(Measure.Statistic.of(Measure.Kind.AVERAGE, columns.get(0)));
    List<Contribution> parts = new ArrayList<>();
    parts.add(
        new Contribution.Ranked(
            Rankings.direction(word),
            groups instanceof Contribution.Subject which
                ? which.wanted()
                : match.isPlural(0) ? Contribution.Ranked.SEVERAL : 1,
            Optional.of(by),
            Optional.of(average)));
    match.find(1, Contribution.Narrowing.class).ifPresent(parts::add);
    match.find(4, Contribution.Narrowing.class).ifPresent(parts::add);
    out.accept(parts.size() == 1 ? parts.get(0) : new Contribution.Together(parts));
  }
}
