package org.ropebridge.service.log;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

/** Stored questions. */
interface LoggedQuestions extends Repository<LoggedQuestion, UUID> {
  Optional<LoggedQuestion> findByIdAndPersonIn(UUID id, Collection<String> person);

  List<LoggedQuestion> findByPersonInOrderByAskedAtDesc(Collection<String> person, Limit limit);

  List<LoggedQuestion> findByModelNameAndAskedAtAfterOrderByAskedAtDesc(
      String model, Instant moment, Limit limit);

  @Query(
      nativeQuery = true,
      value =
          """
          select distinct u.item from asked_question q, jsonb_array_elements_text(q.used) u(item)
          where q.model_name = :model and q.asked_at > :moment
          """)
  List<String> findUsed(String model, Instant moment);

  @Modifying
  @Query("delete from LoggedQuestion q where q.person in :person")
  int deleteByPerson(Collection<String> person);

  @Modifying
  @Query("update LoggedQuestion q set q.person = :to where q.person = :from")
  void rename(String from, String to);

  @Modifying
  @Query("delete from LoggedQuestion q where q.askedAt < :moment")
  int deleteOlder(Instant moment);

  void delete(LoggedQuestion question);

  @Modifying
  @Query("update LoggedQuestion q set q.settledBy = :edition where q.id in :ids")
  void settle(Collection<UUID> ids, int edition);

  /** Adds to what stays when questions are deleted. */
  @Modifying
  @Query(
      nativeQuery = true,
      value =
          """
          insert into asked_tally as t
          values (:model, cast(cast(:at as timestamptz) at time zone 'UTC' as date), :edition, :status,
            :questions, :right, :wrong)
          on conflict (model_name, day, edition, status) do update set
            questions = t.questions + excluded.questions,
            judged_right = t.judged_right + excluded.judged_right,
            judged_wrong = t.judged_wrong + excluded.judged_wrong
          """)
  void tally(
      String model, Instant at, int edition, String status, int questions, int right, int wrong);
}
