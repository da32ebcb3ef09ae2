package org.ropebridge.cli;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.net.ConnectException;
import java.net.HttpURLConnection;
import java.net.MalformedURLException;
import java.net.URI;
import java.net.UnknownHostException;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Speaks with the service. */
final class Rest {
  private static final int CONNECT_MILLISECONDS = 5_000;
  private static final int READ_MILLISECONDS = 90_000;
  private static final int REFUSED_FROM = 400;
  static final JsonMapper JSON = JsonMapper.builder().build();

  private final String url;
  private final String token;

  Rest(String url, String token) {
    this.url = url.replaceAll("/+$", "");
    this.token = token;
  }

  static Rest signedIn() {
    Config config = Config.load();
    return new Rest(config.url(), config.token());
  }

  JsonNode get(String path) {
    return send("GET", path, null);
  }

  JsonNode post(String path, Object body) {
    return send("POST", path, JSON.writeValueAsString(body));
  }

  /** What the service sends as a file of the media type. */
  byte[] download(String path, Object body, String mediaType) {
    return exchange("POST", path, JSON.writeValueAsString(body), mediaType);
  }

  /** A file. */
  byte[] download(String path) {
    return exchange("GET", path, null, "*/*");
  }

  JsonNode delete(String path) {
    return send("DELETE", path, null);
  }

  /** Sends a file as it is, without holding it in memory. */
  JsonNode upload(String path, Path file) {
    try {
      HttpURLConnection connection = open("POST", path);
      connection.setRequestProperty("Accept", "application/json, application/problem+json");
      connection.setRequestProperty("Content-Type", "application/octet-stream");
      connection.setDoOutput(true);
      connection.setFixedLengthStreamingMode(Files.size(file));
      try (OutputStream out = connection.getOutputStream()) {
        Files.copy(file, out);
      }
      return body(new String(answer(connection), StandardCharsets.UTF_8));
    } catch (IOException e) {
      throw unreachable(e);
    }
  }

  /** Sends a change. The JDK's plain connection knows no PATCH; its newer client does. */
  JsonNode patch(String path, Object body) {
    HttpRequest.Builder request =
        HttpRequest.newBuilder(URI.create(url + path))
            .method("PATCH", HttpRequest.BodyPublishers.ofString(JSON.writeValueAsString(body)))
            .header("Content-Type", "application/json")
            .header("Accept", "application/json, application/problem+json")
            .timeout(Duration.ofMillis(READ_MILLISECONDS));
    if (token != null) {
      request.header("Authorization", "Bearer " + token);
    }
    try {
      HttpResponse<String> response =
          HttpClient.newHttpClient().send(request.build(), HttpResponse.BodyHandlers.ofString());
      if (response.statusCode() >= REFUSED_FROM) {
        throw new Refusal(response.statusCode(), body(response.body()));
      }
      return body(response.body());
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new ClientException(Exit.FAILED, "Interrupted.");
    } catch (IOException e) {
      throw new ClientException(
          Exit.FAILED, "The service at " + url + " did not answer: " + e.getMessage());
    }
  }

  JsonNode put(String path, Object body) {
    return send("PUT", path, JSON.writeValueAsString(body));
  }

  /**
   * Sends one request. The JDK's plain connection is used because it starts in a third of the time
   * of its newer client, which sets up TLS even where there is none.
   */
  private JsonNode send(String method, String path, String body) {
    byte[] answer = exchange(method, path, body, "application/json");
    return body(new String(answer, StandardCharsets.UTF_8));
  }

  private byte[] exchange(String method, String path, String body, String accept) {
    try {
      HttpURLConnection connection = open(method, path);
      connection.setRequestProperty("Accept", accept + ", application/problem+json");
      if (body != null) {
        connection.setDoOutput(true);
        connection.setRequestProperty("Content-Type", "application/json");
        try (OutputStream out = connection.getOutputStream()) {
          out.write(body.getBytes(StandardCharsets.UTF_8));
        }
      }
      return answer(connection);
    } catch (IOException e) {
      throw unreachable(e);
    }
  }

  private static byte[] answer(HttpURLConnection connection) throws IOException {
    int status = connection.getResponseCode();
    try (InputStream in =
        status < REFUSED_FROM ? connection.getInputStream() : connection.getErrorStream()) {
      byte[] answer = in == null ? new byte[0] : in.readAllBytes();
      if (status >= REFUSED_FROM) {
        throw new Refusal(status, body(new String(answer, StandardCharsets.UTF_8)));
      }
      return answer;
    }
  }

  private ClientException unreachable(IOException e) {
    boolean nobodyThere = e instanceof ConnectException || e instanceof UnknownHostException;
    return new ClientException(
        Exit.FAILED,
        nobodyThere
            ? "The service at " + url + " is not reachable. Is it running? (./start)"
            : "The service at " + url + " did not answer: " + e.getMessage());
  }

  private HttpURLConnection open(String method, String path) throws IOException {
    try {
      HttpURLConnection connection =
          (HttpURLConnection) URI.create(url + path).toURL().openConnection();
      connection.setRequestMethod(method);
      connection.setConnectTimeout(CONNECT_MILLISECONDS);
      connection.setReadTimeout(READ_MILLISECONDS);
      connection.setInstanceFollowRedirects(false);
      if (token != null) {
        connection.setRequestProperty("Authorization", "Bearer " + token);
      }
      return connection;
    } catch (IllegalArgumentException | MalformedURLException | ClassCastException e) {
      throw new ClientException(
          Exit.USAGE, "\"" + url + "\" is not an address such as http://127.0.0.1:8480");
    }
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

    /** Whether the service understood, and decided not to do it. */
    boolean isDecision() {
      return status == HttpURLConnection.HTTP_FORBIDDEN
          || status == HttpURLConnection.HTTP_CONFLICT;
    }

    JsonNode problem() {
      return problem;
    }
  }
}
