package org.ropebridge.reading;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.plan.Plan;

/**
 * How a question was understood.
 *
 * @param question as typed
 * @param plan what to compute; present when the status is answered or partly, unless {@code sql}
 *     says it
 * @param restatement the plan in words; present with the plan or the SQL
 * @param words every stretch of the question, in order, and what became of it
 * @param unread the words that nothing was made of
 * @param choices what it could also mean, or when unclear, what it may mean
 * @param reason why it is not answered in full, in a sentence; empty when it is
 * @param assumptions what the words left open
 * @param suggestions questions that the model covers, when this one is not answered in full
 * @param explanation how the reading came about, for authors
 * @param sql the author's own SQL, where a sample question in SQL was asked
 * @param followUp how it leans on the question before, when it does
 * @param about what it asks of the model itself, when it does
 */
public record Reading(
    String question,
    Status status,
    Optional<Plan> plan,
    Optional<String> restatement,
    List<WordUse> words,
    List<String> unread,
    List<Choice> choices,
    String reason,
    List<Assumption> assumptions,
    List<String> suggestions,
    Explanation explanation,
    Optional<AuthorSql> sql,
    Optional<FollowUp> followUp,
    Optional<About> about) {

  /** A reading of what the data can answer. */
  Reading(
      String question,
      Status status,
      Optional<Plan> plan,
      Optional<String> restatement,
      List<WordUse> words,
      List<String> unread,
      List<Choice> choices,
      String reason,
      List<Assumption> assumptions,
      List<String> suggestions,
      Explanation explanation,
      Optional<AuthorSql> sql,
      Optional<FollowUp> followUp) {
    this(
        question,
        status,
        plan,
        restatement,
        words,
        unread,
        choices,
        reason,
        assumptions,
        suggestions,
        explanation,
        sql,
        followUp,
        Optional.empty());
  }

  /** A reading that needs no SQL of the author's. */
  Reading(
      String question,
      Status status,
      Optional<Plan> plan,
      Optional<String> restatement,
      List<WordUse> words,
      List<String> unread,
      List<Choice> choices,
      String reason,
      List<Assumption> assumptions,
      List<String> suggestions,
      Explanation explanation) {
    this(
        question,
        status,
        plan,
        restatement,
        words,
        unread,
        choices,
        reason,
        assumptions,
        suggestions,
        explanation,
        Optional.empty(),
        Optional.empty());
  }

  /** A question about the model itself. */
  static Reading about(String question, About about, List<WordUse> words) {
    return new Reading(
        question,
        Status.EXPLAINED,
        Optional.empty(),
        Optional.empty(),
        words,
        List.of(),
        List.of(),
        "",
        List.of(),
        List.of(),
        Explanation.NONE,
        Optional.empty(),
        Optional.empty(),
        Optional.of(about));
  }

  /** A question that an agreed sample question answers by the author's own SQL. */
  static Reading bySql(String question, String restatement, WordUse words, AuthorSql sql) {
    return new Reading(
        question,
        Status.ANSWERED,
        Optional.empty(),
        Optional.of(restatement),
        List.of(words),
        List.of(),
        List.of(),
        "",
        List.of(new Assumption.FollowedSample(sql.sample().ask())),
        List.of(),
        Explanation.NONE,
        Optional.of(sql),
        Optional.empty());
  }

  public Reading {
    words = List.copyOf(words);
    unread = List.copyOf(unread);
    choices = List.copyOf(choices);
    assumptions = List.copyOf(assumptions);
    suggestions = List.copyOf(suggestions);
  }

  /** The same for a question that was typed otherwise. */
  Reading ofText(String typed, List<WordUse> uses, List<String> notRead, List<Assumption> assumed) {
    return new Reading(
        typed,
        status,
        plan,
        restatement,
        uses,
        notRead,
        choices,
        reason,
        assumed,
        suggestions,
        explanation,
        sql,
        followUp,
        about);
  }

  /** A question that may mean one of several things. */
  Reading unclear(List<Choice> several) {
    return new Reading(
        question,
        Status.UNCLEAR,
        Optional.empty(),
        Optional.empty(),
        words,
        unread,
        several,
        Chooser.severalWays(several.size()),
        assumptions,
        suggestions,
        explanation);
  }

  Reading withExplanation(Explanation why) {
    return with(choices, suggestions, why, followUp);
  }

  Reading withSuggestions(List<String> near) {
    return with(choices, near, explanation, followUp);
  }

  /** The same, with what else it could mean. */
  Reading withChoices(List<Choice> others) {
    return with(others, suggestions, explanation, followUp);
  }

  Reading leaningOn(FollowUp before) {
    return with(choices, suggestions, explanation, Optional.of(before));
  }

  private Reading with(
      List<Choice> others, List<String> near, Explanation why, Optional<FollowUp> leaning) {
    return new Reading(
        question,
        status,
        plan,
        restatement,
        words,
        unread,
        others,
        reason,
        assumptions,
        near,
        why,
        sql,
        leaning);
  }

  /** How far a question was understood. */
  public enum Status {
    /** Every word has its place, and one meaning is the clear winner. */
    ANSWERED,
    /** Some words could not be read; the plan leaves them out, and the answer says so first. */
    PARTLY,
    /** It asks about the model itself, and is answered in words. */
    EXPLAINED,
    /** Several meanings are as likely; the asker chooses. */
    UNCLEAR,
    /** The model does not cover it. */
    DECLINED
  }

  /**
   * A stretch of the question and what it became.
   *
   * @param start index of its first character
   * @param end index after its last character
   * @param kind "metric", "column", "value", "filler", "unread", ...
   * @param means what it was bound to, in words; empty for fillers and unread words
   * @param found how it was found: "exact", "inflected", "shortened", "akin", "own", "slip",
   *     "known" for words that mean something elsewhere and were not read here, or empty
   */
  public record WordUse(int start, int end, String text, String kind, String means, String found) {
    static final String UNREAD = "unread";
    static final String KNOWN = "known";
    static final String SLIP = "slip";

    /** Whether another word was read in its place. */
    public boolean isSlip() {
      return found.equals(SLIP);
    }

    boolean isUnread() {
      return kind.equals(UNREAD);
    }

    boolean isKnown() {
      return found.equals(KNOWN);
    }
  }

  /**
   * A plan that the question may mean.
   *
   * @param telling words that other choices take for another item, and what they mean in this one;
   *     empty where it is not words that tell the choices apart
   */
  public record Choice(String restatement, Plan plan, Map<String, Meaning> telling) {
    Choice(String restatement, Plan plan) {
      this(restatement, plan, Map.of());
    }
  }

  /**
   * How a reading came about.
   *
   * @param mentions what stretches of words could be, with how good each fit is
   * @param rules the rules that the reading was built by
   * @param runnersUp other readings and by how much they lost
   */
  public record Explanation(List<String> mentions, List<String> rules, List<String> runnersUp) {
    public static final Explanation NONE = new Explanation(List.of(), List.of(), List.of());
  }
}
