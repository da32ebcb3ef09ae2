package org.ropebridge.bench;

import dev.langchain4j.model.embedding.onnx.bgesmallenv15q.BgeSmallEnV15QuantizedEmbeddingModel;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.ropebridge.access.Access;
import org.ropebridge.demo.DemoData;
import org.ropebridge.demo.DemoFiles;
import org.ropebridge.gaps.Asked;
import org.ropebridge.gaps.Gap;
import org.ropebridge.gaps.Gaps;
import org.ropebridge.language.LanguagePack;
import org.ropebridge.lexicon.ValueIndex;
import org.ropebridge.model.Model;
import org.ropebridge.model.SampleQuestion;
import org.ropebridge.model.file.FileEdit;
import org.ropebridge.model.file.FileEditor;
import org.ropebridge.model.file.ModelReader;
import org.ropebridge.reading.Proposals;
import org.ropebridge.reading.QuestionReader;
import org.ropebridge.reading.Reading;
import org.ropebridge.reading.WordVectors;
import org.ropebridge.sql.SqlWriter;

/**
 * A simulated month of the demo: 60 people ask 6,000 questions of a model with 15 planted causes of
 * failure, and an author mends what the gaps show, in the order in which they show it. Prints the
 * share of questions answered right (the SQL is that of the model without the causes) before, after
 * each mend, and how far down the list each cause was found.
 *
 * <p>People's phrasings are made of frames, polite words and slips, by one person; what an author
 * would see in a gap's examples, the program takes from the cause of most of its questions.
 */
public final class GapsBench {
  private static final int PEOPLE = 60;

  /** Of these, those are asked that the mended model or no model at all answers: about 6,000. */
  private static final int SAID = 7_400;

  private static final int MOST_MENDS = 15;
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

  /**
   * A cause of failure.
   *
   * @param words what people say, in some ways of writing
   * @param plant what is wrong in the model that people ask; nothing where it only lacks something
   * @param mend what the author does; nothing where the data does not have it
   */
  private record Cause(
      String name, List<String> words, List<FileEdit> plant, List<FileEdit> mend) {}

  private final Map<String, float[]> known = new HashMap<>();
  private final BgeSmallEnV15QuantizedEmbeddingModel embedding =
      new BgeSmallEnV15QuantizedEmbeddingModel();
  private final WordVectors vectors =
      w -> known.computeIfAbsent(w, x -> embedding.embed(x).content().vector());
  private final Random random = new Random(60);

  private GapsBench() {}

  public static void main(String[] args) {
    new GapsBench().run();
  }

  private static Cause table(String name, String word) {
    return new Cause(
        word,
        List.of(word),
        List.of(),
        List.of(FileEdit.set("tables/" + name + ".yaml", List.of("also_called"), List.of(word))));
  }

  private static Cause metric(String name, List<String> known, String... words) {
    List<String> all = new ArrayList<>(known);
    all.addAll(List.of(words));
    return new Cause(
        words[0],
        List.of(words),
        List.of(),
        List.of(FileEdit.set("metrics.yaml", List.of("metrics", name, "also_called"), all)));
  }

  private static List<Cause> causes() {
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
            List.of(
                FileEdit.set(
                    "tables/stays.yaml",
                    List.of("columns", "channel", "values", "W", "also_called"),
                    List.of("online", "web", "homepage")))),
        new Cause(
            "income",
            List.of("income"),
            List.of(
                FileEdit.remove("model.yaml", List.of("preferences", "meanings", "income")),
                FileEdit.set(
                    "metrics.yaml",
                    List.of("metrics", "gross_revenue", "also_called"),
                    List.of("revenue before refunds", "income"))),
            List.of(
                FileEdit.set(
                    "model.yaml",
                    List.of("preferences", "meanings"),
                    Map.of("income", "revenue")))),
        new Cause(
            "net surplus",
            List.of("net surplus", "surplus"),
            List.of(),
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
            List.of(
                FileEdit.set(
                    "metrics.yaml",
                    List.of("metrics", "completed_stays", "sql"),
                    "count(*) filter (where status = 'D')"))),
        new Cause(
            "carbon emissions", List.of("carbon emissions", "emissions"), List.of(), List.of()));
  }

  /** A model that can be asked. */
  private static final class Asking {
    private final Model model;
    private final QuestionReader reader;
    private final SqlWriter writer;

    Asking(Map<String, String> files) {
      ModelReader.Result read = ModelReader.read(files);
      this.model =
          read.model().orElseThrow(() -> new IllegalStateException(read.faults().toString()));
      this.reader =
          new QuestionReader(model, ValueIndex.EMPTY, LanguagePack.ENGLISH, DemoData.TODAY);
      this.writer = new SqlWriter(Access.unlimited(model), reader.periods(), reader.restatement());
    }

    Reading read(String question) {
      return reader.read(question);
    }

    /** The SQL of a question that is read in full; empty for another. */
    Optional<String> sql(Reading reading) {
      return reading.status() == Reading.Status.ANSWERED
          ? reading.plan().map(p -> writer.write(p, 1000).readable())
          : Optional.empty();
    }
  }

  /** A question of the month, and the cause that it fails for, if it does. */
  private record Said(String person, String text, Cause cause, boolean judges) {}

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
              "person " + random.nextInt(PEOPLE),
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

  private void run() {
    List<Cause> causes = causes();
    Map<String, String> truthFiles = new HashMap<>(DemoFiles.model());
    for (Cause cause : causes) {
      truthFiles = edited(truthFiles, cause.mend());
    }
    Map<String, String> files = new HashMap<>(DemoFiles.model());
    for (Cause cause : causes) {
      files = edited(files, cause.plant());
    }
    Asking truth = new Asking(truthFiles);
    Map<String, Optional<String>> right = new HashMap<>();
    List<Said> month = new ArrayList<>();
    for (Said said : month(causes)) {
      boolean isAnswerable =
          right.computeIfAbsent(said.text(), t -> truth.sql(truth.read(t))).isPresent();
      boolean hasNoData = said.cause() != null && said.cause().mend().isEmpty();
      // What no model of this data can answer, as new members by valley, is no cause of ours.
      if (isAnswerable || hasNoData) {
        month.add(said);
      }
    }
    Set<Cause> mended = new HashSet<>();
    Map<Cause, Integer> foundAt = new LinkedHashMap<>();
    Set<String> looked = new HashSet<>();
    Asking now = new Asking(files);
    Score score = score(now, month, right);
    Score first = score;
    System.out.printf(Locale.ROOT, "before: %s%n", score);
    for (int mends = 0; mends < MOST_MENDS && foundAt.size() < causes.size(); ) {
      Optional<Gap> next =
          gaps(score.asked()).stream().filter(g -> !looked.contains(g.key())).findFirst();
      if (next.isEmpty()) {
        break;
      }
      looked.add(next.get().key());
      Cause cause = causeOf(next.get(), score);
      if (cause == null || !mended.add(cause)) {
        System.out.printf(
            Locale.ROOT, "  gap %2d: %s, nothing new%n", looked.size(), next.get().key());
        continue;
      }
      foundAt.put(cause, looked.size());
      mends++;
      files = edited(files, cause.mend());
      now = new Asking(files);
      score = score(now, month, right);
      System.out.printf(
          Locale.ROOT,
          "  gap %2d: %s, %d people, %d questions; mended: %s%n",
          looked.size(),
          next.get().key(),
          next.get().people(),
          next.get().questions().size(),
          score);
    }
    // What the data does not have cannot become right.
    first.failing().removeIf(q -> right.get(q).isEmpty());
    long failed = first.failing().size();
    Set<String> still = score.failing();
    long nowRight = first.failing().stream().filter(q -> !still.contains(q)).count();
    still.stream()
        .filter(q -> right.get(q).isPresent())
        .limit(15)
        .forEach(q -> System.out.println("  still wrong: " + q));
    System.out.printf(
        Locale.ROOT,
        "%d of %d causes found within %d gaps; of %d different questions that failed and can be answered, %.1f %% are"
            + " right; agreed sample questions read otherwise: %d%n",
        foundAt.size(),
        causes.size(),
        looked.size(),
        failed,
        100.0 * nowRight / failed,
        broken(now, new Asking(new HashMap<>(DemoFiles.model()))));
  }

  private static Map<String, String> edited(Map<String, String> files, List<FileEdit> edits) {
    return edits.isEmpty() ? files : FileEditor.apply(files, edits);
  }

  /** How a month went with a model. */
  private record Score(
      int right, int all, List<Asked> asked, Map<String, Cause> causes, Set<String> failing) {
    @Override
    public String toString() {
      return String.format(Locale.ROOT, "%.1f %% of %d right", 100.0 * right / all, all);
    }
  }

  private static Score score(Asking asking, List<Said> month, Map<String, Optional<String>> truth) {
    int right = 0;
    List<Asked> asked = new ArrayList<>();
    Map<String, Cause> causes = new HashMap<>();
    Set<String> failing = new HashSet<>();
    Map<String, Reading> readings = new HashMap<>();
    for (int i = 0; i < month.size(); i++) {
      Said said = month.get(i);
      Reading reading = readings.computeIfAbsent(said.text(), asking::read);
      Optional<String> sql = asking.sql(reading);
      boolean isRight = sql.isPresent() && sql.equals(truth.get(said.text()));
      right += isRight ? 1 : 0;
      if (!isRight) {
        failing.add(said.text());
      }
      boolean judgedWrong = !isRight && sql.isPresent() && said.judges();
      Asked.Outcome outcome =
          judgedWrong
              ? Asked.Outcome.JUDGED_WRONG
              : switch (reading.status()) {
                case ANSWERED, EXPLAINED -> Asked.Outcome.ANSWERED;
                case PARTLY -> Asked.Outcome.PARTLY;
                case UNCLEAR -> Asked.Outcome.ASKED_BACK;
                default -> Asked.Outcome.DECLINED;
              };
      String id = Integer.toString(i);
      String measures = reading.plan().map(p -> p.measures().toString()).orElse("");
      asked.add(
          new Asked(
              id,
              said.person(),
              said.text(),
              outcome,
              Proposals.unreadStretches(reading),
              reading.choices().stream().map(Reading.Choice::restatement).toList(),
              reading.reason(),
              "measure: " + measures));
      causes.put(id, said.cause() == null ? NONE : said.cause());
    }
    return new Score(right, month.size(), asked, causes, failing);
  }

  private static final Cause NONE = new Cause("none", List.of(), List.of(), List.of());

  private List<Gap> gaps(List<Asked> asked) {
    return new Gaps(
            vectors,
            w -> LanguagePack.ENGLISH.identifiers().singular(w.strip().toLowerCase(Locale.ROOT)))
        .of(asked);
  }

  /** The cause of most of a gap's questions; null for none. */
  private static Cause causeOf(Gap gap, Score score) {
    Map<Cause, Integer> times = new HashMap<>();
    gap.questions().forEach(q -> times.merge(score.causes().get(q.id()), 1, Integer::sum));
    Cause most = times.entrySet().stream().max(Map.Entry.comparingByValue()).orElseThrow().getKey();
    return most == NONE ? null : most;
  }

  private static long broken(Asking now, Asking before) {
    return before.model.questions().stream()
        .filter(q -> q.agreed().isPresent())
        .map(SampleQuestion::ask)
        .filter(q -> !now.sql(now.read(q)).equals(before.sql(before.read(q))))
        .count();
  }
}
