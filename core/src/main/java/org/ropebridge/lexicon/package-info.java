/**
 * From words to what they may mean: tokens, the phrases of a model and of a language, the value
 * index, and the mentions that a question's words could be. Uses plan, access and model.
 */
package org.ropebridge.lexicon;
