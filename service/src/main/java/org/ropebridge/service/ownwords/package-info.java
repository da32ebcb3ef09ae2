/** Words that mean something of their own for one person. */
package org.ropebridge.service.ownwords;
