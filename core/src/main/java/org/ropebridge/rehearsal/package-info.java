/**
 * What becomes of the sample questions of a model when its draft is published: which answers stay
 * as they are, which change, and which break. Who has the engines and the warehouse plays the
 * questions; here the two performances are compared.
 */
package org.ropebridge.rehearsal;
