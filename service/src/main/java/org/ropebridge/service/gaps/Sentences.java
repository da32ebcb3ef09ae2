package org.ropebridge.service.gaps;

import com.github.benmanes.caffeine.cache.Caffeine;
import com.github.benmanes.caffeine.cache.LoadingCache;
import java.time.Duration;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.ropebridge.service.questions.NotInData;
import org.springframework.stereotype.Component;

/** The sentences of gaps that the data cannot fill; other replicas learn of them within seconds. */
@Component
class Sentences implements NotInData {
  private static final String UNREAD = "unread:";

  private final LoadingCache<String, Map<String, String>> all;
  private final GapKeys keys;

  Sentences(GapStates states, GapKeys keys) {
    this.keys = keys;
    this.all =
        Caffeine.newBuilder().expireAfterWrite(Duration.ofSeconds(10)).build(key -> load(states));
  }

  private static Map<String, String> load(GapStates states) {
    Map<String, String> sentences = new HashMap<>();
    for (GapState state : states.findByState(GapState.State.NOT_IN_DATA)) {
      sentences.put(state.gapKey(), state.note());
    }
    return Map.copyOf(sentences);
  }

  void changed() {
    all.invalidateAll();
  }

  @Override
  public Optional<String> sentence(String model, List<String> unread) {
    if (unread.isEmpty()) {
      return Optional.empty();
    }
    Map<String, String> sentences = all.get("");
    return unread.stream()
        .map(u -> sentences.get(keys.stored(model, UNREAD + GapService.form(u))))
        .filter(Objects::nonNull)
        .findFirst();
  }
}
