package org.ropebridge.reading.rule;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Filter;

/**
 * "from Skarn to Orrin", "picked up at Mill Lane" [from or to] [values] -> the values, by the role
 * from which something comes or to which it goes
 */
final class DirectionValuesRule extends Rule {
  DirectionValuesRule() {
    super(
        Slot.word(Role.FROM, Role.TOWARDS, Role.STARTED_AT, Role.ENDED_AT),
        Slot.a(Phrase.Values.class));
  }

  @Override
  public double bonus() {
    return 0.5;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Phrase.Values values = match.get(1, Phrase.Values.class);
    ColumnRef column = values.column();
    Set<String> roles =
        match.isWord(0, Role.FROM) || match.isWord(0, Role.STARTED_AT)
            ? scope.origins()
            : scope.destinations();
    List<String> leading = roles.stream().filter(r -> leadsTo(r, column, scope)).sorted().toList();
    if (leading.size() == 1 && column.role().isEmpty()) {
      String role = leading.get(0);
      Contribution there =
          new Contribution.Narrowing(
              new Filter.InValues(column.withRole(role), values.stored(), false));
      String table = scope.model().tableOfRole(role).name();
      List<ColumnRef> ends = scope.ends().stream().filter(c -> c.table().equals(table)).toList();
      // What never ended ended nowhere, wherever it was to.
      out.accept(
          match.isWord(0, Role.ENDED_AT) && ends.size() == 1
              ? new Contribution.Together(
                  List.of(
                      new Contribution.Narrowing(new Filter.Missing(ends.get(0), true), true),
                      there))
              : there);
    }
  }

  private static boolean leadsTo(String role, ColumnRef column, Scope scope) {
    String to = scope.model().linkOfRole(role).to();
    return to.equals(column.table())
        || scope.paths().shortest(to, column.table(), Optional.empty()).size() == 1;
  }
}
