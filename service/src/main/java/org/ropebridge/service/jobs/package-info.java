/**
 * Work that takes longer than a request: it runs in the background, tells how far it is, and can be
 * stopped.
 */
package org.ropebridge.service.jobs;
