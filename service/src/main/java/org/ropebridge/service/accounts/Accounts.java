package org.ropebridge.service.accounts;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

/** Stored accounts. */
public interface Accounts extends Repository<Account, UUID> {
  Account save(Account account);

  Optional<Account> findByName(String name);

  List<Account> findAll();

  long count();
}
