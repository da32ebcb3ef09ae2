/** Measurements: reading by itself (JMH), and the running service beside the bare SQL. */
package org.ropebridge.bench;
