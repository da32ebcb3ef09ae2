package org.ropebridge.service;

import java.nio.file.Path;
import java.time.Duration;
import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.boot.context.properties.bind.DefaultValue;

/**
 * What an operator may set under {@code ropebridge}.
 *
 * @param keyFile file with the secret that warehouse passwords are encrypted with; made when
 *     missing
 * @param firstSteward the account made when there is none; null for no such account
 * @param demo the demo's accounts, source and model, made when missing
 */
@ConfigurationProperties("ropebridge")
public record Settings(
    @DefaultValue("var/service.key") Path keyFile,
    @DefaultValue Warehouse warehouse,
    FirstSteward firstSteward,
    @DefaultValue Demo demo) {

  /**
   * Limits of statements in warehouses.
   *
   * @param statementTimeout after which a statement is ended
   * @param connections most connections to one source
   */
  public record Warehouse(
      @DefaultValue("30s") Duration statementTimeout, @DefaultValue("6") int connections) {}

  /** The account of someone who can make all others. */
  public record FirstSteward(String name, String password) {}

  /**
   * The demo.
   *
   * @param url JDBC address of its warehouse
   */
  public record Demo(
      @DefaultValue("false") boolean enabled,
      String url,
      String userName,
      String password,
      String accountPassword) {}
}
