package org.ropebridge.lexicon;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** Looks the words of a text up: everything that each stretch of it may mean. */
final class LookUp {
  /** Digits of places in an order, beyond which they are none. */
  private static final int LONGEST_PLACE = 4;

  static final int LONGEST_PHRASE = 8;

  /** How many words apart these may stand. */
  private static final int FARTHEST_APART = 5;

  /** A word as names are written; not one of a question in capitals. */
  private static final Pattern NAME = Pattern.compile("\\p{Lu}\\p{L}*\\p{Ll}\\p{L}*");

  private final Vocabulary vocabulary;
  private final Weights weights;
  private final Entries entries;
  private final WordForms forms;
  private final Map<String, String> preferred;
  private final Map<String, List<ModelWords.DoneTo>> doneTo;

  /**
   * @param preferred what the author prefers among several items, by the words in the singular
   * @param doneTo metrics by the stem of what was done
   */
  LookUp(
      Vocabulary vocabulary,
      Weights weights,
      Entries entries,
      Map<String, String> preferred,
      Map<String, List<ModelWords.DoneTo>> doneTo) {
    this.vocabulary = vocabulary;
    this.weights = weights;
    this.entries = entries;
    this.forms = entries.forms();
    this.preferred = preferred;
    this.doneTo = doneTo;
  }

  /** The same, in words some of which mean what one person means by them. */
  LookUp in(Entries others) {
    return new LookUp(vocabulary, weights, others, preferred, doneTo);
  }

  /** Everything that the tokens may mean, stretch by stretch. */
  List<Mention> mentions(List<Token> tokens) {
    List<Mention> mentions = new ArrayList<>();
    String[] typed = tokens.stream().map(Token::plain).toArray(String[]::new);
    lookUp(tokens, typed, mentions);
    List<Mention> names = mentions.stream().filter(LookUp::isLongName).toList();
    mentions.removeIf(m -> names.stream().anyMatch(name -> cutsInto(m, name)));
    boolean[] known = new boolean[typed.length];
    for (Mention mention : mentions) {
      Arrays.fill(known, mention.from(), mention.to(), true);
    }
    mentions.removeIf(m -> isOfOtherName(m, tokens, known));
    mentions.removeIf(m -> isDeed(m, mentions));
    if (mentions.stream().noneMatch(m -> m.from() == 0 && m.is(Role.WHAT_DID))) {
      // "cost by channel" names a number, and asks for no price.
      mentions.removeIf(m -> m.is(Role.COSTS));
    }
    takeInEarnest(mentions);
    mentions.removeIf(m -> isTimeByName(m, mentions));
    mentions.removeIf(m -> isState(m, mentions));
    mentions.replaceAll(m -> isMetricOfState(m, mentions) ? m.weaker(weights.metricAsState()) : m);
    acrossFillers(tokens, typed, mentions);
    thingsDone(tokens, typed, mentions);
    echoes(tokens, typed, mentions);
    plainWords(tokens, known, mentions);
    return mentions;
  }

  /**
   * "bridges that need an inspection" have none yet, and "members who have not been here" did not
   * come: there the words are no fillers; elsewhere they are no more than that.
   */
  private static void takeInEarnest(List<Mention> mentions) {
    List<Mention> earnest =
        mentions.stream()
            .filter(
                m ->
                    m.is(Role.NEEDING)
                            && isBehind(m, mentions, o -> o.meaning() instanceof Meaning.RowNoun)
                        || m.is(Role.BEEN_HERE)
                            && isBehind(
                                m,
                                mentions,
                                o -> o.is(Role.NOT) || o.is(Role.NONE) || o.is(Role.EXCLUDING)))
            .toList();
    mentions.removeIf(
        m ->
            !earnest.contains(m)
                && (m.is(Role.NEEDING)
                    || m.is(Role.BEEN_HERE)
                    || earnest.stream().anyMatch(e -> e.from() <= m.from() && m.to() <= e.to())));
  }

  private static boolean isBehind(
      Mention mention, List<Mention> mentions, Predicate<Mention> before) {
    return mentions.stream().anyMatch(m -> m.to() == mention.from() && before.test(m));
  }

  /** "how did readers find us" asks for what they did, and not to find them. */
  private static boolean isDeed(Mention mention, List<Mention> mentions) {
    return mention.is(Role.LIST)
        && mentions.stream().anyMatch(m -> m.from() == 0 && m.is(Role.HOW_DONE))
        && isBehind(mention, mentions, o -> o.meaning() instanceof Meaning.RowNoun)
        && mentions.stream().noneMatch(m -> m.from() == mention.to() && m.is(Role.BY));
  }

  /** "Cosima Reed" is not Cosima Stylus, who is the only Cosima that is known. */
  private static boolean isOfOtherName(Mention mention, List<Token> tokens, boolean[] known) {
    int next = mention.to();
    return mention.found() == Mention.Found.SHORTENED
        && mention.meaning() instanceof Meaning.ValueName
        && next < tokens.size()
        && !known[next]
        && NAME.matcher(tokens.get(next).text()).matches();
  }

  /**
   * "last month" is a time, although a column may be called month; and so are "10 days", where one
   * is called day.
   */
  private static boolean isTimeByName(Mention mention, List<Mention> mentions) {
    return mention.meaning() instanceof Meaning.ColumnName
        && mention.to() == mention.from() + 1
        && mentions.stream()
            .anyMatch(
                m ->
                    m.from() == mention.from()
                        && m.to() == mention.to()
                        && m.meaning() instanceof Meaning.TimeUnitWord)
        && mentions.stream()
            .filter(m -> m.to() == mention.from())
            .anyMatch(
                m ->
                    m.is(Role.LAST)
                        || m.is(Role.THIS)
                        || m.is(Role.NEXT)
                        || m.meaning() instanceof Meaning.NumberWord
                            && mention.found() == Mention.Found.INFLECTED);
  }

  /** "lost deals" have not gone down, where deals may be lost. */
  private static boolean isState(Mention mention, List<Mention> mentions) {
    return mention.meaning() instanceof Meaning.DriftWord
        && states(mention, mentions)
            .anyMatch(s -> mentions.stream().anyMatch(n -> n.from() == s.to() && isNounOf(n, s)));
  }

  /** "deals that we won" were won, where a metric is called "won" as well. */
  private static boolean isMetricOfState(Mention mention, List<Mention> mentions) {
    return mention.meaning() instanceof Meaning.MetricName
        && states(mention, mentions)
            .filter(s -> s.quality() >= mention.quality())
            .anyMatch(s -> mentions.stream().anyMatch(n -> isNounOf(n, s)));
  }

  /** The states of rows that the same words may be. */
  private static Stream<Mention> states(Mention mention, List<Mention> mentions) {
    return mentions.stream()
        .filter(m -> m.from() == mention.from() && m.to() == mention.to())
        .filter(m -> tableOfState(m).isPresent());
  }

  private static boolean isNounOf(Mention noun, Mention state) {
    return noun.meaning() instanceof Meaning.RowNoun rows
        && tableOfState(state).equals(Optional.of(rows.table()));
  }

  private static Optional<String> tableOfState(Mention mention) {
    if (mention.meaning() instanceof Meaning.ValueName value) {
      return Optional.of(value.column().table());
    }
    return mention.meaning() instanceof Meaning.ConditionName condition
        ? Optional.of(condition.table())
        : Optional.empty();
  }

  /** Whether it is a name of several words, as the model writes it. */
  private static boolean isLongName(Mention mention) {
    return mention.to() - mention.from() > 1
        && (mention.found() == Mention.Found.EXACT || mention.found() == Mention.Found.INFLECTED)
        && Entries.isNamed(mention.meaning());
  }

  /**
   * "by night service" says nothing of the night, "by year group" nothing of the year, "line of
   * business" nothing of business customers, and "loss ratio" asks for no ratio.
   */
  private static boolean cutsInto(Mention mention, Mention name) {
    boolean hours =
        mention.meaning() instanceof Meaning.HoursWord
            && mention.from() < name.from()
            && name.from() < mention.to()
            && mention.to() < name.to();
    boolean unit =
        mention.meaning() instanceof Meaning.TimeUnitWord
            && mention.from() == name.from()
            && mention.to() < name.to();
    boolean within =
        name.from() <= mention.from()
            && mention.to() <= name.to()
            && mention.to() - mention.from() < name.to() - name.from();
    boolean partOfColumn =
        name.meaning() instanceof Meaning.ColumnName
            && (mention.meaning() instanceof Meaning.ValueName
                || mention.meaning() instanceof Meaning.SuperlativeWord
                || mention.meaning() instanceof Meaning.OrdinalWord);
    boolean partOfMetric =
        name.meaning() instanceof Meaning.MetricName
            && (mention.is(Role.RATIO_NOUN) || mention.is(Role.SHARE));
    return hours || unit || within && (partOfColumn || partOfMetric);
  }

  private boolean beginsAskingWhat(String[] typed, int words) {
    return typed.length > words
        && vocabulary
            .words()
            .getOrDefault(String.join(" ", Arrays.copyOf(typed, words)), List.of())
            .contains(new Meaning.FunctionWord(Role.WHAT_DID));
  }

  private void lookUp(List<Token> tokens, String[] typed, List<Mention> into) {
    boolean asksForAmount = beginsAskingWhat(typed, 2) || beginsAskingWhat(typed, 3);
    for (int from = 0; from < typed.length; from++) {
      Token token = tokens.get(from);
      literal(token, from, into);
      StringBuilder stems = new StringBuilder();
      StringBuilder words = new StringBuilder();
      StringBuilder singulars = new StringBuilder();
      for (int to = from + 1; to <= Math.min(typed.length, from + LONGEST_PHRASE); to++) {
        if (tokens.get(to - 1).kind() == Token.Kind.ENCLOSED) {
          break;
        }
        List<String> parts =
            tokens.get(to - 1).kind() == Token.Kind.QUOTED
                ? forms.words(typed[to - 1])
                : List.of(typed[to - 1]);
        stems.append(WordForms.compact(forms.stems(parts)));
        words.append(WordForms.compact(parts));
        singulars.append(WordForms.compact(forms.singulars(parts)));
        List<Entries.Entry> found = found(stems.toString(), words.toString());
        if (!found.isEmpty()) {
          Stretch stretch =
              new Stretch(from, to, words.toString(), singulars.toString(), stems.toString());
          boolean letter = typed[from].length() == 1 && to > from + 1;
          boolean digits = token.kind() == Token.Kind.NUMBER;
          mentions(stretch, found, letter, digits, asksForAmount, into);
        }
      }
    }
  }

  /**
   * Words that were typed side by side.
   *
   * @param compact the words, written together
   * @param singular the same in the singular
   * @param stems their stems, written together
   */
  private record Stretch(int from, int to, String compact, String singular, String stems) {}

  /**
   * What a stretch may mean.
   *
   * @param letter whether it begins with a letter that stands alone
   * @param digits whether it begins with a number
   * @param asksForAmount whether the question begins with "what did" or "how much did"
   */
  private void mentions(
      Stretch typed,
      List<Entries.Entry> found,
      boolean letter,
      boolean digits,
      boolean asksForAmount,
      List<Mention> into) {
    boolean isOwn = entries.isOwn(typed.singular());
    String wanted = isOwn ? null : preferred.get(typed.singular());
    boolean ofLanguage =
        found.stream()
            .anyMatch(
                e ->
                    e.meaning() instanceof Meaning.FunctionWord
                        && e.compact().equals(typed.compact()));
    for (Entries.Entry entry : found) {
      boolean value = entry.meaning() instanceof Meaning.ValueName;
      boolean spaced =
          letter && (entry.meaning() instanceof Meaning.UnitMultiple || isOneWord(entry.meaning()));
      // "stats" have a task of their own, and are no form of "status".
      boolean bent =
          ofLanguage
              && (entry.meaning() instanceof Meaning.ColumnName
                      && !entry.singular().equals(typed.singular())
                  || value && !entry.compact().equals(typed.compact()));
      boolean other =
          !(entry.meaning() instanceof Meaning.FunctionWord)
              && (isOwn
                  ? entry.how() != Mention.Found.OWN
                  : wanted != null && !Items.isCalled(entry.meaning(), wanted));
      if (spaced
          || bent
          || other && !value
          || isOtherWord(entry, typed.singular(), found)
          || beginsSeveral(entry, typed, found)) {
        continue;
      }
      mention(entry, typed)
          .map(m -> value && digits ? m.weaker(weights.bareDigits()) : m)
          .map(m -> other ? m.weaker(weights.notPreferred()) : m)
          .map(
              m ->
                  ofLanguage && !asksForAmount && m.found() == Mention.Found.AKIN
                      ? m.weaker(weights.idleAkin())
                      : m)
          .ifPresent(into::add);
    }
  }

  /**
   * "Saltpan plans", where a magazine is called just so, are those of none of the offers whose
   * names begin with it.
   */
  private static boolean beginsSeveral(
      Entries.Entry entry, Stretch typed, List<Entries.Entry> found) {
    return entry.how() == Mention.Found.SHORTENED
        && entry.meaning() instanceof Meaning.ValueName value
        && found.stream()
            .anyMatch(
                e ->
                    e.meaning() instanceof Meaning.ValueName
                        && e.how() == Mention.Found.EXACT
                        && e.compact().equals(typed.compact()))
        && found.stream()
            .anyMatch(
                e ->
                    e.how() == Mention.Found.SHORTENED
                        && e.meaning() instanceof Meaning.ValueName other
                        && other.column().equals(value.column())
                        && !other.equals(value));
  }

  /** Entries by the stems of their words, or else by the stem of the words written together. */
  private List<Entries.Entry> found(String stems, String together) {
    List<Entries.Entry> byStems = entries.of(stems);
    if (!byStems.isEmpty()) {
      return byStems;
    }
    String singular = vocabulary.singular(together);
    return entries.of(vocabulary.stem(together)).stream()
        .filter(e -> e.compact().equals(together) || e.singular().equals(singular))
        .toList();
  }

  private Optional<Mention> mention(Entries.Entry entry, Stretch typed) {
    double quality;
    Mention.Found found;
    if (entry.compact().equals(typed.compact())) {
      quality = 1;
      found = Mention.Found.EXACT;
    } else if (isGerundOfValue(entry, typed)) {
      return Optional.empty();
    } else if (entry.meaning() instanceof Meaning.NumberWord
        || entry.meaning() instanceof Meaning.OperatorWord) {
      // "ones" are no "one", and "time" multiplies nothing.
      return Optional.empty();
    } else if (entry.meaning() instanceof Meaning.FunctionWord word && word.role() == Role.FILLER) {
      // "report" asks for nothing; who "reports" to whom does.
      return Optional.empty();
    } else if (entry.singular().equals(typed.singular())) {
      boolean value = entry.meaning() instanceof Meaning.ValueName;
      quality = value ? weights.inflectedValue() : weights.inflected();
      found = Mention.Found.INFLECTED;
    } else if (entry.meaning() instanceof Meaning.FunctionWord
        || !entry.stems().equals(typed.stems())
        || !vocabulary.mayBeForms(typed.compact(), entry.compact())) {
      return Optional.empty();
    } else {
      quality = weights.sameStem();
      found = Mention.Found.INFLECTED;
    }
    if (entry.how() == Mention.Found.SHORTENED) {
      quality *= weights.shortened();
      found = Mention.Found.SHORTENED;
    } else if (entry.how() == Mention.Found.AKIN) {
      quality *= weights.akin();
      found = Mention.Found.AKIN;
    } else if (entry.how() == Mention.Found.OWN) {
      found = Mention.Found.OWN;
    }
    return Optional.of(new Mention(typed.from(), typed.to(), entry.meaning(), quality, found));
  }

  /** "paying" is not "paid", which is so of what somebody did. */
  private boolean isGerundOfValue(Entries.Entry entry, Stretch typed) {
    return entry.meaning() instanceof Meaning.ValueName
        && vocabulary.verbOfGerund(typed.compact()).isPresent()
        && vocabulary.verbOfGerund(entry.compact()).isEmpty();
  }

  private void literal(Token token, int at, List<Mention> into) {
    for (Meaning meaning : literal(token)) {
      into.add(new Mention(at, at + 1, meaning, 1, Mention.Found.EXACT));
    }
  }

  private List<Meaning> literal(Token token) {
    return switch (token.kind()) {
      case NUMBER ->
          WrittenDates.dotted(token.plain())
              .or(() -> vocabulary.writing().number(token.plain()).map(Meaning.NumberWord::new))
              .stream()
              .toList();
      case ORDINAL ->
          token.plain().length() < LONGEST_PLACE
              ? List.of(new Meaning.OrdinalWord(Integer.parseInt(token.plain())))
              : List.of();
      case DATE -> WrittenDates.of(token.plain());
      case QUOTED ->
          token.plain().isBlank()
              ? List.of()
              : List.of(
                  new Meaning.QuotedText(token.text().substring(1, token.text().length() - 1)));
      default -> List.of();
    };
  }

  /** "619.6 g as" names no "gas". */
  private static boolean isOneWord(Meaning meaning) {
    return meaning instanceof Meaning.ValueName value
        && value.stored().chars().allMatch(Character::isLetter);
  }

  /** "shows" are shows, where the model has them, and no "showings". */
  private static boolean isOtherWord(
      Entries.Entry entry, String singular, List<Entries.Entry> found) {
    return entry.isNameOfItem()
        && !entry.singular().equals(singular)
        && found.stream()
            .anyMatch(
                e ->
                    e.isNameOfItem()
                        && e.meaning().getClass() == entry.meaning().getClass()
                        && e.singular().equals(singular));
  }

  /**
   * Names whose words stand apart, with words without effect between, "water was lost", or in the
   * other order, "reason for the cancellation".
   */
  private void acrossFillers(List<Token> tokens, String[] typed, List<Mention> mentions) {
    boolean[] filler = new boolean[typed.length];
    boolean[] tie = new boolean[typed.length];
    boolean[] with = new boolean[typed.length];
    boolean[] being = new boolean[typed.length];
    for (Mention mention : mentions) {
      if (mention.to() == mention.from() + 1
          && mention.meaning() instanceof Meaning.FunctionWord word) {
        filler[mention.from()] |= word.role().isFiller() || word.role() == Role.BE;
        tie[mention.from()] |= word.role() == Role.PREPOSITION;
        with[mention.from()] |= word.role() == Role.WITH;
        being[mention.from()] |= word.role() == Role.BE;
      }
    }
    for (int from = 0; from < typed.length; from++) {
      if (tokens.get(from).kind() != Token.Kind.WORD || isWithinHow(from, mentions)) {
        continue;
      }
      List<String> words = new ArrayList<>(List.of(typed[from]));
      boolean skipped = false;
      boolean told = false;
      boolean tied = false;
      for (int to = from + 1; to < Math.min(typed.length, from + LONGEST_PHRASE); to++) {
        if (tokens.get(to).kind() != Token.Kind.WORD) {
          break;
        }
        if (filler[to] || tie[to] && !with[to] && words.size() == 1 && !tied) {
          skipped = true;
          told |= being[to];
          tied |= !filler[to];
          continue;
        }
        words.add(typed[to]);
        if (skipped && !tied) {
          List<Mention> found = new ArrayList<>();
          apart(words, from, to + 1, weights.apart(), found);
          if (told) {
            // "how many outages were caused by ice": something is said of them, and no cause named.
            int noun = from;
            found.removeIf(m -> isOfNounAt(noun, m, mentions));
          }
          mentions.addAll(found);
        }
        if (words.size() == 2 && (!skipped || tied && areSingle(from, to, mentions))) {
          apart(
              List.of(words.get(1), words.get(0)),
              from,
              to + 1,
              tied ? weights.tied() : weights.apart(),
              mentions);
        }
      }
    }
  }

  /** Whether it is a column of the rows whose noun stands at that place. */
  private static boolean isOfNounAt(int at, Mention mention, List<Mention> mentions) {
    return mention.meaning() instanceof Meaning.ColumnName name
        && mentions.stream()
            .anyMatch(
                m ->
                    m.from() == at
                        && m.to() == at + 1
                        && m.meaning() instanceof Meaning.RowNoun noun
                        && noun.table().equals(name.column().table()));
  }

  /** "how long do people stay" names no "long stay". */
  private static boolean isWithinHow(int at, List<Mention> mentions) {
    return mentions.stream()
        .anyMatch(m -> m.meaning() instanceof Meaning.HowWord && m.from() <= at && at < m.to());
  }

  /** Whether neither place is within a name of several words. */
  private static boolean areSingle(int first, int second, List<Mention> mentions) {
    return mentions.stream()
        .filter(m -> m.to() - m.from() > 1 && !(m.meaning() instanceof Meaning.FunctionWord))
        .noneMatch(
            m -> m.from() <= first && first < m.to() || m.from() <= second && second < m.to());
  }

  private void apart(List<String> words, int from, int to, double quality, List<Mention> mentions) {
    Stretch typed =
        new Stretch(
            from,
            to,
            WordForms.compact(words),
            WordForms.compact(forms.singulars(words)),
            WordForms.compact(forms.stems(words)));
    for (Entries.Entry entry : entries.of(typed.stems())) {
      boolean item =
          entry.meaning() instanceof Meaning.MetricName
              || entry.meaning() instanceof Meaning.ConditionName
              || entry.meaning() instanceof Meaning.ColumnName;
      if (item) {
        mention(entry, typed).map(m -> m.weaker(quality)).ifPresent(mentions::add);
      }
    }
  }

  /**
   * The thing with which something was done, apart from that: "uses the most water", of the "water
   * used". What was done repeats a word of the name.
   */
  private void thingsDone(List<Token> tokens, String[] typed, List<Mention> mentions) {
    if (doneTo.isEmpty()) {
      return;
    }
    List<String> stems = forms.stems(List.of(typed));
    for (int done = 0; done < typed.length; done++) {
      if (tokens.get(done).kind() != Token.Kind.WORD) {
        continue;
      }
      for (ModelWords.DoneTo name : doneTo.getOrDefault(stems.get(done), List.of())) {
        int last = Math.min(typed.length - 1, done + FARTHEST_APART);
        for (int i = Math.max(0, done - FARTHEST_APART); i <= last; i++) {
          if (Math.abs(i - done) > 1 && stems.get(i).equals(name.thing())) {
            int at = done;
            mentions.removeIf(
                m ->
                    m.found() == Mention.Found.AKIN && m.from() <= at && at < m.to()
                        || m.is(Role.MISSED) && m.from() == at && m.to() == at + 1);
            mentions.add(
                new Mention(i, i + 1, name.metric(), weights.doneApart(), Mention.Found.INFLECTED));
          }
        }
      }
    }
  }

  /** A word that no more than repeats a name of the item beside it: "water consumption". */
  private void echoes(List<Token> tokens, String[] typed, List<Mention> mentions) {
    boolean[] known = new boolean[typed.length];
    for (Mention mention : mentions) {
      Arrays.fill(known, mention.from(), mention.to(), true);
    }
    for (Mention mention : List.copyOf(mentions)) {
      Set<String> own = entries.nameWords(mention.meaning());
      int from = mention.from();
      int to = mention.to();
      while (from > 0 && echoes(tokens, typed, known, from - 1, own)) {
        from--;
      }
      while (to < typed.length && echoes(tokens, typed, known, to, own)) {
        to++;
      }
      if (to - from > mention.to() - mention.from()) {
        mentions.add(
            new Mention(
                from,
                to,
                mention.meaning(),
                mention.quality() * weights.echo(),
                Mention.Found.INFLECTED));
      }
    }
  }

  private boolean echoes(
      List<Token> tokens, String[] typed, boolean[] known, int at, Set<String> own) {
    return !known[at]
        && tokens.get(at).kind() == Token.Kind.WORD
        && own.contains(vocabulary.stem(typed[at]));
  }

  /** Words behind one that asks for words, such as "mentioning", may be just themselves. */
  private void plainWords(List<Token> tokens, boolean[] known, List<Mention> mentions) {
    int first =
        mentions.stream()
            .filter(m -> m.meaning() instanceof Meaning.WhereWord || m.is(Role.NAMED))
            .mapToInt(Mention::to)
            .min()
            .orElse(tokens.size());
    for (int i = first; i < tokens.size(); i++) {
      if (tokens.get(i).kind() == Token.Kind.WORD) {
        Meaning word = new Meaning.PlainWord(tokens.get(i).text(), known[i]);
        double quality = known[i] ? weights.knownPlainWord() : weights.plainWord();
        mentions.add(new Mention(i, i + 1, word, quality, Mention.Found.EXACT));
      }
    }
  }
}
