package org.ropebridge.bench;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Asks a running service over HTTP and, in turn, runs the same SQL with the same parameters through
 * JDBC by itself; prints how the times are spread and what the service adds. Bounded: 12 questions,
 * 40 rounds, one caller, loopback only.
 *
 * <p>{@code ServiceBench URL TOKEN JDBC-URL}, with the reader's name and password in the JDBC URL.
 */
public final class ServiceBench {
  private static final int WARM_UP = 60;
  private static final int ROUNDS = 40;
  private static final List<String> QUESTIONS =
      List.of(
          "number of huts",
          "number of bridges by material",
          "average altitude by valley",
          "callouts by severity in 2025",
          "inspections by inspector last year",
          "guest nights by valley this year",
          "stays on 12 May 2025",
          "top 5 huts by supply cost",
          "new members by year",
          "revenue in Ossel last month",
          "occupancy by month in 2026",
          "how many members stayed in July");

  private final HttpClient http =
      HttpClient.newBuilder().version(HttpClient.Version.HTTP_1_1).build();
  private final JsonMapper json = JsonMapper.builder().build();
  private final String url;
  private final String token;

  private ServiceBench(String url, String token) {
    this.url = url;
    this.token = token;
  }

  public static void main(String[] args) throws SQLException, IOException, InterruptedException {
    if (args.length != 3 || !URI.create(args[0]).getHost().equals("127.0.0.1")) {
      System.err.println("usage: ServiceBench http://127.0.0.1:PORT TOKEN JDBC-URL");
      System.exit(2);
    }
    try (Connection connection = DriverManager.getConnection(args[2])) {
      new ServiceBench(args[0], args[1]).run(connection);
    }
  }

  private void run(Connection connection) throws SQLException, IOException, InterruptedException {
    List<Double> whole = new ArrayList<>();
    List<Double> bare = new ArrayList<>();
    List<Double> added = new ArrayList<>();
    Map<String, List<Double>> steps = new LinkedHashMap<>();
    for (int round = 0; round < WARM_UP + ROUNDS; round++) {
      for (String question : QUESTIONS) {
        long before = System.nanoTime();
        JsonNode answer = ask(question);
        double service = (System.nanoTime() - before) / 1e6;
        before = System.nanoTime();
        execute(connection, answer);
        double sql = (System.nanoTime() - before) / 1e6;
        if (round >= WARM_UP) {
          whole.add(service);
          bare.add(sql);
          added.add(service - sql);
          for (JsonNode step : answer.path("trail")) {
            steps
                .computeIfAbsent(step.path("step").asString(), k -> new ArrayList<>())
                .add(step.path("milliseconds").asDouble());
          }
        }
      }
    }
    System.out.printf(
        "%d questions, %d rounds after %d to warm up; milliseconds%n",
        QUESTIONS.size(), ROUNDS, WARM_UP);
    print("whole answer over HTTP", whole);
    print("the same SQL through JDBC", bare);
    print("added by the service", added);
    steps.forEach((step, times) -> print("step: " + step, times));
  }

  private JsonNode ask(String question) throws IOException, InterruptedException {
    HttpRequest request =
        HttpRequest.newBuilder(URI.create(url + "/api/models/huts/ask"))
            .header("Authorization", "Bearer " + token)
            .header("Content-Type", "application/json")
            .POST(
                HttpRequest.BodyPublishers.ofString(
                    json.writeValueAsString(Map.of("question", question))))
            .build();
    HttpResponse<String> response = http.send(request, HttpResponse.BodyHandlers.ofString());
    JsonNode answer = json.readTree(response.body());
    if (!answer.path("status").asString().equals("answered")) {
      throw new IllegalStateException(question + ": " + response.body());
    }
    return answer;
  }

  private static void execute(Connection connection, JsonNode answer) throws SQLException {
    try (PreparedStatement statement = connection.prepareStatement(answer.path("sql").asString())) {
      int place = 1;
      for (JsonNode parameter : answer.path("parameters")) {
        String text = parameter.asString();
        statement.setObject(
            place++, text.matches("\\d{4}-\\d{2}-\\d{2}") ? java.time.LocalDate.parse(text) : text);
      }
      try (ResultSet result = statement.executeQuery()) {
        while (result.next()) {
          result.getObject(1);
        }
      }
    }
  }

  private static void print(String what, List<Double> times) {
    Collections.sort(times);
    System.out.printf(
        Locale.ROOT,
        "%-28s median %7.2f   p90 %7.2f   p99 %7.2f   most %7.2f%n",
        what,
        at(times, 0.5),
        at(times, 0.9),
        at(times, 0.99),
        times.get(times.size() - 1));
  }

  private static double at(List<Double> sorted, double share) {
    return sorted.get((int) Math.min(sorted.size() - 1L, Math.round(share * (sorted.size() - 1))));
  }
}
