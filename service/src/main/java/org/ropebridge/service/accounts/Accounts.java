package org.ropebridge.service.accounts;

import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.repository.Repository;

/** Stored accounts. */
public interface Accounts extends Repository<Account, UUID> {
  Account save(Account account);

  Optional<Account> findByName(String name);

  List<Account> findAll();

  List<Account> findAllByOrderByName();

  /** Held until the transaction ends, so that of two stewards one always stays. */
  @Lock(LockModeType.PESSIMISTIC_WRITE)
  List<Account> findByRole(Account.Role role);

  void delete(Account account);

  long count();
}
