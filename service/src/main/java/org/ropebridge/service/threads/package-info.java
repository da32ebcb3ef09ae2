/** Conversations: questions that lean on those before them, kept for the person who asked. */
package org.ropebridge.service.threads;
