package verdamen.server.problem;

import java.util.List;
import org.jspecify.annotations.Nullable;
import verdamen.core.model.Fault;
import verdamen.core.model.FaultCode;
import verdamen.core.model.Limit;

/**
 * A problem document (RFC 9457) as the API gives it, for its description; the answers themselves are Spring's {@code
 * ProblemDetail} with the same members.
 *
 * @param type what kind of problem, as a URN
 * @param title the kind in a few words
 * @param status the HTTP status
 * @param detail what happened, for a reader of the API; the screens have words of their own by type and faults
 * @param instance the path that was asked
 * @param reason what kind of refusal within the type, as a code
 * @param line index of the line of the first fault
 * @param field field of the first fault
 * @param faults the faults, {@link Limit#FAULTS_LISTED} at the most
 * @param faultCount how many there are
 * @param incident for something unexpected, what to look for in the server's log
 * @param newest for a conflict, the version that somebody saved meanwhile
 * @param latestKnown for a conflict, the newest version that the edit knew of
 */
public record Problem(
        String type,
        String title,
        int status,
        String detail,
        @Nullable String instance,
        @Nullable String reason,
        @Nullable Integer line,
        @Nullable String field,
        @Nullable List<ProblemFault> faults,
        @Nullable Integer faultCount,
        @Nullable String incident,
        @Nullable Newest newest,
        @Nullable Integer latestKnown) {

    /**
     * One fault, as data; its words belong to the screen.
     *
     * @param line index of the line, from 0; absent for a fault of the whole
     * @param field the field
     * @param code why it is refused
     * @param value the value that was given, cut at {@link Limit#ECHO}
     * @param limit the limit that was passed
     */
    public record ProblemFault(
            @Nullable Integer line,
            String field,
            FaultCode code,
            @Nullable String value,
            @Nullable Double limit) {

        /** A fault of the core. */
        public static ProblemFault of(Fault fault) {
            return new ProblemFault(fault.line(), fault.field(), fault.code(), fault.value(), fault.limit());
        }

        /** The first faults of the core, as many as are listed. */
        public static List<ProblemFault> listed(List<Fault> faults) {
            return faults.stream()
                    .limit(Limit.FAULTS_LISTED.mostCount())
                    .map(ProblemFault::of)
                    .toList();
        }
    }

    /** A version that somebody saved meanwhile. */
    public record Newest(int number, String name, String note, String savedAt) {}
}
