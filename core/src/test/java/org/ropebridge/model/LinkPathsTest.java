package org.ropebridge.model;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.ropebridge.model.file.ModelReader;

class LinkPathsTest {
  private static final String ONLY_NAMED =
      """
      player: {to: people, by: player_id, label: player}
      judge: {to: people, by: judge_id, label: judge, may_be_missing: true}
      """;

  @Test
  void whatIsCalledLikeTheTableComesBeforeRolesBesideIt() {
    LinkPaths paths =
        paths(
            """
            person: {to: people, by: person_id}
            sponsor: {to: people, by: sponsor_id, label: sponsor}
            """);
    assertEquals(List.of("matches.person"), ways(paths, "people", Optional.empty()));
    assertEquals(List.of("matches.sponsor"), ways(paths, "people", Optional.of("matches.sponsor")));
  }

  @Test
  void betweenTwoRolesNothingDecidesThoughOneMayBeMissing() {
    assertEquals(
        List.of("matches.player", "matches.judge"),
        ways(paths(ONLY_NAMED), "people", Optional.empty()));
  }

  @Test
  void aWayThatAllRowsHaveComesBeforeOneThroughOtherRowsThatSomeHave() {
    String links =
        """
        club: {to: clubs, by: club_id%s}
        cup: {to: cups, by: cup_id, may_be_missing: true}
        """;
    assertEquals(
        List.of("matches.club clubs.town"),
        ways(paths(links.formatted("")), "towns", Optional.empty()));
    assertEquals(
        List.of("matches.club clubs.town", "matches.cup cups.town"),
        ways(paths(links.formatted(", may_be_missing: true")), "towns", Optional.empty()));
  }

  /** The ways from matches, each with its roles. */
  private static List<String> ways(LinkPaths paths, String to, Optional<String> role) {
    return paths.shortest("matches", to, role).stream()
        .map(w -> w.steps().stream().map(LinkPaths.Step::role).collect(Collectors.joining(" ")))
        .toList();
  }

  private static LinkPaths paths(String linksOfMatches) {
    Map<String, String> files = new HashMap<>();
    files.put("model.yaml", "model: games\nsources:\n  db: {kind: postgresql}\n");
    table(files, "matches", "match", linksOfMatches);
    table(files, "people", "person", "");
    table(files, "clubs", "club", "town: {to: towns, by: town_id}\n");
    table(files, "cups", "cup", "town: {to: towns, by: town_id}\n");
    table(files, "towns", "town", "");
    return new LinkPaths(ModelReader.read(files).model().orElseThrow());
  }

  private static void table(Map<String, String> files, String name, String noun, String links) {
    files.put(
        "tables/" + name + ".yaml",
        "table: %s\nsource: db\nfrom: g.%s\none_row_is: %s\nkey: id\ncolumns:\n  name: {holds: category}\n"
                .formatted(name, name, noun)
            + (links.isEmpty() ? "" : "links:\n" + links.indent(2)));
  }
}
