package org.ropebridge.answer;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.ropebridge.DemoModel;
import org.ropebridge.TestWarehouse;
import org.ropebridge.access.Access;
import org.ropebridge.demo.DemoFiles;
import org.ropebridge.model.Metric;
import org.ropebridge.plan.Plan;
import org.ropebridge.reading.Reading;
import org.ropebridge.sql.Guarantees;
import org.ropebridge.sql.OutputColumn;
import org.ropebridge.sql.SqlQuery;
import org.ropebridge.sql.SqlWriter;

class NarrativeTest {
  private static final Pattern NUMBER = Pattern.compile("[0-9][0-9,]*(\\.[0-9]+)?%?");
  private static final Pattern CAUSE =
      Pattern.compile(
          "because|due to|caused|driven|thanks to|led to|explain", Pattern.CASE_INSENSITIVE);

  private static final Narrative NARRATIVE =
      new Narrative(DemoModel.MODEL, DemoModel.READER.periods());
  private static final SqlWriter WRITER =
      new SqlWriter(
          Access.unlimited(DemoModel.MODEL),
          DemoModel.READER.periods(),
          DemoModel.READER.restatement(),
          Guarantees.NONE);

  /** An answer and what is told of it. */
  private record Told(SqlQuery query, List<List<Object>> rows, List<Narrative.Sentence> sentences) {
    String text() {
      return String.join(" ", sentences.stream().map(Narrative.Sentence::text).toList());
    }
  }

  private static Optional<Told> told(String question) {
    Optional<Plan> plan = DemoModel.READER.read(question).plan();
    if (plan.isEmpty()) {
      return Optional.empty();
    }
    SqlQuery query = WRITER.write(plan.get());
    List<List<Object>> rows = Rows.shown(TestWarehouse.run(query), plan.get(), DemoModel.MODEL);
    return Optional.of(
        new Told(query, rows, NARRATIVE.of(plan.get(), query.columns(), rows, true)));
  }

  private static Stream<String> questions() {
    Stream<String> sets =
        Stream.of(
                "questions/first-crossing.tsv",
                "questions/second-look.tsv",
                "questions/threads.tsv")
            .flatMap(f -> DemoFiles.text(f).lines())
            .filter(l -> !l.isBlank() && !l.startsWith("#"))
            .map(l -> l.split("\t")[0]);
    Stream<String> crossed =
        Stream.of(
                "revenue", "guest nights", "occupancy", "number of callouts", "average party size")
            .flatMap(
                m ->
                    Stream.of(
                            "valley", "hut", "month", "year", "week", "channel", "quarter", "cause")
                        .map(g -> m + " by " + g))
            .flatMap(q -> Stream.of(q, q + " this year", q + " in 2025", q + " last month"));
    return Stream.concat(
        Stream.concat(sets, crossed),
        DemoModel.MODEL.metrics().stream()
            .map(Metric::label)
            .flatMap(
                m ->
                    Stream.of(
                        m + " this year",
                        m + " by valley in 2025",
                        m + " by month this year",
                        m + " in 2025 compared with the year before",
                        m + " by hut this year",
                        m + " by valley and year")));
  }

  @Test
  void everyNumberIsFoundInTheRowsAndNothingIsSaidOfCauses() {
    int narratives = 0;
    for (String question : questions().toList()) {
      Optional<Told> told = told(question);
      if (told.isEmpty() || told.get().sentences().isEmpty()) {
        continue;
      }
      narratives++;
      String text = told.get().text();
      assertFalse(CAUSE.matcher(text).find(), () -> question + ": " + text);
      Set<String> allowed = numbers(told.get());
      Matcher numbers = NUMBER.matcher(withoutLabels(text, told.get()));
      while (numbers.find()) {
        String number = numbers.group().replaceAll(",$", "");
        assertTrue(
            allowed.contains(number),
            () -> question + ": " + number + " is not of the rows: " + text + " " + allowed);
      }
    }
    System.out.println("narratives checked: " + narratives);
    assertTrue(narratives > 250, "only " + narratives);
  }

  /** The text without headings and group names, in which digits may stand. */
  private static String withoutLabels(String text, Told told) {
    Set<String> labels = new HashSet<>();
    for (int i = 0; i < told.query().columns().size(); i++) {
      OutputColumn column = told.query().columns().get(i);
      labels.add(column.name());
      if (!column.isNumber()) {
        for (List<Object> row : told.rows()) {
          labels.add(CellText.of(row.get(i), column));
        }
      }
    }
    String left = text;
    for (String label : labels.stream().sorted((a, b) -> b.length() - a.length()).toList()) {
      left =
          left.replaceAll("(?i)(?<![\\w.,])" + Pattern.quote(label) + "(?![\\w%])(?![.,]\\d)", "#");
    }
    return left;
  }

  /** The numbers that may be told, computed here once more: values, sums, shares, changes. */
  private static Set<String> numbers(Told told) {
    Set<String> allowed = new HashSet<>();
    allowed.add(Integer.toString(told.rows().size()));
    for (int i = 0; i < told.query().columns().size(); i++) {
      OutputColumn column = told.query().columns().get(i);
      int at = i;
      if (!column.isNumber()) {
        continue;
      }
      List<BigDecimal> values =
          told.rows().stream()
              .map(r -> r.get(at))
              .filter(Objects::nonNull)
              .map(v -> new BigDecimal(v.toString()))
              .toList();
      allowed.add(Integer.toString(values.size()));
      allowed.add(Integer.toString(values.size() - 1));
      allowed.add(Integer.toString(told.rows().size() - values.size()));
      List<BigDecimal> all = new ArrayList<>(values);
      for (List<BigDecimal> some :
          List.of(values, values.subList(0, Math.max(0, values.size() - 1)))) {
        median(some).ifPresent(all::add);
        if (some.size() > 1) {
          BigDecimal first = some.get(0);
          BigDecimal last = some.get(some.size() - 1);
          share(last.subtract(first).abs(), first).ifPresent(allowed::add);
        }
      }
      BigDecimal total = values.stream().reduce(BigDecimal.ZERO, BigDecimal::add);
      all.add(total);
      values.forEach(v -> share(v, total).ifPresent(allowed::add));
      groups(told, at)
          .forEach(
              sum -> {
                all.add(sum);
                share(sum, total).ifPresent(allowed::add);
              });
      for (BigDecimal value : all) {
        Matcher digits = NUMBER.matcher(CellText.number(value.abs(), column));
        if (digits.find()) {
          allowed.add(digits.group());
        }
      }
    }
    return allowed;
  }

  /** Sums by each of the columns in front. */
  private static List<BigDecimal> groups(Told told, int at) {
    List<BigDecimal> sums = new ArrayList<>();
    for (int g = 0; g < at && !told.query().columns().get(g).isNumber(); g++) {
      int by = g;
      told.rows().stream()
          .filter(r -> r.get(at) != null)
          .collect(
              java.util.stream.Collectors.groupingBy(
                  r -> Optional.ofNullable(r.get(by)),
                  java.util.stream.Collectors.reducing(
                      BigDecimal.ZERO, r -> new BigDecimal(r.get(at).toString()), BigDecimal::add)))
          .values()
          .forEach(sums::add);
    }
    return sums;
  }

  private static Optional<String> share(BigDecimal part, BigDecimal whole) {
    return whole.signum() == 0
        ? Optional.empty()
        : Optional.of(
            String.format(
                java.util.Locale.ENGLISH,
                "%,.1f%%",
                part.multiply(BigDecimal.valueOf(100))
                    .divide(whole, MathContext.DECIMAL64)
                    .setScale(1, RoundingMode.HALF_EVEN)));
  }

  private static Optional<BigDecimal> median(List<BigDecimal> values) {
    if (values.isEmpty()) {
      return Optional.empty();
    }
    List<BigDecimal> sorted = values.stream().sorted().toList();
    BigDecimal upper = sorted.get(sorted.size() / 2);
    BigDecimal lower = sorted.get((sorted.size() - 1) / 2);
    return Optional.of(upper.add(lower).divide(BigDecimal.valueOf(2), MathContext.DECIMAL64));
  }

  @Test
  void aSpanThatIsNotOverIsLeftOutAndToldSo() {
    String text = told("guest nights by month this year").orElseThrow().text();
    assertTrue(text.contains("in September 2026"), text);
    assertTrue(text.contains("October 2026 is not over; it is left out of this."), text);
  }

  @Test
  void sharesAreToldOnlyOfWhatAddsUp() {
    assertFalse(told("occupancy by valley").orElseThrow().text().contains("of the total"));
    assertFalse(told("top 3 valleys by revenue").orElseThrow().text().contains("of the total"));
    assertTrue(told("revenue by valley").orElseThrow().text().contains("of the total"));
  }

  @Test
  void aRunningTotalIsToldByWhereItEnds() {
    Told told = told("guest nights by month in 2025 as a running total").orElseThrow();
    String last = told.rows().get(told.rows().size() - 1).get(1).toString();
    assertTrue(told.text().startsWith("Cumulative guest nights reached "), told.text());
    assertTrue(told.text().replace(",", "").contains(last), told.text());
    assertFalse(told.text().contains("lowest"), told.text());
  }

  @Test
  void aListHasNoNarrative() {
    assertEquals(List.of(), told("list of huts in Ossel").orElseThrow().sentences());
    assertEquals(Reading.Status.ANSWERED, DemoModel.READER.read("list of huts in Ossel").status());
  }
}
