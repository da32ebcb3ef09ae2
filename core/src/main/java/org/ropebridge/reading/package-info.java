/**
 * From a question to a plan: a chart of mentions, small rules that combine neighbours, scored
 * sequences of what they built, and the choice between complete readings. Uses language, lexicon,
 * plan and model.
 */
package org.ropebridge.reading;
