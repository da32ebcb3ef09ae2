package org.ropebridge.service.threads;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

/** Stored turns. */
interface Turns extends Repository<Turn, UUID> {
  Turn save(Turn turn);

  Optional<Turn> findByIdAndThreadId(UUID id, UUID threadId);

  Optional<Turn> findFirstByThreadIdOrderByNumberDesc(UUID threadId);

  List<Turn> findAllByThreadIdOrderByNumber(UUID threadId);

  @Query(
      "select t.question from Turn t where t.thread.account.id = :account and t.thread.modelName ="
          + " :model group by t.question order by max(t.askedAt) desc")
  List<String> findQuestions(UUID account, String model, Limit limit);
}
