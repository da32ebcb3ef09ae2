/** Warehouses: where they are, how to sign in there, and running statements that only read. */
package org.ropebridge.service.sources;
