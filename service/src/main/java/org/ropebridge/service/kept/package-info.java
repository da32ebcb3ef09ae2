/** Answers as they were: kept by a person, opened by a link by those who see the same. */
package org.ropebridge.service.kept;
