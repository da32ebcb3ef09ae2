package org.ropebridge.lexicon;

import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.ropebridge.model.Column;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.model.Condition;
import org.ropebridge.model.Labels;
import org.ropebridge.model.Link;
import org.ropebridge.model.Metric;
import org.ropebridge.model.Model;
import org.ropebridge.model.Occasion;
import org.ropebridge.model.Table;
import org.ropebridge.plan.Naming;

/**
 * Every word that a model and a language know, and what it may mean. Immutable once built, so that
 * many questions can be read at the same time.
 *
 * <p>Phrases are found by a key that joins the stems of their words: "guest nights", "guestnight"
 * and "guest-nights" share one. How near the typed words are to the written ones decides the
 * quality of a mention.
 */
public final class Lexicon {
  private static final int LONGEST_PHRASE = 8;
  private static final int MOST_VALUES_FOR_SLIPS = 2_000;

  /** Values of larger columns are kept compactly, without shortened forms. */
  private static final int MOST_VALUES_IN_FULL = 20_000;

  /** Of more values than these, a word does not stand for one. */
  private static final int MOST_VALUES_FOR_WORDS = 100;

  /** Shorter words of a value do not stand for it. */
  private static final int SHORTEST_VALUE_WORD = 4;

  /** Most values of the same words that are looked at. */
  private static final int MOST_ALIKE = 32;

  /** What stands before times, and is hardly ever meant as the name of a column. */
  private static final Set<Role> BESIDE_TIMES =
      Set.of(Role.SINCE, Role.BEFORE, Role.UNTIL, Role.AFTER, Role.FROM, Role.TO, Role.BETWEEN);

  /** How many words apart these may stand. */
  private static final int FARTHEST_APART = 5;

  /** What words of the language may stand for, the likeliest kind first. */
  private static final List<Class<?>> KINDS =
      List.of(
          Meaning.MetricName.class,
          Meaning.RowNoun.class,
          Meaning.ColumnName.class,
          Meaning.ConditionName.class,
          Meaning.ValueName.class);

  private final Vocabulary vocabulary;
  private final Weights weights;
  private final Map<String, List<Entry>> entries;
  private final ValueTable manyValues;
  private final Slips slips;

  /** The units of the model's columns and metrics. */
  private final Set<String> units;

  /**
   * Metrics that are called by a thing and what was done with it, by the stem of what was done:
   * "water used".
   */
  private final Map<String, List<DoneTo>> doneTo;

  /** The stems of the words that items go by. */
  private final Map<Meaning, Set<String>> nameWords;

  /** What the last words of names mean that no other item has, by the word in the singular. */
  private final Map<String, Meaning> heads;

  /** Words of values of several words, while the lexicon is built; empty from then on. */
  private final Map<String, Set<Meaning>> valueWords = new LinkedHashMap<>();

  /** Names of two words, while the lexicon is built; empty from then on. */
  private final List<TwoWords> twoWords = new ArrayList<>();

  /** What the author prefers among several items, by the words in the singular. */
  private final Map<String, String> meanings;

  /** The words, in the singular, by which one person means something of their own. */
  private final Set<String> own;

  /** What they mean, by the stems of the words. */
  private final Map<String, List<Entry>> ownEntries;

  /**
   * A metric's name of two words.
   *
   * @param thing the stem of the first
   */
  private record DoneTo(String thing, Meaning.MetricName metric) {}

  /** A name of two words, whose last one others may stand for: "institution kind". */
  private record TwoWords(String first, String last, Meaning item) {}

  private record Entry(
      String compact, String singular, String stems, Meaning meaning, Mention.Found how) {}

  public Lexicon(Model model, ValueIndex values, Vocabulary vocabulary, Weights weights) {
    this.vocabulary = vocabulary;
    this.weights = weights;
    this.entries = new HashMap<>();
    this.manyValues = new ValueTable();
    this.slips = new Slips(vocabulary);
    this.nameWords = new HashMap<>();
    this.units = new LinkedHashSet<>();
    this.doneTo = new HashMap<>();
    this.meanings = new HashMap<>();
    this.heads = new HashMap<>();
    this.own = Set.of();
    this.ownEntries = Map.of();
    model.preferences().meanings().forEach((w, item) -> meanings.put(singular(w), item));
    vocabulary
        .words()
        .forEach((phrase, list) -> list.forEach(meaning -> add(phrase, meaning, false, true)));
    model.metrics().forEach(this::addMetric);
    Naming naming = new Naming(model);
    Kinship kinship = new Kinship(model, vocabulary);
    for (Table table : model.tables()) {
      addTable(table, model, naming, kinship, values);
    }
    model
        .calendar()
        .seasons()
        .keySet()
        .forEach(season -> add(Labels.ofName(season), new Meaning.SeasonName(season), false, true));
    for (Occasion occasion : model.occasions()) {
      add(occasion.name(), new Meaning.OccasionName(occasion.name()), false, true);
    }
    addHeads();
    addValueWords();
    addPeople(model, kinship);
    vocabulary.akin().forEach(this::addAkin);
    twoWords.clear();
    valueWords.clear();
    addMultiples();
  }

  /** "km", where the model counts in metres or in millimetres. */
  private void addMultiples() {
    Map<String, Meaning.UnitMultiple> multiples = new LinkedHashMap<>();
    for (String unit : units) {
      vocabulary
          .unitsLike(unit)
          .forEach(
              (name, ratio) ->
                  multiples.merge(
                      name,
                      new Meaning.UnitMultiple(unit, ratio),
                      (a, b) -> b.ratio().isSmallerThan(a.ratio()) ? b : a));
    }
    multiples.forEach((name, multiple) -> add(name, multiple, true, false));
  }

  /** The same words and those of one person; all but these is shared. */
  private Lexicon(Lexicon all, Map<String, Meaning> meantByOne) {
    this.vocabulary = all.vocabulary;
    this.weights = all.weights;
    this.entries = all.entries;
    this.manyValues = all.manyValues;
    this.slips = all.slips;
    this.nameWords = all.nameWords;
    this.units = all.units;
    this.doneTo = all.doneTo;
    this.meanings = all.meanings;
    this.heads = all.heads;
    this.own = new HashSet<>();
    this.ownEntries = new HashMap<>();
    meantByOne.forEach(
        (phrase, meaning) -> {
          List<String> words = words(phrase);
          if (!words.isEmpty()) {
            own.add(compact(singulars(words)));
            put(ownEntries, words, meaning, Mention.Found.OWN);
          }
        });
  }

  /**
   * A lexicon in which some words mean what one person means by them. It costs next to nothing: all
   * else is shared with this one.
   *
   * @param meantByOne phrases and the item that each means
   */
  public Lexicon with(Map<String, Meaning> meantByOne) {
    return new Lexicon(this, meantByOne);
  }

  /** "the target", where the model has only a "sales target". */
  private void addHeads() {
    Map<String, Set<Meaning>> byHead = new LinkedHashMap<>();
    for (TwoWords name : twoWords) {
      byHead.computeIfAbsent(singular(name.last()), h -> new LinkedHashSet<>()).add(name.item());
    }
    Map<String, Set<Meaning>> byStem = new HashMap<>();
    nameWords.forEach(
        (item, stems) ->
            stems.forEach(s -> byStem.computeIfAbsent(s, k -> new HashSet<>()).add(item)));
    byHead.forEach(
        (head, items) -> {
          items.removeIf(Meaning.ConditionName.class::isInstance);
          List<Meaning> meant = firstKind(items);
          boolean isOnly =
              meant.size() == 1
                  && !vocabulary.isParticiple(head)
                  && byStem.getOrDefault(vocabulary.stem(head), Set.of()).stream()
                      .filter(meant.get(0).getClass()::isInstance)
                      .allMatch(items::contains)
                  && (meant.get(0) instanceof Meaning.ColumnName
                      || items.stream().noneMatch(Meaning.ColumnName.class::isInstance));
          if (isOnly && entries.getOrDefault(vocabulary.stem(head), List.of()).isEmpty()) {
            add(head, meant.get(0), true, true);
            heads.put(head, meant.get(0));
          }
        });
  }

  /** "diesel", where only one value of any column has that word: "diesel engine". */
  private void addValueWords() {
    Set<String> ofNames = new HashSet<>();
    nameWords.values().forEach(ofNames::addAll);
    valueWords.forEach(
        (word, values) -> {
          boolean known =
              !entries.getOrDefault(vocabulary.stem(word), List.of()).isEmpty()
                  || ofNames.contains(vocabulary.stem(word));
          if (values.size() == 1 && !known) {
            add(word, values.iterator().next(), true, false);
          }
        });
  }

  /** "people", where those of the only table of people work here. */
  private void addPeople(Model model, Kinship kinship) {
    List<Table> peoples = model.tables().stream().filter(this::arePeople).toList();
    boolean workHere =
        peoples.size() == 1
            && kinship.workers().stream().anyMatch(c -> c.table().equals(peoples.get(0).name()));
    if (workHere) {
      Meaning noun = new Meaning.RowNoun(peoples.get(0).name());
      everyoneWords().forEach(word -> add(word, noun, Mention.Found.AKIN, false));
    }
  }

  /** "people", "everyone". */
  private Stream<String> everyoneWords() {
    return vocabulary.words().entrySet().stream()
        .filter(e -> e.getValue().contains(new Meaning.FunctionWord(Role.EVERYONE)))
        .map(Map.Entry::getKey);
  }

  /** Whether the rows of a table are people. */
  private boolean arePeople(Table table) {
    return Stream.concat(Stream.of(table.rowNoun()), table.alsoCalled().stream())
        .map(Tokens::plain)
        .map(n -> vocabulary.singular(n.substring(n.lastIndexOf(' ') + 1)))
        .anyMatch(vocabulary.personWords()::contains);
  }

  private String singular(String phrase) {
    return compact(singulars(words(phrase)));
  }

  /** Lets a model's word of the group stand for those that the model does not know. */
  private void addAkin(Akin group) {
    Set<Meaning> meant = new LinkedHashSet<>();
    for (String phrase : group.names()) {
      itemsCalled(phrase).forEach(e -> meant.add(e.meaning()));
    }
    if (meant.isEmpty()) {
      group.names().stream()
          .flatMap(n -> Stream.ofNullable(heads.get(singular(n))))
          .forEach(meant::add);
    }
    List<Meaning> items = firstKind(meant);
    Stream.concat(group.names().stream(), group.alsoSaid().stream())
        .filter(phrase -> itemsCalled(phrase).isEmpty())
        .forEach(phrase -> items.forEach(item -> add(phrase, item, Mention.Found.AKIN, false)));
    for (TwoWords name : twoWords) {
      boolean ofGroup =
          group.names().stream().anyMatch(n -> singular(n).equals(singular(name.last())));
      if (ofGroup) {
        group.names().stream()
            .map(other -> name.first() + " " + other)
            .filter(phrase -> itemsCalled(phrase).isEmpty())
            .forEach(phrase -> add(phrase, name.item(), Mention.Found.AKIN, false));
      }
    }
  }

  /** The model's own items that go by exactly these words. */
  private List<Entry> itemsCalled(String phrase) {
    List<String> words = words(phrase);
    String singular = compact(singulars(words));
    return entries.getOrDefault(compact(stems(words)), List.of()).stream()
        .filter(e -> e.how() == Mention.Found.EXACT && e.singular().equals(singular))
        .filter(e -> KINDS.contains(e.meaning().getClass()))
        .toList();
  }

  /** The metrics among the items; without any the nouns, and so on. */
  private static List<Meaning> firstKind(Set<Meaning> items) {
    for (Class<?> kind : KINDS) {
      List<Meaning> found = items.stream().filter(kind::isInstance).toList();
      if (!found.isEmpty()) {
        return found;
      }
    }
    return List.of();
  }

  private void addMetric(Metric metric) {
    Meaning.MetricName meaning = new Meaning.MetricName(metric.name());
    add(Labels.ofName(metric.name()), meaning, false, true);
    Stream.concat(Stream.of(metric.label()), metric.alsoCalled().stream())
        .forEach(
            name -> {
              add(name, meaning, false, true);
              vocabulary.adjectiveOf(Tokens.plain(name)).ifPresent(a -> addQuality(a, meaning));
              vocabulary
                  .verbOf(Tokens.plain(name))
                  .ifPresent(v -> add(v, meaning, Mention.Found.AKIN, true));
              addDoneTo(words(name), meaning);
            });
    metric.unit().ifPresent(this::addUnit);
  }

  /** "full" and "fullest", of what is called "how full". */
  private void addQuality(String adjective, Meaning.MetricName metric) {
    add(adjective, new Meaning.QualityWord(metric.metric()), true, true);
    vocabulary
        .superlativeOf(adjective)
        .ifPresent(s -> add(s, new Meaning.MostQualityWord(metric.metric()), true, true));
  }

  private void addDoneTo(List<String> words, Meaning.MetricName metric) {
    if (words.size() == 2 && vocabulary.isParticiple(words.get(1))) {
      doneTo
          .computeIfAbsent(vocabulary.stem(words.get(1)), k -> new ArrayList<>(1))
          .add(new DoneTo(vocabulary.stem(words.get(0)), metric));
    }
  }

  private void addUnit(String unit) {
    Meaning meaning = new Meaning.UnitName(unit);
    units.add(unit);
    lastWord(unit).ifPresent(last -> add(last, meaning, true, false));
    add(unit, meaning, false, true);
    vocabulary.unitNames(unit).forEach(name -> add(name, meaning, false, true));
    if (vocabulary.personWords().contains(vocabulary.singular(Tokens.plain(unit)))) {
      // "more than 5 people", of guests.
      everyoneWords().forEach(word -> add(word, meaning, true, false));
    }
  }

  private void addTable(
      Table table, Model model, Naming naming, Kinship kinship, ValueIndex values) {
    Meaning noun = new Meaning.RowNoun(table.name());
    add(table.rowNoun(), noun, false, true);
    add(table.rowNounPlural(), noun, false, true);
    table.alsoCalled().forEach(s -> add(s, noun, false, true));
    String together = Labels.ofName(table.name());
    if (words(table.rowNoun()).containsAll(words(together))) {
      add(together, inStock(table, together, model).orElse(noun), true, true);
    }
    vocabulary.verbOf(Tokens.plain(table.rowNoun())).ifPresent(v -> add(v, noun, true, true));
    for (Column column : table.columns()) {
      ColumnRef ref = ColumnRef.of(table.name(), column.name());
      Meaning meaning = new Meaning.ColumnName(ref);
      add(column.label(), meaning, false, true);
      add(table.rowNoun() + " " + column.label(), meaning, false, true);
      // What the author calls "island" comes long before a column of that name with another label.
      String inFiles = Labels.ofName(column.name());
      boolean labelled = !inFiles.equalsIgnoreCase(column.label());
      if (!labelled || !hasTask(inFiles)) {
        boolean ofAnother = naming.isName(inFiles) && labelled;
        boolean verb = labelled && vocabulary.isParticiple(Tokens.plain(inFiles));
        Mention.Found how =
            ofAnother ? Mention.Found.AKIN : verb ? Mention.Found.SHORTENED : Mention.Found.EXACT;
        add(inFiles, meaning, how, true);
      }
      if (model.namesItsTable(ref)) {
        add(table.rowNoun() + " " + Labels.ofName(column.name()), meaning, false, true);
      }
      column.alsoCalled().forEach(s -> add(s, meaning, false, true));
      if (column.holds() == Column.Holds.YES_NO) {
        Stream.concat(
                Stream.of(column.label(), Labels.ofName(column.name())),
                column.alsoCalled().stream())
            .forEach(s -> addDone(s, meaning));
      }
      if (column.holds().isTemporal()) {
        Optional<String> event =
            withoutDateWord(column.label()).filter(s -> !isOwnNoun(s, table, column, model));
        event.ifPresent(s -> add(s, meaning, true, true));
        event
            .map(Tokens::plain)
            .flatMap(vocabulary::verbOf)
            .ifPresent(s -> add(s, meaning, true, true));
        column.alsoCalled().stream()
            .map(Tokens::plain)
            .flatMap(s -> vocabulary.notDone(s).stream())
            .forEach(s -> add(s, new Meaning.NotDone(ref), false, true));
      }
      if (column.holds() == Column.Holds.NUMBER && column.unit().isPresent()) {
        // "how long do people wait", of a "waiting time".
        withoutDateWord(column.label())
            .filter(s -> !s.isEmpty() && !naming.isName(s))
            .ifPresent(s -> add(s, meaning, true, true));
      }
      column.unit().ifPresent(this::addUnit);
      addValues(column, ref, values.of(ref), model.namesItsTable(ref));
    }
    addAge(table, model, naming, kinship);
    for (Link link : table.links()) {
      if (naming.isNamed(link)) {
        Meaning role = new Meaning.RoleName(table.name() + "." + link.name(), link.to());
        add(link.label(), role, false, true);
        add(table.rowNoun() + " " + link.label(), role, false, true);
        link.alsoCalled().forEach(s -> add(s, role, false, true));
      } else {
        add(
            table.rowNoun() + " " + link.label(),
            new Meaning.RoleName(table.name() + "." + link.name(), link.to()),
            false,
            true);
      }
    }
    for (Condition condition : table.conditions()) {
      Meaning meaning = new Meaning.ConditionName(table.name(), condition.name());
      add(condition.label(), meaning, false, true);
      add(table.rowNoun() + " " + condition.label(), meaning, false, true);
      condition.alsoCalled().forEach(s -> add(s, meaning, false, true));
      addDone(condition.label(), meaning);
    }
  }

  /** "age", of rows that tell by one date when they began to be, and that have no such number. */
  private void addAge(Table table, Model model, Naming naming, Kinship kinship) {
    boolean named =
        model.namingColumn(table.name()).filter(c -> !c.column().equals(table.key())).isPresent();
    List<ColumnRef> births =
        kinship.beginnings().stream().filter(c -> c.table().equals(table.name())).toList();
    for (String age : vocabulary.ageWords()) {
      if (named
          && births.size() == 1
          && !naming.isName(age)
          && !naming.isName(table.rowNoun() + " " + age)) {
        Meaning meaning =
            new Meaning.ColumnName(ColumnRef.of(table.name(), births.get(0).column() + Column.AGE));
        if (age.equals(vocabulary.ageWords().iterator().next())) {
          add(table.rowNoun() + " " + age, meaning, false, true);
        }
        // People have an age before things do.
        add(age, meaning, arePeople(table) ? Mention.Found.SHORTENED : Mention.Found.AKIN, true);
      }
    }
  }

  /** "stock" is how much there is, of a table of "stock counts". */
  private Optional<Meaning> inStock(Table table, String together, Model model) {
    if (singular(table.rowNoun()).equals(singular(together))) {
      return Optional.empty();
    }
    List<Metric> levels =
        model.metrics().stream()
            .filter(m -> m.table().equals(Optional.of(table.name())))
            .filter(m -> m.acrossTime() == Metric.AcrossTime.LAST)
            .filter(m -> words(m.label()).containsAll(words(together)))
            .toList();
    return levels.size() == 1
        ? Optional.of(new Meaning.MetricName(levels.get(0).name()))
        : Optional.empty();
  }

  /** Whether the language has a task for a word that is no noun: "since", "until". */
  private boolean hasTask(String word) {
    return vocabulary.words().getOrDefault(Tokens.plain(word), List.of()).stream()
        .anyMatch(m -> m instanceof Meaning.FunctionWord w && BESIDE_TIMES.contains(w.role()));
  }

  /** "orders by month" are the rows; their "order time" is their date anyway. */
  private boolean isOwnNoun(String event, Table table, Column column, Model model) {
    Stream<String> ofMetrics =
        model.metrics().stream()
            .filter(m -> m.table().equals(Optional.of(table.name())))
            .flatMap(m -> Stream.concat(Stream.of(m.label()), m.alsoCalled().stream()));
    return table.mainDate().filter(column.name()::equals).isPresent()
        && Stream.of(
                Stream.of(table.rowNoun(), table.rowNounPlural()),
                table.alsoCalled().stream(),
                ofMetrics)
            .flatMap(names -> names)
            .anyMatch(noun -> singular(noun).equals(singular(event)));
  }

  /** "cancellations": rows that are called "cancelled". */
  private void addDone(String name, Meaning said) {
    for (String noun : vocabulary.nounsOf(Tokens.plain(name))) {
      add(noun, new Meaning.DoneNoun(said), true, false);
    }
  }

  private Optional<String> withoutDateWord(String label) {
    return lastWord(label)
        .filter(vocabulary.dateWords()::contains)
        .map(w -> label.substring(0, label.toLowerCase(Locale.ROOT).lastIndexOf(w)).strip());
  }

  private void addValues(Column column, ColumnRef ref, List<String> stored, boolean areNames) {
    boolean forSlips = stored.size() <= MOST_VALUES_FOR_SLIPS;
    boolean large = stored.size() > MOST_VALUES_IN_FULL;
    Set<String> named = new HashSet<>();
    for (Column.ValueName value : column.values()) {
      Meaning meaning = new Meaning.ValueName(ref, value.stored());
      named.add(value.stored());
      add(value.name(), meaning, false, true);
      addDone(value.name(), meaning);
      value.alsoCalled().forEach(s -> add(s, meaning, false, true));
      if (value.stored().length() > 1 && !value.stored().equals(value.name())) {
        add(value.stored(), meaning, false, false);
      }
    }
    if (!areNames && stored.size() <= MOST_VALUES_FOR_WORDS) {
      collectWords(column, ref, stored);
    }
    Map<String, Integer> lastWords = new HashMap<>();
    if (large) {
      addLarge(ref, stored);
      return;
    }
    if (areNames) {
      stored.forEach(s -> lastWord(s).ifPresent(w -> lastWords.merge(w, 1, Integer::sum)));
    }
    for (String value : stored) {
      if (named.contains(value)) {
        continue;
      }
      Meaning meaning = new Meaning.ValueName(ref, value);
      add(value, meaning, false, forSlips);
      lastWord(value)
          .filter(w -> lastWords.getOrDefault(w, 0) > 1)
          .ifPresent(
              w -> {
                String shorter = Tokens.plain(value);
                shorter = shorter.substring(0, shorter.lastIndexOf(w)).strip();
                add(shorter, meaning, true, forSlips);
              });
    }
  }

  private void collectWords(Column column, ColumnRef ref, List<String> stored) {
    Map<String, String> names = new LinkedHashMap<>();
    stored.forEach(s -> names.put(s, s));
    column.values().forEach(v -> names.put(v.stored(), v.name()));
    names.forEach(
        (value, name) -> {
          List<String> words = name.indexOf(' ') < 0 ? List.of() : words(name);
          if (words.size() > 1) {
            words.stream()
                .filter(w -> w.length() >= SHORTEST_VALUE_WORD)
                .forEach(
                    w ->
                        valueWords
                            .computeIfAbsent(w, k -> new LinkedHashSet<>())
                            .add(new Meaning.ValueName(ref, value)));
          }
        });
  }

  private void addLarge(ColumnRef ref, List<String> stored) {
    int value = manyValues.begin(ref, stored);
    for (String text : stored) {
      List<String> words = words(text);
      if (!words.isEmpty()) {
        String stems = compact(stems(words));
        manyValues.put(stems, value);
        String together = vocabulary.stem(compact(words));
        if (!together.equals(stems)) {
          manyValues.put(together, value);
        }
      }
      value++;
    }
  }

  /** The entries of a key, those of large columns made anew. */
  private List<Entry> entriesOf(String key) {
    List<Entry> known = entries.getOrDefault(key, List.of());
    List<Entry> mine = ownEntries.getOrDefault(key, List.of());
    if (manyValues.isEmpty() && mine.isEmpty()) {
      return known;
    }
    List<Entry> all = new ArrayList<>(mine);
    all.addAll(known);
    manyValues.find(
        key,
        value -> {
          String stored = manyValues.stored(value);
          List<String> words = words(stored);
          String stems = compact(stems(words));
          boolean sameKey = stems.equals(key) || vocabulary.stem(compact(words)).equals(key);
          if (sameKey && all.size() < MOST_ALIKE) {
            all.add(
                new Entry(
                    compact(words),
                    compact(singulars(words)),
                    stems,
                    new Meaning.ValueName(manyValues.column(value), stored),
                    Mention.Found.EXACT));
          }
        });
    return all;
  }

  private static Optional<String> lastWord(String value) {
    String[] words = Tokens.plain(value).split("[\\s-]+");
    return words.length < 2 ? Optional.empty() : Optional.of(words[words.length - 1]);
  }

  private void add(String phrase, Meaning meaning, boolean shortened, boolean forSlips) {
    add(phrase, meaning, shortened ? Mention.Found.SHORTENED : Mention.Found.EXACT, forSlips);
  }

  private void add(String phrase, Meaning meaning, Mention.Found how, boolean forSlips) {
    List<String> words = words(phrase);
    if (words.isEmpty()) {
      return;
    }
    boolean item =
        meaning instanceof Meaning.MetricName
            || meaning instanceof Meaning.ColumnName
            || meaning instanceof Meaning.RowNoun
            || meaning instanceof Meaning.ConditionName;
    if (item && how == Mention.Found.EXACT && words.size() == 2) {
      twoWords.add(new TwoWords(words.get(0), words.get(1), meaning));
    }
    if (item && how != Mention.Found.AKIN) {
      nameWords.computeIfAbsent(meaning, m -> new HashSet<>()).addAll(stems(words));
    }
    put(entries, words, meaning, how);
    if (forSlips || meaning instanceof Meaning.FunctionWord) {
      words.forEach(slips::add);
      if (words.size() == 2) {
        slips.add(compact(words));
      }
    }
  }

  private void put(
      Map<String, List<Entry>> into, List<String> words, Meaning meaning, Mention.Found how) {
    Entry entry =
        new Entry(compact(words), compact(singulars(words)), compact(stems(words)), meaning, how);
    for (String key : List.of(compact(stems(words)), vocabulary.stem(compact(words)))) {
      List<Entry> same = into.computeIfAbsent(key, k -> new ArrayList<>(2));
      if (!same.contains(entry)) {
        same.add(entry);
      }
    }
  }

  private List<String> words(String phrase) {
    return tokens(phrase).stream().map(Token::plain).filter(p -> !p.isEmpty()).toList();
  }

  private static String compact(List<String> words) {
    return String.join("", words);
  }

  private List<String> singulars(List<String> words) {
    return words.stream().map(vocabulary::singular).toList();
  }

  private List<String> stems(List<String> words) {
    return words.stream().map(vocabulary::stem).toList();
  }

  /** Makes now what the first unknown word would have to wait for. */
  public void prepare() {
    slips.prepare();
  }

  /** Everything that the tokens may mean, stretch by stretch. */
  public List<Mention> mentions(List<Token> tokens) {
    List<Mention> mentions = new ArrayList<>();
    String[] typed = tokens.stream().map(Token::plain).toArray(String[]::new);
    lookUp(tokens, typed, mentions);
    boolean[] known = new boolean[typed.length];
    for (Mention mention : mentions) {
      Arrays.fill(known, mention.from(), mention.to(), true);
    }
    acrossFillers(tokens, typed, mentions);
    doneTo(tokens, typed, mentions);
    echoes(tokens, typed, mentions);
    plainWords(tokens, known, mentions);
    return mentions;
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
    return misspelt(at, slips.near(token.plain()));
  }

  private static Optional<Misspelt> misspelt(int at, List<Slips.Candidate> candidates) {
    Map<String, Double> meant = new LinkedHashMap<>();
    candidates.forEach(c -> meant.put(c.word(), c.weight()));
    return meant.isEmpty() ? Optional.empty() : Optional.of(new Misspelt(at, meant));
  }

  /** Cuts a text into tokens, as the language writes them. */
  public List<Token> tokens(String text) {
    return Tokens.of(text, vocabulary.writing());
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
        misspelt(i, slips.candidates(token.plain())).ifPresent(misspelt::add);
      }
    }
    return misspelt;
  }

  /** The same for a question that leans on the one before. */
  public List<Mention> mentionsInFollowUp(List<Token> tokens) {
    List<Mention> ofFollowUps = new ArrayList<>();
    for (int from = 0; from < tokens.size(); from++) {
      StringBuilder phrase = new StringBuilder();
      for (int to = from + 1; to <= Math.min(tokens.size(), from + LONGEST_PHRASE); to++) {
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

  /**
   * Names whose words stand apart, with words without effect between, "water was lost", or in the
   * other order, "reason for the cancellation".
   */
  private void acrossFillers(List<Token> tokens, String[] typed, List<Mention> mentions) {
    boolean[] filler = new boolean[typed.length];
    boolean[] tie = new boolean[typed.length];
    for (Mention mention : mentions) {
      if (mention.to() == mention.from() + 1
          && mention.meaning() instanceof Meaning.FunctionWord word) {
        filler[mention.from()] |= word.role().isFiller() || word.role() == Role.BE;
        tie[mention.from()] |= word.role() == Role.PREPOSITION;
      }
    }
    for (int from = 0; from < typed.length; from++) {
      if (tokens.get(from).kind() != Token.Kind.WORD || isWithinHow(from, mentions)) {
        continue;
      }
      List<String> words = new ArrayList<>(List.of(typed[from]));
      boolean skipped = false;
      boolean tied = false;
      for (int to = from + 1; to < Math.min(typed.length, from + LONGEST_PHRASE); to++) {
        if (tokens.get(to).kind() != Token.Kind.WORD) {
          break;
        }
        if (filler[to] || tie[to] && words.size() == 1 && !tied) {
          skipped = true;
          tied |= !filler[to];
          continue;
        }
        words.add(typed[to]);
        if (skipped && !tied) {
          apart(words, from, to + 1, weights.apart(), mentions);
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

  /**
   * The thing with which something was done, apart from that: "uses the most water", of the "water
   * used". What was done repeats a word of the name.
   */
  private void doneTo(List<Token> tokens, String[] typed, List<Mention> mentions) {
    if (doneTo.isEmpty()) {
      return;
    }
    List<String> stems = stems(List.of(typed));
    for (int done = 0; done < typed.length; done++) {
      if (tokens.get(done).kind() != Token.Kind.WORD) {
        continue;
      }
      for (DoneTo name : doneTo.getOrDefault(stems.get(done), List.of())) {
        int last = Math.min(typed.length - 1, done + FARTHEST_APART);
        for (int i = Math.max(0, done - FARTHEST_APART); i <= last; i++) {
          if (Math.abs(i - done) > 1 && stems.get(i).equals(name.thing())) {
            int at = done;
            mentions.removeIf(
                m -> m.found() == Mention.Found.AKIN && m.from() <= at && at < m.to());
            mentions.add(
                new Mention(i, i + 1, name.metric(), weights.doneApart(), Mention.Found.INFLECTED));
          }
        }
      }
    }
  }

  private void apart(List<String> words, int from, int to, double quality, List<Mention> mentions) {
    String compact = compact(words);
    String stems = compact(stems(words));
    for (Entry entry : entriesOf(stems)) {
      boolean item =
          entry.meaning() instanceof Meaning.MetricName
              || entry.meaning() instanceof Meaning.ConditionName
              || entry.meaning() instanceof Meaning.ColumnName;
      if (item) {
        mention(entry, compact, compact(singulars(words)), stems, from, to)
            .map(m -> m.weaker(quality))
            .ifPresent(mentions::add);
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
      Set<String> own = nameWords.getOrDefault(mention.meaning(), Set.of());
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

  /** Whether the word is one of those that the item goes by. */
  public boolean isNameWord(Token token, Meaning item) {
    return token.kind() == Token.Kind.WORD
        && nameWords.getOrDefault(item, Set.of()).contains(vocabulary.stem(token.plain()));
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
            .filter(
                m ->
                    m.meaning() instanceof Meaning.WhereWord
                        || m.meaning().equals(new Meaning.FunctionWord(Role.NAMED)))
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

  private void lookUp(List<Token> tokens, String[] typed, List<Mention> into) {
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
                ? words(typed[to - 1])
                : List.of(typed[to - 1]);
        stems.append(compact(stems(parts)));
        words.append(compact(parts));
        List<Entry> found = found(stems.toString(), words.toString());
        singulars.append(compact(singulars(parts)));
        if (found.isEmpty()) {
          continue;
        }
        String compact = words.toString();
        String singular = singulars.toString();
        boolean isOwn = own.contains(singular);
        String preferred = isOwn ? null : meanings.get(singular);
        boolean ofLanguage =
            found.stream()
                .anyMatch(
                    e ->
                        e.meaning() instanceof Meaning.FunctionWord && e.compact().equals(compact));
        for (Entry entry : found) {
          boolean spaced =
              (entry.meaning() instanceof Meaning.UnitMultiple || isOneWord(entry.meaning()))
                  && typed[from].length() == 1
                  && to > from + 1;
          // "stats" have a task of their own, and are no form of "status".
          boolean bent =
              ofLanguage
                  && entry.meaning() instanceof Meaning.ColumnName
                  && !entry.singular().equals(singular);
          if (spaced || bent || isOtherWord(entry, singular, found)) {
            continue;
          }
          boolean otherFormOfValue =
              entry.meaning() instanceof Meaning.ValueName && !entry.compact().equals(compact);
          boolean other =
              !(entry.meaning() instanceof Meaning.FunctionWord)
                  && (isOwn
                      ? entry.how() != Mention.Found.OWN
                      : preferred != null && !Items.isCalled(entry.meaning(), preferred));
          boolean value = entry.meaning() instanceof Meaning.ValueName;
          if (ofLanguage && otherFormOfValue || other && !value) {
            continue;
          }
          boolean bareDigits =
              entry.meaning() instanceof Meaning.ValueName && token.kind() == Token.Kind.NUMBER;
          mention(entry, compact, singular, stems.toString(), from, to)
              .map(m -> bareDigits ? m.weaker(weights.bareDigits()) : m)
              .map(m -> other ? m.weaker(weights.notPreferred()) : m)
              .map(
                  m ->
                      ofLanguage && m.found() == Mention.Found.AKIN
                          ? m.weaker(weights.idleAkin())
                          : m)
              .ifPresent(into::add);
        }
      }
    }
  }

  /** "619.6 g as" names no "gas". */
  private static boolean isOneWord(Meaning meaning) {
    return meaning instanceof Meaning.ValueName value
        && value.stored().chars().allMatch(Character::isLetter);
  }

  /** "shows" are shows, where the model has them, and no "showings". */
  private static boolean isOtherWord(Entry entry, String singular, List<Entry> found) {
    return isNameOfItem(entry)
        && !entry.singular().equals(singular)
        && found.stream()
            .anyMatch(
                e ->
                    isNameOfItem(e)
                        && e.meaning().getClass() == entry.meaning().getClass()
                        && e.singular().equals(singular));
  }

  private static boolean isNameOfItem(Entry entry) {
    return entry.how() == Mention.Found.EXACT && KINDS.contains(entry.meaning().getClass());
  }

  /** Entries by the stems of their words, or else by the stem of the words written together. */
  private List<Entry> found(String stems, String together) {
    List<Entry> byStems = entriesOf(stems);
    if (!byStems.isEmpty()) {
      return byStems;
    }
    String singular = vocabulary.singular(together);
    return entriesOf(vocabulary.stem(together)).stream()
        .filter(e -> e.compact().equals(together) || e.singular().equals(singular))
        .toList();
  }

  private Optional<Mention> mention(
      Entry entry, String compact, String singular, String stems, int from, int to) {
    double quality;
    Mention.Found found;
    if (entry.compact().equals(compact)) {
      quality = 1;
      found = Mention.Found.EXACT;
    } else if (entry.singular().equals(singular)) {
      boolean value = entry.meaning() instanceof Meaning.ValueName;
      quality = value ? weights.inflectedValue() : weights.inflected();
      found = Mention.Found.INFLECTED;
    } else if (entry.meaning() instanceof Meaning.FunctionWord
        || !entry.stems().equals(stems)
        || !vocabulary.mayBeForms(compact, entry.compact())) {
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
    return Optional.of(new Mention(from, to, entry.meaning(), quality, found));
  }

  private void literal(Token token, int at, List<Mention> into) {
    Writing writing = vocabulary.writing();
    Meaning meaning = null;
    if (token.kind() == Token.Kind.NUMBER) {
      meaning =
          writing
              .day(token.plain())
              .<Meaning>map(Meaning.DayWord::new)
              .or(() -> writing.number(token.plain()).map(Meaning.NumberWord::new))
              .orElse(null);
    } else if (token.kind() == Token.Kind.ORDINAL && token.plain().length() < 4) {
      meaning = new Meaning.OrdinalWord(Integer.parseInt(token.plain()));
    } else if (token.kind() == Token.Kind.DATE) {
      try {
        meaning = new Meaning.DayWord(LocalDate.parse(token.plain()));
      } catch (DateTimeParseException e) {
        return;
      }
    }
    if (token.kind() == Token.Kind.QUOTED && !token.plain().isBlank()) {
      String text = token.text().substring(1, token.text().length() - 1);
      meaning = new Meaning.QuotedText(text);
    }
    if (meaning != null) {
      into.add(new Mention(at, at + 1, meaning, 1, Mention.Found.EXACT));
    }
  }
}
