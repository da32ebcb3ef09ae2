/**
 * The expressions that authors write in a model: standard SQL, parsed into a tree, never pasted as
 * text. Only functions that are listed in {@link org.ropebridge.model.expression.Functions} exist.
 */
package org.ropebridge.model.expression;
