package org.ropebridge.bench;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.ropebridge.demo.DemoFiles;
import org.ropebridge.model.file.FileEdit;
import org.ropebridge.model.file.FileEditor;

/**
 * A month of the demo that never was: 60 people, what they ask, and 15 causes for which it fails.
 * Phrasings are made of frames, polite words and slips, by one person.
 */
final class SimulatedMonth {
  static final int PEOPLE = 60;

  /** Of these, those are asked that the mended model or no model at all answers: about 6,000. */
  private static final int SAID = 7_400;

  private static final double SHARE_OF_CAUSES = 0.4;
  private static final double SHARE_OF_SLIPS = 0.04;
  private static final double SHARE_OF_VERDICTS = 0.3;

  private static final List<String> POLITE =
      List.of("", "", "", "show me ", "give me ", "please show ", "what about ", "I need ");
  private static final List<String> FRAMES =
      List.of(
          "%s by valley",
          "%s last month",
          "%s by hut this year",
          "%s in 2025",
          "top 5 huts by %s",
          "%s per month in 2025",
          "%s by valley last year",
          "how are %s by hut in July 2026");
  private static final List<String> FINE =
      List.of(
          "guest nights",
          "revenue",
          "occupancy",
          "refunds",
          "supply cost",
          "cancelled share",
          "number of stays",
          "new members",
          "number of callouts",
          "pass share");

  /** What has synonyms: where they stand, and those that it has. */
  record Named(String file, List<String> path, List<String> words) {
    /** The edit that gives it more words. */
    FileEdit with(List<String> more) {
      List<String> all = new ArrayList<>(words);
      all.addAll(more);
      return FileEdit.set(file, path, all);
    }
  }

  /**
   * A cause of failure.
   *
   * @param words what people say, in some ways of writing
   * @param plant what is wrong in the model that people ask; nothing where it only lacks something
   * @param named what the words are synonyms of; empty where another mend is needed
   * @param otherwise the edits of another mend; none where the data does not have it
   */
  record Cause(
      String name,
      List<String> words,
      List<FileEdit> plant,
      Optional<Named> named,
      List<FileEdit> otherwise) {
    /** Everything that has to be done about it; none where the data does not have it. */
    List<FileEdit> mend() {
      return named.map(n -> List.of(n.with(words))).orElse(otherwise);
    }
  }

  private final Random random = new Random(60);

  private SimulatedMonth() {}

  private static Cause table(String name, String word) {
    return synonym(
        new Named("tables/" + name + ".yaml", List.of("also_called"), List.of()), List.of(word));
  }

  private static Cause metric(String name, List<String> known, String... words) {
    return synonym(
        new Named("metrics.yaml", List.of("metrics", name, "also_called"), known), List.of(words));
  }

  private static Cause synonym(Named named, List<String> words) {
    return new Cause(words.get(0), words, List.of(), Optional.of(named), List.of());
  }

  static List<Cause> causes() {
    return List.of(
        metric(
            "guest_nights",
            List.of("overnights", "overnight stays", "bed nights sold"),
            "sleepovers",
            "sleep overs"),
        metric("revenue", List.of("income", "takings", "turnover", "money taken in"), "kitty"),
        metric("guests_hosted", List.of("guests", "visitors", "people hosted"), "lodgers"),
        metric("new_members", List.of("joiners", "sign-ups"), "newcomers"),
        metric(
            "occupancy",
            List.of("occupancy rate", "how full", "fullness", "utilisation"),
            "load factor"),
        metric(
            "supply_cost",
            List.of("cost of supplies", "supply costs", "costs", "flight costs"),
            "provisions bill"),
        metric("pass_share", List.of("pass rate"), "clearance rate"),
        metric(
            "cancelled_share",
            List.of("cancellation rate", "share of cancelled stays"),
            "dropout rate",
            "drop-out rate"),
        table("callouts", "sorties"),
        table("inspections", "audits"),
        new Cause(
            "homepage stays",
            List.of("homepage stays"),
            List.of(),
            Optional.of(
                new Named(
                    "tables/stays.yaml",
                    List.of("columns", "channel", "values", "W", "also_called"),
                    List.of("online", "web"))),
            List.of()),
        new Cause(
            "quill",
            List.of("stays in Quill", "revenue in Quill"),
            List.of(),
            Optional.empty(),
            // A hut and a valley are called so; people mean the valley.
            List.of(
                FileEdit.set(
                    "model.yaml", List.of("preferences", "meanings", "quill"), "valleys.name"))),
        new Cause(
            "net surplus",
            List.of("net surplus", "surplus"),
            List.of(),
            Optional.empty(),
            List.of(
                FileEdit.set(
                    "metrics.yaml",
                    List.of("metrics", "net_surplus"),
                    Map.of(
                        "sql",
                        "revenue - supply_cost",
                        "also_called",
                        List.of("surplus"),
                        "unit",
                        "EUR")))),
        new Cause(
            "completed stays",
            List.of("completed stays"),
            List.of(
                FileEdit.set(
                    "metrics.yaml", List.of("metrics", "completed_stays", "sql"), "count(*)")),
            Optional.empty(),
            List.of(
                FileEdit.set(
                    "metrics.yaml",
                    List.of("metrics", "completed_stays", "sql"),
                    "count(*) filter (where status = 'D')"))),
        new Cause(
            "carbon emissions",
            List.of("carbon emissions", "emissions"),
            List.of(),
            Optional.empty(),
            List.of()));
  }

  /** The demo's model with every cause planted. */
  static Map<String, String> planted(List<Cause> causes) {
    Map<String, String> files = new HashMap<>(DemoFiles.model());
    for (Cause cause : causes) {
      files = edited(files, cause.plant());
    }
    return files;
  }

  /** The demo's model as it is when every cause that can be mended is mended. */
  static Map<String, String> mended(List<Cause> causes) {
    Map<String, String> files = new HashMap<>(DemoFiles.model());
    for (Cause cause : causes) {
      files = edited(files, cause.mend());
    }
    return files;
  }

  static Map<String, String> edited(Map<String, String> files, List<FileEdit> edits) {
    return edits.isEmpty() ? files : FileEditor.apply(files, edits);
  }

  /** A question of the month, and the cause that it fails for, if it does. */
  record Said(String person, String text, Cause cause, boolean judges) {}

  /** What people say, the same at every run. */
  static List<Said> said(List<Cause> causes) {
    return new SimulatedMonth().month(causes);
  }

  private List<Said> month(List<Cause> causes) {
    List<Said> month = new ArrayList<>();
    for (int i = 0; i < SAID; i++) {
      Cause cause =
          random.nextDouble() < SHARE_OF_CAUSES
              // The first causes are met more often than the last.
              ? causes.get((int) (causes.size() * Math.pow(random.nextDouble(), 1.5)))
              : null;
      String words =
          cause == null
              ? FINE.get(random.nextInt(FINE.size()))
              : cause.words().get(random.nextInt(cause.words().size()));
      String frame = FRAMES.get(random.nextInt(FRAMES.size()));
      String text =
          POLITE.get(random.nextInt(POLITE.size()))
              + String.format(Locale.ROOT, frame, slipped(words));
      month.add(
          new Said(
              "walker-" + random.nextInt(PEOPLE),
              text,
              cause,
              random.nextDouble() < SHARE_OF_VERDICTS));
    }
    return month;
  }

  /** The words, now and then with two letters swapped. */
  private String slipped(String words) {
    if (words.length() < 6 || random.nextDouble() >= SHARE_OF_SLIPS) {
      return words;
    }
    int at = 1 + random.nextInt(words.length() - 3);
    return words.substring(0, at)
        + words.charAt(at + 1)
        + words.charAt(at)
        + words.substring(at + 2);
  }
}
