package org.ropebridge.reading.rule;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.Stream;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Filter;

/**
 * "phone numbers of junior members", "emails of the seniors" [columns] [values] [noun, or rows that
 * are called by a value] -> those rows with the columns
 */
final class ColumnsOfThoseRule extends Rule {
  ColumnsOfThoseRule() {
    super(
        Slot.word(Role.LIST, Role.LIST_OF, Role.WHICH).maybe(),
        Slot.a(Phrase.ColumnList.class),
        Slot.a(Contribution.Narrowing.class, n -> n.bare() && n.filter() instanceof Filter.InValues)
            .maybe(),
        Slot.a(Part.class, Phrase.SomeRows::isNamedBy));
  }

  @Override
  public double bonus() {
    return 0.35;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Optional<Contribution.NounWith> those = match.find(3, Contribution.NounWith.class);
    List<ColumnRef> columns = match.get(1, Phrase.ColumnList.class).columns();
    boolean list = match.has(0) && !match.isWord(0, Role.WHICH);
    boolean total = !list && Columns.isTotal(columns, scope);
    if (match.isParticiple(1) || total || !match.has(2) && those.isEmpty()) {
      return;
    }
    String table =
        those
            .map(Contribution.NounWith::table)
            .orElseGet(() -> match.get(3, Meaning.RowNoun.class).table());
    List<Filter> filters =
        Stream.concat(
                match
                    .find(2, Contribution.Narrowing.class)
                    .map(Contribution.Narrowing::filter)
                    .stream(),
                those.map(Contribution.NounWith::filter).stream())
            .toList();
    ColumnsOfRule.rows(table, columns, filters, scope).ifPresent(out);
  }
}
