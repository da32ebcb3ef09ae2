/** From rows to an answer: how it is shown, and what its reader must know. Uses all rooms below. */
package org.ropebridge.answer;
