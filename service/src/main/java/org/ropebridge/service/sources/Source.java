package org.ropebridge.service.sources;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.UUID;

/** A warehouse and how to sign in there; the password is encrypted. */
@Entity
class Source {
  @Id private UUID id;

  @Column(nullable = false, unique = true)
  private String name;

  @Column(nullable = false)
  private String kind;

  @Column(nullable = false)
  private String url;

  @Column(nullable = false)
  private String userName;

  @Column(nullable = false)
  private byte[] secret;

  private String uploadsUser;

  private byte[] uploadsSecret;

  private String uploadsSchema;

  @Column(nullable = false)
  private Instant createdAt;

  protected Source() {}

  Source(String name, String kind, String url, String userName, byte[] secret) {
    this.id = UUID.randomUUID();
    this.name = name;
    this.kind = kind;
    this.createdAt = Instant.now();
    connect(url, userName, secret);
  }

  final void connect(String newUrl, String newUserName, byte[] newSecret) {
    this.url = newUrl;
    this.userName = newUserName;
    this.secret = newSecret.clone();
  }

  final void takeUploads(String user, byte[] newSecret, String schema) {
    this.uploadsUser = user;
    this.uploadsSecret = newSecret.clone();
    this.uploadsSchema = schema;
  }

  String name() {
    return name;
  }

  String kind() {
    return kind;
  }

  String url() {
    return url;
  }

  String userName() {
    return userName;
  }

  byte[] secret() {
    return secret.clone();
  }

  boolean takesUploads() {
    return uploadsUser != null;
  }

  /** The role that may make tables; null while there is none. */
  String uploadsUser() {
    return uploadsUser;
  }

  byte[] uploadsSecret() {
    return uploadsSecret.clone();
  }

  /** Where it makes them; null while there is none. */
  String uploadsSchema() {
    return uploadsSchema;
  }
}
