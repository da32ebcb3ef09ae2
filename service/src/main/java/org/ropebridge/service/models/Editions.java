package org.ropebridge.service.models;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

/** Stored editions. */
interface Editions extends Repository<Edition, UUID> {
  Edition save(Edition edition);

  Optional<Edition> findFirstByModelNameOrderByNumberDesc(String modelName);
}
