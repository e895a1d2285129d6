package verdamen.server.formula;

import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import verdamen.server.problem.NotFoundException;
import verdamen.server.problem.Problem.Newest;
import verdamen.server.problem.Problems;

/** What can go wrong with formulas alone, as problem documents. */
@RestControllerAdvice
@Order(Ordered.HIGHEST_PRECEDENCE)
class FormulaProblems {

    @ExceptionHandler
    ProblemDetail newer(NewerVersionException conflict) {
        ProblemDetail problem = Problems.of(
                HttpStatus.CONFLICT,
                "newer-version",
                "A newer version was saved",
                "Version " + conflict.newest().number() + " was saved after version " + conflict.latestKnown() + ".");
        problem.setProperty(
                "newest",
                new Newest(
                        conflict.newest().number(),
                        conflict.newest().name(),
                        conflict.newest().note(),
                        conflict.newest().savedAt().toString()));
        problem.setProperty("latestKnown", conflict.latestKnown());
        return problem;
    }

    @ExceptionHandler
    ProblemDetail repeated(RepeatedSaveException repeated) {
        return Problems.of(
                HttpStatus.CONFLICT,
                "repeated-save",
                "The same save is under way",
                "A save with this key is under way; ask again for its outcome.");
    }

    @ExceptionHandler
    ProblemDetail notFound(NotFoundException missing) {
        return Problems.of(HttpStatus.NOT_FOUND, "not-found", "Not found", missing.getMessage());
    }
}
