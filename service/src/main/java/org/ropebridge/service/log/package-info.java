/**
 * The log of questions: what was asked and what became of it, what people think of the answers, and
 * what they are told later. Each person can see and delete their own; rows of answers are not kept.
 */
package org.ropebridge.service.log;
