package org.ropebridge.service.gaps;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

/** Stored states of gaps. */
interface GapStates extends Repository<GapState, UUID> {
  GapState save(GapState state);

  Optional<GapState> findByGapKey(String key);

  List<GapState> findByModelName(String model);

  List<GapState> findByState(GapState.State state);
}
