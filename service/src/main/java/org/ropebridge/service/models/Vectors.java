package org.ropebridge.service.models;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import dev.langchain4j.model.embedding.EmbeddingModel;
import dev.langchain4j.model.embedding.onnx.bgesmallenv15q.BgeSmallEnV15QuantizedEmbeddingModel;
import jakarta.annotation.PreDestroy;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import org.ropebridge.language.LanguagePack;
import org.ropebridge.model.Model;
import org.ropebridge.reading.Proposals;
import org.ropebridge.reading.Reading;
import org.ropebridge.reading.WordVectors;
import org.springframework.stereotype.Component;

/**
 * Word vectors from a small English sentence-embedding model that runs inside the process. Names
 * are learned in the background; until then nothing is proposed.
 */
@Component
class Vectors {
  private final ExecutorService background =
      Executors.newSingleThreadExecutor(
          task -> {
            Thread thread = new Thread(task, "word-vectors");
            thread.setDaemon(true);
            thread.setPriority(Thread.MIN_PRIORITY);
            return thread;
          });

  /** Names are the same for everybody, and words come again. */
  private final Cache<String, float[]> known = Caffeine.newBuilder().maximumSize(20_000).build();

  private EmbeddingModel embedding;

  /** The vectors themselves; each is computed once. */
  WordVectors words() {
    return words -> known.get(words, this::computed);
  }

  /**
   * What proposes the meanings of unread words, as soon as it has learned the model's names.
   * Vectors are of English words, so names in another language are never learned.
   */
  CompletableFuture<Proposals> proposals(Model visible) {
    if (LanguagePack.of(visible.languages()) != LanguagePack.ENGLISH) {
      return new CompletableFuture<>();
    }
    return CompletableFuture.supplyAsync(() -> new Proposals(visible, words()), background);
  }

  /** Proposals for a reading; none as long as the names are not learned. */
  static List<Proposals.Proposal> proposed(
      CompletableFuture<Proposals> proposals, Reading reading) {
    boolean ready = proposals.isDone() && !proposals.isCompletedExceptionally();
    return ready && !reading.unread().isEmpty() ? proposals.join().of(reading) : List.of();
  }

  private synchronized float[] computed(String words) {
    if (embedding == null) {
      embedding = new BgeSmallEnV15QuantizedEmbeddingModel();
    }
    // The tokenizer is native and takes nothing but well-formed text.
    String wellFormed =
        new String(words.getBytes(StandardCharsets.UTF_8), StandardCharsets.UTF_8)
            .replaceAll("\\p{Cntrl}", " ");
    return embedding.embed(wellFormed).content().vector();
  }

  @PreDestroy
  void close() {
    background.shutdownNow();
  }
}
