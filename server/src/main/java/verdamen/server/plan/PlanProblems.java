package verdamen.server.plan;

import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import verdamen.server.problem.Problems;

/** What can go wrong with plans alone, as problem documents. */
@RestControllerAdvice
@Order(Ordered.HIGHEST_PRECEDENCE)
class PlanProblems {

    @ExceptionHandler
    ProblemDetail newer(NewerDayException conflict) {
        return Problems.of(HttpStatus.CONFLICT, "newer-day", "The day was changed meanwhile", conflict.getMessage());
    }
}
