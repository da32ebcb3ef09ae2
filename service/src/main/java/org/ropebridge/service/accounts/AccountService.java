package org.ropebridge.service.accounts;

import java.security.SecureRandom;
import java.util.Base64;
import java.util.List;
import java.util.Map;
import org.ropebridge.service.problems.Problem;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.http.HttpStatus;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.session.FindByIndexNameSessionRepository;
import org.springframework.session.Session;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What stewards do with accounts, and people with their own passwords. */
@Service
class AccountService {
  private static final int PASSWORD_BYTES = 15;

  private final Accounts accounts;
  private final TokenService tokens;
  private final SignInGuard guard;
  private final PasswordEncoder passwords;
  private final FindByIndexNameSessionRepository<? extends Session> sessions;
  private final ApplicationEventPublisher events;
  private final SecureRandom random = new SecureRandom();

  AccountService(
      Accounts accounts,
      TokenService tokens,
      SignInGuard guard,
      PasswordEncoder passwords,
      FindByIndexNameSessionRepository<? extends Session> sessions,
      ApplicationEventPublisher events) {
    this.accounts = accounts;
    this.tokens = tokens;
    this.guard = guard;
    this.passwords = passwords;
    this.sessions = sessions;
    this.events = events;
  }

  /** What a steward says of an account; not its name, which stays. */
  record Details(
      String displayName,
      Account.Role role,
      List<String> accessRoles,
      Map<String, List<String>> attributes) {}

  @Transactional(readOnly = true)
  List<Account> all() {
    return accounts.findAllByOrderByName();
  }

  /** A password of about 120 bits, for who signs in for the first time. */
  String newPassword() {
    byte[] bytes = new byte[PASSWORD_BYTES];
    random.nextBytes(bytes);
    return Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
  }

  /**
   * Adds an account.
   *
   * @throws Problem if there is one of that name
   */
  @Transactional
  Account add(String name, Details details, String password) {
    if (accounts.findByName(name).isPresent()) {
      throw new Problem(
          HttpStatus.CONFLICT,
          "account-exists",
          "There is an account “" + name + "” already. Choose another name.");
    }
    return accounts.save(
        new Account(
            name,
            details.displayName(),
            passwords.encode(password),
            details.role(),
            details.accessRoles(),
            details.attributes()));
  }

  /**
   * Changes what a person is and may see. It counts from their next request; where the role is
   * another, they sign in again.
   *
   * @throws Problem if there is none of that name, or no steward would be left
   */
  @Transactional
  Account change(String name, Details details) {
    Account account = find(name);
    boolean isOtherRole = account.role() != details.role();
    if (isOtherRole) {
      mayStopBeingSteward(account);
      endSessions(name, "");
    }
    account.change(
        details.displayName(), details.role(), details.accessRoles(), details.attributes());
    tokens.forget(account);
    return accounts.save(account);
  }

  /** Gives an account a new password; its sessions and tokens end. */
  @Transactional
  void resetPassword(String name, String password) {
    changePassword(find(name), password, "");
  }

  /**
   * Changes a person's own password; their tokens and other sessions end.
   *
   * @param session the id of the session that stays; empty for none
   * @throws Problem if the old password is wrong
   */
  @Transactional
  void changeOwnPassword(Account own, String old, String password, String session) {
    changePassword(guard.check(own.name(), old), password, session);
  }

  private void changePassword(Account account, String password, String session) {
    account.changePassword(passwords.encode(password));
    accounts.save(account);
    tokens.revokeAll(account);
    endSessions(account.name(), session);
  }

  /**
   * Removes an account with its sessions, tokens, threads, words and news. What it published stays.
   *
   * @throws Problem if there is none of that name, or no steward would be left
   */
  @Transactional
  void remove(String name) {
    Account account = find(name);
    mayStopBeingSteward(account);
    events.publishEvent(new AccountRemoved(account.id()));
    tokens.revokeAll(account);
    endSessions(name, "");
    accounts.delete(account);
  }

  private void mayStopBeingSteward(Account account) {
    if (account.role() == Account.Role.STEWARD
        && accounts.findByRole(Account.Role.STEWARD).size() == 1) {
      throw new Problem(
          HttpStatus.CONFLICT,
          "last-steward",
          "“"
              + account.name()
              + "” is the only steward. Make somebody else a steward first, so that accounts can"
              + " still be looked after.");
    }
  }

  private void endSessions(String name, String except) {
    sessions.findByPrincipalName(name).keySet().stream()
        .filter(id -> !id.equals(except))
        .forEach(sessions::deleteById);
  }

  private Account find(String name) {
    return accounts
        .findByName(name)
        .orElseThrow(
            () ->
                Problem.notFound(
                    "no-such-account", "There is no account “" + name + "” (any more)."));
  }
}
