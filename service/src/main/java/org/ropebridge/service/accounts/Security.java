package org.ropebridge.service.accounts;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Optional;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpMethod;
import org.springframework.http.MediaType;
import org.springframework.security.config.annotation.method.configuration.EnableMethodSecurity;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.crypto.factory.PasswordEncoderFactories;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.authentication.UsernamePasswordAuthenticationFilter;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.web.filter.OncePerRequestFilter;

/** What requests are let through, and how a request shows whom it acts for. */
@Configuration
@EnableMethodSecurity
class Security {
  private static final String CONTENT_POLICY =
      "default-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self' data:;"
          + " frame-ancestors 'none'; base-uri 'self'; form-action 'self'";

  @Bean
  PasswordEncoder passwordEncoder() {
    return PasswordEncoderFactories.createDelegatingPasswordEncoder();
  }

  @Bean
  SecurityContextRepository securityContextRepository() {
    return new HttpSessionSecurityContextRepository();
  }

  @Bean
  SecurityFilterChain filterChain(
      HttpSecurity http, SecurityContextRepository contexts, TokenService tokens) throws Exception {
    http.authorizeHttpRequests(
            requests ->
                requests
                    .requestMatchers(HttpMethod.POST, "/api/session", "/api/tokens")
                    .permitAll()
                    .requestMatchers("/api/system/health/**", "/api/openapi", "/api/openapi/**")
                    .permitAll()
                    .requestMatchers("/api/system/**")
                    .hasRole("STEWARD")
                    .requestMatchers("/api/models/usage/**")
                    .hasRole("AUTHOR")
                    .requestMatchers("/api/**")
                    .authenticated()
                    .anyRequest()
                    .permitAll())
        .securityContext(c -> c.securityContextRepository(contexts))
        .addFilterBefore(new TokenFilter(tokens), UsernamePasswordAuthenticationFilter.class)
        .csrf(
            csrf ->
                csrf.spa()
                    .ignoringRequestMatchers(Security::hasToken)
                    .ignoringRequestMatchers("/api/tokens"))
        .headers(h -> h.contentSecurityPolicy(p -> p.policyDirectives(CONTENT_POLICY)))
        .exceptionHandling(
            e ->
                e.authenticationEntryPoint(
                        (request, response, why) ->
                            refuse(response, 401, "not-signed-in", "Sign in first."))
                    .accessDeniedHandler(
                        (request, response, why) ->
                            refuse(
                                response,
                                403,
                                "not-allowed",
                                "Your account may not do this, or the page is out of date; reload it.")))
        .requestCache(c -> c.disable())
        .formLogin(f -> f.disable())
        .httpBasic(b -> b.disable())
        .logout(l -> l.disable());
    return http.build();
  }

  private static boolean hasToken(HttpServletRequest request) {
    return bearer(request).isPresent();
  }

  private static Optional<String> bearer(HttpServletRequest request) {
    return Optional.ofNullable(request.getHeader("Authorization"))
        .filter(h -> h.startsWith("Bearer "))
        .map(h -> h.substring("Bearer ".length()));
  }

  private static void refuse(HttpServletResponse response, int status, String type, String detail)
      throws IOException {
    response.setStatus(status);
    response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
    response
        .getWriter()
        .write(
            "{\"type\":\"urn:ropebridge:problem:"
                + type
                + "\",\"status\":"
                + status
                + ",\"detail\":\""
                + detail
                + "\"}");
  }

  /** Recognises requests that carry a token. They never use or make a session. */
  private static final class TokenFilter extends OncePerRequestFilter {
    private final TokenService tokens;

    TokenFilter(TokenService tokens) {
      this.tokens = tokens;
    }

    @Override
    protected void doFilterInternal(
        HttpServletRequest request, HttpServletResponse response, FilterChain chain)
        throws ServletException, IOException {
      bearer(request)
          .ifPresent(
              token -> {
                SecurityContext context = SecurityContextHolder.createEmptyContext();
                tokens
                    .accountOf(token)
                    .map(SessionController::forOneRequest)
                    .ifPresent(context::setAuthentication);
                SecurityContextHolder.setContext(context);
              });
      chain.doFilter(request, response);
    }
  }
}
