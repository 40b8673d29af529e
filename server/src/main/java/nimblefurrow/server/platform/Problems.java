package nimblefurrow.server.platform;

import java.util.stream.Collectors;
import nimblefurrow.core.quantity.OutOfRange;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.security.access.AccessDeniedException;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.MissingServletRequestParameterException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.async.AsyncRequestNotUsableException;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.multipart.MaxUploadSizeExceededException;
import org.springframework.web.multipart.support.MissingServletRequestPartException;
import org.springframework.web.servlet.resource.NoResourceFoundException;
import tools.jackson.databind.exc.InvalidFormatException;

/** Says every refusal as a problem (RFC 9457) that names the field and the limit. */
@RestControllerAdvice
class Problems {
  private static final Logger LOG = LoggerFactory.getLogger(Problems.class);

  @ExceptionHandler
  ProblemDetail outOfRange(OutOfRange refused) {
    ProblemDetail problem = problem(HttpStatus.BAD_REQUEST, refused.getMessage());
    problem.setProperty("field", refused.field());
    return problem;
  }

  @ExceptionHandler
  ProblemDetail invalid(MethodArgumentNotValidException invalid) {
    String said =
        invalid.getFieldErrors().stream()
            .map(e -> Mistyped.words(e.getField()) + " " + e.getDefaultMessage())
            .sorted()
            .collect(Collectors.joining("; "));
    ProblemDetail problem = problem(HttpStatus.BAD_REQUEST, said);
    invalid.getFieldErrors().stream()
        .findFirst()
        .ifPresent(e -> problem.setProperty("field", e.getField()));
    return problem;
  }

  @ExceptionHandler
  ProblemDetail unreadable(HttpMessageNotReadableException unreadable) {
    Throwable cause = unreadable.getMostSpecificCause();
    if (cause instanceof OutOfRange refused) {
      return outOfRange(refused);
    }
    if (unreadable.getCause() instanceof InvalidFormatException typed) {
      Mistyped told = Mistyped.of(typed);
      ProblemDetail problem = problem(HttpStatus.BAD_REQUEST, told.says());
      problem.setProperty("field", told.field());
      return problem;
    }
    return problem(
        HttpStatus.BAD_REQUEST, "the request cannot be read: " + firstLine(cause.getMessage()));
  }

  @ExceptionHandler
  ProblemDetail mistyped(MethodArgumentTypeMismatchException mistyped) {
    return problem(
        HttpStatus.BAD_REQUEST,
        "%s cannot be “%s”".formatted(mistyped.getName(), mistyped.getValue()));
  }

  @ExceptionHandler({
    MissingServletRequestParameterException.class,
    MissingServletRequestPartException.class
  })
  ProblemDetail missing(Exception missing) {
    return problem(HttpStatus.BAD_REQUEST, missing.getMessage());
  }

  @ExceptionHandler
  ProblemDetail tooLarge(MaxUploadSizeExceededException tooLarge) {
    return problem(HttpStatus.CONTENT_TOO_LARGE, "the file is larger than 12 MB");
  }

  @ExceptionHandler
  ProblemDetail absent(NotOnThisFarm absent) {
    return problem(HttpStatus.NOT_FOUND, absent.getMessage());
  }

  @ExceptionHandler
  ProblemDetail noPage(NoResourceFoundException absent) {
    return problem(HttpStatus.NOT_FOUND, "there is nothing at this address");
  }

  @ExceptionHandler
  ProblemDetail conflict(Conflict conflict) {
    return problem(HttpStatus.CONFLICT, conflict.getMessage());
  }

  @ExceptionHandler
  ProblemDetail stale(OptimisticLockingFailureException stale) {
    return problem(
        HttpStatus.CONFLICT,
        "someone else has changed this meanwhile: load it again, then repeat your change");
  }

  @ExceptionHandler
  ProblemDetail denied(AccessDeniedException denied) {
    return problem(HttpStatus.FORBIDDEN, "this needs a planner of the farm");
  }

  /** Whoever asked has left before the answer was whole: there is nobody to tell. */
  @ExceptionHandler
  void left(AsyncRequestNotUsableException left) {
    LOG.debug("the reader has left", left);
  }

  @ExceptionHandler
  ProblemDetail failed(Exception failed) {
    if (failed instanceof org.springframework.web.ErrorResponse known) {
      return known.getBody();
    }
    LOG.error("request failed", failed);
    return problem(
        HttpStatus.INTERNAL_SERVER_ERROR, "something broke on our side; nothing was saved");
  }

  private static ProblemDetail problem(HttpStatus status, String said) {
    return ProblemDetail.forStatusAndDetail(status, said);
  }

  private static String firstLine(String text) {
    String line = text == null ? "" : text.lines().findFirst().orElse("");
    return line.length() > 200 ? line.substring(0, 200) : line;
  }
}
