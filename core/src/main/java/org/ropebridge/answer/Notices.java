package org.ropebridge.answer;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.ropebridge.access.Access;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.model.LinkPaths;
import org.ropebridge.model.Metric;
import org.ropebridge.model.Model;
import org.ropebridge.plan.DayRange;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Grouping;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.MeasureTables;
import org.ropebridge.plan.Naming;
import org.ropebridge.plan.PeriodResolver;
import org.ropebridge.plan.Places;
import org.ropebridge.plan.Plan;
import org.ropebridge.plan.Restatement;
import org.ropebridge.plan.Standing;
import org.ropebridge.reading.Assumption;
import org.ropebridge.reading.Reading;
import org.ropebridge.sql.OutputColumn;
import org.ropebridge.sql.SqlQuery;

/** Finds what the reader of an answer must know. */
public final class Notices {
  private static final DateTimeFormatter DAY =
      DateTimeFormatter.ofPattern("d MMMM yyyy", Locale.ENGLISH);

  private static final String SAME_DAYS =
      " It is compared with a whole one; \"this year to date\" compares the same days.";

  private final Access access;
  private final Model model;
  private final LinkPaths paths;
  private final Naming naming;
  private final PeriodResolver periods;
  private final Restatement restatement;

  public Notices(Access access, PeriodResolver periods, Restatement restatement) {
    this.access = access;
    this.model = access.model();
    this.paths = new LinkPaths(model);
    this.naming = new Naming(model);
    this.periods = periods;
    this.restatement = restatement;
  }

  /**
   * The notices of an answer, most important first.
   *
   * @param rows as fetched, at most one more than the query's limit
   */
  public List<Notice> of(Reading reading, SqlQuery query, List<List<Object>> rows) {
    Plan plan = reading.plan().orElseThrow();
    List<Notice> notices = new ArrayList<>();
    if (reading.status() == Reading.Status.PARTLY) {
      notices.add(new Notice(Notice.Kind.PARTLY, reading.reason()));
    }
    reading.assumptions().forEach(a -> notices.add(assumed(a)));
    period(plan, notices);
    rows(plan, query, rows, notices);
    limits(plan, notices);
    picture(plan, query, rows.size(), notices);
    boolean overParts = plan.measures().stream().anyMatch(Measure.OverParts.class::isInstance);
    if (overParts) {
      notices.add(
          new Notice(Notice.Kind.ASSUMED, "Parts without any rows do not count in such figures."));
    }
    return notices;
  }

  /** What the reader of an answer by an author's own SQL must know. */
  public List<Notice> ofAuthorSql(Reading reading, SqlQuery query, List<List<Object>> rows) {
    List<Notice> notices = new ArrayList<>();
    reading.assumptions().forEach(a -> notices.add(assumed(a)));
    notices.add(
        new Notice(Notice.Kind.SAMPLE, "Its author wrote the SQL that answers this question."));
    if (rows.size() > query.rowLimit()) {
      notices.add(
          new Notice(Notice.Kind.CUT, "Only the first " + query.rowLimit() + " rows are shown."));
    }
    return notices;
  }

  private Notice assumed(Assumption assumption) {
    if (assumption instanceof Assumption.RankedBy ranked) {
      return new Notice(
          Notice.Kind.ASSUMED,
          "No measure was said; ranked by " + restatement.measure(ranked.measure()) + ".");
    } else if (assumption instanceof Assumption.Counted counted) {
      return new Notice(
          Notice.Kind.ASSUMED,
          "No measure was said; " + naming.rows(counted.table()) + " were counted.");
    } else if (assumption instanceof Assumption.FollowedSample sample) {
      return new Notice(
          Notice.Kind.SAMPLE, "Read as the agreed sample question \"" + sample.ask() + "\".");
    }
    if (assumption instanceof Assumption.SideBySide several) {
      return new Notice(
          Notice.Kind.ASSUMED,
          "Several numbers were found in the question, and all are shown: "
              + several.measures().stream()
                  .map(restatement::measure)
                  .collect(Collectors.joining(", "))
              + ".");
    }
    if (assumption instanceof Assumption.ComparedYears) {
      return new Notice(
          Notice.Kind.ASSUMED, "No time was said to compare; the current one is taken.");
    }
    if (assumption instanceof Assumption.CountedFor counted) {
      return new Notice(
          Notice.Kind.ASSUMED,
          "Only values were named; the "
              + naming.rows(counted.table())
              + " that have them were counted.");
    }
    if (assumption instanceof Assumption.Through way) {
      return new Notice(
          Notice.Kind.ASSUMED,
          "Different "
              + naming.rows(way.counted())
              + " were counted that "
              + naming.rows(way.through())
              + " point at.");
    }
    if (assumption instanceof Assumption.Akin akin) {
      return new Notice(
          Notice.Kind.ASSUMED,
          "\""
              + akin.typed()
              + "\" is not a word of the model; it was taken for "
              + akin.taken()
              + ".");
    }
    if (assumption instanceof Assumption.OwnMeaning own) {
      return new Notice(
          Notice.Kind.OWN_WORD,
          "\"" + own.typed() + "\" is taken for " + own.taken() + ", as you have said.");
    }
    if (assumption instanceof Assumption.LeftOut left) {
      return new Notice(
          Notice.Kind.ASSUMED,
          "Left out, because it does not go with this: " + String.join(", ", left.parts()) + ".");
    }
    Assumption.Spelling spelling = (Assumption.Spelling) assumption;
    return new Notice(
        Notice.Kind.SPELLING,
        "\"" + spelling.typed() + "\" was taken for " + spelling.taken() + ".");
  }

  private void period(Plan plan, List<Notice> notices) {
    Set<String> dates = new LinkedHashSet<>();
    dates(plan).forEach(d -> dates.add(naming.column(d)));
    boolean any = false;
    for (Filter filter : plan.filters()) {
      if (filter instanceof Filter.InPeriod in) {
        any = true;
        DayRange days = periods.resolve(in.period());
        String by = in.date().map(naming::column).orElseGet(() -> String.join(" and ", dates));
        notices.add(
            new Notice(
                Notice.Kind.PERIOD,
                (in.negated() ? "Left out: " : "Period: ") + text(days) + ", by " + by + "."));
        if (!in.negated() && days.endsAfter(periods.today()) && begun(days)) {
          notices.add(
              new Notice(
                  Notice.Kind.INCOMPLETE,
                  "The period is not over; today is "
                      + DAY.format(periods.today())
                      + "."
                      + (compares(plan) ? SAME_DAYS : "")));
        }
      }
    }
    if (any) {
      standing(plan).ifPresent(notices::add);
    }
    boolean overTime = !Grouping.stretches(plan.groupings()).isEmpty();
    if (!any && !dates.isEmpty()) {
      notices.add(
          new Notice(
              Notice.Kind.PERIOD,
              overTime
                  ? "No period was said; all data is included, and the newest span may not be over."
                  : "No period was said; all data is included."));
    }
  }

  /** Which rows no period limits, since they have no date. */
  private Optional<Notice> standing(Plan plan) {
    String rows =
        plan.measures().stream()
            .flatMap(m -> Standing.of(m, model).stream())
            .distinct()
            .map(t -> model.table(t).rowNounPlural())
            .collect(Collectors.joining(" and "));
    return rows.isEmpty()
        ? Optional.empty()
        : Optional.of(
            new Notice(
                Notice.Kind.ASSUMED,
                "The model gives " + rows + " no date: all of them count, whatever the period."));
  }

  private static boolean compares(Plan plan) {
    return plan.measures().stream().anyMatch(Measure.Compared.class::isInstance);
  }

  private boolean begun(DayRange days) {
    return days.first().map(d -> !d.isAfter(periods.today())).orElse(true);
  }

  private static String text(DayRange days) {
    Optional<LocalDate> first = days.first();
    Optional<LocalDate> last = days.last();
    if (first.isPresent() && last.isPresent()) {
      return first.equals(last)
          ? DAY.format(first.get())
          : DAY.format(first.get()) + " to " + DAY.format(last.get());
    }
    return first
        .map(d -> "from " + DAY.format(d) + " on")
        .orElseGet(() -> "up to " + DAY.format(last.orElseThrow()));
  }

  private Set<ColumnRef> dates(Plan plan) {
    Set<ColumnRef> dates = new LinkedHashSet<>();
    for (Measure measure : plan.measures()) {
      for (Measure.Basic basic : MeasureTables.basics(measure)) {
        dates(basic, dates);
      }
    }
    plan.listing()
        .flatMap(l -> MeasureTables.date(l.table(), Optional.empty(), model))
        .ifPresent(dates::add);
    return dates;
  }

  private void dates(Measure.Basic measure, Set<ColumnRef> dates) {
    if (measure instanceof Measure.MetricValue value) {
      for (Metric leaf : MeasureTables.leaves(model.metric(value.metric()), model)) {
        MeasureTables.date(leaf.table().orElseThrow(), Optional.of(leaf), model)
            .ifPresent(dates::add);
      }
    } else {
      MeasureTables.of(measure, model)
          .forEach(t -> MeasureTables.date(t, Optional.empty(), model).ifPresent(dates::add));
    }
  }

  /** Whether the rows of a plan hold no value at all. */
  public static boolean isNothing(Plan plan, List<List<Object>> rows) {
    int groups = plan.listing().map(l -> l.columns().size()).orElse(plan.groupings().size());
    return rows.isEmpty()
        || plan.listing().isEmpty()
            && rows.stream()
                .allMatch(r -> r.subList(groups, r.size()).stream().allMatch(v -> v == null));
  }

  /**
   * Says which limits leave nothing over.
   *
   * @param emptying limits without any one of which there would be data; not empty
   */
  public Notice emptied(List<Filter> emptying) {
    return new Notice(
        Notice.Kind.EMPTY,
        "There would be data without "
            + emptying.stream()
                .map(f -> "\"" + restatement.filter(f) + "\"")
                .collect(Collectors.joining(", or without "))
            + ".");
  }

  private static void rows(
      Plan plan, SqlQuery query, List<List<Object>> rows, List<Notice> notices) {
    if (isNothing(plan, rows)) {
      notices.add(
          new Notice(
              Notice.Kind.EMPTY,
              plan.filters().isEmpty()
                  ? "There is no data for this."
                  : "No data meets all limits of the question; try one less."));
    }
    if (rows.size() > query.rowLimit()) {
      notices.add(
          new Notice(
              Notice.Kind.CUT,
              "Only the first " + query.rowLimit() + " rows are shown; there are more."));
    }
    plan.ranking()
        .filter(r -> r.within().isEmpty() && rows.size() > r.count())
        .ifPresent(
            r ->
                notices.add(
                    new Notice(
                        Notice.Kind.TIES,
                        rows.size() + " rows are shown, because the last ones tie.")));
    for (int i = 0; i < plan.groupings().size(); i++) {
      int column = i;
      OutputColumn output = query.columns().get(i);
      if (rows.stream().anyMatch(r -> r.get(column) == null)) {
        notices.add(
            new Notice(
                Notice.Kind.NO_VALUE,
                "The row without a " + output.name() + " stands for data where it is missing."));
      }
    }
  }

  private void picture(Plan plan, SqlQuery query, int rowCount, List<Notice> notices) {
    boolean other =
        plan.picture().isPresent() && rowCount > 0 && !isDrawn(plan, plan.picture().get(), query);
    if (other) {
      List<Restatement.Part> parts = restatement.parts(plan);
      notices.add(
          new Notice(
              Notice.Kind.PICTURE,
              "This cannot be shown "
                  + parts.get(parts.size() - 1).words()
                  + " in this version, or has not the columns for it."));
    }
  }

  private boolean isDrawn(Plan plan, Plan.Picture picture, SqlQuery query) {
    if (picture == Plan.Picture.MAP) {
      return access.groupSizes().isEmpty() && Places.of(plan, model).isPresent();
    }
    return Charts.fits(picture, query.columns())
        && (plan.listing().isEmpty() || picture == Plan.Picture.TABLE);
  }

  private void limits(Plan plan, List<Notice> notices) {
    Set<String> limited = new LinkedHashSet<>();
    for (String table : MeasureTables.of(plan, model)) {
      if (access.isLimited(table)) {
        limited.add(naming.rows(table));
      }
    }
    groupSizes(plan, notices);
    if (!limited.isEmpty()) {
      notices.add(
          new Notice(
              Notice.Kind.LIMITED,
              "You see only the " + String.join(" and ", limited) + " that your role covers."));
    }
  }

  private void groupSizes(Plan plan, List<Notice> notices) {
    MeasureTables.of(plan, model).stream()
        .flatMap(t -> access.guardedBehind(t, paths).stream())
        .map(ColumnRef::table)
        .distinct()
        .forEach(
            table ->
                notices.add(
                    new Notice(
                        Notice.Kind.LIMITED,
                        "Groups of fewer than "
                            + access.groupSizes().get(table)
                            + " "
                            + model.table(table).rowNounPlural()
                            + " are left out, and the next smallest with them where they could be"
                            + " worked out.")));
  }
}
