package org.ropebridge.survey;

/**
 * Something that a draft suggests, and why.
 *
 * @param path the item in the model's files, such as {@code tables/stays/main_date}; also where a
 *     fault of it would be told
 * @param words what is proposed, in a sentence
 * @param reason what in the survey speaks for it
 */
public record Proposal(String path, String words, String reason) {}
