package org.ropebridge.service.models;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

/** Stored editions. */
interface Editions extends Repository<Edition, UUID> {
  Edition save(Edition edition);

  Optional<Edition> findFirstByModelNameOrderByNumberDesc(String modelName);

  Optional<Edition> findById(UUID id);

  Optional<Edition> findByModelNameAndNumber(String modelName, int number);

  /** All editions of a model without their files, the newest first. */
  @Query(
      "select new org.ropebridge.service.models.EditionLine(e.number, e.note, e.publishedBy,"
          + " e.publishedAt, e.overruled) from Edition e where e.model.name = :modelName"
          + " order by e.number desc")
  List<EditionLine> findLines(String modelName);

  /** The newest edition without its files, for the many requests that have them already. */
  @Query(
      "select new org.ropebridge.service.models.EditionNumber(e.id, e.number) from Edition e"
          + " where e.model.name = :modelName order by e.number desc limit 1")
  Optional<EditionNumber> findNewest(String modelName);
}
