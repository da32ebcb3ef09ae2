package org.ropebridge.service.log;

import java.util.List;
import java.util.UUID;
import org.ropebridge.service.KeyedHash;
import org.springframework.stereotype.Component;

/**
 * Names for people that only the service can tell apart: keyed hashes of their accounts. The log
 * alone tells nobody who asked.
 */
@Component
class Pseudonyms {
  private static final String PURPOSE = "asked questions";
  private static final int LENGTH = 32;

  private final KeyedHash hash;

  Pseudonyms(KeyedHash hash) {
    this.hash = hash;
  }

  String of(UUID account) {
    return hash.of(PURPOSE, account.toString()).substring(0, LENGTH);
  }

  /** All names by which the log may know an account, whatever the rules were at the time. */
  List<String> all(UUID account) {
    return List.of(account.toString(), of(account));
  }
}
