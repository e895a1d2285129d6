package verdamen.server.problem;

import java.util.List;
import org.jspecify.annotations.Nullable;
import verdamen.server.formula.VersionSummary;

/**
 * A problem document (RFC 9457) as the API gives it, for its description; the answers themselves are Spring's {@code
 * ProblemDetail} with the same members.
 *
 * @param type what kind of problem, as a URN
 * @param title the kind in a few words
 * @param status the HTTP status
 * @param detail what happened and what to do
 * @param instance the path that was asked
 * @param line index of the line of the first fault
 * @param field field of the first fault
 * @param faults every fault
 * @param newest for a conflict, the version that somebody saved meanwhile
 */
public record Problem(
        String type,
        String title,
        int status,
        String detail,
        @Nullable String instance,
        @Nullable Integer line,
        @Nullable String field,
        @Nullable List<ProblemFault> faults,
        @Nullable VersionSummary newest) {

    /**
     * One fault.
     *
     * @param line index of the line, from 0; absent for a fault of the whole
     * @param field the field
     * @param code why it is refused
     * @param message why, in plain words, and what to do
     */
    public record ProblemFault(@Nullable Integer line, String field, String code, String message) {}
}
