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
 * "from Skarn to Orrin" [from or to] [values] -> the values, by the role from which something comes
 * or to which it goes
 */
final class DirectionValuesRule extends Rule {
  DirectionValuesRule() {
    super(Slot.word(Role.FROM, Role.TOWARDS), Slot.a(Phrase.Values.class));
  }

  @Override
  public double bonus() {
    return 0.5;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Phrase.Values values = match.get(1, Phrase.Values.class);
    ColumnRef column = values.column();
    Set<String> roles = match.isWord(0, Role.FROM) ? scope.origins() : scope.destinations();
    List<String> leading = roles.stream().filter(r -> leadsTo(r, column, scope)).sorted().toList();
    if (leading.size() == 1 && column.role().isEmpty()) {
      out.accept(
          new Contribution.Narrowing(
              new Filter.InValues(column.withRole(leading.get(0)), values.stored(), false)));
    }
  }

  private static boolean leadsTo(String role, ColumnRef column, Scope scope) {
    int dot = role.indexOf('.');
    String to =
        scope
            .model()
            .table(role.substring(0, dot))
            .findLink(role.substring(dot + 1))
            .orElseThrow()
            .to();
    return to.equals(column.table())
        || scope.paths().shortest(to, column.table(), Optional.empty()).size() == 1;
  }
}
