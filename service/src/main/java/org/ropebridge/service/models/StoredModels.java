package org.ropebridge.service.models;

import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

/** Stored models. */
interface StoredModels extends Repository<StoredModel, UUID> {
  StoredModel save(StoredModel model);

  Optional<StoredModel> findByName(String name);

  /** The model, kept from others until the transaction ends, so that editions count up. */
  @Lock(LockModeType.PESSIMISTIC_WRITE)
  @Query("select m from StoredModel m where m.name = :name")
  Optional<StoredModel> lockByName(String name);

  List<StoredModel> findAllByOrderByName();
}
