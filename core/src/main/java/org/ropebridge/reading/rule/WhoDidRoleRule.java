package org.ropebridge.reading.rule;

import java.util.List;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.Link;
import org.ropebridge.plan.Grouping;

/** "who buys apples" [who] [what those do at whom rows point] -> the rows by them */
final class WhoDidRoleRule extends Rule {
  WhoDidRoleRule() {
    super(Slot.word(Role.WHO), Slot.a(Meaning.RoleName.class));
  }

  @Override
  public double bonus() {
    return 0.3;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Meaning.RoleName role = match.get(1, Meaning.RoleName.class);
    String rows = role.role().substring(0, role.role().indexOf('.'));
    List<Link> links =
        scope.model().table(rows).links().stream().filter(l -> l.to().equals(role.to())).toList();
    // What has another name than its table's is told by that name.
    boolean only =
        links.size() == 1
            && links.get(0).label().equalsIgnoreCase(scope.model().table(role.to()).rowNoun());
    if (match.start() == 0 && only) {
      scope
          .namingColumn(role.to())
          .ifPresent(
              name ->
                  out.accept(
                      new Contribution.Together(
                          List.of(
                              new Contribution.Subject(new Grouping.ByColumn(name), false),
                              new Contribution.Noun(rows)))));
    }
  }
}
