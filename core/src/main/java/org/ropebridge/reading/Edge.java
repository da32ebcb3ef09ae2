package org.ropebridge.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.ropebridge.lexicon.Mention;
import org.ropebridge.lexicon.Part;
import org.ropebridge.plan.Filter;
import org.ropebridge.reading.rule.Contribution;
import org.ropebridge.reading.rule.Phrase;

/**
 * A part over a stretch of tokens, and how it came about.
 *
 * @param score how good it is; comparable between sequences of edges over the same tokens
 * @param rule the rule that built it; empty for a mention
 * @param mentions the mentions that it is made of, in order
 * @param parts the edges that the rule put together
 * @param kept what its rows are narrowed to by the value that they are called by
 * @param inBrackets whether it was made of words in brackets, and counts places from there
 */
record Edge(
    int from,
    int to,
    Part part,
    double score,
    String rule,
    List<Mention> mentions,
    List<Edge> parts,
    boolean inBrackets,
    Optional<Filter> kept) {
  Edge {
    mentions = List.copyOf(mentions);
    parts = List.copyOf(parts);
  }

  Edge(
      int from,
      int to,
      Part part,
      double score,
      String rule,
      List<Mention> mentions,
      List<Edge> parts) {
    this(from, to, part, score, rule, mentions, parts, false, Optional.empty());
  }

  /** The same, as a part of what stands in brackets. */
  Edge bracketed() {
    return new Edge(
        from,
        to,
        part,
        score,
        rule,
        mentions,
        parts.stream().map(Edge::bracketed).toList(),
        true,
        kept);
  }

  /** The same words taken for another part. */
  Edge as(Part other) {
    return new Edge(from, to, other, score, rule, mentions, parts, inBrackets, kept);
  }

  /** The same, of rows that the filter keeps. */
  Edge keeping(Optional<Filter> filter) {
    return new Edge(from, to, part, score, rule, mentions, parts, inBrackets, filter);
  }

  /** The same words taken for rows that are called by them, a little less likely. */
  Edge called(Phrase.CalledRows rows, double less) {
    return new Edge(
        from,
        to,
        rows.noun(),
        score - less,
        rule,
        mentions,
        parts,
        inBrackets,
        Optional.of(rows.kept()));
  }

  /** What it keeps, as an edge of its own. */
  Optional<Edge> keptApart() {
    return kept.map(
        f -> new Edge(from, to, new Contribution.Narrowing(f, true), 0, "", List.of(), List.of()));
  }

  /** The rules that built it, innermost first. */
  List<Edge> derivation() {
    List<Edge> edges = new ArrayList<>();
    parts.forEach(p -> edges.addAll(p.derivation()));
    if (!rule.isEmpty()) {
      edges.add(this);
    }
    return edges;
  }
}
