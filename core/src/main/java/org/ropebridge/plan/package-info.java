/**
 * What to compute, as immutable values: the plan, its check against a model, and its restatement in
 * plain words. Uses model and access.
 */
package org.ropebridge.plan;
