package org.ropebridge.service.gaps;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.ropebridge.gaps.Asked;
import org.ropebridge.gaps.Gap;
import org.ropebridge.gaps.Gaps;
import org.ropebridge.language.LanguagePack;
import org.ropebridge.lexicon.Items;
import org.ropebridge.reading.Proposals;
import org.ropebridge.reading.Reading;
import org.ropebridge.service.accounts.Account;
import org.ropebridge.service.log.LoggedQuestion;
import org.ropebridge.service.log.QuestionLog;
import org.ropebridge.service.models.Engine;
import org.ropebridge.service.models.Engines;
import org.ropebridge.service.models.ModelService;
import org.ropebridge.service.ownwords.OwnWords;
import org.ropebridge.service.problems.Problem;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Finds the gaps of a model in its log, and keeps what authors decide about them. */
@Service
class GapService {
  private static final int MOST_QUESTIONS = 20_000;
  private static final int EXAMPLES = 5;

  /** Questions of a gap that are looked at for words that the model could prefer. */
  private static final int MOST_PREFERRED = 100;

  private final QuestionLog log;
  private final GapStates states;
  private final Engines engines;
  private final ModelService models;
  private final Sentences sentences;
  private final GapKeys keys;
  private final OwnWords ownWords;

  GapService(
      QuestionLog log,
      GapStates states,
      Engines engines,
      ModelService models,
      Sentences sentences,
      GapKeys keys,
      OwnWords ownWords) {
    this.sentences = sentences;
    this.keys = keys;
    this.ownWords = ownWords;
    this.log = log;
    this.states = states;
    this.engines = engines;
    this.models = models;
  }

  /**
   * A gap and what was decided about it.
   *
   * @param logged its questions, the newest first
   * @param hasReturned whether it was asked about again after it was mended
   */
  record Found(Gap gap, List<LoggedQuestion> logged, GapState state, boolean hasReturned) {
    /** Whether nothing was decided about it, or what was decided did not help. */
    boolean isOpen() {
      return state.state() == GapState.State.OPEN || hasReturned;
    }

    /** Whether a mend of it is made that still holds. */
    boolean isMended() {
      return state.state() == GapState.State.MENDED && !hasReturned;
    }
  }

  /** The gaps that the log shows, the most troublesome first. */
  @Transactional(readOnly = true)
  List<Found> find(String model, int days) {
    Map<String, LoggedQuestion> trouble = new LinkedHashMap<>();
    log.since(model, Instant.now().minus(Duration.ofDays(days)), MOST_QUESTIONS).stream()
        .filter(LoggedQuestion::isTrouble)
        .forEach(q -> trouble.put(q.id().toString(), q));
    Gaps gaps = new Gaps(engines.wordVectors(), GapService::form, GapService::isOfLanguage);
    Map<String, GapState> decided =
        states.findByModelName(model).stream().collect(Collectors.toMap(GapState::gapKey, s -> s));
    return gaps.of(trouble.values().stream().map(GapService::asked).toList()).stream()
        .map(g -> found(g, trouble, decided.get(keys.stored(model, g.key()))))
        .toList();
  }

  /** One form for all ways in which words are written. */
  static String form(String words) {
    return LanguagePack.ENGLISH.identifiers().singular(plain(words));
  }

  /** Whether a word is the language's own, and so says nothing of what people miss. */
  private static boolean isOfLanguage(String word) {
    return LanguagePack.ENGLISH.vocabulary().words().containsKey(word);
  }

  private static String plain(String words) {
    return words.strip().toLowerCase(Locale.ROOT);
  }

  private static Asked asked(LoggedQuestion q) {
    Asked.Outcome outcome =
        q.verdict().equals("WRONG")
            ? Asked.Outcome.JUDGED_WRONG
            : switch (q.status()) {
              case "partly" -> Asked.Outcome.PARTLY;
              case "unclear" -> Asked.Outcome.ASKED_BACK;
              default -> Asked.Outcome.DECLINED;
            };
    String about = q.verdictAbout().isEmpty() ? q.restatement() : q.verdictAbout();
    String judged = q.verdictPart().toLowerCase(Locale.ROOT) + ": " + about;
    return new Asked(
        q.id().toString(),
        q.person(),
        q.question(),
        outcome,
        q.unread(),
        q.choices(),
        q.reason(),
        judged);
  }

  private static Found found(Gap gap, Map<String, LoggedQuestion> logged, GapState decided) {
    List<LoggedQuestion> questions = gap.questions().stream().map(q -> logged.get(q.id())).toList();
    GapState state = decided == null ? new GapState("", gap.key()) : decided;
    boolean returned =
        state.state() == GapState.State.MENDED
            && questions.stream().anyMatch(q -> q.edition() > state.edition());
    return new Found(gap, questions, state, returned);
  }

  /** The gap of that key, among those of the log. */
  @Transactional(readOnly = true)
  Found find(String model, String key, int days) {
    return ofKey(find(model, days), key);
  }

  /**
   * The gap of that key.
   *
   * @throws Problem if there is none
   */
  static Found ofKey(List<Found> all, String key) {
    return all.stream()
        .filter(f -> f.gap().key().equals(key))
        .findFirst()
        .orElseThrow(
            () ->
                Problem.notFound(
                    "no-such-gap",
                    "There is no such gap any more: its questions are answered now, or were"
                        + " deleted."));
  }

  /** A decision about a gap. */
  record Decision(GapState.State state, String assignedTo, String note, LocalDate until) {}

  /** Keeps a decision. */
  @Transactional
  void decide(String model, String key, Decision decision, String by) {
    String kept = keys.stored(model, key);
    GapState state = states.findByGapKey(kept).orElseGet(() -> new GapState(model, kept));
    int newest = models.newestFiles(model).map(ModelService.EditionFiles::number).orElse(0);
    state.change(
        decision.state(), decision.assignedTo(), decision.note(), decision.until(), newest);
    state.changedBy(by);
    states.save(state);
    sentences.changed();
  }

  /**
   * A gap as its author sees it.
   *
   * @param kind unread, asked_back, judged_wrong or declined
   * @param state open, mended, put_off, not_in_data or left
   * @param chosen what people chose when they were asked back, the most often chosen first
   * @param meant what people say that they mean by the unread words, as far as the author may see
   *     it
   * @param proposals what the unread words may mean, the nearest first
   * @param forAuthor how many asked the author about it
   */
  record GapPart(
      String key,
      String kind,
      String words,
      List<String> phrases,
      int people,
      int questions,
      Instant firstAsked,
      Instant lastAsked,
      String state,
      boolean hasReturned,
      String assignedTo,
      String note,
      LocalDate putOffUntil,
      List<Example> examples,
      List<Chosen> chosen,
      List<MeantPart> meant,
      List<Proposals.Meant> proposals,
      int forAuthor) {}

  /** A question of a gap. */
  record Example(
      String question, String restatement, Instant askedAt, String words, boolean forAuthor) {}

  /**
   * What people chose.
   *
   * @param words what tells it from the other choices
   * @param preferences words and the item that each means in this choice, as the model can prefer
   *     them; empty where it is not words that tell the choices apart
   */
  record Chosen(String words, int times, Map<String, String> preferences) {}

  /** What so many people mean by the words. */
  record MeantPart(String item, String kind, String label, long people) {}

  /** The gap for an author. */
  GapPart part(Found found, String model, Account account) {
    Gap gap = found.gap();
    List<LoggedQuestion> logged = found.logged();
    Engine engine = engines.of(model, account.person());
    GapState state = found.state();
    boolean isBack =
        state.state() == GapState.State.PUT_OFF
            && state.putOffUntil() != null
            && !state.putOffUntil().isAfter(LocalDate.now(ZoneId.systemDefault()));
    boolean open = found.hasReturned() || isBack;
    return new GapPart(
        gap.key(),
        gap.kind().name().toLowerCase(Locale.ROOT),
        gap.words(),
        gap.phrases(),
        gap.people(),
        logged.size(),
        logged.stream().map(LoggedQuestion::askedAt).min(Comparator.naturalOrder()).orElseThrow(),
        logged.stream().map(LoggedQuestion::askedAt).max(Comparator.naturalOrder()).orElseThrow(),
        (open ? GapState.State.OPEN : state.state()).name().toLowerCase(Locale.ROOT),
        found.hasReturned(),
        state.assignedTo(),
        state.note(),
        state.putOffUntil(),
        examples(logged),
        chosen(engine, gap, logged),
        meant(engine, gap),
        gap.kind() == Gap.Kind.UNREAD ? proposals(engine, gap) : List.of(),
        (int) logged.stream().filter(LoggedQuestion::isForAuthor).count());
  }

  /** Different questions, those first about which people said something. */
  private static List<Example> examples(List<LoggedQuestion> logged) {
    Map<String, LoggedQuestion> different = new LinkedHashMap<>();
    logged.stream()
        .sorted(Comparator.comparing(q -> q.verdictWords().isEmpty()))
        .forEach(q -> different.putIfAbsent(plain(q.question()), q));
    return different.values().stream()
        .limit(EXAMPLES)
        .map(
            q ->
                new Example(
                    q.question(), q.restatement(), q.askedAt(), q.verdictWords(), q.isForAuthor()))
        .toList();
  }

  /** What people chose, with the words that would have to mean it always. */
  private static List<Chosen> chosen(Engine engine, Gap gap, List<LoggedQuestion> logged) {
    Map<String, Integer> times = new HashMap<>();
    Map<String, Map<String, String>> preferences = new HashMap<>();
    List<String> differences = List.of(gap.words().split(" / "));
    for (LoggedQuestion question : logged) {
      said(differences, question.chosen()).ifPresent(d -> times.merge(d, 1, Integer::sum));
    }
    if (times.isEmpty()) {
      return List.of();
    }
    logged.stream()
        .map(LoggedQuestion::question)
        .distinct()
        .limit(MOST_PREFERRED)
        .flatMap(q -> engine.reader().read(q).choices().stream())
        .forEach(
            choice ->
                said(differences, choice.restatement())
                    .ifPresent(
                        d ->
                            preferences
                                .computeIfAbsent(d, x -> new TreeMap<>())
                                .putAll(preferences(choice))));
    return times.entrySet().stream()
        .sorted(Map.Entry.<String, Integer>comparingByValue().reversed())
        .map(
            e ->
                new Chosen(
                    e.getKey(), e.getValue(), preferences.getOrDefault(e.getKey(), Map.of())))
        .toList();
  }

  /** Which of the differences a choice says. */
  private static Optional<String> said(List<String> differences, String choice) {
    List<String> words = List.of(choice.split(" "));
    return differences.stream()
        .filter(d -> !choice.isEmpty() && words.containsAll(List.of(d.split(" "))))
        .findFirst();
  }

  /** A value is preferred by its column. */
  private static Map<String, String> preferences(Reading.Choice choice) {
    Map<String, String> preferences = new TreeMap<>();
    choice
        .telling()
        .forEach(
            (words, meaning) ->
                Items.nameOf(meaning)
                    .ifPresent(item -> preferences.put(plain(words), item.split("=", 2)[0])));
    return preferences;
  }

  /** What people mean by one of the ways in which the words were written. */
  private List<MeantPart> meant(Engine engine, Gap gap) {
    if (gap.kind() != Gap.Kind.UNREAD) {
      return List.of();
    }
    Set<String> forms = gap.phrases().stream().map(GapService::form).collect(Collectors.toSet());
    Map<String, Long> people = new LinkedHashMap<>();
    ownWords.meant(engine.model()).stream()
        .filter(m -> forms.contains(form(m.words())))
        .forEach(m -> people.merge(m.item(), m.people(), Long::sum));
    return people.entrySet().stream()
        .sorted(Map.Entry.<String, Long>comparingByValue().reversed())
        .flatMap(
            e ->
                engine.steering().items().of(e.getKey()).stream()
                    .map(i -> new MeantPart(i.item(), i.kind(), i.label(), e.getValue())))
        .toList();
  }

  /**
   * Meanings that are near to one of the ways in which the words were written, the likeliest first.
   */
  private static List<Proposals.Meant> proposals(Engine engine, Gap gap) {
    Map<String, Proposals.Meant> meant = new LinkedHashMap<>();
    Map<String, Integer> points = new HashMap<>();
    gap.questions().stream()
        .map(Asked::question)
        .distinct()
        .limit(EXAMPLES)
        .flatMap(q -> engine.proposed(engine.reader().read(q)).stream())
        .filter(p -> gap.phrases().stream().anyMatch(x -> x.equalsIgnoreCase(p.words())))
        .forEach(
            p -> {
              for (int rank = 0; rank < p.meant().size(); rank++) {
                Proposals.Meant one = p.meant().get(rank);
                meant.putIfAbsent(one.name(), one);
                points.merge(one.name(), p.meant().size() - rank, Integer::sum);
              }
            });
    return meant.values().stream()
        .sorted(Comparator.comparing((Proposals.Meant m) -> points.get(m.name())).reversed())
        .limit(EXAMPLES)
        .toList();
  }
}
