package org.ropebridge.service.problems;

import java.net.URI;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.stereotype.Component;

/** Problem documents (RFC 9457). */
@Component
public class ProblemDocuments {
  private static final Logger LOG = LoggerFactory.getLogger(ProblemDocuments.class);
  private static final String URN = "urn:ropebridge:problem:";

  /** The document of a problem, or of a failure that nobody foresaw, which is logged. */
  public ProblemDetail of(Exception failure) {
    if (failure instanceof Problem problem) {
      return of(problem);
    }
    LOG.error("a request failed", failure);
    return of(
        new Problem(
            HttpStatus.INTERNAL_SERVER_ERROR,
            "internal",
            "Something went wrong in the service. The log tells more; try again."));
  }

  private static ProblemDetail of(Problem problem) {
    ProblemDetail detail = ProblemDetail.forStatusAndDetail(problem.status(), problem.getMessage());
    detail.setType(URI.create(URN + problem.type()));
    detail.setTitle(problem.status().getReasonPhrase());
    problem.more().forEach(detail::setProperty);
    return detail;
  }
}
