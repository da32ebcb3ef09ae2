package org.ropebridge.service;

import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.servers.Server;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The description of the REST interface (OpenAPI), from which the console's types are made. */
@Configuration
class RestDocument {
  /** Requests may leave out what they do not need; answers always have all of their members. */
  private static final List<String> REQUESTS =
      List.of("QuestionRequest", "FilesRequest", "SourceRequest", "TokenRequest", "SignIn");

  // The library's own map of schemas is raw.
  @SuppressWarnings({"rawtypes", "unchecked"})
  @Bean
  OpenApiCustomizer description() {
    return document -> {
      document.setInfo(new Info().title("Rope Bridge").version("1"));
      document.setServers(List.of(new Server().url("/")));
      Map<String, Schema> schemas = document.getComponents().getSchemas();
      schemas.forEach(
          (name, schema) -> {
            Map<?, ?> properties = schema.getProperties();
            if (properties != null && !REQUESTS.contains(name)) {
              List<String> names = new ArrayList<>();
              properties.keySet().forEach(p -> names.add(String.valueOf(p)));
              schema.setRequired(names);
            }
          });
    };
  }
}
