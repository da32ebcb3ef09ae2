package org.ropebridge.reading;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Stream;
import org.ropebridge.lexicon.AboutFrame;
import org.ropebridge.lexicon.AboutFrame.Kind;
import org.ropebridge.lexicon.Lexicon;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Mention;
import org.ropebridge.lexicon.Role;
import org.ropebridge.lexicon.Token;
import org.ropebridge.lexicon.Tokens;
import org.ropebridge.lexicon.Vocabulary;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.model.Metric;
import org.ropebridge.model.Model;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.Plan;

/**
 * Reads questions about the model itself: words of the language around names of the model, and
 * nothing else.
 *
 * <pre>
 *   [what does] [long stay] [mean]   ->   the sense of the condition
 *   [how are] [stays] [and] [huts] [related]   ->   the relation of two tables
 * </pre>
 *
 * <p>How recent data is, is a question for the data: its reading is a plan like any other.
 */
final class AboutReader {
  private static final int MOST_COURTESIES = 5;
  private static final int MOST_WORDS = 20;

  private final Model model;
  private final Lexicon lexicon;
  private final List<AboutFrame> frames;
  private final Set<String> people;

  AboutReader(Model model, Lexicon lexicon, Vocabulary vocabulary) {
    this.model = model;
    this.lexicon = lexicon;
    this.frames =
        vocabulary.aboutFrames().stream()
            .sorted(Comparator.comparingInt(AboutFrame::fixedWords).reversed())
            .toList();
    this.people = vocabulary.personWords();
  }

  private AboutReader(AboutReader all, Lexicon lexicon) {
    this.model = all.model;
    this.lexicon = lexicon;
    this.frames = all.frames;
    this.people = all.people;
  }

  /** The same with other words. */
  AboutReader with(Lexicon other) {
    return new AboutReader(this, other);
  }

  /** A question as far as it is read: its tokens without signs, and what they may mean. */
  private record Asked(String text, List<Token> tokens, List<Mention> mentions) {}

  /** What a question asks of the model, and what its words are. */
  record Understood(Optional<About> about, Optional<Plan> plan, List<Reading.WordUse> words) {}

  /** Where the words of a frame and its slots lie. */
  private record Fit(AboutFrame frame, int start, List<int[]> slots) {}

  /** What a question asks of the model; empty when it is no such question. */
  Optional<Understood> read(String question) {
    List<Token> tokens =
        lexicon.tokens(question).stream().filter(t -> t.kind() != Token.Kind.STOP).toList();
    if (tokens.isEmpty() || tokens.size() > MOST_WORDS) {
      return Optional.empty();
    }
    List<AboutFrame> possible = possible(tokens);
    if (possible.isEmpty()) {
      return Optional.empty();
    }
    Asked asked = new Asked(question, tokens, lexicon.mentions(tokens));
    // Courtesies at either end count for nothing.
    for (int end = tokens.size(); end > 0; end--) {
      for (int start = 0; start <= Math.min(MOST_COURTESIES, end - 1); start++) {
        Optional<Understood> understood = between(start, end, possible, asked);
        if (understood.isPresent()) {
          return understood;
        } else if (!isIdle(asked, start) && !is(r -> r == Role.LIST, start, asked)) {
          break;
        }
      }
      if (!isIdle(asked, end - 1)) {
        break;
      }
    }
    return Optional.empty();
  }

  /** The frames whose words are all there, so that other questions are passed on quickly. */
  private List<AboutFrame> possible(List<Token> tokens) {
    Set<String> said = new HashSet<>();
    for (Token token : tokens) {
      said.add(token.plain());
      said.add(drawnTogether(token));
    }
    said.add(AboutFrame.SLOT);
    return frames.stream().filter(f -> said.containsAll(f.words())).toList();
  }

  private Optional<Understood> between(int start, int end, List<AboutFrame> possible, Asked asked) {
    return possible.stream()
        .flatMap(f -> fit(f, asked, start, end).stream())
        .flatMap(f -> understood(f, asked).stream())
        .findFirst();
  }

  private static boolean isIdle(Asked asked, int at) {
    return asked.tokens().get(at).kind() == Token.Kind.SIGN || is(Role::isFiller, at, asked);
  }

  private static boolean is(Predicate<Role> role, int at, Asked asked) {
    return asked.mentions().stream()
        .anyMatch(
            m ->
                m.from() <= at
                    && at < m.to()
                    && m.meaning() instanceof Meaning.FunctionWord word
                    && role.test(word.role()));
  }

  // ---- fitting the words

  private Optional<Fit> fit(AboutFrame frame, Asked asked, int start, int end) {
    List<int[]> slots = new ArrayList<>();
    return fits(frame.words(), 0, asked, start, end, slots)
        ? Optional.of(new Fit(frame, start, slots))
        : Optional.empty();
  }

  private boolean fits(
      List<String> words, int at, Asked asked, int from, int end, List<int[]> slots) {
    if (at == words.size()) {
      return from == end;
    } else if (from >= end) {
      return false;
    } else if (!words.get(at).equals(AboutFrame.SLOT)) {
      boolean same = says(asked.tokens().get(from), words.get(at));
      // "the data" as well as "data": an article in front changes nothing here.
      boolean article = !same && isIdle(asked, from);
      return same && fits(words, at + 1, asked, from + 1, end, slots)
          || article && at > 0 && fits(words, at, asked, from + 1, end, slots);
    }
    for (int to = from + 1; to <= end; to++) {
      slots.add(new int[] {from, to});
      if (fits(words, at + 1, asked, to, end, slots)) {
        return true;
      }
      slots.remove(slots.size() - 1);
    }
    return false;
  }

  /** Whether a token is the word, also one that is drawn together: "what's". */
  private static boolean says(Token token, String word) {
    return token.plain().equals(word)
        || word.indexOf('\'') > 0 && drawnTogether(token).equals(word);
  }

  private static String drawnTogether(Token token) {
    return Tokens.plain(token.text()).replace('\u2019', '\'');
  }

  // ---- what is asked

  private Optional<Understood> understood(Fit fit, Asked asked) {
    List<List<Meaning>> named = new ArrayList<>();
    for (int[] slot : fit.slots()) {
      named.add(items(asked, slot, fit.frame().kind() == Kind.MEANING_OF_BARE_NAME));
    }
    if (named.stream().anyMatch(List::isEmpty)) {
      return Optional.empty();
    }
    Optional<About> about =
        switch (fit.frame().kind()) {
          case MEANING, MEANING_OF_BARE_NAME -> Optional.of(new About.Sense(named.get(0)));
          case ORIGIN ->
              Optional.of(named.get(0)).filter(n -> !arePeople(n)).map(About.Origin::new);
          case COVERAGE -> Optional.of(new About.Coverage());
          case METRICS -> Optional.of(new About.Metrics());
          case TABLES -> Optional.of(new About.Tables());
          case CONTRAST -> contrast(named.get(0), named.get(1));
          case RELATION -> relation(named.get(0), named.get(1));
          case RECENCY -> Optional.empty();
        };
    Optional<Plan> plan = fit.frame().kind() == Kind.RECENCY ? newest(named) : Optional.empty();
    return about.isPresent() || plan.isPresent()
        ? Optional.of(new Understood(about, plan, words(fit, named, asked)))
        : Optional.empty();
  }

  /** The items that a slot names, all of it and nothing else; those that fit best. */
  private List<Meaning> items(Asked asked, int[] slot, boolean bare) {
    int from = slot[0];
    while (!bare && from < slot[1] - 1 && isIdle(asked, from)) {
      from++;
    }
    int start = from;
    List<Mention> found =
        asked.mentions().stream()
            .filter(m -> m.from() == start && m.to() == slot[1] && isItem(m.meaning()))
            .filter(m -> !bare || m.found() == Mention.Found.EXACT || isInflected(m))
            .toList();
    double best = found.stream().mapToDouble(Mention::quality).max().orElse(0);
    Set<Meaning> items = new LinkedHashSet<>();
    found.stream().filter(m -> m.quality() == best).forEach(m -> items.add(m.meaning()));
    return List.copyOf(items);
  }

  /** Where people come from is told by their rows. */
  private boolean arePeople(List<Meaning> items) {
    return items.stream()
        .anyMatch(
            m ->
                m instanceof Meaning.RowNoun noun
                    && people.contains(Tokens.plain(model.table(noun.table()).rowNoun())));
  }

  private static boolean isInflected(Mention mention) {
    return mention.found() == Mention.Found.INFLECTED;
  }

  private static boolean isItem(Meaning meaning) {
    return meaning instanceof Meaning.MetricName
        || meaning instanceof Meaning.RowNoun
        || meaning instanceof Meaning.ColumnName
        || meaning instanceof Meaning.ConditionName
        || meaning instanceof Meaning.ValueName
        || meaning instanceof Meaning.SeasonName
        || meaning instanceof Meaning.OccasionName;
  }

  /** What both are, unless the question is how much lies between them. */
  private Optional<About> contrast(List<Meaning> one, List<Meaning> other) {
    boolean numbers = one.stream().anyMatch(a -> other.stream().anyMatch(b -> areAlike(a, b)));
    return numbers || one.equals(other)
        ? Optional.empty()
        : Optional.of(new About.Sense(Stream.concat(one.stream(), other.stream()).toList()));
  }

  /** Two metrics in one unit, or two values of one column. */
  private boolean areAlike(Meaning one, Meaning other) {
    if (one instanceof Meaning.MetricName a && other instanceof Meaning.MetricName b) {
      Metric first = model.metric(a.metric());
      Metric second = model.metric(b.metric());
      return first.shownAs() == second.shownAs() && first.unit().equals(second.unit());
    }
    return one instanceof Meaning.ValueName a
        && other instanceof Meaning.ValueName b
        && a.column().equals(b.column());
  }

  private Optional<About> relation(List<Meaning> one, List<Meaning> other) {
    Optional<String> first = table(one);
    Optional<String> second = table(other);
    return first.isPresent() && second.isPresent() && !first.equals(second)
        ? Optional.of(new About.Relation(first.get(), second.get()))
        : Optional.empty();
  }

  /** The table that names mean: as rows, or by the column that names its rows. */
  private Optional<String> table(List<Meaning> items) {
    return items.stream()
        .flatMap(
            m ->
                m instanceof Meaning.RowNoun rows
                    ? Stream.of(rows.table())
                    : m instanceof Meaning.ColumnName name && model.namesItsTable(name.column())
                        ? Stream.of(name.column().table())
                        : Stream.<String>empty())
        .findFirst();
  }

  /** The newest main date of every table, or of the one that is named. */
  private Optional<Plan> newest(List<List<Meaning>> named) {
    Optional<String> only = named.stream().findFirst().flatMap(this::table);
    if (!named.isEmpty() && only.isEmpty()) {
      return Optional.empty();
    }
    List<Measure> newest =
        model.tables().stream()
            .filter(t -> only.isEmpty() || only.get().equals(t.name()))
            .filter(t -> t.mainDate().flatMap(t::findColumn).isPresent())
            .<Measure>map(
                t ->
                    Measure.Statistic.of(
                        Measure.Kind.MAXIMUM, ColumnRef.of(t.name(), t.mainDate().orElseThrow())))
            .toList();
    return newest.isEmpty()
        ? Optional.empty()
        : Optional.of(
            new Plan(
                newest,
                List.of(),
                List.of(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty()));
  }

  // ---- what became of each word

  private static List<Reading.WordUse> words(Fit fit, List<List<Meaning>> named, Asked asked) {
    List<Reading.WordUse> words = new ArrayList<>();
    int at = 0;
    for (int i = 0; i < fit.slots().size(); i++) {
      int[] slot = fit.slots().get(i);
      use(asked, at, slot[0], "about the model").ifPresent(words::add);
      use(asked, slot[0], slot[1], kind(named.get(i).get(0))).ifPresent(words::add);
      at = slot[1];
    }
    use(asked, at, asked.tokens().size(), "about the model").ifPresent(words::add);
    return words;
  }

  private static Optional<Reading.WordUse> use(Asked asked, int from, int to, String kind) {
    if (from >= to) {
      return Optional.empty();
    }
    int start = asked.tokens().get(from).start();
    int end = asked.tokens().get(to - 1).end();
    String text = asked.text().substring(start, end);
    return Optional.of(new Reading.WordUse(start, end, text, kind, "", "exact"));
  }

  private static String kind(Meaning meaning) {
    if (meaning instanceof Meaning.MetricName) {
      return "metric";
    } else if (meaning instanceof Meaning.RowNoun) {
      return "rows";
    } else if (meaning instanceof Meaning.ColumnName) {
      return "column";
    } else if (meaning instanceof Meaning.ConditionName) {
      return "condition";
    }
    return meaning instanceof Meaning.ValueName ? "value" : "time";
  }
}
