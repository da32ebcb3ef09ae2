package org.ropebridge.service.accounts;

import java.util.UUID;

/** An account is being removed; what was kept for it elsewhere goes, in the same transaction. */
public record AccountRemoved(UUID id) {}
