package org.ropebridge.reading.rule;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Measure;

/**
 * "how many people borrowed", "how many people stayed in July" [count] [people] [what they did] ->
 * the different people of these rows
 */
final class HowManyPeopleRule extends Rule {
  HowManyPeopleRule() {
    super(
        Slot.word(Role.COUNT),
        Slot.word(Role.EVERYONE),
        Slot.a(Part.class, HowManyPeopleRule::says));
  }

  /** What people did, when something began or ended for them, or that they work. */
  private static boolean says(Part part) {
    return Relations.mayBeDone(part)
        || part.equals(new Meaning.FunctionWord(Role.STAYING))
        || part.equals(new Meaning.FunctionWord(Role.STILL_HERE))
        || part instanceof Contribution.Narrowing narrowing
            && (narrowing.filter() instanceof Filter.InPeriod in && in.date().isPresent()
                || narrowing.filter() instanceof Filter.Missing);
  }

  @Override
  public double bonus() {
    return 0.5;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    boolean here = match.isWord(2, Role.STILL_HERE);
    if (here || match.isWord(2, Role.STAYING)) {
      if (scope.workers().size() == 1) {
        String workers = scope.workers().iterator().next().table();
        Optional<Filter> now = here ? scope.stillHere(workers) : Optional.empty();
        out.accept(
            now.<Part>map(
                    f ->
                        new Contribution.Together(
                            List.of(counted(workers), new Contribution.Narrowing(f))))
                .orElseGet(() -> counted(workers)));
      }
      return;
    }
    Optional<Contribution.Narrowing> when = match.find(2, Contribution.Narrowing.class);
    if (when.isPresent()) {
      String table = dated(when.get().filter()).table();
      ColumnRef date = dated(when.get().filter());
      boolean own = scope.datesOf(table).contains(date);
      if (scope.arePeople(table) && scope.isTemporal(date) && !own) {
        out.accept(new Contribution.Together(List.of(counted(table), when.get())));
      }
      return;
    }
    Optional<String> rows =
        match.isParticiple(2) ? Relations.rowsNamed(match, 2, scope) : Optional.empty();
    rows.ifPresent(
        done -> {
          List<String> people = nearestPeople(done, scope);
          if (people.equals(List.of(done))) {
            out.accept(Contribution.Measures.of(new Measure.RowCount(done)));
          } else if (people.size() == 1) {
            out.accept(
                Contribution.Measures.of(
                    new Measure.DistinctRows(people.get(0), done, Optional.empty())));
          }
        });
  }

  private static Contribution.Measures counted(String table) {
    return Contribution.Measures.of(new Measure.RowCount(table));
  }

  private static ColumnRef dated(Filter filter) {
    return filter instanceof Filter.InPeriod in
        ? in.date().orElseThrow()
        : ((Filter.Missing) filter).column();
  }

  /**
   * The people, at the fewest links, of whom each of the rows has one: who subscribed, and not who
   * edits the magazine. Of guests, only some are members.
   */
  private static List<String> nearestPeople(String done, Scope scope) {
    return scope.nearestPersons(done).stream()
        .map(ColumnRef::table)
        .filter(t -> t.equals(done) || scope.always(done, t))
        .distinct()
        .toList();
  }
}
