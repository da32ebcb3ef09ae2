package org.ropebridge.service.drafts;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.Map;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** The editable state of a model. */
@Entity
@Table(name = "draft")
class StoredDraft {
  @Id private UUID modelId;

  @JdbcTypeCode(SqlTypes.JSON)
  @Column(nullable = false)
  private Map<String, String> files;

  @Column(nullable = false)
  private long revision;

  @Column(nullable = false)
  private int basedOn;

  @Column(nullable = false)
  private String proposals;

  @Column(nullable = false)
  private String changedBy;

  @Column(nullable = false)
  private Instant changedAt;

  protected StoredDraft() {}

  StoredDraft(UUID modelId, int basedOn, String proposals) {
    this.modelId = modelId;
    this.basedOn = basedOn;
    this.proposals = proposals;
  }

  void change(Map<String, String> newFiles, String by) {
    this.files = Map.copyOf(newFiles);
    this.revision = revision + 1;
    this.changedBy = by;
    this.changedAt = Instant.now();
  }

  void judge(String restOfProposals) {
    this.proposals = restOfProposals;
  }

  void published(int edition) {
    this.basedOn = edition;
  }

  UUID modelId() {
    return modelId;
  }

  Map<String, String> files() {
    return files;
  }

  long revision() {
    return revision;
  }

  int basedOn() {
    return basedOn;
  }

  String proposals() {
    return proposals;
  }

  String changedBy() {
    return changedBy;
  }

  Instant changedAt() {
    return changedAt;
  }
}
