package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.Listing;

/**
 * "who was hired most recently", "which huts opened first" [who] [date, as a participle] [most
 * recently, or first] -> the rows at that end of the date
 */
final class MostRecentlyRule extends Rule {
  MostRecentlyRule() {
    super(
        Slot.a(
            Part.class,
            p -> p.equals(new Meaning.FunctionWord(Role.WHO)) || p instanceof Contribution.Subject),
        Slot.word(Role.BE).maybe(),
        Slot.a(Meaning.ColumnName.class),
        Slot.word(Role.RECENTLY, Role.FIRST));
  }

  @Override
  public double bonus() {
    return 0.4;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    ColumnRef date = match.get(2, Meaning.ColumnName.class).column();
    boolean ofPersons = scope.arePeople(date.table());
    boolean asked =
        match
            .find(0, Contribution.Subject.class)
            .map(
                s ->
                    s.what() instanceof Grouping.ByColumn by
                        && by.column().table().equals(date.table()))
            .orElse(ofPersons);
    if (asked && match.isParticiple(2) && scope.isTemporal(date)) {
      int count =
          match
              .find(0, Contribution.Subject.class)
              .filter(Contribution.Subject::plural)
              .map(s -> Contribution.Ranked.SEVERAL)
              .orElse(1);
      boolean newest = match.isWord(3, Role.RECENTLY);
      out.accept(new Contribution.EndRows(date.table(), new Listing.Order(date, newest), count));
    }
  }
}
