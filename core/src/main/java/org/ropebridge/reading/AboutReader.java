package org.ropebridge.reading;

import java.time.LocalDate;
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
import org.ropebridge.plan.Grouping;
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
  private final LocalDate today;

  AboutReader(Model model, Lexicon lexicon, Vocabulary vocabulary, LocalDate today) {
    this.model = model;
    this.today = today;
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
    this.today = all.today;
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
    return read(question, Optional.empty());
  }

  /**
   * What a question asks of the numbers of the answer before: "how is that computed"; empty when it
   * is no such question.
   */
  Optional<Understood> readOf(Plan answer, String question) {
    return read(question, Optional.of(answer));
  }

  private Optional<Understood> read(String question, Optional<Plan> answer) {
    List<Token> tokens =
        lexicon.tokens(question).stream().filter(t -> t.kind() != Token.Kind.STOP).toList();
    if (tokens.isEmpty() || tokens.size() > MOST_WORDS) {
      return Optional.empty();
    }
    List<AboutFrame> possible = possible(tokens, answer.isPresent());
    if (possible.isEmpty()) {
      return Optional.empty();
    }
    Asked asked = new Asked(question, tokens, lexicon.mentions(tokens));
    // Courtesies at either end count for nothing.
    for (int end = tokens.size(); end > 0; end--) {
      for (int start = 0; start <= Math.min(MOST_COURTESIES, end - 1); start++) {
        Optional<Understood> understood = between(start, end, possible, asked, answer);
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
  private List<AboutFrame> possible(List<Token> tokens, boolean ofAnswer) {
    Set<String> said = new HashSet<>();
    for (Token token : tokens) {
      said.add(token.plain());
      said.add(drawnTogether(token));
    }
    said.add(AboutFrame.SLOT);
    return frames.stream()
        .filter(f -> f.kind().isOfAnswer() == ofAnswer && said.containsAll(f.words()))
        .toList();
  }

  private Optional<Understood> between(
      int start, int end, List<AboutFrame> possible, Asked asked, Optional<Plan> answer) {
    return possible.stream()
        .flatMap(f -> fit(f, asked, start, end).stream())
        .flatMap(f -> understood(f, asked, answer).stream())
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

  private Optional<Understood> understood(Fit fit, Asked asked, Optional<Plan> answer) {
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
          case BREAKDOWNS ->
              Optional.of(new About.Breakdowns(named.stream().findFirst().orElseGet(List::of)));
          case CALENDAR -> Optional.of(new About.Calendar(today));
          case WHEN_NAMED ->
              Optional.of(named.get(0))
                  .filter(n -> n.stream().allMatch(AboutReader::isNamedTime))
                  .map(About.Sense::new);
          case ACCESS -> Optional.of(new About.Access());
          case MEANING_OF_ANSWER ->
              answer.map(AboutReader::itemsOf).filter(i -> !i.isEmpty()).map(About.Sense::new);
          case ORIGIN_OF_ANSWER ->
              answer.map(AboutReader::itemsOf).filter(i -> !i.isEmpty()).map(About.Origin::new);
          case RECENCY, EXTENT, VALUES -> Optional.empty();
        };
    Optional<Plan> plan =
        switch (fit.frame().kind()) {
          case RECENCY -> ends(named, List.of(Measure.Kind.MAXIMUM));
          case EXTENT -> ends(named, List.of(Measure.Kind.MINIMUM, Measure.Kind.MAXIMUM));
          case VALUES -> valuesOf(named.get(0));
          default -> Optional.empty();
        };
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

  /** The ends of the main date of every table, or of the one that is named or told of. */
  private Optional<Plan> ends(List<List<Meaning>> named, List<Measure.Kind> kinds) {
    Optional<String> only = named.stream().findFirst().flatMap(this::tableToldOf);
    if (!named.isEmpty() && only.isEmpty()) {
      return Optional.empty();
    }
    List<Measure> ends =
        model.tables().stream()
            .filter(t -> only.isEmpty() || only.get().equals(t.name()))
            .filter(t -> t.mainDate().flatMap(t::findColumn).isPresent())
            .map(t -> ColumnRef.of(t.name(), t.mainDate().orElseThrow()))
            .flatMap(c -> kinds.stream().<Measure>map(k -> Measure.Statistic.of(k, c)))
            .toList();
    return ends.isEmpty() ? Optional.empty() : Optional.of(Plan.of(ends, List.of(), List.of()));
  }

  /** The table that is named, or that a metric is computed over. */
  private Optional<String> tableToldOf(List<Meaning> items) {
    return table(items)
        .or(
            () ->
                items.stream()
                    .filter(Meaning.MetricName.class::isInstance)
                    .flatMap(m -> model.metric(((Meaning.MetricName) m).metric()).table().stream())
                    .findFirst());
  }

  /** How many rows there are of each value of the only column that is named. */
  private static Optional<Plan> valuesOf(List<Meaning> items) {
    return items.size() == 1 && items.get(0) instanceof Meaning.ColumnName name
        ? Optional.of(
            Plan.of(
                new Measure.RowCount(name.column().table()),
                List.of(new Grouping.ByColumn(name.column())),
                List.of()))
        : Optional.empty();
  }

  private static boolean isNamedTime(Meaning item) {
    return item instanceof Meaning.SeasonName || item instanceof Meaning.OccasionName;
  }

  /** What the numbers of an answer are called, or the rows that it lists. */
  private static List<Meaning> itemsOf(Plan answer) {
    Set<Meaning> items = new LinkedHashSet<>();
    answer.listing().ifPresent(l -> items.add(new Meaning.RowNoun(l.table())));
    for (Measure measure : answer.measures()) {
      Measure basis = PlanParts.basis(measure);
      if (basis instanceof Measure.MetricValue value) {
        items.add(new Meaning.MetricName(value.metric()));
      } else if (basis instanceof Measure.RowCount count) {
        items.add(new Meaning.RowNoun(count.table()));
      } else if (basis instanceof Measure.Statistic statistic) {
        items.add(new Meaning.ColumnName(statistic.column()));
      }
    }
    return List.copyOf(items);
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
