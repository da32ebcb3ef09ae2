package org.ropebridge.service;

import java.io.IOException;
import java.net.CookieManager;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Map;
import org.junit.jupiter.api.extension.BeforeAllCallback;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.ropebridge.demo.DemoData;
import org.ropebridge.demo.DemoLoader;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Starts the real service once, on a free loopback port, on real databases with the small demo.
 * Tests speak with it over HTTP.
 */
final class RunningService implements BeforeAllCallback, AutoCloseable {
  static final String PASSWORD = "correct horse";
  static final String READER = "service_test_reader";
  static final String USAGE_READER = "service_test_usage";
  static final String UPLOADER = "service_test_uploader";
  private static final JsonMapper JSON = JsonMapper.builder().build();
  private static RunningService instance;

  private ConfigurableApplicationContext context;
  private String url;

  @Override
  public void beforeAll(ExtensionContext extension) throws Exception {
    if (instance == null) {
      RunningService service = new RunningService();
      service.start();
      instance = service;
      extension.getRoot().getStore(ExtensionContext.Namespace.GLOBAL).put("service", service);
    }
  }

  private void start() throws SQLException, IOException {
    String admin = System.getenv("ROPEBRIDGE_TEST_JDBC");
    if (admin == null) {
      throw new IllegalStateException(
          "no test database: run ./check, or eval \"$(bin/test-database)\" first");
    }
    try (Connection connection = DriverManager.getConnection(admin);
        Statement statement = connection.createStatement()) {
      for (String database : new String[] {"service_test", "service_test_warehouse"}) {
        statement.execute("drop database if exists " + database + " with (force)");
        statement.execute("create database " + database);
      }
      for (String role : new String[] {READER, UPLOADER, USAGE_READER}) {
        statement.execute(
            "do $$ begin if not exists (select from pg_roles where rolname = '"
                + role
                + "') then create role "
                + role
                + " login; end if; end $$");
        statement.execute("alter role " + role + " password 'secret'");
      }
    }
    String warehouse = admin.replaceFirst("/postgres\\?", "/service_test_warehouse?");
    try (Connection connection = DriverManager.getConnection(warehouse)) {
      DemoLoader.load(connection, DemoData.Size.SMALL, READER, t -> {});
    }
    try (Connection connection = DriverManager.getConnection(warehouse);
        Statement statement = connection.createStatement()) {
      statement.execute("create schema uploads authorization " + UPLOADER);
    }
    try (Connection connection = DriverManager.getConnection(storage());
        Statement statement = connection.createStatement()) {
      statement.execute("create schema usage");
      statement.execute("grant usage on schema usage to " + USAGE_READER);
      statement.execute(
          "alter default privileges in schema usage grant select on tables to " + USAGE_READER);
    }
    Path folder = Files.createTempDirectory("ropebridge-test");
    context =
        SpringApplication.run(
            RopeBridge.class,
            "--server.port=0",
            "--spring.datasource.url=" + admin.replaceFirst("/postgres\\?", "/service_test?"),
            "--ropebridge.key-file=" + folder.resolve("key"),
            "--ropebridge.warehouse.statement-timeout=2s",
            "--ropebridge.demo.enabled=true",
            "--ropebridge.demo.url=" + warehouse.replaceFirst("\\?.*", ""),
            "--ropebridge.demo.user-name=" + READER,
            "--ropebridge.demo.password=secret",
            "--ropebridge.demo.uploads-user-name=" + UPLOADER,
            "--ropebridge.demo.uploads-password=secret",
            "--ropebridge.uploads.folder=" + folder.resolve("uploads"),
            "--ropebridge.demo.account-password=" + PASSWORD,
            "--ropebridge.usage.url=" + storage().replaceFirst("\\?.*", ""),
            "--ropebridge.usage.user-name=" + USAGE_READER,
            "--ropebridge.usage.password=secret");
    url = "http://127.0.0.1:" + ((WebServerApplicationContext) context).getWebServer().getPort();
  }

  @Override
  public void close() {
    context.close();
  }

  static <T> T bean(Class<T> type) {
    return instance.context.getBean(type);
  }

  static String url() {
    return instance.url;
  }

  /** A JDBC address of the service's own database. */
  static String storage() {
    return System.getenv("ROPEBRIDGE_TEST_JDBC").replaceFirst("/postgres\\?", "/service_test?");
  }

  /** A JDBC address of the warehouse, for its administrator. */
  static String warehouse() {
    return System.getenv("ROPEBRIDGE_TEST_JDBC")
        .replaceFirst("/postgres\\?", "/service_test_warehouse?");
  }

  /** What came back. */
  record Reply(int status, String type, JsonNode json, String text, HttpResponse<String> raw) {}

  /** A caller with cookies of its own, and perhaps a token. */
  static final class Caller {
    private final CookieManager cookies = new CookieManager();
    private final HttpClient http = HttpClient.newBuilder().cookieHandler(cookies).build();
    private String token;

    static Caller anonymous() {
      return new Caller();
    }

    static Caller withToken(String name) {
      Caller caller = new Caller();
      Reply reply = caller.post("/api/tokens", Map.of("name", name, "password", PASSWORD));
      caller.token = reply.json().path("token").asString();
      return caller;
    }

    Caller token(String given) {
      token = given;
      return this;
    }

    String token() {
      return token;
    }

    Reply get(String path) {
      return send(request(path).GET());
    }

    Reply post(String path, Object body, String accept) {
      return send(
          request(path)
              .header("Content-Type", "application/json")
              .header("Accept", accept + ", application/problem+json")
              .POST(HttpRequest.BodyPublishers.ofString(JSON.writeValueAsString(body))));
    }

    Reply patch(String path, Object body) {
      return send(
          request(path)
              .header("Content-Type", "application/json")
              .method("PATCH", HttpRequest.BodyPublishers.ofString(JSON.writeValueAsString(body))));
    }

    Reply post(String path, Object body) {
      return send(
          request(path)
              .header("Content-Type", "application/json")
              .POST(
                  HttpRequest.BodyPublishers.ofString(
                      body instanceof String text ? text : JSON.writeValueAsString(body))));
    }

    Reply put(String path, Object body) {
      return send(
          request(path)
              .header("Content-Type", "application/json")
              .PUT(HttpRequest.BodyPublishers.ofString(JSON.writeValueAsString(body))));
    }

    /** Publishes files as an author does: the draft is replaced, rehearsed and published. */
    Reply publish(String model, Map<String, String> files, String note) {
      Reply draft = put("/api/models/" + model + "/draft", Map.of("files", files));
      if (draft.status() != 200) {
        return draft;
      }
      long revision = draft.json().path("revision").asLong();
      Reply rehearsal = post("/api/models/" + model + "/rehearsals", Map.of());
      if (rehearsal.status() != 202) {
        return rehearsal;
      }
      done("/api/rehearsals/" + rehearsal.json().path("job").path("id").asString());
      return post("/api/models/" + model + "/editions", Map.of("revision", revision, "note", note));
    }

    /** The job at the path, once it has ended. */
    JsonNode done(String path) {
      return done(path, "job");
    }

    /** What is at the path, once its job of that name has ended. */
    JsonNode done(String path, String name) {
      JsonNode job = get(path).json();
      for (long end = System.nanoTime() + 120_000_000_000L;
          job.path(name).path("state").asString().equals("running"); ) {
        if (System.nanoTime() > end) {
          throw new IllegalStateException("it does not end: " + job);
        }
        job = get(path).json();
      }
      return job;
    }

    /** Sends bytes as they are. */
    Reply bring(String path, byte[] bytes) {
      return send(
          request(path)
              .header("Content-Type", "application/octet-stream")
              .POST(HttpRequest.BodyPublishers.ofByteArray(bytes)));
    }

    Reply delete(String path) {
      return send(request(path).DELETE());
    }

    /** The value that the page hands back to prove where it came from. */
    String csrf() {
      return cookies.getCookieStore().getCookies().stream()
          .filter(c -> c.getName().equals("XSRF-TOKEN"))
          .map(java.net.HttpCookie::getValue)
          .findFirst()
          .orElse("");
    }

    Reply postFromPage(String path, Object body) {
      return send(
          request(path)
              .header("Content-Type", "application/json")
              .header("X-XSRF-TOKEN", csrf())
              .POST(HttpRequest.BodyPublishers.ofString(JSON.writeValueAsString(body))));
    }

    Reply putFromPage(String path, Object body) {
      return send(
          request(path)
              .header("Content-Type", "application/json")
              .header("X-XSRF-TOKEN", csrf())
              .PUT(HttpRequest.BodyPublishers.ofString(JSON.writeValueAsString(body))));
    }

    private HttpRequest.Builder request(String path) {
      HttpRequest.Builder builder = HttpRequest.newBuilder(URI.create(url() + path));
      return token == null ? builder : builder.header("Authorization", "Bearer " + token);
    }

    private Reply send(HttpRequest.Builder request) {
      try {
        HttpResponse<String> response =
            http.send(request.build(), HttpResponse.BodyHandlers.ofString());
        String type = response.headers().firstValue("Content-Type").orElse("");
        boolean isJson = type.contains("json") && !response.body().isBlank();
        JsonNode json = isJson ? JSON.readTree(response.body()) : JSON.createObjectNode();
        return new Reply(response.statusCode(), type, json, response.body(), response);
      } catch (IOException e) {
        throw new IllegalStateException(e);
      } catch (InterruptedException e) {
        Thread.currentThread().interrupt();
        throw new IllegalStateException(e);
      }
    }
  }
}
