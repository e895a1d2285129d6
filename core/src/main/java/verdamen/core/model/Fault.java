package verdamen.core.model;

import org.jspecify.annotations.Nullable;

/**
 * One fault of something asked.
 *
 * @param line index of the line as asked, from 0; absent for a fault of the whole
 * @param field the field, named as in the API
 * @param code why it is refused
 * @param value the value that was given, where there was one, cut at {@link Limit#ECHO}
 * @param limit the limit that was passed, for {@code too-small}, {@code too-large} and the like
 */
public record Fault(
        @Nullable Integer line,
        String field,
        FaultCode code,
        @Nullable String value,
        @Nullable Double limit) {

    /** Cuts what is told back. */
    public Fault {
        field = shortened(field);
        value = value == null ? null : shortened(value);
    }

    private static String shortened(String text) {
        int most = Limit.ECHO.mostCount();
        return text.length() <= most ? text : text.substring(0, most - 1) + "…";
    }
}
