package org.ropebridge.service.gaps;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;

/** What authors decided about a gap. */
@Entity
class GapState {
  /** Where a gap stands. */
  enum State {
    OPEN,
    /** A mend is in the draft, or was published. */
    MENDED,
    PUT_OFF,
    /** The data does not have it; who asks for it is told so in the author's words. */
    NOT_IN_DATA,
    /** It is none of the model's business. */
    LEFT
  }

  @Id private UUID id;

  @Column(nullable = false)
  private String modelName;

  /** See {@link GapKeys}. */
  @Column(nullable = false)
  private String gapKey;

  @Enumerated(EnumType.STRING)
  @Column(nullable = false)
  private State state;

  @Column(nullable = false)
  private String assignedTo;

  @Column(nullable = false)
  private String note;

  private LocalDate putOffUntil;

  @Column(nullable = false)
  private int edition;

  @Column(nullable = false)
  private String changedBy;

  @Column(nullable = false)
  private Instant changedAt;

  protected GapState() {}

  GapState(String modelName, String gapKey) {
    this.id = UUID.randomUUID();
    this.modelName = modelName;
    this.gapKey = gapKey;
    this.state = State.OPEN;
    this.assignedTo = "";
    this.note = "";
  }

  /**
   * Changes it.
   *
   * @param until when a gap that is put off comes back; null for another
   * @param newestEdition the newest edition now; a gap asked about on a later one has come back
   */
  void change(State newState, String assigned, String newNote, LocalDate until, int newestEdition) {
    this.state = newState;
    this.assignedTo = assigned;
    this.note = newNote;
    this.putOffUntil = newState == State.PUT_OFF ? until : null;
    this.edition = newestEdition;
  }

  void changedBy(String name) {
    this.changedBy = name;
    this.changedAt = Instant.now();
  }

  String modelName() {
    return modelName;
  }

  String gapKey() {
    return gapKey;
  }

  State state() {
    return state;
  }

  String assignedTo() {
    return assignedTo;
  }

  String note() {
    return note;
  }

  /** When a gap that is put off comes back; null for another. */
  LocalDate putOffUntil() {
    return putOffUntil;
  }

  int edition() {
    return edition;
  }
}
