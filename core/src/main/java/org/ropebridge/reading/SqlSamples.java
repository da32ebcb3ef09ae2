package org.ropebridge.reading;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.ropebridge.lexicon.Lexicon;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Mention;
import org.ropebridge.lexicon.Token;
import org.ropebridge.model.Model;
import org.ropebridge.model.SampleQuestion;

/**
 * Finds the agreed sample question in SQL that a question is, word by word, but for the values in
 * its slots and words without effect: "how far ahead do people book for [huts.name]".
 */
final class SqlSamples {
  private final Model model;
  private final Lexicon lexicon;
  private final List<Template> templates = new ArrayList<>();

  /**
   * A sample question with gaps.
   *
   * @param key its words, with the slots' names in place of the values
   * @param gaps where the values stand in its text
   */
  private record Template(SampleQuestion sample, String key, List<Gap> gaps) {}

  /** The words of a text and what they may mean. */
  private record Said(List<Token> tokens, List<Mention> mentions) {}

  /** The place of a slot's value among the tokens. */
  private record Gap(String slot, int from, int to, String stored) {}

  SqlSamples(Model model, Lexicon lexicon) {
    this.model = model;
    this.lexicon = lexicon;
    model.questions().stream()
        .filter(q -> q.agreed().isPresent() && q.sql().isPresent() && q.means().isEmpty())
        .forEach(q -> filled(q, said(q.ask())).ifPresent(templates::add));
  }

  private Said said(String text) {
    List<Token> tokens = lexicon.tokens(text);
    return new Said(tokens, lexicon.mentions(tokens));
  }

  /** The slots of a sample question filled from a text; empty when some has no value there. */
  private static Optional<Template> filled(SampleQuestion sample, Said said) {
    List<Gap> gaps = new ArrayList<>();
    for (String slot : sample.slots().keySet().stream().sorted().toList()) {
      Optional<Gap> gap = gap(slot, sample.slots().get(slot), said.mentions(), gaps);
      if (gap.isEmpty()) {
        return Optional.empty();
      }
      gaps.add(gap.get());
    }
    gaps.sort(Comparator.comparingInt(Gap::from));
    return Optional.of(new Template(sample, key(said.tokens(), said.mentions(), gaps), gaps));
  }

  /** The longest and best mention of one of the column's values that no other slot has taken. */
  private static Optional<Gap> gap(
      String slot, String column, List<Mention> mentions, List<Gap> taken) {
    return mentions.stream()
        .filter(
            m ->
                m.meaning() instanceof Meaning.ValueName value
                    && value.column().toString().equals(column))
        .filter(m -> taken.stream().noneMatch(g -> m.from() < g.to() && g.from() < m.to()))
        .max(
            Comparator.comparingInt((Mention m) -> m.to() - m.from())
                .thenComparingDouble(Mention::quality))
        .map(m -> new Gap(slot, m.from(), m.to(), ((Meaning.ValueName) m.meaning()).stored()));
  }

  private static String key(List<Token> tokens, List<Mention> mentions, List<Gap> gaps) {
    List<String> words = new ArrayList<>();
    for (int i = 0; i < tokens.size(); i++) {
      int at = i;
      Optional<Gap> gap = gaps.stream().filter(g -> g.from() <= at && at < g.to()).findFirst();
      if (gap.isPresent()) {
        words.add(":" + gap.get().slot());
        i = gap.get().to() - 1;
      } else if (!isIdle(at, tokens, mentions)) {
        words.add(tokens.get(i).plain());
      }
    }
    return String.join(" ", words);
  }

  private static boolean isIdle(int at, List<Token> tokens, List<Mention> mentions) {
    Token.Kind kind = tokens.get(at).kind();
    return kind == Token.Kind.STOP
        || kind == Token.Kind.SIGN
        || mentions.stream()
            .anyMatch(
                m ->
                    m.from() == at
                        && m.to() == at + 1
                        && m.meaning() instanceof Meaning.FunctionWord word
                        && word.role().isFiller());
  }

  /** What the question asks of a sample question in SQL; empty when it is none. */
  Optional<Reading> read(String question) {
    if (templates.isEmpty()) {
      return Optional.empty();
    }
    Said said = said(question);
    for (Template template : templates) {
      Optional<Template> asked =
          filled(template.sample(), said).filter(a -> a.key().equals(template.key()));
      if (asked.isPresent()) {
        return Optional.of(reading(question, template, asked.get()));
      }
    }
    return Optional.empty();
  }

  private Reading reading(String question, Template template, Template asked) {
    Map<String, String> values = new LinkedHashMap<>();
    asked.gaps().forEach(g -> values.put(g.slot(), g.stored()));
    String text = question.strip();
    int start = question.indexOf(text);
    return Reading.bySql(
        question,
        restatement(template, values),
        new Reading.WordUse(
            start, start + text.length(), text, "sample", template.sample().ask(), "exact"),
        new AuthorSql(template.sample(), values));
  }

  /** The sample question with the values that were asked for. */
  private String restatement(Template template, Map<String, String> values) {
    String ask = template.sample().ask();
    List<Token> tokens = lexicon.tokens(ask);
    StringBuilder restated = new StringBuilder();
    int done = 0;
    for (Gap gap : template.gaps()) {
      String column = template.sample().slots().get(gap.slot());
      int dot = column.indexOf('.');
      restated
          .append(ask, done, tokens.get(gap.from()).start())
          .append(
              model
                  .table(column.substring(0, dot))
                  .column(column.substring(dot + 1))
                  .nameOfValue(values.get(gap.slot())));
      done = tokens.get(gap.to() - 1).end();
    }
    return restated.append(ask.substring(done)).toString();
  }
}
