/**
 * Language packs: all that belongs to one human language, from inflection and function words to the
 * phrases of restatements. A further language is a further pack.
 */
package org.ropebridge.language;
