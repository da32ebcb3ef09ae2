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
import org.ropebridge.plan.Naming;

/**
 * "who handles the deals of Amber Mills", "who handles Amber Mills" [who] [role, by what is done]
 * [noun of the role's rows] [value] -> who is at that end of them, where that has its own name
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
    String table = role.role().substring(0, role.role().indexOf('.'));
    Optional<ColumnRef> name = scope.namingColumn(role.to());
    boolean theirs =
        match.find(2, Meaning.RowNoun.class).map(n -> n.table().equals(table)).orElse(true);
    boolean named =
        scope.model().table(table).links().stream()
            .filter(l -> role.role().equals(table + "." + l.name()))
            .anyMatch(l -> Naming.isNamed(l, scope.model()));
    boolean people = named && !table.equals(role.to()) && scope.arePeople(role.to());
    if (match.start() > 0 || !theirs || !people || name.isEmpty()) {
      return;
    }
    Contribution.Subject who =
        new Contribution.Subject(new Grouping.ByColumn(name.get().withRole(role.role())), false);
    List<Contribution> parts = new ArrayList<>(List.of(who));
    if (match.has(2) || match.has(3)) {
      parts.add(0, new Contribution.Noun(table));
    }
    match
        .find(3, Phrase.Values.class)
        .ifPresent(v -> parts.add(new Contribution.Narrowing(v.filter(false))));
    out.accept(parts.size() == 1 ? who : new Contribution.Together(parts));
  }
}
