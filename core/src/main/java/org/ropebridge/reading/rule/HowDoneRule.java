package org.ropebridge.reading.rule;

import java.util.List;
import java.util.function.Consumer;
import java.util.stream.Stream;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "how do members book", "how are stays booked" [how do] [who] [noun, or what is done to its rows]
 * [noun] -> those rows by the column that tells by which means
 */
final class HowDoneRule extends Rule {
  HowDoneRule() {
    super(
        Slot.word(Role.HOW_DONE),
        Slot.word(Role.EVERYONE).maybe(),
        Slot.a(Part.class, HowDoneRule::isDone),
        Slot.a(Part.class, HowDoneRule::isDone).maybe());
  }

  @Override
  public double bonus() {
    return 0.5;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    if (!match.has(3) && match.isPlural(2)) {
      return;
    }
    List<Part> parts =
        Stream.of(2, 3).flatMap(slot -> match.find(slot, Part.class).stream()).toList();
    // How members arrive is not told by how they book: the rows must be named.
    boolean anyone = match.has(1) && parts.size() == 1;
    parts.stream()
        .filter(p -> p instanceof Meaning.RowNoun || anyone && p instanceof Meaning.DoneSo)
        .map(HowDoneRule::table)
        .filter(
            t ->
                parts.stream()
                    .map(HowDoneRule::table)
                    .allMatch(o -> o.equals(t) || scope.pointsAt(t, o)))
        .findFirst()
        .flatMap(scope::manner)
        .map(Contribution::rowsBy)
        .ifPresent(out);
  }

  private static boolean isDone(Part part) {
    return part instanceof Meaning.DoneSo || Columns.isColumn(part);
  }

  private static String table(Part part) {
    if (part instanceof Meaning.DoneSo done) {
      return done.column().table();
    }
    return part instanceof Meaning.RowNoun noun
        ? noun.table()
        : ((Meaning.ColumnName) part).column().table();
  }
}
