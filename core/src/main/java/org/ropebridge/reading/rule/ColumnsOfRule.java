package org.ropebridge.reading.rule;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.Stream;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.Column;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Measure;

/**
 * "name, warden and altitude of the huts", "the wardens of huts" [columns] [of] [adjective] [noun]
 * -> the rows with those columns
 */
final class ColumnsOfRule extends Rule {
  ColumnsOfRule() {
    super(
        Slot.word(Role.LIST, Role.LIST_OF, Role.WHICH).maybe(),
        Slot.a(Phrase.ColumnList.class),
        Slot.word(Role.PREPOSITION, Role.BY).maybe(),
        Slot.a(
                Contribution.Narrowing.class,
                n -> n.bare() && !(n.filter() instanceof Filter.InValues))
            .maybe(),
        Slot.a(Meaning.RowNoun.class));
  }

  @Override
  public double bonus() {
    return 0.1;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    String table = match.get(4, Meaning.RowNoun.class).table();
    List<ColumnRef> columns = match.get(1, Phrase.ColumnList.class).columns();
    boolean adjective =
        !match.has(2) && columns.size() == 1 && scope.holds(columns.get(0), Column.Holds.YES_NO);
    boolean list = match.has(0) && !match.isWord(0, Role.WHICH);
    boolean amountBy =
        match.isWord(2, Role.BY)
            && columns.stream().anyMatch(c -> scope.holds(c, Column.Holds.NUMBER));
    if (match.isParticiple(1) || adjective || amountBy) {
      return;
    }
    if (!list && columns.size() == 1 && addsUpOfEvents(columns.get(0), table, scope)) {
      total(columns.get(0), match, out);
      return;
    }
    rows(
            table,
            columns,
            match.find(3, Contribution.Narrowing.class).map(Contribution.Narrowing::filter).stream()
                .toList(),
            scope)
        .ifPresent(out);
  }

  /** The rows with the columns, where all can be reached and some are theirs. */
  static Optional<Part> rows(
      String table, List<ColumnRef> columns, List<Filter> filters, Scope scope) {
    boolean reached =
        columns.stream()
            .allMatch(c -> !scope.paths().shortest(table, c.table(), c.role()).isEmpty());
    boolean own = columns.stream().anyMatch(c -> c.table().equals(table));
    return reached && own && columns.stream().noneMatch(c -> scope.isNameOfOther(c, table))
        ? Optional.of(new Contribution.Rows(table, withName(table, columns, scope), filters))
        : Optional.empty();
  }

  /** "cost of unplanned repairs": of rows without a name, the total is wanted. */
  private static boolean addsUpOfEvents(ColumnRef column, String table, Scope scope) {
    return column.table().equals(table)
        && scope.holds(column, Column.Holds.NUMBER)
        && scope.addsUp(column)
        && scope.namingColumn(table).isEmpty();
  }

  private static void total(ColumnRef column, Match match, Consumer<Part> out) {
    Measure total = Measure.Statistic.of(Measure.Kind.SUM, column);
    out.accept(
        match
            .find(3, Contribution.Narrowing.class)
            .<Part>map(n -> new Contribution.MeasureWith(total, n.filter()))
            .orElse(Contribution.Measures.of(total)));
  }

  /** People want to see which row it is, too. */
  private static List<ColumnRef> withName(String table, List<ColumnRef> columns, Scope scope) {
    return scope
        .namingColumn(table)
        .filter(c -> scope.holds(c, Column.Holds.CATEGORY) && !columns.contains(c))
        .map(c -> Stream.concat(Stream.of(c), columns.stream()).toList())
        .orElse(columns);
  }
}
