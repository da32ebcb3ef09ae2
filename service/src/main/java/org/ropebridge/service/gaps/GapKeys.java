package org.ropebridge.service.gaps;

import org.ropebridge.service.KeyedHash;
import org.springframework.stereotype.Component;

/**
 * How decisions about gaps are kept: by a hash of what the gap is about, since that is made of
 * people's words, and these go when people delete their questions.
 */
@Component
class GapKeys {
  private static final String PURPOSE = "gaps";

  private final KeyedHash hash;

  GapKeys(KeyedHash hash) {
    this.hash = hash;
  }

  /** The name that a decision about the gap is kept by. */
  String stored(String model, String key) {
    return hash.of(PURPOSE, model + "/" + key);
  }
}
