package org.ropebridge.gaps;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import org.ropebridge.reading.WordVectors;

/**
 * Groups questions that people did not get answered, one group for each cause, those first that
 * trouble most people. A question with several unread phrases belongs to the one that troubles
 * most: when that is mended, it shows whether another is left.
 */
public final class Gaps {
  private final Likeness likeness;
  private final UnaryOperator<String> plain;
  private final WholeWords whole;

  /**
   * @param vectors tell which phrases mean the same
   * @param plain brings a phrase into one form: small letters, the singular
   * @param isOfLanguage tells plain words of the language itself, as "by", from others
   */
  public Gaps(WordVectors vectors, UnaryOperator<String> plain, Predicate<String> isOfLanguage) {
    this.likeness = new Likeness(vectors);
    this.plain = plain;
    this.whole = new WholeWords(isOfLanguage);
  }

  /** The gaps that the questions show, the most troublesome first. */
  public List<Gap> of(List<Asked> asked) {
    List<Asked> trouble = asked.stream().filter(a -> a.outcome().isTrouble()).toList();
    List<Asked> unread = trouble.stream().filter(Gaps::failsForItsWords).toList();
    List<Gap> gaps = new ArrayList<>(ofWords(unread));
    Map<String, List<Asked>> others = new LinkedHashMap<>();
    for (Asked one : trouble) {
      if (!failsForItsWords(one)) {
        others.computeIfAbsent(keyOf(one), k -> new ArrayList<>()).add(one);
      }
    }
    others.forEach((key, questions) -> gaps.add(gap(key, questions)));
    gaps.sort(
        Comparator.comparing(Gap::people)
            .thenComparing(g -> g.questions().size())
            .reversed()
            .thenComparing(Gap::key));
    return gaps;
  }

  private static boolean failsForItsWords(Asked asked) {
    return !asked.unread().isEmpty() && asked.outcome() != Asked.Outcome.JUDGED_WRONG;
  }

  // ---- unread words

  private List<Gap> ofWords(List<Asked> asked) {
    Map<String, Set<String>> people = new HashMap<>();
    Map<String, Map<String, Integer>> written = new HashMap<>();
    for (Asked one : asked) {
      for (String phrase : one.unread()) {
        String form = plain.apply(phrase);
        people.computeIfAbsent(form, f -> new HashSet<>()).add(who(one));
        written.computeIfAbsent(form, f -> new HashMap<>()).merge(phrase, 1, Integer::sum);
      }
    }
    List<String> forms =
        people.keySet().stream()
            .sorted(
                Comparator.<String, Integer>comparing(f -> people.get(f).size())
                    .reversed()
                    .thenComparing(Comparator.naturalOrder()))
            .toList();
    Map<String, String> causes = causes(forms);
    Map<String, Set<String>> troubled = new HashMap<>();
    forms.forEach(
        f -> troubled.computeIfAbsent(causes.get(f), c -> new HashSet<>()).addAll(people.get(f)));
    Map<String, List<Asked>> byCause = new LinkedHashMap<>();
    for (Asked one : asked) {
      String cause =
          one.unread().stream()
              .map(p -> causes.get(plain.apply(p)))
              .max(
                  Comparator.<String, Integer>comparing(c -> troubled.get(c).size())
                      .thenComparing(Comparator.reverseOrder()))
              .orElseThrow();
      byCause.computeIfAbsent(cause, c -> new ArrayList<>()).add(one);
    }
    List<Gap> gaps = new ArrayList<>();
    byCause.forEach(
        (cause, questions) ->
            gaps.add(
                new Gap(
                    "unread:" + cause,
                    Gap.Kind.UNREAD,
                    whole.of(
                        mostWritten(written.get(cause)),
                        questions.stream().map(Asked::question).toList()),
                    phrases(cause, causes, written),
                    people(questions),
                    questions)));
    return gaps;
  }

  /** For each form the one that stands for all that are like it. */
  private Map<String, String> causes(List<String> forms) {
    Map<String, String> causes = new HashMap<>();
    List<String> heads = new ArrayList<>();
    for (String form : forms) {
      String head = heads.stream().filter(h -> likeness.areAlike(h, form)).findFirst().orElse(form);
      if (head.equals(form)) {
        heads.add(form);
      }
      causes.put(form, head);
    }
    return causes;
  }

  private static List<String> phrases(
      String cause, Map<String, String> causes, Map<String, Map<String, Integer>> written) {
    Map<String, Integer> all = new HashMap<>();
    causes.forEach(
        (form, head) -> {
          if (head.equals(cause)) {
            written.get(form).forEach((phrase, times) -> all.merge(phrase, times, Integer::sum));
          }
        });
    return all.entrySet().stream()
        .sorted(
            Map.Entry.<String, Integer>comparingByValue()
                .reversed()
                .thenComparing(Map.Entry.comparingByKey()))
        .map(Map.Entry::getKey)
        .toList();
  }

  private static String mostWritten(Map<String, Integer> written) {
    return written.entrySet().stream()
        .max(
            Map.Entry.<String, Integer>comparingByValue()
                .thenComparing(Map.Entry.<String, Integer>comparingByKey().reversed()))
        .map(Map.Entry::getKey)
        .orElseThrow();
  }

  // ---- other causes

  private static String keyOf(Asked asked) {
    return switch (asked.outcome()) {
      case JUDGED_WRONG -> "wrong:" + asked.judged();
      case ASKED_BACK -> "asked_back:" + difference(asked.choices());
      default -> "declined:" + (asked.reason().isEmpty() ? asked.question() : asked.reason());
    };
  }

  private static Gap gap(String key, List<Asked> questions) {
    Asked first = questions.get(0);
    String words = key.substring(key.indexOf(':') + 1);
    Gap.Kind kind =
        switch (first.outcome()) {
          case JUDGED_WRONG -> Gap.Kind.JUDGED_WRONG;
          case ASKED_BACK -> Gap.Kind.ASKED_BACK;
          default -> Gap.Kind.DECLINED;
        };
    return new Gap(key, kind, words, List.of(), people(questions), questions);
  }

  /**
   * What choices differ in: of "revenue for valley Quill" and "revenue for hut Quill" that is
   * "valley / hut", whatever else was asked.
   */
  static String difference(List<String> choices) {
    Set<String> common = null;
    List<Set<String>> words = new ArrayList<>();
    for (String choice : choices) {
      Set<String> of = new LinkedHashSet<>(Arrays.asList(choice.split(" ")));
      words.add(of);
      if (common == null) {
        common = new HashSet<>(of);
      } else {
        common.retainAll(of);
      }
    }
    Set<String> shared = common == null ? Set.of() : common;
    return words.stream()
        .map(w -> w.stream().filter(x -> !shared.contains(x)).collect(Collectors.joining(" ")))
        .filter(d -> !d.isEmpty())
        .sorted()
        .collect(Collectors.joining(" / "));
  }

  private static int people(List<Asked> questions) {
    return (int) questions.stream().map(Gaps::who).distinct().count();
  }

  private static String who(Asked asked) {
    return asked.person().isEmpty() ? asked.id() : asked.person();
  }
}
