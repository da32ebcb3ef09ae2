package org.ropebridge.service.drafts;

import jakarta.persistence.LockModeType;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

/** Stored drafts. */
interface StoredDrafts extends Repository<StoredDraft, UUID> {
  StoredDraft save(StoredDraft draft);

  Optional<StoredDraft> findById(UUID modelId);

  /** The draft, kept from others until the transaction ends, so that no change is lost. */
  @Lock(LockModeType.PESSIMISTIC_WRITE)
  @Query("select d from StoredDraft d where d.modelId = :modelId")
  Optional<StoredDraft> lockById(UUID modelId);

  void delete(StoredDraft draft);
}
