/** Looks whether published models still fit their warehouses, before people who ask find out. */
package org.ropebridge.service.health;
