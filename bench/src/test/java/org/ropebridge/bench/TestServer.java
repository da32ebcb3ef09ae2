package org.ropebridge.bench;

/** The database cluster for tests. */
final class TestServer {
  private TestServer() {}

  static String url() {
    String url = System.getenv("ROPEBRIDGE_TEST_JDBC");
    if (url == null) {
      throw new IllegalStateException(
          "no test database: run ./check, or eval \"$(bin/test-database)\" first");
    }
    return url;
  }
}
