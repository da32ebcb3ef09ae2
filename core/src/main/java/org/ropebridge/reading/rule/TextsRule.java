package org.ropebridge.reading.rule;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;

/**
 * "rope", '"rockfall", "ice" or "lightning"' [words in quotes, or of no other meaning] [or] [more]
 * -> the words
 */
final class TextsRule extends Rule {
  TextsRule() {
    super(
        Slot.a(Part.class, TextsRule::isText),
        Slot.word(Role.COMMA, Role.OR, Role.AND).maybe(),
        Slot.a(Phrase.Texts.class).maybe());
  }

  @Override
  public double bonus() {
    return 0.0;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Part part = match.get(0, Part.class);
    boolean quoted = part instanceof Meaning.QuotedText;
    boolean alike =
        match.find(2, Phrase.Texts.class).map(Phrase.Texts::quoted).orElse(quoted) == quoted;
    if (match.has(1) != match.has(2) || !alike) {
      return;
    }
    List<String> texts = new ArrayList<>();
    texts.add(
        part instanceof Meaning.QuotedText text ? text.text() : ((Meaning.PlainWord) part).text());
    match.find(2, Phrase.Texts.class).ifPresent(more -> texts.addAll(more.texts()));
    out.accept(new Phrase.Texts(texts, quoted));
  }

  private static boolean isText(Part part) {
    return part instanceof Meaning.QuotedText || part instanceof Meaning.PlainWord;
  }
}
