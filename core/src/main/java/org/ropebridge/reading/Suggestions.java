package org.ropebridge.reading;

import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.ropebridge.language.LanguagePack;
import org.ropebridge.lexicon.Tokens;
import org.ropebridge.model.Metric;
import org.ropebridge.model.Model;
import org.ropebridge.model.SampleQuestion;

/**
 * Questions that a model covers, nearest to one that it does not: agreed samples and plain
 * questions for metrics, by the words they share with it.
 */
final class Suggestions {
  private static final int MOST = 4;
  private final LanguagePack language;
  private final Map<String, Set<String>> wordsByQuestion = new LinkedHashMap<>();

  /** The stems of the language's own words, which say nothing of what is asked for. */
  private final Set<String> ofLanguage;

  Suggestions(Model model, LanguagePack language, QuestionReader reader) {
    this.language = language;
    this.ofLanguage =
        language.vocabulary().words().keySet().stream()
            .filter(word -> !word.contains(" "))
            .map(language.vocabulary()::stem)
            .collect(Collectors.toSet());
    for (SampleQuestion sample : model.questions()) {
      boolean agreed = sample.agreed().isPresent() && sample.means().isPresent();
      if (agreed && isAnswered(reader, sample.means().get())) {
        add(sample.ask(), sample.ask() + " " + sample.means().get());
      }
    }
    for (Metric metric : model.metrics()) {
      if (isAnswered(reader, metric.label())) {
        add(metric.label(), metric.label() + " " + String.join(" ", metric.alsoCalled()));
      }
    }
  }

  private static boolean isAnswered(QuestionReader reader, String question) {
    return reader.readPlainly(question).status() == Reading.Status.ANSWERED;
  }

  private void add(String question, String words) {
    wordsByQuestion.putIfAbsent(question, stems(words));
  }

  private Set<String> stems(String text) {
    Set<String> stems = new HashSet<>();
    Tokens.of(text, language.vocabulary().writing())
        .forEach(t -> stems.add(language.vocabulary().stem(t.plain())));
    stems.removeAll(ofLanguage);
    return stems;
  }

  /** The nearest questions; starters' order where none is near. */
  List<String> near(String question) {
    Set<String> asked = stems(question);
    return wordsByQuestion.entrySet().stream()
        .sorted(
            Comparator.comparingLong(
                (Map.Entry<String, Set<String>> e) ->
                    -e.getValue().stream().filter(asked::contains).count()))
        .limit(MOST)
        .map(Map.Entry::getKey)
        .toList();
  }
}
