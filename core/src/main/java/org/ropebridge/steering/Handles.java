package org.ropebridge.steering;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;
import org.ropebridge.lexicon.Tokens;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.model.Model;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.Listing;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.Places;
import org.ropebridge.plan.Plan;
import org.ropebridge.plan.Restatement;
import org.ropebridge.plan.Restatement.Part;

/**
 * The parts of a plan as handles: what could stand in the place of each, and what could be added.
 * An option is a whole question in words, so that choosing it is asking it.
 */
public final class Handles {
  private static final int MOST_VALUES = 60;
  private static final int MOST_COLUMNS = 10;
  private static final List<Integer> COUNTS = List.of(3, 5, 10, 20, 50);
  private static final List<Measure.Kind> STATISTICS =
      List.of(
          Measure.Kind.SUM,
          Measure.Kind.AVERAGE,
          Measure.Kind.MEDIAN,
          Measure.Kind.MINIMUM,
          Measure.Kind.MAXIMUM);

  private final Model model;
  private final Parts parts;
  private final Restatement restatement;

  Handles(Parts parts, Restatement restatement) {
    this.model = parts.model();
    this.parts = parts;
    this.restatement = restatement;
  }

  /** What an option does with the part. */
  public enum Does {
    REMOVE,
    REPLACE,
    ADD
  }

  /**
   * Something that can be chosen.
   *
   * @param label what it says in a menu
   * @param question the whole question that choosing it asks
   */
  public record Option(Does does, String label, String question) {}

  /** The parts of a plan, in the order of its restatement. */
  public List<Part> of(Plan plan) {
    return restatement.parts(plan);
  }

  /**
   * What could be done with one part of the plan.
   *
   * @param index its place in {@link #of}
   */
  public List<Option> options(Plan plan, int index) {
    return options(plan, index, "");
  }

  /**
   * The same, as far as it is called by some words; values are then found however many there are.
   *
   * @param index its place in {@link #of}
   * @param words a part of what the options are called; empty for all
   */
  public List<Option> options(Plan plan, int index, String words) {
    Part part = of(plan).get(index);
    int at = part.index();
    Stream<Optional<Option>> options =
        switch (part.kind()) {
          case MEASURE -> measure(plan, at);
          case GROUPING -> grouping(plan, at);
          case FILTER -> filter(plan, at, words);
          case KEEP -> Stream.of(removed(plan, p -> p.withKeeps(without(p.keeps(), at))));
          case RANKING -> ranking(plan);
          case SORT -> sort(plan);
          case ROW_ORDER -> rowOrder(plan);
          case PICTURE -> pictures(plan);
          case ROWS, CLAIM -> Stream.of();
        };
    return distinct(plan, options, words);
  }

  /** What could be added to the plan: numbers, breakdowns, limits. */
  public List<Option> additions(Plan plan) {
    return additions(plan, "");
  }

  /**
   * The same, as far as it is called by some words; values are then found however many there are.
   *
   * @param words a part of what the options are called; empty for all
   */
  public List<Option> additions(Plan plan, String words) {
    boolean overTime = plan.filters().stream().anyMatch(Filter.InPeriod.class::isInstance);
    Stream<Optional<Option>> periods =
        overTime
            ? Stream.of()
            : parts.periods().stream()
                .map(f -> added(restatement.filter(f), plan.withFilters(with(plan.filters(), f))));
    if (plan.listing().isPresent()) {
      return distinct(
          plan,
          Stream.of(columns(plan), values(plan, words), periods, addedPictures(plan))
              .flatMap(s -> s),
          words);
    }
    Stream<Optional<Option>> groupings =
        parts.groupings(plan).stream()
            .filter(g -> !plan.groupings().contains(g))
            .map(g -> added(restatement.breakdown(g), grouped(plan, g)));
    Stream<Optional<Option>> measures =
        parts.measures(plan).stream()
            .filter(m -> !plan.measures().contains(m) && plan.claim().isEmpty())
            .map(m -> added(restatement.measure(m), plan.withMeasures(with(plan.measures(), m))));
    Stream<Optional<Option>> tops =
        plan.groupings().isEmpty() || plan.ranking().isPresent()
            ? Stream.of()
            : COUNTS.stream()
                .map(
                    n ->
                        added(
                            "top " + n,
                            plan.withSort(Optional.empty())
                                .withRanking(
                                    Optional.of(
                                        new Plan.Ranking(true, n, plan.measures().get(0))))));
    return distinct(
        plan,
        Stream.of(groupings, periods, measures, values(plan, words), tops, addedPictures(plan))
            .flatMap(s -> s),
        words);
  }

  private static Plan grouped(Plan plan, Grouping more) {
    return plan.withGroupings(with(plan.groupings(), more));
  }

  private List<Option> distinct(Plan plan, Stream<Optional<Option>> options, String words) {
    String now = restatement.of(plan);
    return options
        .flatMap(Optional::stream)
        .filter(o -> holds(o.label(), words))
        .filter(o -> !o.question().equals(now))
        .distinct()
        .toList();
  }

  private Stream<Optional<Option>> measure(Plan plan, int at) {
    Measure measure = plan.measures().get(at);
    Stream<Optional<Option>> removed =
        plan.measures().size() > 1
            ? Stream.of(removed(plan, p -> measured(p, without(p.measures(), at))))
            : Stream.of();
    Stream<Measure> statistics =
        measure instanceof Measure.Statistic s
            ? STATISTICS.stream()
                .filter(k -> k != s.kind())
                .map(k -> Measure.Statistic.of(k, s.column()))
            : Stream.of();
    Stream<Optional<Option>> others =
        Stream.concat(statistics, parts.measures(plan).stream())
            .filter(m -> !plan.measures().contains(m))
            .map(
                m -> replaced(restatement.measure(m), measured(plan, put(plan.measures(), at, m))));
    return Stream.concat(removed, others);
  }

  /** The plan with other measures; what was ranked or sorted by one that went is by the first. */
  private static Plan measured(Plan plan, List<Measure> measures) {
    Measure first = measures.get(0);
    return plan.withMeasures(measures)
        .withRanking(
            plan.ranking()
                .map(
                    r ->
                        new Plan.Ranking(
                            r.top(),
                            r.count(),
                            measures.contains(r.by()) ? r.by() : first,
                            r.within())))
        .withSort(
            plan.sort()
                .map(
                    s ->
                        s.by() instanceof Measure m && !measures.contains(m)
                            ? new Plan.Sort(first, s.descending())
                            : s));
  }

  private Stream<Optional<Option>> grouping(Plan plan, int at) {
    Optional<Option> removed = removed(plan, p -> regrouped(p, without(p.groupings(), at)));
    Stream<Optional<Option>> others =
        parts.groupings(plan).stream()
            .filter(g -> !plan.groupings().contains(g))
            .map(
                g ->
                    replaced(
                        restatement.breakdown(g), regrouped(plan, put(plan.groupings(), at, g))));
    return Stream.concat(Stream.of(removed), others);
  }

  private static Plan regrouped(Plan plan, List<Grouping> groupings) {
    boolean none = groupings.isEmpty();
    return plan.withGroupings(groupings)
        .withKeeps(none ? List.of() : plan.keeps())
        .withSort(
            plan.sort()
                .filter(s -> s.by() instanceof Measure || groupings.contains((Grouping) s.by()))
                .filter(s -> !none))
        .withRanking(
            plan.ranking()
                .filter(r -> !none)
                .map(
                    r ->
                        new Plan.Ranking(
                            r.top(),
                            r.count(),
                            r.by(),
                            r.within()
                                .filter(w -> groupings.size() > 1 && groupings.contains(w)))));
  }

  private Stream<Optional<Option>> filter(Plan plan, int at, String words) {
    Filter filter = plan.filters().get(at);
    Stream<Optional<Option>> others = Stream.of();
    if (filter instanceof Filter.InValues in) {
      others =
          Stream.concat(
              Stream.of(new Filter.InValues(in.column(), in.values(), !in.negated()))
                  .map(f -> replaced(restatement.filter(f), filtered(plan, at, f))),
              values(in.column(), words)
                  .filter(v -> !in.values().equals(List.of(v)))
                  .map(
                      v ->
                          replaced(
                              model.column(in.column()).nameOfValue(v),
                              filtered(
                                  plan, at, new Filter.InValues(in.column(), List.of(v), false)))));
    } else if (filter instanceof Filter.InPeriod in) {
      others =
          parts.periods().stream()
              .map(f -> in.date().map(f::onDate).orElse(f))
              .map(f -> replaced(restatement.filter(f), filtered(plan, at, f)));
    }
    return Stream.concat(
        Stream.of(removed(plan, p -> p.withFilters(without(p.filters(), at)))), others);
  }

  private static Plan filtered(Plan plan, int at, Filter filter) {
    return plan.withFilters(put(plan.filters(), at, filter));
  }

  private Stream<Optional<Option>> ranking(Plan plan) {
    Plan.Ranking now = plan.ranking().orElseThrow();
    Plan.Ranking turned = new Plan.Ranking(!now.top(), now.count(), now.by(), now.within());
    Stream<Plan.Ranking> others =
        Stream.concat(
            COUNTS.stream().map(n -> new Plan.Ranking(now.top(), n, now.by(), now.within())),
            Stream.of(turned));
    return Stream.concat(
        Stream.of(removed(plan, p -> p.withRanking(Optional.empty()))),
        others.map(
            r ->
                replaced(
                    (r.top() ? "top " : "bottom ") + r.count(), plan.withRanking(Optional.of(r)))));
  }

  private Stream<Optional<Option>> sort(Plan plan) {
    Plan.Sort now = plan.sort().orElseThrow();
    Plan.Sort turned = new Plan.Sort(now.by(), !now.descending());
    return Stream.of(
        removed(plan, p -> p.withSort(Optional.empty())),
        replaced(
            turned.descending() ? "highest or last first" : "lowest or first first",
            plan.withSort(Optional.of(turned))));
  }

  private Stream<Optional<Option>> rowOrder(Plan plan) {
    Listing listing = plan.listing().orElseThrow();
    Optional<Listing.Order> turned =
        listing.order().map(o -> new Listing.Order(o.by(), !o.descending()));
    Stream<Optional<Option>> counts =
        COUNTS.stream()
            .filter(n -> listing.count().isPresent())
            .map(
                n ->
                    replaced(
                        "first " + n,
                        plan.withListing(
                            new Listing(
                                listing.table(),
                                listing.columns(),
                                listing.order(),
                                Optional.of(n),
                                listing.per()))));
    return Stream.concat(
        Stream.of(
            replaced(
                "the other way round",
                plan.withListing(
                    new Listing(
                        listing.table(),
                        listing.columns(),
                        turned,
                        listing.count(),
                        listing.per())))),
        counts);
  }

  private Stream<Optional<Option>> columns(Plan plan) {
    Listing listing = plan.listing().orElseThrow();
    return model.table(listing.table()).columns().stream()
        .map(c -> ColumnRef.of(listing.table(), c.name()))
        .filter(c -> !listing.columns().contains(c))
        .map(
            c ->
                added(
                    "column " + restatement.grouping(new Grouping.ByColumn(c)),
                    plan.withListing(
                        new Listing(
                            listing.table(),
                            with(listing.columns(), c),
                            listing.order(),
                            listing.count(),
                            listing.per()))));
  }

  /** The first values of a column whose names hold the words. */
  private Stream<String> values(ColumnRef column, String words) {
    return parts.values(column).stream()
        .filter(v -> holds(model.column(column).nameOfValue(v), words))
        .limit(MOST_VALUES);
  }

  private static boolean holds(String text, String words) {
    return words.isBlank() || Tokens.plain(text).contains(Tokens.plain(words.strip()));
  }

  /** "only valley Ossel", for columns of kinds that the plan is not limited by. */
  private Stream<Optional<Option>> values(Plan plan, String words) {
    return parts.columns(plan).stream()
        .filter(c -> parts.valueCount(c) > 1)
        .filter(c -> parts.valueCount(c) <= MOST_VALUES || !words.isBlank())
        .filter(
            c ->
                plan.filters().stream()
                    .noneMatch(f -> f instanceof Filter.InValues in && in.column().equals(c)))
        .limit(words.isBlank() ? MOST_COLUMNS : Long.MAX_VALUE)
        .flatMap(
            c ->
                values(c, words)
                    .map(v -> new Filter.InValues(c, List.of(v), false))
                    .map(
                        f ->
                            added(
                                restatement.filter(f), plan.withFilters(with(plan.filters(), f)))));
  }

  private Stream<Optional<Option>> pictures(Plan plan) {
    return Stream.concat(
        Stream.of(removed(plan, p -> p.withPicture(Optional.empty()))),
        drawable(plan).map(p -> replaced(words(plan, p), plan.withPicture(Optional.of(p)))));
  }

  private Stream<Optional<Option>> addedPictures(Plan plan) {
    return plan.picture().isPresent()
        ? Stream.of()
        : drawable(plan).map(p -> added(words(plan, p), plan.withPicture(Optional.of(p))));
  }

  private String words(Plan plan, Plan.Picture picture) {
    List<Part> all = of(plan.withPicture(Optional.of(picture)));
    return all.get(all.size() - 1).words();
  }

  private Stream<Plan.Picture> drawable(Plan plan) {
    Stream<Plan.Picture> map =
        Places.of(plan, model).isPresent() ? Stream.of(Plan.Picture.MAP) : Stream.of();
    return Stream.concat(plan.groupings().isEmpty() ? Stream.of() : ofGroups(plan), map);
  }

  private static Stream<Plan.Picture> ofGroups(Plan plan) {
    boolean time = !Grouping.stretches(plan.groupings()).isEmpty();
    boolean one = plan.measures().size() == 1;
    boolean two = plan.groupings().size() == 2;
    List<Plan.Picture> pictures = new ArrayList<>();
    if (time) {
      pictures.add(Plan.Picture.LINE);
    }
    if (time && one) {
      pictures.add(Plan.Picture.AREA);
    }
    pictures.add(Plan.Picture.BAR);
    if (two && one) {
      pictures.add(Plan.Picture.STACKED);
      pictures.add(Plan.Picture.HEAT_MAP);
      pictures.add(Plan.Picture.SMALL_MULTIPLES);
      pictures.add(Plan.Picture.CROSS_TABLE);
    }
    if (one && !time) {
      pictures.add(Plan.Picture.TREE_MAP);
    }
    if (two && one && !time) {
      pictures.add(Plan.Picture.SUNBURST);
    }
    if (plan.groupings().size() == 1 && plan.measures().size() == 2) {
      pictures.add(Plan.Picture.BARS_WITH_LINE);
    }
    if (!two && !one) {
      pictures.add(Plan.Picture.SCATTER);
    }
    pictures.add(Plan.Picture.TABLE);
    return pictures.stream();
  }

  private Optional<Option> removed(Plan plan, Function<Plan, Plan> change) {
    return option(Does.REMOVE, "leave out", change.apply(plan));
  }

  private Optional<Option> replaced(String label, Plan plan) {
    return option(Does.REPLACE, label, plan);
  }

  private Optional<Option> added(String label, Plan plan) {
    return option(Does.ADD, label, plan);
  }

  private Optional<Option> option(Does does, String label, Plan plan) {
    return parts.isSound(plan)
        ? Optional.of(new Option(does, label, restatement.of(plan)))
        : Optional.empty();
  }

  private static <T> List<T> without(List<T> list, int at) {
    List<T> less = new ArrayList<>(list);
    less.remove(at);
    return less;
  }

  private static <T> List<T> with(List<T> list, T more) {
    List<T> all = new ArrayList<>(list);
    all.add(more);
    return all;
  }

  private static <T> List<T> put(List<T> list, int at, T other) {
    List<T> changed = new ArrayList<>(list);
    changed.set(at, other);
    return changed;
  }
}
