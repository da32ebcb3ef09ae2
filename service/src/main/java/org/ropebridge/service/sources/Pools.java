package org.ropebridge.service.sources;

import com.zaxxer.hikari.HikariConfig;
import com.zaxxer.hikari.HikariDataSource;
import com.zaxxer.hikari.HikariPoolMXBean;
import jakarta.annotation.PreDestroy;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.Map;
import java.util.Properties;
import java.util.concurrent.ConcurrentHashMap;
import org.ropebridge.service.Settings;
import org.ropebridge.service.problems.Problem;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;

/** Connections to warehouses, each read-only from the first and with a time limit. */
@Component
class Pools {
  private static final int CONNECT_SECONDS = 5;

  /** How long a table that is replaced may be waited for. */
  private static final int LOCK_MILLIS = 10_000;

  /** Connections that questions leave for what the service itself looks up. */
  private static final int SPARE = 2;

  private final Sources sources;
  private final Secrets secrets;
  private final Settings.Warehouse limits;
  private final Map<String, HikariDataSource> pools = new ConcurrentHashMap<>();

  Pools(Sources sources, Secrets secrets, Settings settings) {
    this.sources = sources;
    this.secrets = secrets;
    this.limits = settings.warehouse();
  }

  /** A connection of its own, outside of any pool. */
  Connection connect(String name) throws SQLException {
    Source source = find(name);
    return DriverManager.getConnection(source.url(), properties(source));
  }

  /** Closes the connections to a source whose address has changed. */
  void forget(String name) {
    HikariDataSource old = pools.remove(name);
    if (old != null) {
      old.close();
    }
  }

  /**
   * Ends a pool whose source did not answer, unless somebody still uses it. A pool tries again at
   * ever longer intervals, so after an outage the next question would wait for the old one longer
   * than it may.
   */
  void giveUp(String name, HikariDataSource pool) {
    HikariPoolMXBean use = pool.getHikariPoolMXBean();
    boolean unused = use.getActiveConnections() == 0 && use.getThreadsAwaitingConnection() == 0;
    if (unused && pools.remove(name, pool)) {
      pool.close();
    }
  }

  /**
   * A connection that may write in the uploads schema of a source, without auto-commit.
   *
   * @throws Problem if there is no such source, or it takes no files
   */
  Connection connectForUploads(String name) throws SQLException {
    Source source = find(name);
    if (!source.takesUploads()) {
      throw noUploads(name);
    }
    Properties properties = new Properties();
    properties.setProperty("user", source.uploadsUser());
    properties.setProperty("password", secrets.decrypt(source.uploadsSecret()));
    properties.setProperty("ApplicationName", "rope-bridge-uploads");
    properties.setProperty("loginTimeout", Integer.toString(CONNECT_SECONDS));
    properties.setProperty("options", "-c lock_timeout=" + LOCK_MILLIS);
    Connection connection = DriverManager.getConnection(source.url(), properties);
    connection.setAutoCommit(false);
    return connection;
  }

  /**
   * The schema for uploads and the role that reads it.
   *
   * @throws Problem if there is no such source, or it takes no files
   */
  UploadTables.Place uploads(String name) {
    Source source = find(name);
    if (!source.takesUploads()) {
      throw noUploads(name);
    }
    return new UploadTables.Place(source.uploadsSchema(), source.userName());
  }

  private static Problem noUploads(String name) {
    return new Problem(
        HttpStatus.CONFLICT,
        "no-uploads",
        "Files cannot be brought to \""
            + name
            + "\" yet. A steward lets them in with: ropebridge source uploads "
            + name
            + " --user ROLE");
  }

  private Source find(String name) {
    return sources.findByName(name).orElseThrow(() -> Warehouses.unknown(name));
  }

  private Properties properties(Source source) {
    Properties properties = new Properties();
    properties.setProperty("user", source.userName());
    properties.setProperty("password", secrets.decrypt(source.secret()));
    properties.setProperty("ApplicationName", "rope-bridge");
    properties.setProperty("readOnly", "true");
    properties.setProperty("readOnlyMode", "always");
    properties.setProperty("stringtype", "unspecified");
    properties.setProperty("loginTimeout", Integer.toString(CONNECT_SECONDS));
    properties.setProperty(
        "options",
        "-c default_transaction_read_only=on -c jit=off -c statement_timeout="
            + limits.statementTimeout().toMillis());
    return properties;
  }

  /**
   * The pool of a source.
   *
   * @throws Problem if there is no such source
   */
  HikariDataSource of(String name) {
    return pools.computeIfAbsent(
        name,
        n -> {
          Source source = find(n);
          HikariConfig config = new HikariConfig();
          config.setPoolName("warehouse-" + n);
          config.setJdbcUrl(source.url());
          config.setDataSourceProperties(properties(source));
          config.setReadOnly(true);
          config.setAutoCommit(false);
          config.setMaximumPoolSize(limits.connections() + SPARE);
          config.setMinimumIdle(1);
          config.setInitializationFailTimeout(-1);
          config.setConnectionTimeout(CONNECT_SECONDS * 1000L);
          return new HikariDataSource(config);
        });
  }

  @PreDestroy
  void close() {
    pools.values().forEach(HikariDataSource::close);
  }
}
