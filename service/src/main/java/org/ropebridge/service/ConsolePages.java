package org.ropebridge.service;

import org.springframework.context.annotation.Configuration;
import org.springframework.web.servlet.config.annotation.ViewControllerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** Every page of the console is the same document; the console itself knows which one to show. */
@Configuration
class ConsolePages implements WebMvcConfigurer {
  @Override
  public void addViewControllers(ViewControllerRegistry registry) {
    for (String page :
        new String[] {
          "/",
          "/ask",
          "/model",
          "/draft",
          "/draft/*",
          "/draft/*/*",
          "/gaps",
          "/kept/*",
          "/health",
          "/log",
          "/mine",
          "/people",
          "/use",
          "/sources",
          "/sign-in"
        }) {
      registry.addViewController(page).setViewName("forward:/index.html");
    }
  }
}
