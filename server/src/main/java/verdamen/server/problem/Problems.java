package verdamen.server.problem;

import java.net.URI;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import verdamen.core.model.Limit;

/** Makes problem documents. */
public final class Problems {

    /** What the type of every problem begins with. */
    static final String TYPE = "urn:verdamen:problem:";

    private Problems() {}

    /** A problem of a kind. */
    public static ProblemDetail of(HttpStatus status, String kind, String title, String detail) {
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(status, detail);
        problem.setType(URI.create(TYPE + kind));
        problem.setTitle(title);
        return problem;
    }

    /** A body over a limit. */
    public static ProblemDetail tooLarge(Limit limit) {
        ProblemDetail problem = of(
                HttpStatus.CONTENT_TOO_LARGE,
                "too-large",
                "The body is too large",
                "At most " + limit.mostCount() + " bytes are taken.");
        problem.setProperty("reason", limit.code());
        return problem;
    }

    /** The kind of a problem that is told by its status alone. */
    static String kind(HttpStatus status) {
        return switch (status) {
            case NOT_FOUND -> "not-found";
            case METHOD_NOT_ALLOWED -> "method-not-allowed";
            case UNSUPPORTED_MEDIA_TYPE -> "unsupported-type";
            case NOT_ACCEPTABLE -> "not-acceptable";
            case BAD_REQUEST -> "unreadable";
            case FORBIDDEN -> "forbidden";
            default -> status.is4xxClientError() ? "refused-request" : "unexpected";
        };
    }
}
