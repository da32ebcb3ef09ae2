package org.ropebridge.reading.rule;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.model.Table;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.Naming;

/**
 * "who handles the deals of Amber Mills", "who handles Amber Mills", "who buys apples" [who] [role,
 * by what is done] [noun of the role's rows] [value] -> who is at that end of them
 */
final class WhoOfRoleRule extends Rule {
  WhoOfRoleRule() {
    super(
        Slot.word(Role.WHO),
        Slot.a(Meaning.RoleName.class),
        Slot.a(Meaning.RowNoun.class).maybe(),
        Slot.a(Phrase.Values.class).maybe());
  }

  @Override
  public double bonus() {
    return 0.3;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Meaning.RoleName role = match.get(1, Meaning.RoleName.class);
    Table table = scope.model().tableOfRole(role.role());
    boolean theirs =
        match.find(2, Meaning.RowNoun.class).map(n -> n.table().equals(table.name())).orElse(true);
    boolean named = Naming.isNamed(scope.model().linkOfRole(role.role()), scope.model());
    boolean only = table.links().stream().filter(l -> l.to().equals(role.to())).count() == 1;
    boolean people = !table.name().equals(role.to()) && scope.arePeople(role.to());
    Optional<ColumnRef> name = scope.namingColumn(role.to());
    if (match.start() > 0 || !theirs || !people || !(named || only) || name.isEmpty()) {
      return;
    }
    ColumnRef who = named ? name.get().withRole(role.role()) : name.get();
    List<Contribution> parts = new ArrayList<>();
    if (match.has(2) || match.has(3) || !named) {
      parts.add(new Contribution.Noun(table.name()));
    }
    parts.add(new Contribution.Subject(new Grouping.ByColumn(who), false));
    match
        .find(3, Phrase.Values.class)
        .ifPresent(v -> parts.add(new Contribution.Narrowing(v.filter(false))));
    out.accept(parts.size() == 1 ? parts.get(0) : new Contribution.Together(parts));
  }
}
