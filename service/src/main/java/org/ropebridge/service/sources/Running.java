package org.ropebridge.service.sources;

import java.sql.SQLException;
import java.sql.Statement;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** Something that a person waits for, and may stop waiting for. */
public final class Running {
  private static final Logger LOG = LoggerFactory.getLogger(Running.class);
  private Statement statement;
  private boolean stopped;
  private Stage stage = Stage.READING;

  /** How far it has come. */
  public enum Stage {
    READING,
    IN_LINE,
    COMPUTING
  }

  /** Stops it; what runs in the warehouse is ended there. */
  public synchronized void stop() {
    stopped = true;
    if (statement != null) {
      try {
        statement.cancel();
      } catch (SQLException e) {
        LOG.warn("a statement could not be ended: {}", e.getMessage());
      }
    }
  }

  public synchronized boolean isStopped() {
    return stopped;
  }

  public synchronized Stage stage() {
    return stage;
  }

  synchronized void waitsInLine() {
    stage = Stage.IN_LINE;
  }

  /** From now on stopping ends the statement. Returns whether it may run at all. */
  synchronized boolean begins(Statement running) {
    stage = Stage.COMPUTING;
    statement = running;
    return !stopped;
  }

  synchronized void ends() {
    statement = null;
  }
}
