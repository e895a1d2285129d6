package verdamen.core.model;

import org.jspecify.annotations.Nullable;

/**
 * One fault of a formula.
 *
 * @param line index of the line as asked, from 0; absent for a fault of the formula itself
 * @param field the field, named as in the API
 * @param code why it is refused
 * @param value the value that was given, where there was one
 * @param limit the limit that was passed, for {@code too-small} and {@code too-large}
 */
public record Fault(
        @Nullable Integer line,
        String field,
        FaultCode code,
        @Nullable String value,
        @Nullable Double limit) {}
