package org.ropebridge.reading.rule;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Listing;

/**
 * "member with the longest stay", "party size of the longest stay", "who had the longest stay"
 * [who] [columns, or noun of what the rows point at] [with] [superlative] [filter] [noun of rows
 * without names] -> the one row with that
 */
final class ColumnsOfEndRowRule extends Rule {
  ColumnsOfEndRowRule() {
    super(
        Slot.word(Role.LIST, Role.LIST_OF, Role.WHICH, Role.WHO).maybe(),
        Slot.a(Part.class, p -> p instanceof Phrase.ColumnList || p instanceof Meaning.RowNoun)
            .maybe(),
        Slot.word(Role.PREPOSITION, Role.WITH, Role.HAVE).maybe(),
        Slot.a(Meaning.SuperlativeWord.class),
        Slot.a(Contribution.Narrowing.class, Contribution.Narrowing::bare).maybe(),
        Slot.a(Meaning.RowNoun.class));
  }

  @Override
  public double bonus() {
    return 1.1;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Meaning.SuperlativeWord end = match.get(3, Meaning.SuperlativeWord.class);
    String table = match.get(5, Meaning.RowNoun.class).table();
    List<ColumnRef> by = scope.measuredBy(table, end.dimension());
    boolean one = !match.isPlural(5) && scope.namingColumn(table).isEmpty() && by.size() == 1;
    boolean said = match.has(1) || match.isWord(0, Role.WHO);
    if (!one || !said || end.isOfAnything() || match.isPlural(1)) {
      return;
    }
    List<ColumnRef> wanted =
        match
            .find(1, Part.class)
            .map(of -> ColumnsOfEndRowsRule.wanted(of, table, scope))
            .orElseGet(() -> scope.nearestPersons(table));
    if (!wanted.isEmpty() && !wanted.equals(by)) {
      List<Contribution> parts = new ArrayList<>();
      parts.add(new Contribution.EndRows(table, new Listing.Order(by.get(0), end.most()), 1));
      parts.add(new Contribution.Columns(wanted));
      // The member with the longest stay is none of the guests who are no members.
      wanted.stream()
          .filter(c -> !c.table().equals(table) && !scope.always(table, c.table()))
          .map(c -> new Contribution.Narrowing(new Filter.Missing(c, true)))
          .forEach(parts::add);
      match.find(4, Contribution.Narrowing.class).ifPresent(parts::add);
      out.accept(new Contribution.Together(parts));
    }
  }
}
