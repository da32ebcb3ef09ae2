package org.ropebridge.service.problems;

import java.util.stream.Collectors;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.security.access.AccessDeniedException;
import org.springframework.security.core.AuthenticationException;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;

/** Turns exceptions into problem documents. */
@RestControllerAdvice
class ProblemHandler extends ResponseEntityExceptionHandler {
  private final ProblemDocuments documents;

  ProblemHandler(ProblemDocuments documents) {
    this.documents = documents;
  }

  @ExceptionHandler
  ProblemDetail problem(Problem problem) {
    return documents.of(problem);
  }

  @ExceptionHandler
  ProblemDetail denied(AccessDeniedException e) {
    return problem(
        new Problem(
            HttpStatus.FORBIDDEN,
            "not-allowed",
            "Your account may not do this. Ask a steward for another role."));
  }

  @ExceptionHandler
  ProblemDetail signedOut(AuthenticationException e) {
    return problem(
        new Problem(HttpStatus.UNAUTHORIZED, "not-signed-in", "Name or password is wrong."));
  }

  @ExceptionHandler
  ProblemDetail unforeseen(Exception e) {
    return documents.of(e);
  }

  @Override
  protected ResponseEntity<Object> handleHttpMessageNotReadable(
      HttpMessageNotReadableException e,
      HttpHeaders headers,
      HttpStatusCode status,
      WebRequest request) {
    return ResponseEntity.badRequest()
        .body(
            problem(
                Problem.badRequest(
                    "invalid-request",
                    "The request's body is not the JSON expected here; /api/openapi describes it.")));
  }

  @Override
  protected ResponseEntity<Object> handleMethodArgumentNotValid(
      MethodArgumentNotValidException e,
      HttpHeaders headers,
      HttpStatusCode status,
      WebRequest request) {
    String fields =
        e.getFieldErrors().stream()
            .map(f -> f.getField() + " " + f.getDefaultMessage())
            .sorted()
            .collect(Collectors.joining("; "));
    return ResponseEntity.badRequest()
        .body(problem(Problem.badRequest("invalid-request", "Not valid: " + fields + ".")));
  }
}
