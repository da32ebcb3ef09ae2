package org.ropebridge.service;

import java.time.Month;
import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.core.JsonGenerator;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.module.SimpleModule;
import tools.jackson.databind.ser.std.StdSerializer;

/** Months go out by their names, as weekdays do and as the description of the REST calls says. */
@Configuration
class MonthNames {

  private static final class ByName extends StdSerializer<Month> {
    ByName() {
      super(Month.class);
    }

    @Override
    public void serialize(Month month, JsonGenerator out, SerializationContext context) {
      out.writeString(month.name());
    }
  }

  @Bean
  JsonMapperBuilderCustomizer monthsByName() {
    return builder ->
        builder.addModule(new SimpleModule("months").addSerializer(Month.class, new ByName()));
  }
}
