package org.ropebridge.service.accounts;

import java.io.Serializable;
import java.security.Principal;

/** The name of the account that a request acts for; its rights are looked up each time. */
public record SignedIn(String name) implements Principal, Serializable {
  @Override
  public String getName() {
    return name;
  }
}
