/** Puts the demo into an empty service. */
package org.ropebridge.service.demo;
