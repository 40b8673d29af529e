package nimblefurrow.server.platform.web;

import java.time.DateTimeException;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.server.platform.Busy;
import nimblefurrow.server.platform.Clash;
import nimblefurrow.server.platform.Conflict;
import nimblefurrow.server.platform.NotOnThisFarm;
import nimblefurrow.server.platform.background.DatabaseTrouble;
import org.apache.tomcat.util.http.InvalidParameterException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.NestedExceptionUtils;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.dao.PessimisticLockingFailureException;
import org.springframework.dao.TransientDataAccessResourceException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.jdbc.CannotGetJdbcConnectionException;
import org.springframework.security.access.AccessDeniedException;
import org.springframework.transaction.CannotCreateTransactionException;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.MissingServletRequestParameterException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.async.AsyncRequestNotUsableException;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.multipart.MaxUploadSizeExceededException;
import org.springframework.web.multipart.support.MissingServletRequestPartException;
import org.springframework.web.servlet.resource.NoResourceFoundException;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.exc.InvalidFormatException;
import tools.jackson.databind.exc.InvalidNullException;

/** Says every refusal as a problem (RFC 9457) that names the field and the limit. */
@RestControllerAdvice
class Problems {
  private static final Logger LOG = LoggerFactory.getLogger(Problems.class);

  static final String NO_TEXT = "this address holds a character that is none";

  private final ReaderUnits reader;

  Problems(ReaderUnits reader) {
    this.reader = reader;
  }

  @ExceptionHandler
  ProblemDetail outOfRange(OutOfRange refused) {
    ProblemDetail problem = problem(HttpStatus.BAD_REQUEST, refused.in(reader.units()));
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
    if (cause instanceof BodyTooLarge large) {
      return problem(HttpStatus.CONTENT_TOO_LARGE, large.getMessage());
    }
    if (unreadable.getCause() instanceof InvalidNullException gap) {
      return problem(
          HttpStatus.BAD_REQUEST,
          "%s holds an empty place".formatted(Mistyped.words(property(gap.getPath()))));
    }
    return problem(
        HttpStatus.BAD_REQUEST, "the request cannot be read: " + firstLine(cause.getMessage()));
  }

  private static String property(List<JacksonException.Reference> path) {
    return path.stream()
        .map(JacksonException.Reference::getPropertyName)
        .filter(name -> name != null)
        .reduce((outer, inner) -> inner)
        .orElse("the request");
  }

  @ExceptionHandler
  ProblemDetail tooLarge(BodyTooLarge large) {
    return problem(HttpStatus.CONTENT_TOO_LARGE, large.getMessage());
  }

  /** A place with nothing to divide by, a date past the calendar: refused like any bad figure. */
  @ExceptionHandler({ArithmeticException.class, DateTimeException.class})
  ProblemDetail beyond(RuntimeException beyond) {
    LOG.warn("a figure beyond what can be reckoned", beyond);
    return problem(HttpStatus.BAD_REQUEST, "one of these figures is beyond what can be reckoned");
  }

  @ExceptionHandler
  ProblemDetail clash(DataIntegrityViolationException broken) {
    if (!Clash.betweenRows(broken)) {
      LOG.warn("refused by the database", broken);
      return problem(
          HttpStatus.BAD_REQUEST, "one of these figures cannot be kept; nothing was saved");
    }
    return problem(HttpStatus.CONFLICT, Clash.words(broken));
  }

  @ExceptionHandler
  ProblemDetail locked(PessimisticLockingFailureException locked) {
    return problem(
        HttpStatus.CONFLICT, "someone else is changing the same at this moment: try again");
  }

  @ExceptionHandler
  ResponseEntity<ProblemDetail> busy(Busy busy) {
    return full(busy.getMessage());
  }

  @ExceptionHandler({
    CannotCreateTransactionException.class,
    CannotGetJdbcConnectionException.class,
    DataAccessResourceFailureException.class,
    TransientDataAccessResourceException.class
  })
  ResponseEntity<ProblemDetail> noConnection(Exception full) {
    return trouble(DatabaseTrouble.of(full).orElse(DatabaseTrouble.GONE), full);
  }

  private static ResponseEntity<ProblemDetail> trouble(DatabaseTrouble trouble, Exception why) {
    LOG.warn("trouble with the database ({}): {}", trouble, why.getMessage());
    ProblemDetail said = problem(trouble.status, trouble.says);
    if (trouble == DatabaseTrouble.UNKNOWN) {
      said.setProperty("unknown", true);
    }
    return come(trouble.status, said);
  }

  private static ResponseEntity<ProblemDetail> full(String said) {
    return come(HttpStatus.SERVICE_UNAVAILABLE, problem(HttpStatus.SERVICE_UNAVAILABLE, said));
  }

  private static ResponseEntity<ProblemDetail> come(HttpStatus status, ProblemDetail said) {
    return ResponseEntity.status(status)
        .header(HttpHeaders.RETRY_AFTER, DatabaseTrouble.RETRY_SECONDS)
        .body(said);
  }

  @ExceptionHandler
  ProblemDetail mistyped(MethodArgumentTypeMismatchException mistyped) {
    if (NestedExceptionUtils.getMostSpecificCause(mistyped) instanceof OutOfRange refused) {
      return outOfRange(refused);
    }
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

  /** An address whose figures are no text in any letters that we know. */
  @ExceptionHandler
  ProblemDetail noText(InvalidParameterException noText) {
    return problem(HttpStatus.BAD_REQUEST, NO_TEXT);
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
  ResponseEntity<ProblemDetail> failed(Exception failed) {
    Optional<DatabaseTrouble> trouble = DatabaseTrouble.of(failed);
    if (trouble.isPresent()) {
      return trouble(trouble.get(), failed);
    }
    if (failed instanceof org.springframework.web.ErrorResponse known) {
      return ResponseEntity.status(known.getStatusCode())
          .headers(known.getHeaders())
          .body(known.getBody());
    }
    if (NestedExceptionUtils.getMostSpecificCause(failed) instanceof BodyTooLarge large) {
      return ResponseEntity.status(HttpStatus.CONTENT_TOO_LARGE)
          .body(problem(HttpStatus.CONTENT_TOO_LARGE, large.getMessage()));
    }
    LOG.error("request failed", failed);
    return ResponseEntity.internalServerError()
        .body(
            problem(
                HttpStatus.INTERNAL_SERVER_ERROR,
                "something broke on our side; nothing was saved"));
  }

  private static ProblemDetail problem(HttpStatus status, String said) {
    return ProblemDetail.forStatusAndDetail(status, PlainText.shown(said));
  }

  private static String firstLine(String text) {
    String line = text == null ? "" : text.lines().findFirst().orElse("");
    return line.length() > 200 ? line.substring(0, 200) : line;
  }
}
