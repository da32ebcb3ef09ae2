package org.ropebridge.service.models;

import java.util.UUID;

/** Which edition it is, without what it says. */
record EditionNumber(UUID id, int number) {}
