/** Who may see what, and what is left of a model for one person. Uses model. */
package org.ropebridge.access;
