package org.ropebridge.service.demo;

import java.util.List;
import java.util.Map;
import org.ropebridge.demo.DemoFiles;
import org.ropebridge.service.Settings;
import org.ropebridge.service.accounts.Account;
import org.ropebridge.service.accounts.Accounts;
import org.ropebridge.service.models.Engines;
import org.ropebridge.service.models.ModelService;
import org.ropebridge.service.sources.Warehouses;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Component;

/**
 * Makes what an operator asked for and is not there yet: the first steward, the demo, and the model
 * of use.
 */
@Component
class Setup implements ApplicationRunner {
  private static final Logger LOG = LoggerFactory.getLogger(Setup.class);
  private static final String MODEL = "huts";
  private final Settings settings;
  private final Accounts accounts;
  private final PasswordEncoder passwords;
  private final Warehouses warehouses;
  private final ModelService models;
  private final Engines engines;

  Setup(
      Settings settings,
      Accounts accounts,
      PasswordEncoder passwords,
      Warehouses warehouses,
      ModelService models,
      Engines engines) {
    this.settings = settings;
    this.accounts = accounts;
    this.passwords = passwords;
    this.warehouses = warehouses;
    this.models = models;
    this.engines = engines;
  }

  @Override
  public void run(ApplicationArguments arguments) {
    Settings.FirstSteward first = settings.firstSteward();
    if (first != null && accounts.count() == 0) {
      account(
          first.name(), first.name(), first.password(), Account.Role.STEWARD, List.of(), Map.of());
    }
    Settings.Demo demo = settings.demo();
    if (demo.enabled()) {
      demo(demo);
    }
    if (settings.usage() != null) {
      usage(settings.usage());
    }
  }

  private void usage(Settings.Usage usage) {
    String name = ModelService.USAGE;
    warehouses.put(name, "postgresql", usage.url(), usage.userName(), usage.password());
    Map<String, String> shipped = UsageFiles.model();
    boolean isNew = models.newestFiles(name).filter(e -> e.files().equals(shipped)).isEmpty();
    // What an author made of it is not overwritten.
    boolean isOurs = models.editions(name).stream().allMatch(e -> e.publishedBy().isEmpty());
    if (isNew && isOurs) {
      models.publish(shipped, "The model of use", "");
      LOG.info("published the model of use");
    } else if (isNew) {
      LOG.info("the model of use was edited here, so the newer one of this version was left");
    }
  }

  private void demo(Settings.Demo demo) {
    String password = demo.accountPassword();
    account("mira", "Mira Okonjo", password, Account.Role.AUTHOR, List.of(), Map.of());
    account("tobin", "Tobin Vance", password, Account.Role.ASKER, List.of(), Map.of());
    account("iselin", "Iselin Marr", password, Account.Role.STEWARD, List.of(), Map.of());
    account(
        "renna",
        "Renna Sørli",
        password,
        Account.Role.ASKER,
        List.of("warden"),
        Map.of("huts", List.of("1", "7", "12")));
    warehouses.put("ledger", "postgresql", demo.url(), demo.userName(), demo.password());
    if (demo.uploadsUserName() != null) {
      warehouses.putUploads("ledger", demo.uploadsUserName(), demo.uploadsPassword(), "uploads");
    }
    if (!models.has(MODEL)) {
      models.publish(DemoFiles.model(), "The demo's model", "mira");
      LOG.info("published the demo's model");
    }
    engines.of(MODEL, org.ropebridge.access.Person.ANYONE);
  }

  private void account(
      String name,
      String displayName,
      String password,
      Account.Role role,
      List<String> accessRoles,
      Map<String, List<String>> attributes) {
    if (accounts.findByName(name).isEmpty()) {
      accounts.save(
          new Account(
              name, displayName, passwords.encode(password), role, accessRoles, attributes));
    }
  }
}
