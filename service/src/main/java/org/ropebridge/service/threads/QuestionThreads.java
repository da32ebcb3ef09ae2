package org.ropebridge.service.threads;

import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

/** Stored threads. */
interface QuestionThreads extends Repository<QuestionThread, UUID> {
  QuestionThread save(QuestionThread thread);

  void delete(QuestionThread thread);

  @Modifying
  @Query("delete from QuestionThread t where t.account.id = :accountId")
  void deleteByAccountId(UUID accountId);

  Optional<QuestionThread> findByIdAndAccountId(UUID id, UUID accountId);

  /** The thread, kept from others until the transaction ends, so that turns count up. */
  @Lock(LockModeType.PESSIMISTIC_WRITE)
  @Query("select t from QuestionThread t where t.id = :id and t.account.id = :accountId")
  Optional<QuestionThread> lock(UUID id, UUID accountId);

  /**
   * The threads whose title or questions have the words in them, newest first.
   *
   * @param words in lower case with {@code %} on both sides
   */
  @Query(
      "select t from QuestionThread t where t.account.id = :accountId and t.modelName = :modelName"
          + " and (lower(t.title) like :words escape '!' or exists (select u from Turn u where"
          + " u.thread = t and lower(u.question) like :words escape '!'))"
          + " order by t.lastAskedAt desc, t.id")
  List<QuestionThread> find(UUID accountId, String modelName, String words, Limit limit);
}
