package org.ropebridge.reading;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.ropebridge.model.Column;
import org.ropebridge.model.Condition;
import org.ropebridge.model.Metric;
import org.ropebridge.model.Model;
import org.ropebridge.model.Table;

/**
 * What unread words may mean: the items of a model whose names are nearest in meaning. A proposal
 * decides nothing; it becomes an answer only when the person picks it and so asks another question.
 */
public final class Proposals {
  /**
   * How near a name must be, as the cosine of the angle between the vectors. Of 35 words tried on
   * the demo with the vectors that the service uses, the 16 that reach it had the right item first
   * 13 times; of the others hardly one had it at all.
   */
  private static final double NEAR_ENOUGH = 0.74;

  /** How far behind the nearest name others may be. */
  private static final double BESIDE_THE_NEAREST = 0.06;

  private static final int MOST = 3;
  private static final int MOST_STRETCHES = 3;

  private final WordVectors vectors;
  private final List<Name> names = new ArrayList<>();

  private record Name(String item, String label, String kind, float[] vector) {}

  /**
   * Learns the names of what the person may see.
   *
   * @param model what the person may see of the model
   */
  public Proposals(Model model, WordVectors vectors) {
    this.vectors = vectors;
    for (Metric metric : model.metrics()) {
      add("metric", metric.name(), metric.label(), metric.alsoCalled());
    }
    for (Table table : model.tables()) {
      add("table", table.name(), table.rowNounPlural(), table.alsoCalled());
      for (Column column : table.columns()) {
        String name = table.name() + "." + column.name();
        add("column", name, column.label(), column.alsoCalled());
      }
      for (Condition condition : table.conditions()) {
        String name = table.name() + "." + condition.name();
        add("condition", name, condition.label(), condition.alsoCalled());
      }
    }
  }

  private void add(String kind, String item, String label, List<String> synonyms) {
    names.add(new Name(item, label, kind, vectors.of(label)));
    synonyms.forEach(s -> names.add(new Name(item, label, kind, vectors.of(s))));
  }

  /** What a stretch of unread words may mean, nearest first. */
  public record Proposal(String words, List<Meant> meant) {
    public Proposal {
      meant = List.copyOf(meant);
    }
  }

  /**
   * Something that words may mean.
   *
   * @param kind metric, table, column or condition
   * @param item its name in files and requests
   * @param name what the model calls it
   * @param question the question with that name in place of the words
   */
  public record Meant(String kind, String item, String name, String question) {}

  /** Proposals for what was not read; none when all was read or nothing is near. */
  public List<Proposal> of(Reading reading) {
    List<Proposal> proposals = new ArrayList<>();
    for (int[] stretch : stretches(reading)) {
      if (proposals.size() < MOST_STRETCHES) {
        String words = reading.question().substring(stretch[0], stretch[1]);
        boolean isWords = words.codePoints().anyMatch(Character::isLetter);
        List<Meant> meant =
            isWords ? nearest(words, reading.question(), stretch) : List.<Meant>of();
        if (!meant.isEmpty()) {
          proposals.add(new Proposal(words, meant));
        }
      }
    }
    return proposals;
  }

  /** The stretches of words that nothing was made of, in order. */
  public static List<String> unreadStretches(Reading reading) {
    return stretches(reading).stream().map(s -> reading.question().substring(s[0], s[1])).toList();
  }

  /**
   * Unread words that stand side by side, by where they begin and end. Words at either end that are
   * known for what they mean elsewhere do not count: of "pillows by" only the pillows need a
   * meaning.
   */
  private static List<int[]> stretches(Reading reading) {
    List<List<Reading.WordUse>> stretches = new ArrayList<>();
    Reading.WordUse last = null;
    for (Reading.WordUse use : reading.words()) {
      if (use.isUnread()) {
        boolean goesOn =
            last != null && reading.question().substring(last.end(), use.start()).isBlank();
        if (!goesOn) {
          stretches.add(new ArrayList<>());
        }
        stretches.get(stretches.size() - 1).add(use);
        last = use;
      }
    }
    return stretches.stream()
        .map(Proposals::trimmed)
        .map(s -> new int[] {s.get(0).start(), s.get(s.size() - 1).end()})
        .toList();
  }

  private static List<Reading.WordUse> trimmed(List<Reading.WordUse> stretch) {
    int from = 0;
    int to = stretch.size();
    while (from < to && stretch.get(from).isKnown()) {
      from++;
    }
    while (to > from && stretch.get(to - 1).isKnown()) {
      to--;
    }
    // Where all are known, together they may mean something else: "no shows".
    return from == to ? stretch : stretch.subList(from, to);
  }

  private List<Meant> nearest(String words, String question, int[] stretch) {
    float[] wanted = vectors.of(words);
    Map<String, Double> best = new LinkedHashMap<>();
    Map<String, Name> called = new LinkedHashMap<>();
    for (Name name : names) {
      double near = WordVectors.cosine(wanted, name.vector());
      if (near >= NEAR_ENOUGH) {
        best.merge(name.label(), near, Math::max);
        called.putIfAbsent(name.label(), name);
      }
    }
    double nearest = best.values().stream().max(Double::compare).orElse(0.0);
    return best.entrySet().stream()
        .filter(e -> e.getValue() >= nearest - BESIDE_THE_NEAREST)
        .sorted(
            Map.Entry.<String, Double>comparingByValue(Comparator.reverseOrder())
                .thenComparing(Map.Entry.comparingByKey()))
        .limit(MOST)
        .map(
            e ->
                new Meant(
                    called.get(e.getKey()).kind(),
                    called.get(e.getKey()).item(),
                    e.getKey(),
                    question.substring(0, stretch[0])
                        + e.getKey()
                        + question.substring(stretch[1])))
        .toList();
  }
}
