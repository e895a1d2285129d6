package verdamen.core.model;

import java.util.List;
import java.util.stream.Collectors;

/** Something that cannot be taken as it is; carries all its faults, in the order of the lines. */
public final class RefusedException extends RuntimeException {

    private final transient List<Fault> faults;

    /** Refuses it for these faults, at least one. */
    public RefusedException(List<Fault> faults) {
        super(faults.stream()
                .map(fault -> (fault.line() == null ? "" : "line " + fault.line() + ": ")
                        + fault.field() + " "
                        + fault.code().code())
                .collect(Collectors.joining("; ")));
        this.faults = List.copyOf(faults);
    }

    /** All faults. */
    public List<Fault> faults() {
        return faults;
    }
}
