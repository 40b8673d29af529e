package nimblefurrow.server.platform.web;

import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.http.HttpServletRequest;
import org.springframework.boot.webmvc.error.ErrorController;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Says what the container refuses by itself as a problem; asked for directly, there is nothing. */
@RestController
@io.swagger.v3.oas.annotations.Hidden
class ErrorPage implements ErrorController {
  @RequestMapping("/error")
  ResponseEntity<ProblemDetail> error(HttpServletRequest request) {
    Object code = request.getAttribute(RequestDispatcher.ERROR_STATUS_CODE);
    HttpStatus status = code instanceof Integer n ? HttpStatus.resolve(n) : HttpStatus.NOT_FOUND;
    HttpStatus known = status == null ? HttpStatus.INTERNAL_SERVER_ERROR : status;
    return ResponseEntity.status(known)
        .contentType(MediaType.APPLICATION_PROBLEM_JSON)
        .body(ProblemDetail.forStatusAndDetail(known, words(known)));
  }

  private static String words(HttpStatus status) {
    return switch (status) {
      case NOT_FOUND -> "there is nothing at this address";
      case UNAUTHORIZED -> "sign in first";
      case FORBIDDEN -> "this needs a planner of the farm";
      default ->
          status.is4xxClientError()
              ? "this request cannot be understood"
              : "something broke on our side; nothing was saved";
    };
  }
}
