package org.ropebridge.service.questions;

import java.util.List;
import org.ropebridge.steering.Completions;

/**
 * How a question reads that is still being typed.
 *
 * @param status answered, partly, unclear or declined
 * @param restatement empty where nothing could be computed
 * @param leansOnBefore whether it changes the question before and does not stand by itself
 * @param completions what it may become; each can be answered
 */
record TypingPart(
    String status,
    String restatement,
    List<AnswerPart.WordPart> words,
    List<String> unread,
    boolean leansOnBefore,
    List<Completions.Completion> completions) {}
