package org.ropebridge.access;

import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * The person who asks, as access rules know them.
 *
 * @param roles the roles that rules name
 * @param attributes values for {@code :person.name} in row rules
 */
public record Person(Set<String> roles, Map<String, List<String>> attributes) {
  public static final Person ANYONE = new Person(Set.of(), Map.of());

  public Person {
    roles = Set.copyOf(roles);
    attributes = Map.copyOf(attributes);
  }
}
