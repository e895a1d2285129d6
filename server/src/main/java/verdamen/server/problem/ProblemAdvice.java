package verdamen.server.problem;

import java.net.URI;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JacksonException.Reference;
import tools.jackson.databind.exc.InvalidNullException;
import verdamen.core.model.Fault;
import verdamen.core.model.FaultCode;
import verdamen.core.model.RefusedException;
import verdamen.server.formula.FormulaNotFoundException;
import verdamen.server.formula.NewerVersionException;
import verdamen.server.problem.Problem.ProblemFault;

/** Turns exceptions into problem documents (RFC 9457). A stack trace never leaves the server. */
@RestControllerAdvice
class ProblemAdvice extends ResponseEntityExceptionHandler {

    private static final Logger LOG = LoggerFactory.getLogger(ProblemAdvice.class);
    private static final String TYPE = "urn:verdamen:problem:";
    private static final String LINES = "lines";
    private static final String FORMULA = "formula";

    @ExceptionHandler
    ProblemDetail refused(RefusedException refused) {
        List<ProblemFault> faults =
                refused.faults().stream().map(ProblemAdvice::fault).toList();
        String detail = faults.size() == 1
                ? faults.get(0).message()
                : faults.size() + " values cannot be taken as they are. The first: "
                        + faults.get(0).message();
        return withFaults(
                problem(HttpStatus.UNPROCESSABLE_CONTENT, "refused-formula", "This cannot be taken as it is", detail),
                faults);
    }

    @ExceptionHandler
    ProblemDetail newer(NewerVersionException conflict) {
        ProblemDetail problem = problem(
                HttpStatus.CONFLICT,
                "newer-version",
                "Somebody saved a newer version",
                "Version " + conflict.newest().number() + " was saved after version " + conflict.latestKnown()
                        + ", the newest you knew of. Nothing is lost: save yours beside it, or open theirs.");
        problem.setProperty("newest", conflict.newest());
        return problem;
    }

    @ExceptionHandler
    ProblemDetail refusedFile(RefusedFileException refused) {
        String where = refused.where() == null ? "" : " (" + refused.where() + ")";
        String detail = switch (refused.reason()) {
            case TOO_LARGE -> "The file is over 5 MB" + where + ". Export fewer formulas at once.";
            case EMPTY -> "The file is empty.";
            case WRONG_ENCODING -> "The file is not in UTF-8. Save it as UTF-8 and try again.";
            case BROKEN -> "The file is broken or cut off" + where + ". Get it anew from where it came.";
            case OTHER_KIND -> "The file is of another kind" + where + ".";
            case NEWER_VERSION -> "The file was written by a newer Verdamen" + where + ". Bring this one up to date.";
        };
        return problem(
                refused.reason() == RefusedFileException.Reason.TOO_LARGE
                        ? HttpStatus.CONTENT_TOO_LARGE
                        : HttpStatus.UNPROCESSABLE_CONTENT,
                "refused-file",
                "The file cannot be taken",
                detail + " Nothing of it was taken.");
    }

    @ExceptionHandler
    ProblemDetail notFound(FormulaNotFoundException missing) {
        return problem(HttpStatus.NOT_FOUND, "not-found", "Not there", missing.getMessage());
    }

    @ExceptionHandler
    ProblemDetail unexpected(Exception unexpected) {
        String incident = UUID.randomUUID().toString();
        LOG.error("incident {}", incident, unexpected);
        return problem(
                HttpStatus.INTERNAL_SERVER_ERROR,
                "unexpected",
                "Something went wrong in Verdamen",
                "Your edits are still on the page. Try again; if it stays, look for " + incident
                        + " in the server's log.");
    }

    @Override
    protected ResponseEntity<Object> handleHttpMessageNotReadable(
            HttpMessageNotReadableException unreadable,
            HttpHeaders headers,
            HttpStatusCode status,
            WebRequest request) {
        HttpStatus answered = HttpStatus.BAD_REQUEST;
        ProblemDetail problem;
        if (unreadable.getCause() instanceof InvalidNullException missing) {
            Place place = Place.of(missing.getPath());
            answered = HttpStatus.UNPROCESSABLE_CONTENT;
            problem = refused(new RefusedException(
                    List.of(new Fault(place.line(), place.field(), FaultCode.MISSING, null, null))));
        } else if (unreadable.getCause() instanceof JacksonException cause
                && !cause.getPath().isEmpty()) {
            Place place = Place.of(cause.getPath());
            ProblemFault fault = new ProblemFault(
                    place.line(),
                    place.field(),
                    "unreadable",
                    FaultWords.name(place.field())
                            + " cannot be read: it is not known here, or its value is of the wrong kind.");
            problem = withFaults(
                    problem(HttpStatus.BAD_REQUEST, "unreadable", "The request cannot be read", fault.message()),
                    List.of(fault));
        } else {
            problem = problem(
                    HttpStatus.BAD_REQUEST,
                    "unreadable",
                    "The request cannot be read",
                    "The request is not the JSON that was expected. See /api/openapi.json.");
        }
        return handleExceptionInternal(unreadable, problem, headers, answered, request);
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

    private static ProblemFault fault(Fault fault) {
        return new ProblemFault(fault.line(), fault.field(), fault.code().code(), FaultWords.of(fault));
    }

    private static ProblemDetail withFaults(ProblemDetail problem, List<ProblemFault> faults) {
        problem.setProperty("line", faults.get(0).line());
        problem.setProperty("field", faults.get(0).field());
        problem.setProperty("faults", faults);
        return problem;
    }

    private static ProblemDetail problem(HttpStatus status, String type, String title, String detail) {
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(status, detail);
        problem.setType(URI.create(TYPE + type));
        problem.setTitle(title);
        return problem;
    }
}
