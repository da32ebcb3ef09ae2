package org.ropebridge.service;

import java.nio.file.Path;
import java.time.Duration;
import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.boot.context.properties.bind.DefaultValue;
import org.springframework.util.unit.DataSize;

/**
 * What an operator may set under {@code ropebridge}.
 *
 * @param keyFile file with the secret that warehouse passwords are encrypted with; made when
 *     missing
 * @param firstSteward the account made when there is none; null for no such account
 * @param usage where the model of use reads the log; null for no such model
 * @param demo the demo's accounts, source and model, made when missing
 */
@ConfigurationProperties("ropebridge")
public record Settings(
    @DefaultValue("var/service.key") Path keyFile,
    @DefaultValue Warehouse warehouse,
    @DefaultValue Uploads uploads,
    FirstSteward firstSteward,
    @DefaultValue Demo demo,
    Usage usage) {

  /**
   * Limits of statements in warehouses.
   *
   * @param statementTimeout after which a statement is ended
   * @param connections most connections to one source
   * @param longestInLine how long a question waits for one of them
   * @param costCeiling most work that a statement may be, as the warehouse's planner estimates it
   *     in its own units; 0 for no ceiling
   * @param exportedRows most rows of an answer that is taken along as a file
   * @param answersKept how long rows are kept for the same statement; so old an answer may be
   */
  public record Warehouse(
      @DefaultValue("30s") Duration statementTimeout,
      @DefaultValue("6") int connections,
      @DefaultValue("60s") Duration longestInLine,
      @DefaultValue("20000000") double costCeiling,
      @DefaultValue("200000") int exportedRows,
      @DefaultValue("20s") Duration answersKept) {}

  /**
   * Files that authors bring.
   *
   * @param folder where they are kept until they became tables; shared by all replicas
   * @param largest most bytes of one file
   * @param kept how long a file is kept that did not become a table
   */
  public record Uploads(
      @DefaultValue("var/uploads") Path folder,
      @DefaultValue("2GB") DataSize largest,
      @DefaultValue("7d") Duration kept) {}

  /**
   * Where the model of use reads the service's own log.
   *
   * @param url JDBC address of the service's database
   * @param userName role that may only read the schema {@code usage} there
   */
  public record Usage(String url, String userName, String password) {}

  /** The account of someone who can make all others. */
  public record FirstSteward(String name, String password) {}

  /**
   * The demo.
   *
   * @param url JDBC address of its warehouse
   * @param uploadsUserName role that may make tables there; null to take no files
   */
  public record Demo(
      @DefaultValue("false") boolean enabled,
      String url,
      String userName,
      String password,
      String uploadsUserName,
      String uploadsPassword,
      String accountPassword) {}
}
