package org.ropebridge.service.sources;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.List;
import org.ropebridge.service.problems.Problem;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The warehouses that models read from: where they are, and whether they can be reached. */
@Service
public class Warehouses {
  private final Sources sources;
  private final Secrets secrets;
  private final Pools pools;

  Warehouses(Sources sources, Secrets secrets, Pools pools) {
    this.sources = sources;
    this.secrets = secrets;
    this.pools = pools;
  }

  /**
   * Where a source is, without its password.
   *
   * @param uploadsSchema where files that authors bring become tables; null while none can be
   *     brought
   */
  public record Described(
      String name, String kind, String url, String userName, String uploadsSchema) {}

  public List<Described> list() {
    return sources.findAllByOrderByName().stream()
        .map(s -> new Described(s.name(), s.kind(), s.url(), s.userName(), s.uploadsSchema()))
        .toList();
  }

  public boolean has(String name) {
    return sources.findByName(name).isPresent();
  }

  /** Adds a source, or changes where a known one is. */
  @Transactional
  public void put(String name, String kind, String url, String userName, String password) {
    if (!kind.equals("postgresql") || !url.startsWith("jdbc:postgresql://")) {
      throw Problem.badRequest(
          "unknown-source-kind",
          "Only sources of kind postgresql are known; their address begins with jdbc:postgresql://.");
    }
    byte[] secret = secrets.encrypt(password);
    Source source =
        sources
            .findByName(name)
            .map(
                known -> {
                  known.connect(url, userName, secret);
                  return known;
                })
            .orElseGet(() -> new Source(name, kind, url, userName, secret));
    sources.save(source);
    pools.forget(name);
  }

  /**
   * Lets authors bring files to a source.
   *
   * @param userName a role that may make tables in the schema, or make the schema
   * @throws Problem if there is no such source
   */
  @Transactional
  public void putUploads(String name, String userName, String password, String schema) {
    Source source = sources.findByName(name).orElseThrow(() -> unknown(name));
    source.takeUploads(userName, secrets.encrypt(password), schema);
    sources.save(source);
  }

  static Problem unknown(String name) {
    return Problem.notFound(
        "unknown-source",
        "There is no source \"" + name + "\". Add it with: ropebridge source add");
  }

  /** What a try to connect found. */
  public record Tried(boolean reachable, boolean readOnly, String message) {}

  /** Connects once, and tells whether the role there could write. */
  public Tried test(String name) {
    try (Connection connection = pools.connect(name);
        PreparedStatement statement =
            connection.prepareStatement(
                "select count(*) from information_schema.table_privileges where grantee in"
                    + " (current_user, 'PUBLIC') and privilege_type in ('INSERT', 'UPDATE', 'DELETE',"
                    + " 'TRUNCATE') and table_schema not in ('pg_catalog', 'information_schema')");
        ResultSet result = statement.executeQuery()) {
      result.next();
      boolean readOnly = result.getLong(1) == 0;
      return new Tried(
          true,
          readOnly,
          readOnly
              ? "Reachable, and the role may only read."
              : "Reachable, but the role may write. Give the service a role that may only read.");
    } catch (SQLException e) {
      return new Tried(false, false, "Not reachable: " + e.getMessage());
    }
  }
}
