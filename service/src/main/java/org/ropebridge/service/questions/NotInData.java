package org.ropebridge.service.questions;

import java.util.List;
import java.util.Optional;

/** What authors say to those who ask for what the data does not have. */
public interface NotInData {
  /**
   * The author's sentence about words that were not read; empty when there is none.
   *
   * @param unread stretches of words, as they were typed
   */
  Optional<String> sentence(String model, List<String> unread);
}
