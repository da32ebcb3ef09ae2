package org.ropebridge.service.questions;

import com.fasterxml.jackson.annotation.JsonTypeInfo;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.Period;
import org.ropebridge.plan.Plan;
import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Plans as JSON: each part of several kinds says its kind. */
@Configuration
class PlanJson {

  @JsonTypeInfo(use = JsonTypeInfo.Id.SIMPLE_NAME, property = "kind")
  private interface Kinded {}

  @Bean
  JsonMapperBuilderCustomizer planParts() {
    return builder ->
        builder
            .addMixIn(Measure.class, Kinded.class)
            .addMixIn(Plan.SortKey.class, Kinded.class)
            .addMixIn(org.ropebridge.plan.Grouping.class, Kinded.class)
            .addMixIn(Filter.class, Kinded.class)
            .addMixIn(Period.class, Kinded.class)
            .addMixIn(Plan.Test.class, Kinded.class)
            .addMixIn(Measure.Earlier.class, Kinded.class);
  }
}
