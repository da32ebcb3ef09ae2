package org.ropebridge.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.ropebridge.lexicon.Token;
import org.ropebridge.lexicon.Tokens;
import org.ropebridge.lexicon.Writing;
import org.ropebridge.model.Model;
import org.ropebridge.model.SampleQuestion;
import org.ropebridge.model.file.Fault;
import org.ropebridge.model.file.Places;

/** Checks that what the sample questions mean can be read. */
public final class SampleQuestions {
  private SampleQuestions() {}

  /**
   * The faults of a model's sample questions.
   *
   * @param reader reads the whole model; when it knows no values, words that only values can
   *     explain are no fault
   * @param valuesKnown whether the reader knows the values of the warehouse
   */
  public static List<Fault> faults(
      Model model, QuestionReader reader, Places places, boolean valuesKnown) {
    return faults(model, reader, places, valuesKnown, Fault.Severity.ERROR);
  }

  /**
   * The same for a model with other faults, which may be the reason for these.
   *
   * @param reader reads the sound part of the model
   */
  public static List<Fault> besideOtherFaults(
      Model model, QuestionReader reader, Places places, boolean valuesKnown) {
    return faults(model, reader, places, valuesKnown, Fault.Severity.WARNING);
  }

  private static List<Fault> faults(
      Model model,
      QuestionReader reader,
      Places places,
      boolean valuesKnown,
      Fault.Severity severity) {
    List<Fault> faults = new ArrayList<>();
    for (int i = 0; i < model.questions().size(); i++) {
      SampleQuestion question = model.questions().get(i);
      String path = "questions-file/questions/" + i;
      if (question.means().isPresent()) {
        Reading reading = reader.read(question.means().get());
        boolean valueMissing = !valuesKnown && !reading.unread().isEmpty() && namesValues(reading);
        if (reading.status() != Reading.Status.ANSWERED && !valueMissing) {
          faults.add(
              new Fault(
                  severity,
                  places.ofValue(path + "/means"),
                  "\"" + question.means().get() + "\" cannot be read: " + reading.reason(),
                  severity == Fault.Severity.WARNING
                      ? "if the other faults are not the reason, say it in the model's own words"
                      : reading.choices().isEmpty()
                          ? "say it in the model's own words"
                          : "say one of: "
                              + String.join(
                                  "; ",
                                  reading.choices().stream()
                                      .map(Reading.Choice::restatement)
                                      .toList())));
        }
      } else if (question.sql().isPresent()) {
        if (valuesKnown && question.agreed().isPresent() && !isAnswered(question, reader)) {
          faults.add(
              new Fault(
                  severity,
                  places.ofValue(path + "/ask"),
                  "the question names no value for every slot of its SQL",
                  "name values as they are in the slots' columns"));
        }
      }
    }
    return faults;
  }

  private static boolean isAnswered(SampleQuestion question, QuestionReader reader) {
    return reader.read(question.ask()).sql().isPresent();
  }

  /** Whether the unread words could be values: capitalised words. */
  private static boolean namesValues(Reading reading) {
    return reading.unread().stream().allMatch(w -> Character.isUpperCase(w.charAt(0)));
  }

  /** Whether two questions say the same words. */
  public static boolean areSame(String one, String other) {
    return key(one).equals(key(other));
  }

  /** The words of a question without signs, to see whether two are the same. */
  static String key(String question) {
    return String.join(
            " ",
            Tokens.of(question, Writing.POINTS).stream()
                .filter(t -> t.kind() != Token.Kind.STOP && t.kind() != Token.Kind.SIGN)
                .map(Token::plain)
                .toList())
        .toLowerCase(Locale.ROOT);
  }
}
