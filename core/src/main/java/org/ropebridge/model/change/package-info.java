/** What changed from one state of a model to another, in the words of those who use it. */
package org.ropebridge.model.change;
