package org.ropebridge.service.log;

import java.util.Optional;
import org.springframework.data.repository.Repository;

/** The one stored row of rules. */
interface StoredLogRules extends Repository<LogRules, Integer> {
  LogRules save(LogRules rules);

  Optional<LogRules> findById(int id);
}
