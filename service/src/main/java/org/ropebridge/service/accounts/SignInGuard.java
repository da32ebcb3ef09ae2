package org.ropebridge.service.accounts;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.util.concurrent.atomic.AtomicInteger;
import org.ropebridge.service.problems.Problem;
import org.springframework.http.HttpStatus;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Component;

/** Checks name and password, and slows down whoever guesses. Failures are counted per replica. */
@Component
class SignInGuard {
  private static final int MOST_FAILURES = 10;
  private final Accounts accounts;
  private final PasswordEncoder passwords;
  private final String nobody;
  private final Cache<String, AtomicInteger> failures =
      Caffeine.newBuilder().expireAfterWrite(Duration.ofMinutes(5)).maximumSize(10_000).build();

  SignInGuard(Accounts accounts, PasswordEncoder passwords) {
    this.accounts = accounts;
    this.passwords = passwords;
    this.nobody = passwords.encode("nobody");
  }

  /**
   * The account of that name, when the password is right.
   *
   * @throws Problem if name or password is wrong, or too many tries failed
   */
  Account check(String name, String password) {
    AtomicInteger failed = failures.get(name, n -> new AtomicInteger());
    if (failed.get() >= MOST_FAILURES) {
      throw new Problem(
          HttpStatus.TOO_MANY_REQUESTS,
          "too-many-tries",
          "Too many wrong passwords for this name. Wait five minutes and try again.");
    }
    // The same work is done for unknown names, so that the time taken tells nothing.
    Account account = accounts.findByName(name).orElse(null);
    boolean right = passwords.matches(password, account == null ? nobody : account.passwordHash());
    if (account == null || !right) {
      failed.incrementAndGet();
      throw new Problem(HttpStatus.UNAUTHORIZED, "not-signed-in", "Name or password is wrong.");
    }
    failures.invalidate(name);
    return account;
  }
}
