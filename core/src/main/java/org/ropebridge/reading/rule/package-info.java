/**
 * The grammar: one small class for each way in which neighbouring parts of a question combine. Each
 * says in its Javadoc which words it takes and what it adds to the plan.
 */
package org.ropebridge.reading.rule;
