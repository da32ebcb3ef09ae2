package org.ropebridge.bench;

import java.io.IOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.Collectors;
import java.util.stream.StreamSupport;
import org.ropebridge.bench.SimulatedMonth.Cause;
import org.ropebridge.bench.SimulatedMonth.Said;
import org.ropebridge.model.file.FileEdit;
import tools.jackson.databind.JsonNode;

/**
 * The simulated month through a running service: 60 accounts ask over HTTP, answer when they are
 * asked back and judge what is wrong; an author works through the gaps by the calls of their page,
 * in the order that it gives, seeing only what it shows; publishes; and everybody asks everything
 * again. An answer is right when it has the rows of the model without the causes. The month lasts
 * some minutes here. What an author would know by reading (that "kitty" is revenue) the program
 * knows by the words that the gap shows.
 *
 * <p>{@code MonthBench http://127.0.0.1:PORT PASSWORD}; leaves the models {@code month} and {@code
 * month_truth}.
 */
public final class MonthBench {
  private static final String MODEL = "month";
  private static final String TRUTH = "month_truth";
  private static final String AUTHOR = "mira";
  private static final int MOST_MENDS = 15;
  private static final int AT_ONCE = 8;
  private static final double SHARE_OF_CHOICES = 0.8;

  private final DemoService service;
  private final List<Cause> causes = SimulatedMonth.causes();
  private final Map<String, Right> right = new HashMap<>();

  private MonthBench(DemoService service) {
    this.service = service;
  }

  /** What is right for a question; empty rows where nothing is. */
  private record Right(Optional<String> rows, String restatement) {}

  /** What became of a question. */
  private record Became(String text, boolean isRight, boolean isUnwarned) {}

  public static void main(String[] args)
      throws IOException, InterruptedException, ExecutionException {
    if (args.length < 2) {
      System.err.println("usage: MonthBench http://127.0.0.1:PORT PASSWORD");
      System.exit(2);
    }
    new MonthBench(new DemoService(args[0], args[1])).run();
  }

  private void run() throws IOException, InterruptedException, ExecutionException {
    // A run that was ended early may have left some.
    for (JsonNode account : service.get(DemoService.STEWARD, "/api/accounts")) {
      if (account.path("name").asString().startsWith("walker-")) {
        service.delete(DemoService.STEWARD, "/api/accounts/" + account.path("name").asString());
      }
    }
    for (int i = 0; i < SimulatedMonth.PEOPLE; i++) {
      service.post(
          DemoService.STEWARD,
          "/api/accounts",
          Map.of(
              "name",
              "walker-" + i,
              "password",
              service.password(),
              "details",
              Map.of(
                  "displayName",
                  "Walker " + i,
                  "role",
                  "ASKER",
                  "accessRoles",
                  List.of(),
                  "attributes",
                  Map.of())));
    }
    try {
      month();
    } finally {
      for (int i = 0; i < SimulatedMonth.PEOPLE; i++) {
        service.delete(DemoService.STEWARD, "/api/accounts/walker-" + i);
      }
    }
  }

  private void month() throws IOException, InterruptedException, ExecutionException {
    publish(TRUTH, SimulatedMonth.mended(causes));
    publish(MODEL, SimulatedMonth.planted(causes));
    List<Said> all = SimulatedMonth.said(causes);
    learn(all.stream().map(Said::text).collect(Collectors.toCollection(LinkedHashSet::new)));
    // What no model of this data can answer, as new members by valley, is no cause of ours.
    List<Said> month =
        all.stream()
            .filter(
                s ->
                    right.get(s.text()).rows().isPresent()
                        || s.cause() != null && s.cause().mend().isEmpty())
            .toList();
    List<Became> before = ask(month, true);
    System.out.printf(Locale.ROOT, "before: %s%n", share(before));
    Set<Cause> found = new LinkedHashSet<>();
    int mends = work(found);
    publishDraft();
    List<Became> after = ask(month, false);
    System.out.printf(Locale.ROOT, "after %d mends: %s%n", mends, share(after));
    Set<String> failed = new HashSet<>();
    before.stream()
        .filter(b -> !b.isRight() && right.get(b.text()).rows().isPresent())
        .forEach(b -> failed.add(b.text()));
    Set<String> still = new LinkedHashSet<>();
    after.stream()
        .filter(b -> !b.isRight() && failed.contains(b.text()))
        .forEach(b -> still.add(b.text()));
    still.stream().limit(15).forEach(q -> System.out.println("  still wrong: " + q));
    System.out.printf(
        Locale.ROOT,
        "%d of %d causes found; of %d different questions that failed and can be answered, %.1f %%"
            + " are right; people told that theirs is answered: %d%n",
        found.size(),
        causes.size(),
        failed.size(),
        100.0 * (failed.size() - still.size()) / failed.size(),
        told());
  }

  private void publish(String model, Map<String, String> files)
      throws IOException, InterruptedException {
    Map<String, String> named = new HashMap<>(files);
    named.computeIfPresent(
        "model.yaml", (f, text) -> text.replaceFirst("model: \\w+", "model: " + model));
    service.put(AUTHOR, of(model) + "/draft", Map.of("files", named));
    publishDraft(model);
  }

  private void publishDraft() throws IOException, InterruptedException {
    JsonNode rehearsal = publishDraft(MODEL);
    System.out.printf(
        Locale.ROOT,
        "rehearsed: of %d sample questions, %d are broken%n",
        rehearsal.path("questions").size(),
        rehearsal.path("broken").asInt());
  }

  private JsonNode publishDraft(String model) throws IOException, InterruptedException {
    String job =
        service.post(AUTHOR, of(model) + "/rehearsals", Map.of()).path("job").path("id").asString();
    JsonNode rehearsal = service.done(AUTHOR, "/api/rehearsals/" + job);
    service.post(
        AUTHOR,
        of(model) + "/editions",
        Map.of(
            "revision",
            rehearsal.path("revision").asLong(),
            "note",
            "The month",
            "overrule",
            // The planted faults change what some agreed questions give: that is what they are for.
            "made up"));
    return rehearsal;
  }

  private static String of(String model) {
    return "/api/models/" + model;
  }

  private JsonNode answer(String account, String model, Map<String, Object> question)
      throws IOException, InterruptedException {
    return service.post(account, of(model) + "/ask", question);
  }

  private static Map<String, Object> question(String text) {
    return Map.of("question", text, "byItself", true);
  }

  private void learn(Set<String> texts) throws InterruptedException, ExecutionException {
    inParallel(
            texts.stream()
                .map(
                    t ->
                        (Work<Map.Entry<String, Right>>)
                            () -> {
                              JsonNode answer = answer(AUTHOR, TRUTH, question(t));
                              return Map.entry(
                                  t,
                                  new Right(rows(answer), answer.path("restatement").asString()));
                            })
                .toList())
        .forEach(e -> right.put(e.getKey(), e.getValue()));
  }

  private static Optional<String> rows(JsonNode answer) {
    return answer.path("status").asString().equals("answered")
        ? Optional.of(answer.path("rows").toString())
        : Optional.empty();
  }

  /** Something that asks the service. */
  private interface Work<T> {
    T get() throws IOException, InterruptedException;
  }

  private static <T> List<T> inParallel(List<Work<T>> works)
      throws InterruptedException, ExecutionException {
    ExecutorService crowd = Executors.newFixedThreadPool(AT_ONCE);
    try {
      List<Future<T>> running = new ArrayList<>();
      works.forEach(w -> running.add(crowd.submit(w::get)));
      List<T> results = new ArrayList<>();
      for (Future<T> one : running) {
        results.add(one.get());
      }
      return results;
    } finally {
      crowd.shutdown();
    }
  }

  /** Everybody asks; where they say what they think, they choose and judge. */
  private List<Became> ask(List<Said> month, boolean says)
      throws InterruptedException, ExecutionException {
    Random random = new Random(SimulatedMonth.PEOPLE);
    List<Work<Became>> works = new ArrayList<>();
    for (Said said : month) {
      boolean chooses = says && random.nextDouble() < SHARE_OF_CHOICES;
      works.add(() -> ask(said, chooses, says && said.judges()));
    }
    return inParallel(works);
  }

  private Became ask(Said said, boolean chooses, boolean judges)
      throws IOException, InterruptedException {
    JsonNode answer = answer(said.person(), MODEL, question(said.text()));
    Right truth = right.get(said.text());
    Optional<String> rows = rows(answer);
    boolean isRight = rows.isPresent() && rows.equals(truth.rows());
    String logged = answer.path("logged").asString();
    if (chooses && answer.path("status").asString().equals("unclear")) {
      for (JsonNode choice : answer.path("alternatives")) {
        if (choice.path("restatement").asString().equals(truth.restatement())) {
          Map<String, Object> chosen = new HashMap<>(question(truth.restatement()));
          chosen.put("chosenFor", logged);
          answer(said.person(), MODEL, chosen);
        }
      }
    }
    if (judges && rows.isPresent() && !isRight) {
      service.put(
          said.person(),
          "/api/questions/" + logged + "/verdict",
          Map.of("right", false, "part", "MEASURE", "words", ""));
    }
    return new Became(said.text(), isRight, rows.isPresent() && !isRight);
  }

  private static String share(List<Became> month) {
    long right = month.stream().filter(Became::isRight).count();
    long unwarned = month.stream().filter(Became::isUnwarned).count();
    return String.format(
        Locale.ROOT,
        "%.1f %% of %d right, %.1f %% with other rows",
        100.0 * right / month.size(),
        month.size(),
        100.0 * unwarned / month.size());
  }

  /** The author works through the page; returns how many mends were made. */
  private int work(Set<Cause> found) throws IOException, InterruptedException {
    Set<String> looked = new HashSet<>();
    Map<Cause, List<String>> words = new HashMap<>();
    int mends = 0;
    while (mends < MOST_MENDS) {
      Optional<JsonNode> next =
          StreamSupport.stream(service.get(AUTHOR, of(MODEL) + "/gaps").spliterator(), false)
              .filter(g -> g.path("state").asString().equals("open"))
              .filter(g -> !looked.contains(g.path("key").asString()))
              .findFirst();
      if (next.isEmpty()) {
        break;
      }
      JsonNode gap = next.get();
      looked.add(gap.path("key").asString());
      Optional<Cause> cause = causeOf(gap);
      String did = cause.isEmpty() ? "nothing to be done" : mend(gap, cause.get(), words);
      System.out.printf(
          Locale.ROOT,
          "  gap %2d: %s “%s”, %d people, %d questions; %s%n",
          looked.size(),
          gap.path("kind").asString(),
          gap.path("words").asString(),
          gap.path("people").asInt(),
          gap.path("questions").asInt(),
          did);
      if (cause.isPresent()) {
        found.add(cause.get());
        mends++;
      }
    }
    return mends;
  }

  /** The cause that an author sees in what the page shows of a gap. */
  private Optional<Cause> causeOf(JsonNode gap) {
    Map<Cause, Integer> times = new LinkedHashMap<>();
    for (JsonNode example : gap.path("examples")) {
      String text = example.path("question").asString().toLowerCase(Locale.ROOT);
      causes.stream()
          .filter(c -> c.words().stream().anyMatch(w -> text.contains(w.toLowerCase(Locale.ROOT))))
          .forEach(c -> times.merge(c, 1, Integer::sum));
    }
    return times.entrySet().stream().max(Map.Entry.comparingByValue()).map(Map.Entry::getKey);
  }

  private String mend(JsonNode gap, Cause cause, Map<Cause, List<String>> words)
      throws IOException, InterruptedException {
    if (cause.mend().isEmpty()) {
      service.put(
          AUTHOR,
          of(MODEL) + "/gaps/decision",
          Map.of(
              "key",
              gap.path("key").asString(),
              "state",
              "NOT_IN_DATA",
              "note",
              "The trust does not measure emissions."));
      return "not in our data";
    }
    for (JsonNode chosen : gap.path("chosen")) {
      List<FileEdit> preferred = new ArrayList<>();
      chosen
          .path("preferences")
          .properties()
          .forEach(
              p ->
                  preferred.add(
                      FileEdit.set(
                          "model.yaml",
                          List.of("preferences", "meanings", p.getKey()),
                          p.getValue().asString())));
      if (!preferred.isEmpty()) {
        return "preferred: " + mend(gap, preferred);
      }
    }
    if (cause.named().isPresent() && gap.path("kind").asString().equals("unread")) {
      // As the page does, the gap's own words, and no others that the cause may have.
      List<String> said = words.computeIfAbsent(cause, c -> new ArrayList<>());
      said.add(gap.path("words").asString().toLowerCase(Locale.ROOT));
      return "synonym: " + mend(gap, List.of(cause.named().get().with(said)));
    }
    service.patch(
        AUTHOR, of(MODEL) + "/draft", Map.of("revision", revision(), "edits", edits(cause.mend())));
    return "in the draft: " + mend(gap, List.of());
  }

  /** Tries a mend, and keeps it unless an agreed question would be read otherwise. */
  private String mend(JsonNode gap, List<FileEdit> edits) throws IOException, InterruptedException {
    JsonNode tried = mend(gap, edits, false);
    int breaks = tried.path("breaks").size();
    if (breaks > 0) {
      return "would break " + breaks + " and is not kept: " + tried.path("breaks");
    }
    mend(gap, edits, true);
    return String.format(
        Locale.ROOT,
        "reads %d of %d, and %d of other gaps",
        tried.path("mended").asInt(),
        tried.path("mended").asInt() + tried.path("open").asInt(),
        tried.path("elsewhere").asInt());
  }

  private JsonNode mend(JsonNode gap, List<FileEdit> edits, boolean keep)
      throws IOException, InterruptedException {
    JsonNode started =
        service.post(
            AUTHOR,
            of(MODEL) + "/gaps/mend",
            Map.of(
                "key",
                gap.path("key").asString(),
                "revision",
                revision(),
                "edits",
                edits(edits),
                "keep",
                keep));
    JsonNode ended =
        service.done(AUTHOR, "/api/mends/" + started.path("job").path("id").asString());
    if (!ended.path("job").path("state").asString().equals("done")) {
      throw new IOException(ended.path("job").path("message").asString());
    }
    return ended.path("mended");
  }

  private static List<Map<String, Object>> edits(List<FileEdit> edits) {
    return edits.stream()
        .map(
            e ->
                Map.<String, Object>of(
                    "file", e.file(), "path", e.path(), "value", e.value().orElseThrow()))
        .toList();
  }

  private long revision() throws IOException, InterruptedException {
    return service.get(AUTHOR, of(MODEL) + "/draft").path("revision").asLong();
  }

  /** How many people have news of the model. */
  private int told() throws IOException, InterruptedException {
    int told = 0;
    for (int i = 0; i < SimulatedMonth.PEOPLE; i++) {
      told += service.get("walker-" + i, "/api/me/news").isEmpty() ? 0 : 1;
    }
    return told;
  }
}
