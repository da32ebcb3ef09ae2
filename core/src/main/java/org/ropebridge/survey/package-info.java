/**
 * What a warehouse looks like, and the draft of a model that it suggests. Nothing here connects to
 * a warehouse: statements are handed to who does. Every proposal of a draft carries its reason.
 */
package org.ropebridge.survey;
