package org.ropebridge.service.accounts;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.ropebridge.access.Person;

/** A person who may sign in. */
@Entity
public class Account {
  /** What an account may do; each role may also do what those before it may. */
  public enum Role {
    ASKER,
    AUTHOR,
    STEWARD
  }

  @Id private UUID id;

  @Column(nullable = false, unique = true)
  private String name;

  @Column(nullable = false)
  private String displayName;

  @Column(nullable = false)
  private String passwordHash;

  @Enumerated(EnumType.STRING)
  @Column(nullable = false)
  private Role role;

  @JdbcTypeCode(SqlTypes.JSON)
  @Column(nullable = false)
  private List<String> accessRoles;

  @JdbcTypeCode(SqlTypes.JSON)
  @Column(nullable = false)
  private Map<String, List<String>> attributes;

  @Column(nullable = false)
  private Instant createdAt;

  protected Account() {}

  public Account(
      String name,
      String displayName,
      String passwordHash,
      Role role,
      List<String> accessRoles,
      Map<String, List<String>> attributes) {
    this.id = UUID.randomUUID();
    this.name = name;
    this.displayName = displayName;
    this.passwordHash = passwordHash;
    this.role = role;
    this.accessRoles = List.copyOf(accessRoles);
    this.attributes = Map.copyOf(attributes);
    this.createdAt = Instant.now();
  }

  /** Changes all but the name, by which others know the person. */
  void change(
      String displayName,
      Role role,
      List<String> accessRoles,
      Map<String, List<String>> attributes) {
    this.displayName = displayName;
    this.role = role;
    this.accessRoles = List.copyOf(accessRoles);
    this.attributes = Map.copyOf(attributes);
  }

  void changePassword(String hash) {
    this.passwordHash = hash;
  }

  public UUID id() {
    return id;
  }

  public String name() {
    return name;
  }

  public String displayName() {
    return displayName;
  }

  String passwordHash() {
    return passwordHash;
  }

  public Role role() {
    return role;
  }

  List<String> accessRoles() {
    return accessRoles;
  }

  Map<String, List<String>> attributes() {
    return attributes;
  }

  Instant createdAt() {
    return createdAt;
  }

  /** The account as access rules know it. */
  public Person person() {
    return new Person(Set.copyOf(accessRoles), attributes);
  }
}
