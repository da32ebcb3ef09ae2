package org.ropebridge.bench;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.Map;
import java.util.TreeMap;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The running demo, as its accounts see it. Loopback only. */
final class DemoService {
  static final String STEWARD = "iselin";
  private static final long BETWEEN_LOOKS_MILLISECONDS = 100;
  private final JsonMapper json = JsonMapper.builder().build();
  private final HttpClient http =
      HttpClient.newBuilder().version(HttpClient.Version.HTTP_1_1).build();
  private final String url;
  private final String password;
  private final Map<String, String> tokens = new TreeMap<>();

  DemoService(String url, String password) {
    if (!URI.create(url).getHost().equals("127.0.0.1")) {
      throw new IllegalArgumentException("only http://127.0.0.1:PORT is measured");
    }
    this.url = url;
    this.password = password;
  }

  private synchronized String token(String account) throws IOException, InterruptedException {
    if (!tokens.containsKey(account)) {
      JsonNode made =
          send(
              HttpRequest.newBuilder(URI.create(url + "/api/tokens"))
                  .header("Content-Type", "application/json")
                  .POST(body(Map.of("name", account, "password", password))));
      tokens.put(account, made.path("token").asString());
    }
    return tokens.get(account);
  }

  private HttpRequest.BodyPublisher body(Object value) {
    return HttpRequest.BodyPublishers.ofString(json.writeValueAsString(value));
  }

  private HttpRequest.Builder request(String account, String path)
      throws IOException, InterruptedException {
    return HttpRequest.newBuilder(URI.create(url + path))
        .header("Authorization", "Bearer " + token(account));
  }

  JsonNode get(String account, String path) throws IOException, InterruptedException {
    return send(request(account, path).GET());
  }

  JsonNode post(String account, String path, Object value)
      throws IOException, InterruptedException {
    return send(
        request(account, path).header("Content-Type", "application/json").POST(body(value)));
  }

  JsonNode put(String account, String path, Object value) throws IOException, InterruptedException {
    return send(request(account, path).header("Content-Type", "application/json").PUT(body(value)));
  }

  JsonNode patch(String account, String path, Object value)
      throws IOException, InterruptedException {
    return send(
        request(account, path)
            .header("Content-Type", "application/json")
            .method("PATCH", body(value)));
  }

  /** What is at the path, once its job has ended. */
  JsonNode done(String account, String path) throws IOException, InterruptedException {
    JsonNode job = get(account, path);
    while (job.path("job").path("state").asString().equals("running")) {
      Thread.sleep(BETWEEN_LOOKS_MILLISECONDS);
      job = get(account, path);
    }
    return job;
  }

  /** The password of every account of the demo. */
  String password() {
    return password;
  }

  /** Sends bytes as they are. */
  JsonNode bring(String account, String path, HttpRequest.BodyPublisher bytes)
      throws IOException, InterruptedException {
    return send(
        request(account, path).header("Content-Type", "application/octet-stream").POST(bytes));
  }

  void delete(String account, String path) throws IOException, InterruptedException {
    send(request(account, path).DELETE());
  }

  /** The service's heap in megabytes, as its own metrics tell it to the steward. */
  double heap() throws IOException, InterruptedException {
    return http.send(
                request(STEWARD, "/api/system/prometheus").build(),
                HttpResponse.BodyHandlers.ofLines())
            .body()
            .filter(l -> l.startsWith("jvm_memory_used_bytes") && l.contains("area=\"heap\""))
            .mapToDouble(l -> Double.parseDouble(l.substring(l.lastIndexOf(' ') + 1)))
            .sum()
        / 1e6;
  }

  private JsonNode send(HttpRequest.Builder request) throws IOException, InterruptedException {
    HttpResponse<String> response =
        http.send(request.build(), HttpResponse.BodyHandlers.ofString());
    if (response.statusCode() >= 300) {
      throw new IOException(response.statusCode() + " " + response.body());
    }
    return response.body().isEmpty() ? json.createObjectNode() : json.readTree(response.body());
  }
}
