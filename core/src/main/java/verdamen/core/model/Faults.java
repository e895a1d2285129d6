package verdamen.core.model;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Collects the faults of something asked, so that all are told at once. */
public final class Faults {

    private final List<Fault> found = new ArrayList<>();

    /** Adds a fault. */
    public void add(@Nullable Integer line, String field, FaultCode code, @Nullable Object value) {
        found.add(new Fault(line, field, code, value == null ? null : value.toString(), null));
    }

    /** Adds faults found elsewhere. */
    public void addAll(List<Fault> others) {
        found.addAll(others);
    }

    /** Adds a fault unless {@code holds}. */
    public void require(boolean holds, String field, FaultCode code, @Nullable Object value) {
        if (!holds) {
            add(null, field, code, value);
        }
    }

    /** A number between two limits, both allowed; absent is no fault. */
    public void number(String field, @Nullable Double value, double least, double most) {
        number(null, field, value, least, most);
    }

    /** A number of a line between two limits, both allowed; absent is no fault. */
    public void number(@Nullable Integer line, String field, @Nullable Double value, double least, double most) {
        if (value == null) {
            return;
        }
        if (!Double.isFinite(value)) {
            found.add(new Fault(line, field, FaultCode.NOT_A_NUMBER, value.toString(), null));
        } else if (value < least) {
            found.add(new Fault(line, field, FaultCode.TOO_SMALL, value.toString(), least));
        } else if (value > most) {
            found.add(new Fault(line, field, FaultCode.TOO_LARGE, value.toString(), most));
        }
    }

    /** A number that must be there, between two limits; 0 when it is not. */
    public double needed(String field, @Nullable Double value, double least, double most) {
        if (value == null) {
            add(null, field, FaultCode.MISSING, null);
            return 0;
        }
        number(field, value, least, most);
        return value;
    }

    /** A text that must be there, without blanks at its ends, no longer than allowed; empty when it is not. */
    public String text(String field, @Nullable String value, int longest) {
        String text = value == null ? "" : value.strip();
        if (text.isEmpty()) {
            add(null, field, FaultCode.MISSING, null);
        }
        return optionalText(field, text, longest);
    }

    /** A text no longer than allowed; empty when it is absent. */
    public String optionalText(String field, @Nullable String value, int longest) {
        String text = value == null ? "" : value.strip();
        if (text.length() > longest) {
            found.add(new Fault(null, field, FaultCode.TOO_LONG, text.length() + " characters", (double) longest));
        }
        return text;
    }

    /** A choice by its code; null, with a fault, when it is none. */
    public <E extends Enum<E> & Coded> @Nullable E choice(String field, @Nullable String code, Class<E> type) {
        if (code == null || code.isBlank()) {
            add(null, field, FaultCode.MISSING, null);
            return null;
        }
        return Coded.find(type, code).orElseGet(() -> {
            add(null, field, FaultCode.UNKNOWN_CODE, code);
            return null;
        });
    }

    /** Whether there is none. */
    public boolean none() {
        return found.isEmpty();
    }

    /** All faults so far. */
    public List<Fault> all() {
        return List.copyOf(found);
    }

    /**
     * Goes on only when there is none.
     *
     * @throws RefusedException with all faults, when there is any
     */
    public void refuse() {
        if (!found.isEmpty()) {
            throw new RefusedException(found);
        }
    }
}
