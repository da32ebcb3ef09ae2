package org.ropebridge.service.uploads;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;
import org.springframework.transaction.annotation.Transactional;

/** Stored uploads. */
interface StoredUploads extends Repository<Upload, UUID> {
  Upload save(Upload upload);

  Optional<Upload> findById(UUID id);

  List<Upload> findBySourceOrderByCreatedAtDesc(String source, Limit limit);

  List<Upload> findBySpooledTrueAndCreatedAtBefore(Instant moment);

  boolean existsBySourceAndSchemaNameAndTableName(String source, String schema, String table);

  List<Upload> findBySourceAndSchemaNameAndTableName(String source, String schema, String table);

  /** Writes only this: the job that takes it in may not be written down yet. */
  @Modifying
  @Transactional
  @Query(
      "update Upload u set u.tableName = :table, u.rowsTaken = :taken, u.rowsAside = :aside,"
          + " u.broughtAt = :at, u.spooled = false where u.id = :id")
  void became(UUID id, String table, long taken, long aside, Instant at);

  /** Writes only this: the job may have ended before, and have written the rest. */
  @Modifying
  @Transactional
  @Query("update Upload u set u.intake = :job where u.id = :id")
  void takenInBy(UUID id, UUID job);

  void delete(Upload upload);
}
