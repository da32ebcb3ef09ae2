package org.ropebridge.service.log;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.ropebridge.service.StorableText;

/** A question that was asked. */
@Entity
@Table(name = "asked_question")
public class LoggedQuestion {
  /** Which part of an answer a verdict is about. */
  public enum Part {
    MEASURE,
    FILTER,
    PERIOD,
    BREAKDOWN,
    PICTURE,
    OTHER
  }

  @Id private UUID id;

  @Column(nullable = false)
  private String modelName;

  @Column(nullable = false)
  private int edition;

  @Column(nullable = false)
  private String person;

  @Column(nullable = false)
  private Instant askedAt;

  @Column(nullable = false)
  private String question;

  @Column(nullable = false)
  private String leansOn;

  @Column(nullable = false)
  private String status;

  @Column(nullable = false)
  private String restatement;

  @JdbcTypeCode(SqlTypes.JSON)
  @Column(nullable = false)
  private List<String> unread;

  @JdbcTypeCode(SqlTypes.JSON)
  @Column(nullable = false)
  private List<String> choices;

  @Column(nullable = false)
  private String reason;

  @Column(nullable = false)
  private double milliseconds;

  @Column(nullable = false)
  private int rowCount;

  @Column(nullable = false)
  private String chosen;

  @Column(nullable = false)
  private String verdict;

  @Column(nullable = false)
  private String verdictPart;

  @Column(nullable = false)
  private String verdictAbout;

  @Column(nullable = false)
  private String verdictWords;

  @Column(nullable = false)
  private boolean forAuthor;

  @Column(nullable = false)
  private int settledBy;

  @JdbcTypeCode(SqlTypes.JSON)
  @Column(nullable = false)
  private List<String> used;

  @Column(nullable = false)
  private String theme;

  protected LoggedQuestion() {}

  LoggedQuestion(UUID id, String person, Entry entry) {
    this.id = id;
    this.person = person;
    this.modelName = entry.model();
    this.edition = entry.edition();
    this.askedAt = entry.at();
    this.question = entry.question();
    this.leansOn = entry.leansOn();
    this.status = entry.status();
    this.restatement = entry.restatement();
    this.unread = entry.unread();
    this.choices = entry.choices();
    this.reason = entry.reason();
    this.milliseconds = entry.milliseconds();
    this.rowCount = entry.rows();
    this.chosen = "";
    this.verdict = "";
    this.verdictPart = "";
    this.verdictAbout = "";
    this.verdictWords = "";
    this.used = entry.used();
    this.theme = entry.theme();
  }

  /**
   * What is kept of a question.
   *
   * @param leansOn the restatement of the question before, when it leans on it; else empty
   * @param unread stretches of words that nothing was made of
   * @param choices what it may mean, when it was asked back
   * @param reason why it is not answered in full; empty when it is
   * @param milliseconds until the answer was complete
   * @param rows how many rows the answer had
   * @param used names of the model's items that the reading makes use of
   * @param theme what was asked for, whatever it was limited to; empty when nothing was computed
   */
  public record Entry(
      String model,
      int edition,
      Instant at,
      String question,
      String leansOn,
      String status,
      String restatement,
      List<String> unread,
      List<String> choices,
      String reason,
      double milliseconds,
      int rows,
      List<String> used,
      String theme) {
    public Entry {
      question = StorableText.of(question);
      leansOn = StorableText.of(leansOn);
      restatement = StorableText.of(restatement);
      unread = unread.stream().map(StorableText::of).toList();
      choices = choices.stream().map(StorableText::of).toList();
      reason = StorableText.of(reason);
      theme = StorableText.of(theme);
    }
  }

  void choose(String restatementChosen) {
    this.chosen = restatementChosen;
  }

  void judge(boolean right, Part part, String about, String words) {
    this.verdict = right ? "RIGHT" : "WRONG";
    this.verdictPart = right ? "" : part.name();
    this.verdictAbout = right ? "" : about;
    this.verdictWords = words;
  }

  void askAuthor(String words) {
    this.forAuthor = true;
    this.verdictWords = words;
  }

  public UUID id() {
    return id;
  }

  public String modelName() {
    return modelName;
  }

  public int edition() {
    return edition;
  }

  /** The account's id, a pseudonym of it, or empty. */
  public String person() {
    return person;
  }

  public Instant askedAt() {
    return askedAt;
  }

  public String question() {
    return question;
  }

  /** The restatement of the question before, when it leans on it; else empty. */
  public String leansOn() {
    return leansOn;
  }

  public String status() {
    return status;
  }

  public String restatement() {
    return restatement;
  }

  public List<String> unread() {
    return unread;
  }

  public List<String> choices() {
    return choices;
  }

  /** Why it was not answered in full; empty when it was. */
  public String reason() {
    return reason;
  }

  double milliseconds() {
    return milliseconds;
  }

  int rowCount() {
    return rowCount;
  }

  /** What the person chose when they were asked back; empty when they did not. */
  public String chosen() {
    return chosen;
  }

  /** RIGHT, WRONG, or empty. */
  public String verdict() {
    return verdict;
  }

  public String verdictPart() {
    return verdictPart;
  }

  /** What stood in the part that was judged wrong. */
  public String verdictAbout() {
    return verdictAbout;
  }

  /** What the person said about it. */
  public String verdictWords() {
    return verdictWords;
  }

  public boolean isForAuthor() {
    return forAuthor;
  }

  /** The edition that answers what was not answered; 0 for none. */
  public int settledBy() {
    return settledBy;
  }

  /** Whether the person may not have got what they wanted, and still does not. */
  public boolean isTrouble() {
    boolean unanswered =
        status.equals("partly") || status.equals("unclear") || status.equals("declined");
    // Who was asked back and chose got an answer; it is a gap all the same, as others are asked.
    return settledBy == 0 && (unanswered && !verdict.equals("RIGHT") || verdict.equals("WRONG"));
  }
}
