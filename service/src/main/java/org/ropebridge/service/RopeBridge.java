package org.ropebridge.service;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.context.properties.ConfigurationPropertiesScan;
import org.springframework.scheduling.annotation.EnableScheduling;

/** Starts the service. */
@SpringBootApplication
@ConfigurationPropertiesScan
@EnableScheduling
public class RopeBridge {
  public static void main(String[] args) {
    SpringApplication.run(RopeBridge.class, args);
  }
}
