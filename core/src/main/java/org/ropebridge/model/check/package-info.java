/** Finds what is wrong with a model before it is published, each fault with its place. */
package org.ropebridge.model.check;
