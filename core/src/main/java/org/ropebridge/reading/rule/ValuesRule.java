package org.ropebridge.reading.rule;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/** "Ossel", "website or phone" [value] [or] [values of the same column] -> the values together */
final class ValuesRule extends Rule {
  ValuesRule() {
    super(
        Slot.a(Meaning.ValueName.class),
        Slot.word(Role.AND, Role.OR, Role.COMMA).maybe(),
        Slot.a(Phrase.Values.class).maybe());
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    if (match.has(1) != match.has(2)) {
      return;
    }
    Meaning.ValueName value = match.get(0, Meaning.ValueName.class);
    List<String> stored = new ArrayList<>(List.of(value.stored()));
    if (match.has(2)) {
      Phrase.Values more = match.get(2, Phrase.Values.class);
      if (!more.column().equals(value.column()) || more.stored().contains(value.stored())) {
        return;
      }
      stored.addAll(more.stored());
    }
    out.accept(new Phrase.Values(value.column(), stored));
  }
}
