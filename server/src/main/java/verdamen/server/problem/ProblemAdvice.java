package verdamen.server.problem;

import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.InvalidMediaTypeException;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.util.ClassUtils;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.multipart.MultipartException;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JacksonException.Reference;
import tools.jackson.databind.exc.InvalidFormatException;
import tools.jackson.databind.exc.InvalidNullException;
import tools.jackson.databind.exc.MismatchedInputException;
import verdamen.core.model.Fault;
import verdamen.core.model.FaultCode;
import verdamen.core.model.RefusedException;
import verdamen.server.problem.Problem.ProblemFault;

/** Turns exceptions into problem documents (RFC 9457). A stack trace never leaves the server, and no long input comes back. */
@RestControllerAdvice
class ProblemAdvice extends ResponseEntityExceptionHandler {

    private static final Logger LOG = LoggerFactory.getLogger(ProblemAdvice.class);
    private static final String LINES = "lines";
    private static final String FORMULA = "formula";

    @ExceptionHandler
    ProblemDetail refused(RefusedException refused) {
        int count = refused.faults().size();
        return withFaults(
                Problems.of(
                        HttpStatus.UNPROCESSABLE_CONTENT,
                        "refused",
                        "Refused",
                        count == 1 ? "One value is refused." : count + " values are refused."),
                ProblemFault.listed(refused.faults()),
                count);
    }

    @ExceptionHandler
    ProblemDetail refusedFile(RefusedFileException refused) {
        ProblemDetail problem = Problems.of(
                refused.reason() == RefusedFileException.Reason.TOO_LARGE
                        ? HttpStatus.CONTENT_TOO_LARGE
                        : HttpStatus.UNPROCESSABLE_CONTENT,
                "refused-file",
                "The file is refused",
                "Nothing of the file was taken.");
        problem.setProperty("reason", refused.reason().code());
        if (refused.where() != null) {
            problem.setProperty(
                    "faults",
                    List.of(ProblemFault.of(new Fault(null, "file", FaultCode.UNREADABLE, refused.where(), null))));
        }
        return problem;
    }

    @ExceptionHandler
    ProblemDetail tooLarge(BodyTooLargeException large) {
        return Problems.tooLarge(large.limit());
    }

    /** Bodies in parts are never taken; nor is a type that is none. */
    @ExceptionHandler({MultipartException.class, InvalidMediaTypeException.class})
    ProblemDetail unsupported(Exception unsupported) {
        return Problems.of(
                HttpStatus.UNSUPPORTED_MEDIA_TYPE,
                "unsupported-type",
                "The type of the body is not supported",
                "See /api/openapi.json for the type that is expected.");
    }

    @ExceptionHandler
    ProblemDetail unexpected(Exception unexpected) {
        if (causedByLimit(unexpected) instanceof BodyTooLargeException large) {
            return tooLarge(large);
        }
        String incident = UUID.randomUUID().toString();
        LOG.error("incident {}", incident, unexpected);
        ProblemDetail problem = Problems.of(
                HttpStatus.INTERNAL_SERVER_ERROR,
                "unexpected",
                "Unexpected error",
                "See incident " + incident + " in the server's log.");
        problem.setProperty("incident", incident);
        return problem;
    }

    @Override
    protected ResponseEntity<Object> handleHttpMessageNotReadable(
            HttpMessageNotReadableException unreadable,
            HttpHeaders headers,
            HttpStatusCode status,
            WebRequest request) {
        HttpStatus answered = HttpStatus.BAD_REQUEST;
        ProblemDetail problem;
        if (causedByLimit(unreadable) instanceof BodyTooLargeException large) {
            answered = HttpStatus.CONTENT_TOO_LARGE;
            problem = tooLarge(large);
        } else if (unreadable.getCause() instanceof InvalidNullException missing) {
            Place place = Place.of(missing.getPath());
            answered = HttpStatus.UNPROCESSABLE_CONTENT;
            problem = refused(new RefusedException(
                    List.of(new Fault(place.line(), place.field(), FaultCode.MISSING, null, null))));
        } else if (unreadable.getCause() instanceof JacksonException cause
                && !cause.getPath().isEmpty()) {
            Place place = Place.of(cause.getPath());
            problem = withFaults(
                    Problems.of(
                            HttpStatus.BAD_REQUEST,
                            "unreadable",
                            "The request cannot be read",
                            "A value is not known here, or of the wrong kind."),
                    List.of(ProblemFault.of(wrong(place, cause))),
                    1);
        } else {
            problem = Problems.of(
                    HttpStatus.BAD_REQUEST,
                    "unreadable",
                    "The request cannot be read",
                    "The request is not the JSON that was expected. See /api/openapi.json.");
        }
        return handleExceptionInternal(unreadable, problem, headers, answered, request);
    }

    /** What stands where a number belongs is said to be no number, or no whole one; anything else is of the wrong kind. */
    private static Fault wrong(Place place, JacksonException cause) {
        if (cause instanceof InvalidFormatException format && format.getValue() instanceof Number part) {
            return new Fault(place.line(), place.field(), FaultCode.NOT_WHOLE, part.toString(), null);
        }
        boolean number = cause instanceof MismatchedInputException mismatched
                && mismatched.getTargetType() != null
                && Number.class.isAssignableFrom(ClassUtils.resolvePrimitiveIfNecessary(mismatched.getTargetType()));
        FaultCode code = number ? FaultCode.NOT_A_NUMBER : FaultCode.WRONG_KIND;
        return new Fault(place.line(), place.field(), code, null, null);
    }

    /** Spring's own refusals keep their status; their words are ours, without the input in them. */
    @Override
    protected ResponseEntity<Object> handleExceptionInternal(
            Exception refused, @Nullable Object body, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        boolean ours = body instanceof ProblemDetail problem
                && problem.getType() != null
                && problem.getType().toString().startsWith(Problems.TYPE);
        HttpStatus known = HttpStatus.valueOf(status.value());
        Object answer = ours
                ? body
                : Problems.of(known, Problems.kind(known), known.getReasonPhrase(), "See /api/openapi.json.");
        return super.handleExceptionInternal(refused, answer, headers, status, request);
    }

    private static @Nullable Throwable causedByLimit(Throwable failure) {
        Throwable cause = failure;
        while (cause != null && !(cause instanceof BodyTooLargeException)) {
            cause = cause.getCause();
        }
        return cause;
    }

    /** Where in a request something is: a field of a line, or a place as in {@code preps[0].steps[1].afterGrams}. */
    private record Place(@Nullable Integer line, String field) {

        static Place of(List<Reference> path) {
            Integer line = null;
            String field = LINES;
            StringBuilder place = new StringBuilder();
            for (int i = 0; i < path.size(); i++) {
                Reference step = path.get(i);
                if (step.getPropertyName() != null) {
                    field = step.getPropertyName();
                    if (!(i == 0 && FORMULA.equals(field) && path.size() > 1)) {
                        place.append(place.isEmpty() ? "" : ".").append(field);
                    }
                } else {
                    place.append('[').append(step.getIndex()).append(']');
                    line = i > 0 && LINES.equals(path.get(i - 1).getPropertyName())
                            ? Integer.valueOf(step.getIndex())
                            : line;
                }
            }
            return new Place(line, line == null && !place.isEmpty() ? place.toString() : field);
        }
    }

    private static ProblemDetail withFaults(ProblemDetail problem, List<ProblemFault> faults, int count) {
        problem.setProperty("line", faults.get(0).line());
        problem.setProperty("field", faults.get(0).field());
        problem.setProperty("faults", faults);
        problem.setProperty("faultCount", count);
        return problem;
    }
}
