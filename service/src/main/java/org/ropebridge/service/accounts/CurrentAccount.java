package org.ropebridge.service.accounts;

import org.ropebridge.service.problems.Problem;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Component;

/** Finds the account that the current request acts for. */
@Component
public class CurrentAccount {
  private final Accounts accounts;

  CurrentAccount(Accounts accounts) {
    this.accounts = accounts;
  }

  /**
   * The account.
   *
   * @throws Problem if it was removed meanwhile
   */
  public Account get() {
    Authentication authentication = SecurityContextHolder.getContext().getAuthentication();
    if (authentication.getDetails() instanceof Account account) {
      return account;
    }
    String name = authentication.getName();
    return accounts
        .findByName(name)
        .orElseThrow(
            () ->
                new Problem(
                    HttpStatus.UNAUTHORIZED, "not-signed-in", "Your account is no longer there."));
  }
}
