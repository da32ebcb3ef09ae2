/** The command-line client. It knows the service by its REST interface only. */
package org.ropebridge.cli;
