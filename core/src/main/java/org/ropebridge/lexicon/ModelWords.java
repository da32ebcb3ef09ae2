package org.ropebridge.lexicon;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
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
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.Naming;

/** Names what a model has: metrics, tables, columns, links, conditions, seasons, occasions. */
final class ModelWords {
  /** What stands before times, or asks, and is hardly ever meant as the name of a column. */
  private static final Set<Role> WITH_TASK =
      Set.of(
          Role.SINCE,
          Role.BEFORE,
          Role.UNTIL,
          Role.AFTER,
          Role.FROM,
          Role.TO,
          Role.BETWEEN,
          Role.WHICH,
          Role.WHO,
          Role.WHEN,
          Role.WHERE,
          Role.HOW);

  /** Roles of words that count along time: of a "last day" they tell nothing. */
  private static final Set<Role> IN_ORDER = Set.of(Role.LAST, Role.FIRST, Role.NEXT);

  private final Model model;
  private final ValueIndex values;
  private final Vocabulary vocabulary;
  private final Entries entries;
  private final WordForms forms;
  private final Naming naming;
  private final Kinship kinship;
  private final Set<ColumnRef> durations;
  private final Set<ColumnRef> delays;
  private final Set<ColumnRef> overruns;
  private final Set<ColumnRef> manners;
  private final ValueWords valueWords;

  /** The units of the model's columns and metrics. */
  private final Set<String> units = new LinkedHashSet<>();

  /** Metrics by the stem of what was done: "water used". */
  private final Map<String, List<DoneTo>> doneTo = new HashMap<>();

  private final List<TwoWords> twoWords = new ArrayList<>();

  ModelWords(Model model, ValueIndex values, Vocabulary vocabulary, Entries entries) {
    this.model = model;
    this.values = values;
    this.vocabulary = vocabulary;
    this.entries = entries;
    this.forms = entries.forms();
    this.naming = new Naming(model);
    this.kinship = new Kinship(model, vocabulary);
    this.durations = kinship.durations();
    this.delays = kinship.delays();
    this.manners = kinship.manners();
    this.overruns = kinship.overruns();
    this.valueWords =
        new ValueWords(
            entries,
            vocabulary,
            model.tables().stream()
                .map(t -> vocabulary.singular(Tokens.plain(t.rowNoun())))
                .collect(Collectors.toSet()));
  }

  /**
   * A metric that is called by a thing and what was done with it.
   *
   * @param thing the stem of the first
   */
  record DoneTo(String thing, Meaning.MetricName metric) {}

  /** A name of two words, whose last one others may stand for: "institution kind". */
  record TwoWords(String first, String last, Meaning item) {}

  /**
   * Names everything.
   *
   * @return metrics by the stem of what was done: "water used"
   */
  Map<String, List<DoneTo>> addAll() {
    model.metrics().forEach(this::addMetric);
    model.tables().forEach(this::addTable);
    model
        .calendar()
        .seasons()
        .keySet()
        .forEach(season -> add(Labels.ofName(season), new Meaning.SeasonName(season)));
    for (Occasion occasion : model.occasions()) {
      add(occasion.name(), new Meaning.OccasionName(occasion.name()));
    }
    StandIns standIns = new StandIns(entries, vocabulary, twoWords);
    standIns.addHeads();
    addActuals();
    addUses();
    valueWords.addSingleWords(entries.itemsByNameWord().keySet());
    standIns.addPeople(model.tables().stream().filter(this::arePeople).toList(), kinship);
    vocabulary.akin().forEach(standIns::addAkin);
    addMultiples();
    return doneTo;
  }

  /** "actuals", where just one metric is what others say that it is to be. */
  private void addActuals() {
    List<String> actuals = kinship.targets().stream().map(Target::actual).distinct().toList();
    if (actuals.size() == 1) {
      vocabulary
          .actualWords()
          .forEach(
              word -> add(word, new Meaning.MetricName(actuals.get(0)), Mention.Found.AKIN, true));
    }
  }

  /** "the most used car", where nearly all is about trips: what the author ranks by counts them. */
  private void addUses() {
    model
        .preferences()
        .topBy()
        .flatMap(m -> model.metric(m).table())
        .or(this::onlyDeeds)
        .ifPresent(
            table ->
                vocabulary.useWords().stream()
                    .filter(this::isFreeWord)
                    .forEach(
                        verb -> add(verb, new Meaning.RowNoun(table), Mention.Found.AKIN, true)));
  }

  /** The only table whose rows point at others and are pointed at by none. */
  private Optional<String> onlyDeeds() {
    Set<String> pointedAt =
        model.tables().stream()
            .flatMap(t -> t.links().stream())
            .map(Link::to)
            .collect(Collectors.toSet());
    List<Table> deeds =
        model.tables().stream()
            .filter(t -> !t.links().isEmpty() && !pointedAt.contains(t.name()))
            .toList();
    return deeds.size() == 1 ? Optional.of(deeds.get(0).name()) : Optional.empty();
  }

  private void addMetric(Metric metric) {
    Meaning.MetricName meaning = new Meaning.MetricName(metric.name());
    add(Labels.ofName(metric.name()), meaning);
    Stream.concat(Stream.of(metric.label()), metric.alsoCalled().stream())
        .forEach(
            name -> {
              add(name, meaning);
              vocabulary.adjectiveOf(Tokens.plain(name)).ifPresent(a -> addQuality(a, meaning));
              vocabulary
                  .verbOf(Tokens.plain(name))
                  .ifPresent(v -> add(v, meaning, Mention.Found.AKIN, true));
              addCounted(forms.words(name), metric);
              addDoneTo(forms.words(name), meaning);
              addTurned(forms.words(name), metric, meaning);
            });
    addAveraged(metric, meaning);
    addCostOf(metric.label(), meaning);
    metric.unit().ifPresent(this::addUnit);
  }

  /** "price per kilo", of a metric that is called "average price per kilo". */
  private void addAveraged(Metric metric, Meaning.MetricName meaning) {
    String label = Tokens.plain(metric.label());
    int space = label.indexOf(' ');
    boolean averages =
        space > 0
            && vocabulary.words().getOrDefault(label.substring(0, space), List.of()).stream()
                .anyMatch(
                    m -> m instanceof Meaning.StatisticWord s && s.kind() == Measure.Kind.AVERAGE);
    String what = label.substring(space + 1);
    if (averages && what.indexOf(' ') > 0 && !tellsNumber(what)) {
      add(what, meaning, Mention.Found.SHORTENED, true);
    }
  }

  /** "spend on seed", of a "seed cost". */
  private void addCostOf(String label, Meaning meaning) {
    WordForms.lastWord(label)
        .filter(vocabulary.costWords()::contains)
        .map(w -> Tokens.plain(label.substring(0, label.length() - w.length())).strip())
        .filter(what -> !what.isEmpty() && isFreeWord(what))
        .ifPresent(what -> add(what, new Meaning.CostOf(meaning), Mention.Found.SHORTENED, false));
  }

  /** Whether a metric, or a column that tells a number by itself, has that name. */
  private boolean tellsNumber(String called) {
    Stream<String> metrics =
        model.metrics().stream()
            .flatMap(m -> Stream.concat(Stream.of(m.label()), m.alsoCalled().stream()));
    Stream<String> columns =
        model.tables().stream()
            .flatMap(t -> t.columns().stream())
            .filter(c -> c.addsUp().filter(a -> a != Column.AddsUp.NEVER).isPresent())
            .flatMap(Column::names);
    return Stream.concat(metrics, columns).map(Tokens::plain).anyMatch(called::equals);
  }

  /** "serious", of a metric that is called "serious callouts" and counts such rows. */
  private void addCounted(List<String> words, Metric metric) {
    Optional<Table> table = metric.table().map(model::table);
    boolean counts = metric.unit().isEmpty() && metric.shownAs() == Metric.ShownAs.NUMBER;
    if (words.size() == 2 && counts && table.isPresent()) {
      boolean rows =
          vocabulary
              .stem(words.get(1))
              .equals(vocabulary.stem(Tokens.plain(table.get().rowNoun())));
      if (rows) {
        add(words.get(0), new Meaning.CountedWord(metric.name()), Mention.Found.SHORTENED, true);
      }
    }
  }

  /** "full" and "fullest", of what is called "how full". */
  private void addQuality(String adjective, Meaning.MetricName metric) {
    add(adjective, new Meaning.QualityWord(metric.metric()), Mention.Found.SHORTENED, true);
    vocabulary
        .superlativeOf(adjective)
        .ifPresent(
            s ->
                add(
                    s,
                    new Meaning.MostQualityWord(metric.metric()),
                    Mention.Found.SHORTENED,
                    true));
  }

  private void addDoneTo(List<String> words, Meaning.MetricName metric) {
    if (words.size() == 2 && vocabulary.isParticiple(words.get(1))) {
      doneTo
          .computeIfAbsent(vocabulary.stem(words.get(1)), k -> new ArrayList<>(1))
          .add(new DoneTo(vocabulary.stem(words.get(0)), metric));
      // "how much does each member drive", of a "distance driven".
      if (isFreeWord(words.get(1))) {
        add(words.get(1), metric, Mention.Found.AKIN, false);
      }
    }
  }

  /** "how many contracts are active", of a metric "active contracts". */
  private void addTurned(List<String> words, Metric metric, Meaning.MetricName meaning) {
    boolean ofRows =
        words.size() == 2
            && metric
                .table()
                .filter(
                    t ->
                        forms
                            .singular(words.get(1))
                            .equals(forms.singular(Tokens.plain(model.table(t).rowNoun()))))
                .isPresent();
    if (ofRows) {
      add(words.get(1) + " " + words.get(0), meaning, Mention.Found.SHORTENED, true);
    }
  }

  private void addUnit(String unit) {
    Meaning meaning = new Meaning.UnitName(unit);
    units.add(unit);
    WordForms.lastWord(unit).ifPresent(last -> add(last, meaning, Mention.Found.SHORTENED, false));
    add(unit, meaning);
    vocabulary.unitNames(unit).forEach(name -> add(name, meaning));
    if (vocabulary.personWords().contains(vocabulary.singular(Tokens.plain(unit)))) {
      // "more than 5 people", of guests.
      vocabulary
          .wordsOf(Role.EVERYONE)
          .forEach(word -> add(word, meaning, Mention.Found.SHORTENED, false));
    }
  }

  /** "kilometres driven", of a "distance driven" in km. */
  private void addUnitDone(Column column, String unit, Meaning meaning) {
    for (String word : Tokens.plain(column.label()).split(" ")) {
      if (vocabulary.isParticiple(word)) {
        Stream.concat(Stream.of(unit), vocabulary.unitNames(unit).stream())
            .map(name -> name + " " + word)
            .filter(name -> !naming.isName(name))
            .forEach(name -> add(name, meaning, Mention.Found.AKIN, true));
      }
    }
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
    multiples.forEach((name, multiple) -> add(name, multiple, Mention.Found.SHORTENED, false));
  }

  /** "who buys", where buyers are what just one kind of rows points at. */
  private void addDeed(Table table) {
    List<Map.Entry<Table, Link>> links =
        model.tables().stream()
            .flatMap(
                t ->
                    t.links().stream()
                        .filter(l -> l.to().equals(table.name()) && !naming.isNamed(l))
                        .map(l -> Map.entry(t, l)))
            .toList();
    if (arePeople(table) && links.size() == 1) {
      String deeds = links.get(0).getKey().name();
      Meaning role =
          new Meaning.RoleName(deeds + "." + links.get(0).getValue().name(), table.name());
      Kinship.names(table)
          .flatMap(n -> vocabulary.deedOf(n).stream())
          .filter(verb -> !vocabulary.words().containsKey(verb))
          .distinct()
          .forEach(
              verb -> {
                add(verb, role, Mention.Found.AKIN, true);
                add(verb, new Meaning.RowNoun(deeds), Mention.Found.AKIN, true);
              });
    }
  }

  /** Whether a date of the table is called after what was done: "attended". */
  private boolean isDone(String verb, Table table) {
    String stem = vocabulary.stem(verb);
    return table.columns().stream()
        .filter(c -> c.holds().isTemporal())
        .flatMap(Column::names)
        .map(Tokens::plain)
        .anyMatch(n -> vocabulary.isParticiple(n) && vocabulary.stem(n).equals(stem));
  }

  private void addTable(Table table) {
    addDeed(table);
    Meaning noun = new Meaning.RowNoun(table.name());
    add(table.rowNoun(), noun);
    add(table.rowNounPlural(), noun);
    table.alsoCalled().forEach(s -> add(s, noun));
    String together = Labels.ofName(table.name());
    if (forms.words(table.rowNoun()).containsAll(forms.words(together))) {
      add(together, inStock(table, together).orElse(noun), Mention.Found.SHORTENED, true);
    } else if (!naming.isName(together)
        && forms.singulars(forms.words(table.rowNoun())).stream()
            .noneMatch(forms.singulars(forms.words(together))::contains)) {
      // "people", whose one row is a colleague.
      add(together, noun, Mention.Found.SHORTENED, true);
    }
    vocabulary
        .verbOf(Tokens.plain(table.rowNoun()))
        .ifPresent(
            v -> {
              Mention.Found how = isDone(v, table) ? Mention.Found.AKIN : Mention.Found.SHORTENED;
              add(v, noun, how, true);
            });
    // "who rented", of a trip that is also called a rental.
    table.alsoCalled().stream()
        .flatMap(n -> vocabulary.verbOf(Tokens.plain(n)).stream())
        .filter(this::isFreeWord)
        .distinct()
        .forEach(v -> add(v, noun, Mention.Found.AKIN, true));
    vocabulary
        .stateOf(Tokens.plain(table.rowNoun()))
        .ifPresent(s -> add(s, noun, Mention.Found.SHORTENED, true));
    table.columns().forEach(c -> addColumn(table, c));
    addAge(table);
    addSpans(table);
    table.links().forEach(l -> addLink(table, l));
    table.conditions().forEach(c -> addCondition(table, c));
  }

  private void addColumn(Table table, Column column) {
    ColumnRef ref = ColumnRef.of(table.name(), column.name());
    Meaning.ColumnName meaning = new Meaning.ColumnName(ref);
    add(column.label(), meaning);
    add(table.rowNoun() + " " + column.label(), meaning);
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
    if (model.isKnownBy(ref)) {
      add(table.rowNoun() + " " + Labels.ofName(column.name()), meaning);
    }
    column.alsoCalled().forEach(s -> add(s, meaning));
    if (column.holds().isTemporal() || column.holds() == Column.Holds.CATEGORY) {
      column
          .names()
          .flatMap(n -> vocabulary.turned(n).stream())
          .filter(n -> !naming.isName(n))
          .forEach(n -> add(n, meaning, Mention.Found.SHORTENED, false));
    }
    addWhatIsDone(table, column, meaning);
    column.unit().ifPresent(this::addUnit);
    valueWords.add(column, ref, values.of(ref), model.isKnownBy(ref));
  }

  /** "cancellations", "bookings", "how long do people wait": what a column tells about its rows. */
  private void addWhatIsDone(Table table, Column column, Meaning.ColumnName meaning) {
    if (column.holds() == Column.Holds.YES_NO) {
      Stream.concat(
              Stream.of(column.label(), Labels.ofName(column.name())), column.alsoCalled().stream())
          .forEach(
              s -> {
                addDone(s, meaning);
                addNotDone(s, meaning);
              });
    }
    if (column.holds().isTemporal()) {
      Optional<String> event =
          withoutDateWord(vocabulary.turned(column.label()).orElse(column.label()))
              .filter(s -> !isOwnNoun(s, table, column) && !hasRole(s, IN_ORDER));
      event.ifPresent(s -> add(s, meaning, Mention.Found.SHORTENED, true));
      event
          .map(Tokens::plain)
          .flatMap(vocabulary::verbOfEvent)
          .filter(s -> !naming.isName(s))
          .ifPresent(
              s -> {
                boolean named = event.flatMap(e -> vocabulary.verbOf(Tokens.plain(e))).isPresent();
                add(s, meaning, named ? Mention.Found.SHORTENED : Mention.Found.AKIN, true);
                addNotDone(s, meaning);
              });
      column
          .names()
          .flatMap(n -> vocabulary.plannedTo(Tokens.plain(n)).stream())
          .forEach(s -> add(s, meaning, Mention.Found.AKIN, false));
      // "cancellations", of a date that is called "cancelled".
      Stream.concat(event.stream(), column.alsoCalled().stream())
          .map(Tokens::plain)
          .filter(vocabulary::isParticiple)
          .flatMap(s -> vocabulary.nounsOf(s).stream())
          .filter(s -> !naming.isName(s))
          .forEach(s -> add(s, meaning, Mention.Found.AKIN, false));
      Stream.concat(Stream.of(doneAt(column)), column.alsoCalled().stream())
          .filter(s -> vocabulary.isParticiple(Tokens.plain(s)) || column.alsoCalled().contains(s))
          .forEach(s -> addNotDone(s, meaning));
    }
    if (column.holds() == Column.Holds.NUMBER) {
      column.unit().ifPresent(unit -> addUnitDone(column, unit, meaning));
      addCostOf(column.label(), meaning);
      vocabulary.turned(column.label()).ifPresent(name -> addCostOf(name, meaning));
    }
    if (column.holds() == Column.Holds.CATEGORY) {
      // "reasons for cancelling", of a "cancellation reason".
      column
          .names()
          .flatMap(n -> vocabulary.reasonForDoing(Tokens.plain(n)).stream())
          .distinct()
          .forEach(s -> add(s, meaning, Mention.Found.SHORTENED, false));
    }
    if (manners.contains(meaning.column())) {
      // "how do tenants pay", of a "way of paying".
      column
          .names()
          .flatMap(n -> deeds(Tokens.plain(n)))
          .filter(this::isFreeWord)
          .distinct()
          .forEach(
              verb -> add(verb, new Meaning.DoneSo(meaning.column()), Mention.Found.AKIN, true));
    }
    if (column.holds() == Column.Holds.NUMBER && column.unit().isPresent()) {
      // "how long do people wait", of a "waiting time".
      withoutDateWord(column.label())
          .filter(s -> !s.isEmpty() && !naming.isName(s))
          .ifPresent(s -> add(s, meaning, Mention.Found.SHORTENED, true));
    }
  }

  /** "pay" of a "way of paying", "contact" of a "way of contact". */
  private Stream<String> deeds(String manner) {
    List<String> words = List.of(manner.split(" "));
    String last = words.get(words.size() - 1);
    Stream<String> gerunds = words.stream().flatMap(w -> vocabulary.verbOfGerund(w).stream());
    return vocabulary.turned(manner).isPresent()
        ? Stream.concat(gerunds, Stream.of(vocabulary.verbOf(last).orElse(last)))
        : gerunds;
  }

  private void addLink(Table table, Link link) {
    if (naming.isNamed(link)) {
      Meaning role = new Meaning.RoleName(table.name() + "." + link.name(), link.to());
      add(link.label(), role);
      add(table.rowNoun() + " " + link.label(), role);
      link.alsoCalled().forEach(s -> add(s, role));
      List<String> names =
          Stream.concat(Stream.of(link.label()), link.alsoCalled().stream())
              .map(Tokens::plain)
              .toList();
      // "who sold the most", of a "seller".
      names.stream()
          .flatMap(n -> vocabulary.deedOf(n).stream())
          .filter(this::isFreeWord)
          .distinct()
          .forEach(verb -> add(verb, role, Mention.Found.AKIN, true));
      // "agents who sold in May", of what they are "sold by".
      names.stream()
          .flatMap(n -> vocabulary.doneBy(n).stream())
          .filter(verb -> isFreeWord(verb) && !link.to().equals(table.name()))
          .distinct()
          .forEach(
              verb -> {
                add(verb, role, Mention.Found.AKIN, true);
                add(verb, new Meaning.RowNoun(table.name()), Mention.Found.AKIN, true);
              });
    } else {
      add(
          table.rowNoun() + " " + link.label(),
          new Meaning.RoleName(table.name() + "." + link.name(), link.to()));
    }
  }

  /** "in the house", of a condition that is called "still in the house". */
  private Optional<String> withoutFiller(String name) {
    int space = name.indexOf(' ');
    return space > 0
            && name.indexOf(' ', space + 1) > 0
            && vocabulary.hasRole(name.substring(0, space), Role::isFiller)
        ? Optional.of(name.substring(space + 1)).filter(n -> !naming.isName(n))
        : Optional.empty();
  }

  private boolean isFreeWord(String word) {
    return !naming.isName(word) && !vocabulary.words().containsKey(word);
  }

  private void addCondition(Table table, Condition condition) {
    Meaning meaning = new Meaning.ConditionName(table.name(), condition.name());
    add(condition.label(), meaning);
    // The noun belongs to the name only where another item has the same one: "unpaid invoices" are
    // invoices, and what is asked of them is read with the noun.
    add(naming.condition(table.name(), condition.name()), meaning);
    condition.alsoCalled().forEach(s -> add(s, meaning));
    Kinship.names(condition)
        .flatMap(n -> withoutFiller(n).stream())
        .forEach(n -> add(n, meaning, Mention.Found.SHORTENED, false));
    // "cancellations by month", of what has a cancellation date as well, is by that; and so is
    // what was "cancelled in May".
    Set<String> nouns = vocabulary.nounsOf(Tokens.plain(condition.label()));
    List<Column> dates =
        table.columns().stream()
            .filter(c -> c.holds().isTemporal())
            .filter(
                c ->
                    withoutDateWord(c.label())
                        .map(Tokens::plain)
                        .filter(nouns::contains)
                        .isPresent())
            .toList();
    if (dates.isEmpty()) {
      addDone(condition.label(), meaning);
    } else if (dates.size() == 1) {
      Meaning date = new Meaning.ColumnName(ColumnRef.of(table.name(), dates.get(0).name()));
      add(condition.label(), date);
    }
  }

  /** "age", of rows that tell by one date when they began to be, and that have no such number. */
  private void addAge(Table table) {
    boolean named =
        model.namingColumn(table.name()).filter(c -> !c.column().equals(table.key())).isPresent();
    List<ColumnRef> births =
        kinship.beginnings().stream().filter(c -> c.table().equals(table.name())).toList();
    for (String age : vocabulary.ageWords()) {
      if ((named || arePeople(table))
          && births.size() == 1
          && !naming.isName(age)
          && !naming.isName(table.rowNoun() + " " + age)) {
        Meaning meaning =
            new Meaning.ColumnName(ColumnRef.of(table.name(), births.get(0).column() + Column.AGE));
        if (age.equals(vocabulary.ageWords().iterator().next())) {
          add(table.rowNoun() + " " + age, meaning);
          add(age + " of " + table.rowNoun(), meaning);
        }
        // People have an age before things do.
        add(age, meaning, arePeople(table) ? Mention.Found.SHORTENED : Mention.Found.AKIN, true);
      }
    }
  }

  /** "duration" and "delay", of rows that came to an end, and that have no such number. */
  private void addSpans(Table table) {
    addSpan(table, durations, vocabulary.durationWords());
    addSpan(table, delays, vocabulary.delayWords());
    delays.stream()
        .filter(c -> c.table().equals(table.name()))
        .map(c -> table.span(c.column()).orElseThrow().from())
        .map(due -> new Meaning.ColumnName(ColumnRef.of(table.name(), due.name())))
        .forEach(
            due -> vocabulary.dueDateWords().forEach(w -> add(w, due, Mention.Found.AKIN, true)));
    overruns.stream()
        .filter(c -> c.table().equals(table.name()))
        .forEach(c -> addOverrun(table, c));
  }

  /** "overrun of agreed cost", and "agreed" for what is compared with it. */
  private void addOverrun(Table table, ColumnRef overrun) {
    add(model.column(overrun).label(), new Meaning.ColumnName(overrun));
    Column wanted = table.overrun(overrun.column()).orElseThrow().from();
    Meaning meaning = new Meaning.ColumnName(ColumnRef.of(table.name(), wanted.name()));
    Stream.of(Tokens.plain(wanted.label()).split(" "))
        .filter(w -> vocabulary.dueWords().contains(w) || vocabulary.targetWords().contains(w))
        .forEach(w -> add(w, meaning, Mention.Found.AKIN, true));
  }

  private void addSpan(Table table, Set<ColumnRef> spans, Set<String> words) {
    spans.stream()
        .filter(c -> c.table().equals(table.name()))
        .forEach(
            column -> {
              Meaning meaning = new Meaning.ColumnName(column);
              model.column(column).unit().ifPresent(this::addUnit);
              for (String word : words) {
                add(table.rowNoun() + " " + word, meaning);
                add(word, meaning, Mention.Found.AKIN, true);
              }
            });
  }

  /** "stock" is how much there is, of a table of "stock counts". */
  private Optional<Meaning> inStock(Table table, String together) {
    if (forms.singular(table.rowNoun()).equals(forms.singular(together))) {
      return Optional.empty();
    }
    List<Metric> levels =
        model.metrics().stream()
            .filter(m -> m.table().equals(Optional.of(table.name())))
            .filter(m -> m.acrossTime() == Metric.AcrossTime.LAST)
            .filter(m -> forms.words(m.label()).containsAll(forms.words(together)))
            .toList();
    return levels.size() == 1
        ? Optional.of(new Meaning.MetricName(levels.get(0).name()))
        : Optional.empty();
  }

  /** "unpaid", of what is called "paid". */
  private void addNotDone(String name, Meaning.ColumnName column) {
    vocabulary
        .notDone(Tokens.plain(name))
        .filter(not -> !isCondition(not))
        .ifPresent(not -> add(not, new Meaning.NotDone(column.column())));
  }

  /** "unfilled", where the author calls a condition so. */
  private boolean isCondition(String word) {
    return model.tables().stream().flatMap(Kinship::conditions).anyMatch(word::equals);
  }

  /** Whether the language has a task for a word that is no noun: "since", "what". */
  private boolean hasTask(String word) {
    return hasRole(word, WITH_TASK);
  }

  private boolean hasRole(String word, Set<Role> roles) {
    return vocabulary.hasRole(Tokens.plain(word), roles::contains);
  }

  /** "orders by month" are the rows; their "order time" is their date anyway. */
  private boolean isOwnNoun(String event, Table table, Column column) {
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
            .anyMatch(noun -> forms.singular(noun).equals(forms.singular(event)));
  }

  /** "cancellations": rows that are called "cancelled". */
  private void addDone(String name, Meaning said) {
    for (String noun : vocabulary.nounsOf(Tokens.plain(name))) {
      add(noun, new Meaning.DoneNoun(said), Mention.Found.SHORTENED, false);
    }
  }

  /** "paid", of a column that is called "paid_on" in the files. */
  private String doneAt(Column column) {
    String name = Labels.ofName(column.name());
    int end = name.lastIndexOf(' ');
    return end > 0 && hasRole(name.substring(end + 1), Set.of(Role.PREPOSITION))
        ? name.substring(0, end)
        : name;
  }

  /** "opening" of "opening date", "opened" of "date opened". */
  private Optional<String> withoutDateWord(String label) {
    Set<String> dateWords = vocabulary.dateWords();
    String first = label.substring(0, Math.max(0, label.indexOf(' ')));
    boolean leads =
        dateWords.contains(first.toLowerCase(Locale.ROOT))
            && vocabulary.isParticiple(Tokens.plain(label.substring(first.length()).strip()));
    return leads
        ? Optional.of(label.substring(first.length()).strip())
        : WordForms.lastWord(label)
            .filter(dateWords::contains)
            .map(w -> label.substring(0, label.toLowerCase(Locale.ROOT).lastIndexOf(w)).strip());
  }

  /** Whether the rows of a table are people. */
  private boolean arePeople(Table table) {
    return Stream.concat(Stream.of(table.rowNoun()), table.alsoCalled().stream())
        .map(Tokens::plain)
        .map(n -> vocabulary.singular(n.substring(n.lastIndexOf(' ') + 1)))
        .anyMatch(vocabulary.personWords()::contains);
  }

  private void add(String phrase, Meaning meaning) {
    add(phrase, meaning, Mention.Found.EXACT, true);
  }

  private void add(String phrase, Meaning meaning, Mention.Found how, boolean forSlips) {
    List<String> words = entries.add(phrase, meaning, how, forSlips);
    if (words.size() == 2 && Entries.isNamed(meaning) && how == Mention.Found.EXACT) {
      twoWords.add(new TwoWords(words.get(0), words.get(1), meaning));
    }
  }
}
