package org.ropebridge.service.log;

import java.util.List;
import java.util.UUID;
import org.springframework.data.repository.Repository;

/** Stored news. */
interface StoredNews extends Repository<News, UUID> {
  News save(News news);

  List<News> findByAccountIdOrderByToldAtDesc(UUID account);

  void deleteByIdAndAccountId(UUID id, UUID account);

  void deleteByAccountId(UUID account);

  boolean existsByAccountIdAndModelNameAndQuestion(UUID account, String model, String question);
}
