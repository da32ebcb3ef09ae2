package org.ropebridge.service.accounts;

import io.swagger.v3.oas.annotations.Operation;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import org.springframework.http.HttpStatus;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Signs people in and out: the console by session, programs by token. */
@RestController
@RequestMapping("/api")
class SessionController {
  private final SignInGuard guard;
  private final TokenService tokens;
  private final CurrentAccount current;
  private final SecurityContextRepository contexts;

  SessionController(
      SignInGuard guard,
      TokenService tokens,
      CurrentAccount current,
      SecurityContextRepository contexts) {
    this.guard = guard;
    this.tokens = tokens;
    this.current = current;
    this.contexts = contexts;
  }

  /** Name and password. */
  record SignIn(
      @NotBlank @Size(max = 80) String name, @NotBlank @Size(max = 200) String password) {}

  /** Name and password, and what the token is for. */
  record TokenRequest(
      @NotBlank @Size(max = 80) String name,
      @NotBlank @Size(max = 200) String password,
      @Size(max = 120) String label) {}

  /** A token; it is shown this once. */
  record Token(String token, Instant expiresAt) {}

  /** Who is signed in. */
  record Who(String name, String displayName, String role) {
    static Who of(Account account) {
      return new Who(
          account.name(), account.displayName(), account.role().name().toLowerCase(Locale.ROOT));
    }
  }

  @Operation(summary = "Sign in with a session cookie")
  @PostMapping("/session")
  Who signIn(
      @Valid @RequestBody SignIn signIn, HttpServletRequest request, HttpServletResponse response) {
    Account account = guard.check(signIn.name(), signIn.password());
    if (request.getSession(false) != null) {
      request.changeSessionId();
    }
    SecurityContext context = SecurityContextHolder.createEmptyContext();
    context.setAuthentication(authentication(account));
    SecurityContextHolder.setContext(context);
    contexts.saveContext(context, request, response);
    return Who.of(account);
  }

  static UsernamePasswordAuthenticationToken authentication(Account account) {
    List<SimpleGrantedAuthority> authorities =
        java.util.Arrays.stream(Account.Role.values())
            .filter(r -> r.compareTo(account.role()) <= 0)
            .map(r -> new SimpleGrantedAuthority("ROLE_" + r.name()))
            .toList();
    return UsernamePasswordAuthenticationToken.authenticated(
        new SignedIn(account.name()), null, authorities);
  }

  /** The same for a single request, which then need not look the account up again. */
  static UsernamePasswordAuthenticationToken forOneRequest(Account account) {
    UsernamePasswordAuthenticationToken authentication = authentication(account);
    authentication.setDetails(account);
    return authentication;
  }

  @Operation(summary = "Who is signed in")
  @GetMapping("/session")
  Who who() {
    return Who.of(current.get());
  }

  @Operation(summary = "Sign out")
  @DeleteMapping("/session")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void signOut(
      HttpServletRequest request,
      @RequestHeader(name = "Authorization", required = false) String authorization) {
    if (authorization != null && authorization.startsWith("Bearer ")) {
      tokens.revoke(authorization.substring("Bearer ".length()));
    } else if (request.getSession(false) != null) {
      request.getSession(false).invalidate();
    }
    SecurityContextHolder.clearContext();
  }

  @Operation(summary = "Get a token for a program")
  @PostMapping("/tokens")
  Token token(@Valid @RequestBody TokenRequest request) {
    Account account = guard.check(request.name(), request.password());
    TokenService.Issued issued =
        tokens.issue(account, request.label() == null ? "client" : request.label());
    return new Token(issued.token(), issued.expiresAt());
  }
}
