/**
 * The words of a model as lists that come from and go to elsewhere: a company's glossary. May use
 * the model and its files.
 */
package org.ropebridge.model.words;
