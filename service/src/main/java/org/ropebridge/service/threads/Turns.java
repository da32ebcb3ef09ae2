package org.ropebridge.service.threads;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

/** Stored turns. */
interface Turns extends Repository<Turn, UUID> {
  Turn save(Turn turn);

  Optional<Turn> findByIdAndThreadId(UUID id, UUID threadId);

  Optional<Turn> findFirstByThreadIdOrderByNumberDesc(UUID threadId);

  List<Turn> findAllByThreadIdOrderByNumber(UUID threadId);
}
