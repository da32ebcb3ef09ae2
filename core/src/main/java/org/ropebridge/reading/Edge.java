package org.ropebridge.reading;

import java.util.ArrayList;
import java.util.List;
import org.ropebridge.lexicon.Mention;
import org.ropebridge.lexicon.Part;

/**
 * A part over a stretch of tokens, and how it came about.
 *
 * @param score how good it is; comparable between sequences of edges over the same tokens
 * @param rule the rule that built it; empty for a mention
 * @param mentions the mentions that it is made of, in order
 * @param parts the edges that the rule put together
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
    boolean inBrackets) {
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
    this(from, to, part, score, rule, mentions, parts, false);
  }

  /** The same, as a part of what stands in brackets. */
  Edge bracketed() {
    return new Edge(
        from, to, part, score, rule, mentions, parts.stream().map(Edge::bracketed).toList(), true);
  }

  /** The same words taken for another part. */
  Edge as(Part other) {
    return new Edge(from, to, other, score, rule, mentions, parts, inBrackets);
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
