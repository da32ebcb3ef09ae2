package org.ropebridge.service.kept;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

/** Stored answers. */
interface StoredAnswers extends Repository<KeptAnswer, UUID> {
  KeptAnswer save(KeptAnswer answer);

  Optional<KeptAnswer> findById(UUID id);

  List<KeptAnswer> findByAccountIdOrderByKeptAtDesc(UUID account);

  long countByAccountId(UUID account);

  int deleteByIdAndAccountId(UUID id, UUID account);

  int deleteByAccountId(UUID account);
}
