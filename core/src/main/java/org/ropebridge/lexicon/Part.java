package org.ropebridge.lexicon;

/**
 * What a stretch of a question may be: a meaning that the lexicon proposes, or something larger
 * that a reading rule has built. Parts are immutable values and compare by content.
 */
public interface Part {}
