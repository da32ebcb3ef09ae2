package org.ropebridge.language;

import java.util.ArrayList;
import java.util.List;
import org.ropebridge.lexicon.AboutFrame;
import org.ropebridge.lexicon.AboutFrame.Kind;

/** English questions about the model itself, without their courtesies. */
final class EnglishAbout {
  private static final List<AboutFrame> FRAMES = frames();

  private EnglishAbout() {}

  static List<AboutFrame> all() {
    return FRAMES;
  }

  private static List<AboutFrame> frames() {
    List<AboutFrame> frames = new ArrayList<>();
    put(
        frames,
        Kind.MEANING,
        "what does * mean",
        "what do * mean",
        "what does * stand for",
        "what does a * mean",
        "what is meant by *",
        "what do you mean by *",
        "what does it mean *",
        "what * means",
        "what * is",
        "what a * is",
        "meaning of *",
        "what is the meaning of *",
        "what is the definition of *",
        "definition of *",
        "define *",
        "explain *",
        "what counts as *",
        "what counts as a *",
        "when is something *",
        "how is * calculated",
        "how is * computed",
        "how is * defined",
        "how is * measured",
        "how is * worked out",
        "how are * calculated",
        "how are * computed",
        "how are * defined",
        "how are * counted",
        "how do you calculate *",
        "how do you define *",
        "how do we calculate *",
        "how do we define *");
    put(
        frames,
        Kind.MEANING_OF_BARE_NAME,
        "what is *",
        "what's *",
        "whats *",
        "what are *",
        "what is a *",
        "what is an *",
        "what's a *",
        "what's an *");
    put(
        frames,
        Kind.ORIGIN,
        "where does * come from",
        "where do * come from",
        "where is * from",
        "where are * from",
        "where do you get * from",
        "where does the number for * come from",
        "where do the numbers for * come from",
        "what is the source of *",
        "source of *",
        "what is * based on",
        "what are * based on");
    put(
        frames,
        Kind.COVERAGE,
        "what can i ask",
        "what can i ask you",
        "what can i ask about",
        "what may i ask",
        "what can you answer",
        "what can you do",
        "what do you know",
        "what do you know about",
        "what questions can i ask",
        "which questions can i ask",
        "what kind of questions can i ask",
        "what data do you have",
        "what data is there",
        "what data is in here",
        "what data is available",
        "which data is there",
        "which data do you have",
        "what is in here",
        "what is in this model",
        "what is this model about",
        "what does this model cover",
        "what does this cover",
        "help");
    put(
        frames,
        Kind.METRICS,
        "which metrics are there",
        "what metrics are there",
        "which metrics do you have",
        "what metrics do you have",
        "which metrics can i ask for",
        "which measures are there",
        "what measures are there",
        "which kpis are there",
        "what kpis do you have",
        "list metrics",
        "list all metrics",
        "show all metrics");
    put(
        frames,
        Kind.TABLES,
        "which tables are there",
        "what tables are there",
        "which tables do you have",
        "what tables do you have",
        "list tables",
        "list all tables",
        "show all tables");
    put(
        frames,
        Kind.RELATION,
        "how are * and * related",
        "how are * and * connected",
        "how are * and * linked",
        "how are * related to *",
        "how are * connected to *",
        "how are * linked to *",
        "how do * and * relate",
        "how do * relate to *",
        "how do * and * hang together",
        "how does * relate to *",
        "how is * related to *",
        "how is * linked to *",
        "how is * connected to *",
        "what connects * and *",
        "what links * and *",
        "what do * have to do with *");
    for (String recent :
        List.of("recent", "fresh", "up to date", "current", "old", "new", "actual")) {
      put(
          frames,
          Kind.RECENCY,
          "how " + recent + " is data",
          "how " + recent + " are data",
          "how " + recent + " is this data",
          "how " + recent + " are these numbers",
          "how " + recent + " are numbers",
          "how " + recent + " is data on *",
          "how " + recent + " is data for *",
          "how " + recent + " is data about *",
          "how " + recent + " are numbers for *");
    }
    put(
        frames,
        Kind.RECENCY,
        "when was data last updated",
        "when was data updated",
        "when was data last refreshed",
        "when was data last loaded",
        "when did data last change",
        "what is newest data",
        "until when is there data",
        "until when does data go",
        "up to when is there data",
        "what is the last day of data",
        "how far does data go",
        "is data up to date");
    return List.copyOf(frames);
  }

  private static void put(List<AboutFrame> frames, Kind kind, String... texts) {
    for (String text : texts) {
      frames.add(AboutFrame.of(kind, text));
    }
  }
}
