package civitane.app.problems;

import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.orm.ObjectOptimisticLockingFailureException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;

/** Answers problems as RFC 9457 says, with a pointer for each fault. */
@RestControllerAdvice
class Problems {

  @ExceptionHandler(Problem.class)
  ProblemDetail problem(Problem problem) {
    var detail = ProblemDetail.forStatusAndDetail(problem.status(), problem.getMessage());
    detail.setProperty("faults", problem.faults());
    return detail;
  }

  @ExceptionHandler(ObjectOptimisticLockingFailureException.class)
  ProblemDetail overtaken(ObjectOptimisticLockingFailureException problem) {
    return ProblemDetail.forStatusAndDetail(
        HttpStatus.PRECONDITION_FAILED,
        "Somebody else changed this a moment ago. Look at it again; nothing of yours was kept over theirs.");
  }
}
