package org.ropebridge.service.accounts;

import io.swagger.v3.oas.annotations.Operation;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpSession;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.http.HttpStatus;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Accounts over REST: all for stewards, one's own password for everybody. */
@RestController
@RequestMapping("/api")
class AccountController {
  private static final int SHORTEST_PASSWORD = 12;
  private static final String TOO_SHORT = "must have 12 characters at least";
  private static final String NAME = "[a-z0-9][a-z0-9._-]*";
  private static final String NAME_RULE =
      "must be of small letters, digits, and . _ - between them";
  private static final String ATTRIBUTE = "[a-z][a-z0-9_]*";
  private static final String ATTRIBUTE_RULE =
      "must be of small letters, digits and _, as access rules name it";

  private final AccountService accounts;
  private final CurrentAccount current;

  AccountController(AccountService accounts, CurrentAccount current) {
    this.accounts = accounts;
    this.current = current;
  }

  /**
   * An account.
   *
   * @param accessRoles the roles that access rules of models name
   * @param attributes values that access rules call {@code :person.name}
   */
  record AccountPart(
      String name,
      String displayName,
      Account.Role role,
      List<String> accessRoles,
      Map<String, List<String>> attributes,
      Instant createdAt) {
    static AccountPart of(Account account) {
      return new AccountPart(
          account.name(),
          account.displayName(),
          account.role(),
          account.accessRoles(),
          account.attributes(),
          account.createdAt());
    }
  }

  /** What may be said of an account at any time; see {@link AccountPart}. */
  record AccountDetails(
      @NotBlank @Size(max = 120) String displayName,
      @NotNull Account.Role role,
      @NotNull @Size(max = 100) List<@NotBlank @Size(max = 80) String> accessRoles,
      @NotNull @Size(max = 50)
          Map<
                  @Pattern(regexp = ATTRIBUTE, message = ATTRIBUTE_RULE) @Size(max = 60) String,
                  @NotNull @Size(max = 1000) List<@NotNull @Size(max = 200) String>>
              attributes) {
    AccountService.Details details() {
      return new AccountService.Details(
          displayName.strip(), role, accessRoles.stream().map(String::strip).toList(), attributes);
    }
  }

  /**
   * An account to be.
   *
   * @param password left out, one is made
   */
  record NewAccount(
      @NotBlank @Size(max = 80) @Pattern(regexp = NAME, message = NAME_RULE) String name,
      @NotNull @Valid AccountDetails details,
      @Size(min = SHORTEST_PASSWORD, max = 200, message = TOO_SHORT) String password) {}

  /** A password; it is shown this once. */
  record MadePassword(String name, String password) {}

  /** A new password; left out, one is made. */
  record PasswordRequest(
      @Size(min = SHORTEST_PASSWORD, max = 200, message = TOO_SHORT) String password) {}

  /** A person's own passwords: that which counts, and that which is to count. */
  record OwnPasswordRequest(
      @NotBlank @Size(max = 200) String old,
      @NotNull @Size(min = SHORTEST_PASSWORD, max = 200, message = TOO_SHORT) String password) {}

  @Operation(summary = "List the accounts; for stewards")
  @GetMapping("/accounts")
  @PreAuthorize("hasRole('STEWARD')")
  List<AccountPart> list() {
    return accounts.all().stream().map(AccountPart::of).toList();
  }

  @Operation(summary = "Add an account, and get its password this once; for stewards")
  @PostMapping("/accounts")
  @PreAuthorize("hasRole('STEWARD')")
  @ResponseStatus(HttpStatus.CREATED)
  MadePassword add(@Valid @RequestBody NewAccount request) {
    String password = orMade(request.password());
    Account made = accounts.add(request.name(), request.details().details(), password);
    return new MadePassword(made.name(), password);
  }

  @Operation(summary = "Change what a person is and may see; for stewards")
  @PutMapping("/accounts/{name}")
  @PreAuthorize("hasRole('STEWARD')")
  AccountPart change(@PathVariable String name, @Valid @RequestBody AccountDetails request) {
    return AccountPart.of(accounts.change(name, request.details()));
  }

  @Operation(summary = "Give an account a new password; its sessions and tokens end; for stewards")
  @PostMapping("/accounts/{name}/password")
  @PreAuthorize("hasRole('STEWARD')")
  MadePassword resetPassword(
      @PathVariable String name, @Valid @RequestBody PasswordRequest request) {
    String password = orMade(request.password());
    accounts.resetPassword(name, password);
    return new MadePassword(name, password);
  }

  private String orMade(String password) {
    return Optional.ofNullable(password).orElseGet(accounts::newPassword);
  }

  @Operation(
      summary =
          "Remove an account with its threads, words and tokens; what it asked stays in the log"
              + " without its name; for stewards")
  @DeleteMapping("/accounts/{name}")
  @PreAuthorize("hasRole('STEWARD')")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void remove(@PathVariable String name) {
    accounts.remove(name);
  }

  @Operation(summary = "Change one's own password; tokens and other sessions end")
  @PutMapping("/me/password")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void changeOwn(@Valid @RequestBody OwnPasswordRequest request, HttpServletRequest http) {
    HttpSession session = http.getSession(false);
    accounts.changeOwnPassword(
        current.get(), request.old(), request.password(), session == null ? "" : session.getId());
  }
}
