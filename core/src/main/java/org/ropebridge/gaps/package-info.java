/**
 * What people asked and did not get, grouped by cause: words that were not read, questions that
 * were asked back, answers that were judged wrong. Knows no storage and no model; it is told what
 * was asked.
 */
package org.ropebridge.gaps;
