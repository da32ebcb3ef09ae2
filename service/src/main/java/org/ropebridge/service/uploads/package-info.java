/**
 * Files that authors bring: received, opened, looked at in the background, and made into tables of
 * a source. What is found out about a file is decided in {@code org.ropebridge.upload}.
 */
package org.ropebridge.service.uploads;
