/**
 * What people asked and did not get: found in the log, mended in the draft, and told to them once
 * it is published. How questions are grouped is decided in {@code org.ropebridge.gaps}.
 */
package org.ropebridge.service.gaps;
