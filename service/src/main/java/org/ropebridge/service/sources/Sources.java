package org.ropebridge.service.sources;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

/** Stored sources. */
interface Sources extends Repository<Source, UUID> {
  Source save(Source source);

  Optional<Source> findByName(String name);

  List<Source> findAllByOrderByName();
}
