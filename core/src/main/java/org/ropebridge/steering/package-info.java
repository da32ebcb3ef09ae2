/**
 * Helps people on from what they asked, or have typed so far: parts of a plan that can be changed,
 * next questions, and completions. Everything offered is a question that the model answers.
 */
package org.ropebridge.steering;
