package org.ropebridge.model;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;

/**
 * The ways along many-to-one links from the rows of one table to a row of another. Only these ways
 * can be joined without multiplying rows.
 */
public final class LinkPaths {
  private static final int LONGEST = 4;
  private final Model model;
  private final Map<String, List<Way>> known = new ConcurrentHashMap<>();

  public LinkPaths(Model model) {
    this.model = model;
  }

  /** One link on a way, from the table that has it. */
  public record Step(String table, Link link) {
    /** {@code table.link}, as in {@link ColumnRef#role()}. */
    public String role() {
      return table + "." + link.name();
    }
  }

  /** A way; empty when start and end are the same row. */
  public record Way(List<Step> steps) {
    public Way {
      steps = List.copyOf(steps);
    }

    boolean goesThrough(String role) {
      return steps.stream().anyMatch(s -> s.role().equals(role));
    }
  }

  /**
   * The shortest ways that go through the role, or through any when it is empty. None when the
   * table cannot be reached; several when they are equally short and so differ in meaning. Of a
   * subscription's reader and its giver, who is a reader too, its reader is meant where neither is
   * named; and of the magazine of its offer and that of a campaign, which not all have, the first.
   */
  public List<Way> shortest(String from, String to, Optional<String> role) {
    return known.computeIfAbsent(
        from + ">" + to + ">" + role.orElse(""), k -> search(from, to, role));
  }

  /** The one way to a column's table. Empty when there is none, or more than one. */
  public Optional<Way> to(String from, ColumnRef column) {
    List<Way> ways = shortest(from, column.table(), column.role());
    return ways.size() == 1 ? Optional.of(ways.get(0)) : Optional.empty();
  }

  private List<Way> search(String from, String to, Optional<String> role) {
    Deque<List<Step>> open = new ArrayDeque<>(List.of(List.of()));
    List<Way> found = new ArrayList<>();
    while (!open.isEmpty()) {
      List<Step> steps = open.removeFirst();
      if (!found.isEmpty() && steps.size() > found.get(0).steps().size()) {
        break;
      }
      String end = steps.isEmpty() ? from : steps.get(steps.size() - 1).link().to();
      Way way = new Way(steps);
      if (end.equals(to) && (role.isEmpty() || way.goesThrough(role.get()))) {
        found.add(way);
        continue;
      }
      if (steps.size() < LONGEST) {
        model
            .findTable(end)
            .ifPresent(
                table -> {
                  for (Link link : table.links()) {
                    Step step = new Step(end, link);
                    if (!steps.contains(step)) {
                      List<Step> longer = new ArrayList<>(steps);
                      longer.add(step);
                      open.addLast(longer);
                    }
                  }
                });
      }
    }
    return role.isPresent() || found.size() < 2 ? List.copyOf(found) : likelier(found);
  }

  private List<Way> likelier(List<Way> found) {
    List<Way> plain =
        found.stream().filter(w -> w.steps().stream().noneMatch(this::isBeside)).toList();
    List<Way> left = plain.isEmpty() ? found : plain;
    List<Way> sure =
        left.stream()
            .filter(w -> w.steps().stream().noneMatch(s -> s.link().mayBeMissing()))
            .toList();
    boolean others =
        sure.size() == 1
            && left.stream().allMatch(w -> w.equals(sure.get(0)) || partElsewhere(w, sure.get(0)));
    return List.copyOf(others ? sure : left);
  }

  /** Whether they part for two tables, and not for two roles that rows of one table may play. */
  private static boolean partElsewhere(Way one, Way other) {
    for (int i = 0; i < one.steps().size(); i++) {
      if (!one.steps().get(i).equals(other.steps().get(i))) {
        return !one.steps().get(i).link().to().equals(other.steps().get(i).link().to());
      }
    }
    return false;
  }

  /** Whether the link has a name of its own and stands beside one called like what both lead to. */
  private boolean isBeside(Step step) {
    String noun = model.table(step.link().to()).rowNoun();
    return !step.link().label().equalsIgnoreCase(noun)
        && model.table(step.table()).links().stream()
            .anyMatch(l -> l.to().equals(step.link().to()) && l.label().equalsIgnoreCase(noun));
  }
}
