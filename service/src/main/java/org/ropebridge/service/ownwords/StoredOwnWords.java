package org.ropebridge.service.ownwords;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

/** Stored own words. */
interface StoredOwnWords extends Repository<OwnWord, UUID> {
  OwnWord save(OwnWord word);

  List<OwnWord> findByAccountIdOrderByModelNameAscWordsAsc(UUID account);

  List<OwnWord> findByAccountIdAndModelName(UUID account, String model);

  Optional<OwnWord> findByAccountIdAndModelNameAndWords(UUID account, String model, String words);

  int deleteByIdAndAccountId(UUID id, UUID account);

  int deleteByAccountId(UUID account);

  @Query(
      "select new org.ropebridge.service.ownwords.OwnWords$Meant(w.words, w.item, count(w))"
          + " from OwnWord w where w.modelName = :model group by w.words, w.item")
  List<OwnWords.Meant> meant(String model);
}
