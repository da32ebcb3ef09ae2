/** Whether a published model still fits its warehouse, and what breaks where it does not. */
package org.ropebridge.health;
