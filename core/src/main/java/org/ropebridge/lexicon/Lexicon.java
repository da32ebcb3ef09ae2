package org.ropebridge.lexicon;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.model.Model;

/**
 * Every word that a model and a language know, and what it may mean. Immutable once built, so that
 * many questions can be read at the same time.
 *
 * <p>Phrases are found by a key that joins the stems of their words: "guest nights", "guestnight"
 * and "guest-nights" share one. How near the typed words are to the written ones decides the
 * quality of a mention.
 */
public final class Lexicon {
  private final Vocabulary vocabulary;
  private final Entries entries;
  private final LookUp lookUp;

  /** How much of a form of a word is left where another item is called so. */
  private static final double BENT = 0.7;

  public Lexicon(Model model, ValueIndex values, Vocabulary vocabulary, Weights weights) {
    this.vocabulary = vocabulary;
    this.entries = new Entries(vocabulary);
    vocabulary
        .words()
        .forEach(
            (phrase, list) -> list.forEach(m -> entries.add(phrase, m, Mention.Found.EXACT, true)));
    Map<String, List<ModelWords.DoneTo>> doneTo =
        new ModelWords(model, values, vocabulary, entries).addAll();
    Map<String, String> preferred = new HashMap<>();
    model
        .preferences()
        .meanings()
        .forEach((words, item) -> preferred.put(entries.forms().singular(words), item));
    this.lookUp = new LookUp(vocabulary, weights, entries, preferred, doneTo);
  }

  private Lexicon(Vocabulary vocabulary, Entries entries, LookUp lookUp) {
    this.vocabulary = vocabulary;
    this.entries = entries;
    this.lookUp = lookUp;
  }

  /**
   * A lexicon in which some words mean what one person means by them. It costs next to nothing: all
   * else is shared with this one.
   *
   * @param meantByOne phrases and the item that each means
   */
  public Lexicon with(Map<String, Meaning> meantByOne) {
    Entries mine = entries.with(meantByOne);
    return new Lexicon(vocabulary, mine, lookUp.in(mine));
  }

  /** Makes now what the first unknown word would have to wait for. */
  public void prepare() {
    entries.slips().prepare();
  }

  /** Cuts a text into tokens, as the language writes them. */
  public List<Token> tokens(String text) {
    return entries.forms().tokens(text);
  }

  /** Everything that the tokens may mean, stretch by stretch. */
  public List<Mention> mentions(List<Token> tokens) {
    List<Mention> all = lookUp.mentions(tokens);
    return all.stream()
        .filter(m -> !bitesIntoName(m, all) && !takesNounOfValue(m, all))
        .filter(m -> !isArticle(m, tokens, all) && !isNounRather(m, all))
        .filter(m -> !isTransitive(m, all) && !isRowsRather(m, tokens, all))
        .filter(m -> !isInPhrase(m, all) && !isDoneRather(m, tokens, all) && !isNamedInside(m, all))
        .map(m -> isBent(m, all) ? m.weaker(BENT) : m)
        .toList();
  }

  /** "a balcony" says nothing of class A, as long as neither its column nor a capital is there. */
  private static boolean isArticle(Mention mention, List<Token> tokens, List<Mention> all) {
    if (!(mention.meaning() instanceof Meaning.ValueName value)
        || mention.to() != mention.from() + 1
        || tokens.get(mention.from()).plain().length() > 1) {
      return false;
    }
    boolean capital = Character.isUpperCase(tokens.get(mention.from()).text().charAt(0));
    boolean shouted =
        tokens.stream().map(Token::text).allMatch(t -> t.equals(t.toUpperCase(Locale.ROOT)));
    return (!capital || mention.from() == 0 || shouted)
        && all.stream()
            .anyMatch(
                m ->
                    m.isAt(mention)
                        && m.meaning() instanceof Meaning.FunctionWord word
                        && word.role().isFiller())
        && all.stream()
            .filter(m -> m.to() == mention.from() || m.from() == mention.to())
            .noneMatch(
                m ->
                    m.meaning() instanceof Meaning.ColumnName name
                        && name.column().equals(value.column()));
  }

  /** "tenants" are rows, although "tenant" may also be a value; nothing else is said of that. */
  private static boolean isNounRather(Mention mention, List<Mention> all) {
    return mention.meaning() instanceof Meaning.ValueName value
        && mention.found() != Mention.Found.EXACT
        && mention.found() != Mention.Found.OWN
        && all.stream()
            .anyMatch(
                m ->
                    m.isAt(mention)
                        && m.found() == Mention.Found.EXACT
                        && m.meaning() instanceof Meaning.RowNoun)
        && all.stream().noneMatch(m -> m.from() != mention.from() && isOf(value.column(), m));
  }

  /** "late deliveries" are rows, and no delivery date of theirs. */
  private boolean isRowsRather(Mention mention, List<Token> tokens, List<Mention> all) {
    return mention.meaning() instanceof Meaning.ColumnName name
        && mention.found() == Mention.Found.SHORTENED
        && mention.to() - mention.from() == 1
        && vocabulary.isPlural(tokens.get(mention.from()).plain())
        && all.stream()
            .anyMatch(
                m ->
                    m.isAt(mention)
                        && m.found() == Mention.Found.EXACT
                        && m.meaning() instanceof Meaning.RowNoun noun
                        && noun.table().equals(name.column().table()));
  }

  /** "who grows leeks" asks for no growth: what is grown stands right behind. */
  private static boolean isTransitive(Mention mention, List<Mention> all) {
    boolean moves =
        mention.meaning() instanceof Meaning.ComparativeWord
            || mention.meaning() instanceof Meaning.DriftWord;
    return moves
        && all.stream()
            .anyMatch(m -> m.to() <= mention.from() && (m.is(Role.WHO) || m.is(Role.WHICH)))
        && all.stream().anyMatch(m -> m.isAt(mention) && m.meaning() instanceof Meaning.DriftWord)
        && all.stream()
            .anyMatch(
                m ->
                    m.from() == mention.to()
                        && m.meaning() instanceof Meaning.ValueName
                        && m.found() != Mention.Found.AKIN);
  }

  /**
   * "right now" says nothing of access rights, which is more than that word in the model, and what
   * "we spend" is no income.
   */
  private static boolean isInPhrase(Mention mention, List<Mention> all) {
    boolean value =
        mention.meaning() instanceof Meaning.ValueName
            && mention.found() == Mention.Found.SHORTENED;
    boolean metric =
        mention.meaning() instanceof Meaning.MetricName && mention.found() == Mention.Found.AKIN;
    return (value || metric)
        && all.stream()
            .anyMatch(
                m ->
                    m.from() <= mention.from()
                        && mention.to() <= m.to()
                        && m.to() - m.from() > mention.to() - mention.from()
                        && m.found() == Mention.Found.EXACT
                        && m.meaning() instanceof Meaning.FunctionWord word
                        && (value ? word.role().isFiller() : word.role() == Role.WE_SPEND));
  }

  /** What was "opened" is not what is "open", where a date tells when it was opened. */
  private boolean isDoneRather(Mention mention, List<Token> tokens, List<Mention> all) {
    return mention.meaning() instanceof Meaning.ConditionName condition
        && mention.found() == Mention.Found.INFLECTED
        && vocabulary.isParticiple(tokens.get(mention.to() - 1).plain())
        && all.stream()
            .anyMatch(
                m ->
                    m.isAt(mention)
                        && m.quality() > mention.quality()
                        && m.meaning() instanceof Meaning.ColumnName name
                        && name.column().table().equals(condition.table()));
  }

  /** "staff member" is another word for an agent, but not where the model has a "staff". */
  private static boolean isNamedInside(Mention mention, List<Mention> all) {
    return mention.meaning() instanceof Meaning.RowNoun
        && mention.found() == Mention.Found.AKIN
        && mention.to() - mention.from() > 1
        && all.stream()
            .anyMatch(
                m ->
                    mention.from() <= m.from()
                        && m.to() <= mention.to()
                        && m.found() == Mention.Found.EXACT
                        && (m.meaning() instanceof Meaning.ColumnName
                            || m.meaning() instanceof Meaning.MetricName
                            || m.meaning() instanceof Meaning.RowNoun));
  }

  /** Whether a mention is of the column itself, or of a value of it. */
  private static boolean isOf(ColumnRef column, Mention mention) {
    return mention.meaning() instanceof Meaning.ColumnName name && name.column().equals(column)
        || mention.meaning() instanceof Meaning.ValueName value && value.column().equals(column);
  }

  /** "material for bridge" before a bridge's name: the noun goes with the name. */
  private static boolean takesNounOfValue(Mention mention, List<Mention> all) {
    return mention.meaning() instanceof Meaning.ColumnName name
        && mention.to() - mention.from() > 2
        && all.stream()
            .anyMatch(
                n ->
                    n.to() == mention.to()
                        && n.from() > mention.from() + 1
                        && n.meaning() instanceof Meaning.RowNoun noun
                        && noun.table().equals(name.column().table()))
        && all.stream()
            .anyMatch(
                v ->
                    v.from() == mention.to()
                        && v.meaning() instanceof Meaning.ValueName value
                        && value.column().table().equals(name.column().table())
                        && !value.column().column().equals(name.column().column()));
  }

  /** "posts", which is a column so, and might be "postings" in another form. */
  private static boolean isBent(Mention mention, List<Mention> all) {
    return mention.found() == Mention.Found.INFLECTED
        && mention.meaning() instanceof Meaning.RowNoun
        && all.stream()
            .anyMatch(
                o ->
                    o.isAt(mention)
                        && o.found() == Mention.Found.EXACT
                        && o.meaning() instanceof Meaning.ColumnName);
  }

  /** "group by", of "account group by month": the name is read whole, and "by" says as much. */
  private static boolean bitesIntoName(Mention mention, List<Mention> all) {
    return mention.meaning() instanceof Meaning.FunctionWord
        && mention.to() - mention.from() > 1
        && all.stream()
            .filter(n -> !(n.meaning() instanceof Meaning.FunctionWord))
            .filter(n -> !(n.meaning() instanceof Meaning.PlainWord))
            .filter(n -> n.found() == Mention.Found.EXACT || n.found() == Mention.Found.INFLECTED)
            .filter(n -> n.from() < mention.from() && mention.from() < n.to())
            .anyMatch(n -> n.to() < mention.to() && says(mention, n.to(), all));
  }

  /** Whether the end of a mention, from a token on, means the same. */
  private static boolean says(Mention whole, int from, List<Mention> all) {
    return all.stream()
        .anyMatch(
            m -> m.from() == from && m.to() == whole.to() && m.meaning().equals(whole.meaning()));
  }

  /** The same for a question that leans on the one before. */
  public List<Mention> mentionsInFollowUp(List<Token> tokens) {
    List<Mention> ofFollowUps = new ArrayList<>();
    for (int from = 0; from < tokens.size(); from++) {
      StringBuilder phrase = new StringBuilder();
      for (int to = from + 1; to <= Math.min(tokens.size(), from + LookUp.LONGEST_PHRASE); to++) {
        phrase.append(to == from + 1 ? "" : " ").append(tokens.get(to - 1).plain());
        for (Meaning meaning :
            vocabulary.followUpWords().getOrDefault(phrase.toString(), List.of())) {
          ofFollowUps.add(new Mention(from, to, meaning, 1, Mention.Found.EXACT));
        }
      }
    }
    ofFollowUps.removeIf(m -> ofFollowUps.stream().anyMatch(o -> isInside(m, o)));
    List<Mention> mentions = new ArrayList<>(ofFollowUps);
    for (Mention mention : mentions(tokens)) {
      boolean bent = mention.found() == Mention.Found.AKIN;
      boolean taken =
          ofFollowUps.stream().anyMatch(f -> f.from() < mention.to() && mention.from() < f.to());
      if (!bent || !taken) {
        mentions.add(mention);
      }
    }
    return mentions;
  }

  private static boolean isInside(Mention inner, Mention outer) {
    return outer.from() <= inner.from()
        && inner.to() <= outer.to()
        && outer.to() - outer.from() > inner.to() - inner.from();
  }

  /** Whether the word is one of those that the item goes by. */
  public boolean isNameWord(Token token, Meaning item) {
    return token.kind() == Token.Kind.WORD
        && entries.nameWords(item).contains(vocabulary.stem(token.plain()));
  }

  /**
   * A word that is neither known nor right, and what may have been meant by it.
   *
   * @param token its place among the tokens
   * @param meant the likeliest first, each with how unlikely the slip is; never empty
   */
  public record Misspelt(int token, Map<String, Double> meant) {}

  /** What a word may have been meant to be, although it is a right word: "moth" for "month". */
  public Optional<Misspelt> nearly(int at, Token token) {
    return misspelt(at, entries.slips().near(token.plain()));
  }

  /** The words that are slips of the keyboard, as far as it can be told what was meant. */
  public List<Misspelt> misspelt(List<Token> tokens) {
    boolean[] known = new boolean[tokens.size()];
    for (Mention mention : mentions(tokens)) {
      // What looks like another form of a word may be a slip all the same: "moree".
      if (mention.found() != Mention.Found.INFLECTED) {
        Arrays.fill(known, mention.from(), mention.to(), true);
      }
    }
    List<Misspelt> misspelt = new ArrayList<>();
    for (int i = 0; i < known.length; i++) {
      Token token = tokens.get(i);
      boolean ofFollowUps = vocabulary.followUpWords().containsKey(token.plain());
      if (!known[i] && !ofFollowUps && token.kind() == Token.Kind.WORD) {
        misspelt(i, entries.slips().candidates(token.plain())).ifPresent(misspelt::add);
      }
    }
    return misspelt;
  }

  private static Optional<Misspelt> misspelt(int at, List<Slips.Candidate> candidates) {
    Map<String, Double> meant = new LinkedHashMap<>();
    candidates.forEach(c -> meant.put(c.word(), c.weight()));
    return meant.isEmpty() ? Optional.empty() : Optional.of(new Misspelt(at, meant));
  }
}
