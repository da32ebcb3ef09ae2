package org.ropebridge.reading.rule;

import java.util.List;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.ColumnRef;

/**
 * "courses nobody took" [noun] [nobody] -> rows at which none point that are of people, where there
 * is one kind of those
 */
final class NobodyRule extends Rule {
  NobodyRule() {
    super(Slot.a(Meaning.RowNoun.class), Slot.word(Role.NOBODY));
  }

  @Override
  public double bonus() {
    return 0.2;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    String anchor = match.get(0, Meaning.RowNoun.class).table();
    List<String> done =
        scope.persons().stream()
            .filter(scope.model()::namesItsTable)
            .map(ColumnRef::table)
            .filter(people -> !scope.pointsAt(people, anchor))
            .flatMap(people -> scope.pointing(people, anchor).stream())
            .distinct()
            .toList();
    if (done.size() == 1) {
      out.accept(new Contribution.Related(anchor, done.get(0), List.of(), true));
    }
  }
}
