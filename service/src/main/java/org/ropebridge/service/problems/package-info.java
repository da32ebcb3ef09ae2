/** Errors of the REST interface: problem documents (RFC 9457) that say what to do next. */
package org.ropebridge.service.problems;
