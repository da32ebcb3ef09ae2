package org.ropebridge.cli;

import java.io.IOException;
import java.net.ConnectException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Duration;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Speaks with the service. */
final class Rest {
  private static final Duration PATIENCE = Duration.ofSeconds(90);
  private static final int REFUSED_FROM = 400;
  static final JsonMapper JSON = JsonMapper.builder().build();

  private final String url;
  private final String token;
  private final HttpClient http =
      HttpClient.newBuilder()
          .version(HttpClient.Version.HTTP_1_1)
          .connectTimeout(Duration.ofSeconds(5))
          .build();

  Rest(String url, String token) {
    this.url = url.replaceAll("/+$", "");
    this.token = token;
  }

  static Rest signedIn() {
    Config config = Config.load();
    return new Rest(config.url(), config.token());
  }

  JsonNode get(String path) {
    return send(request(path).GET().build());
  }

  JsonNode post(String path, Object body) {
    return send(withBody("POST", path, body));
  }

  JsonNode put(String path, Object body) {
    return send(withBody("PUT", path, body));
  }

  private HttpRequest withBody(String method, String path, Object body) {
    return request(path)
        .header("Content-Type", "application/json")
        .method(method, HttpRequest.BodyPublishers.ofString(JSON.writeValueAsString(body)))
        .build();
  }

  private HttpRequest.Builder request(String path) {
    try {
      HttpRequest.Builder builder =
          HttpRequest.newBuilder(URI.create(url + path))
              .timeout(PATIENCE)
              .header("Accept", "application/json, application/problem+json");
      return token == null ? builder : builder.header("Authorization", "Bearer " + token);
    } catch (IllegalArgumentException e) {
      throw new ClientException(
          Exit.USAGE, "\"" + url + "\" is not an address such as http://127.0.0.1:8480");
    }
  }

  private JsonNode send(HttpRequest request) {
    HttpResponse<String> response;
    try {
      response = http.send(request, HttpResponse.BodyHandlers.ofString());
    } catch (ConnectException e) {
      throw new ClientException(
          Exit.FAILED, "The service at " + url + " is not reachable. Is it running? (./start)");
    } catch (IOException e) {
      throw new ClientException(
          Exit.FAILED, "The service at " + url + " did not answer: " + e.getMessage());
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new ClientException(Exit.FAILED, "interrupted");
    }
    JsonNode body = body(response.body());
    if (response.statusCode() >= REFUSED_FROM) {
      throw new Refusal(response.statusCode(), body);
    }
    return body;
  }

  private static JsonNode body(String text) {
    try {
      return text.isBlank() ? JSON.createObjectNode() : JSON.readTree(text);
    } catch (JacksonException e) {
      throw new ClientException(
          Exit.FAILED, "The service's answer is not JSON. Is this the address of Rope Bridge?");
    }
  }

  /** A problem document of the service. */
  static final class Refusal extends RuntimeException {
    private static final long serialVersionUID = 1L;
    private final int status;
    private final transient JsonNode problem;

    Refusal(int status, JsonNode problem) {
      super(problem.path("detail").asString("The service refused the request (" + status + ")."));
      this.status = status;
      this.problem = problem;
    }

    int status() {
      return status;
    }

    JsonNode problem() {
      return problem;
    }
  }
}
