package verdamen.core.model;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** Collects the faults of something asked, so that all are told at once. */
public final class Faults {

    private final List<Fault> found = new ArrayList<>();

    /** Adds a fault. */
    public void add(@Nullable Integer line, String field, FaultCode code, @Nullable Object value) {
        add(line, field, code, value, null);
    }

    /** Adds a fault with the limit that was passed. */
    public void add(
            @Nullable Integer line, String field, FaultCode code, @Nullable Object value, @Nullable Double limit) {
        found.add(new Fault(line, field, code, value == null ? null : value.toString(), limit));
    }

    /** Adds faults found elsewhere. */
    public void addAll(List<Fault> others) {
        found.addAll(others);
    }

    /** Adds faults found elsewhere, as those of a line. */
    public void addAll(int line, List<Fault> others) {
        others.forEach(each -> add(line, each.field(), each.code(), each.value(), each.limit()));
    }

    /** Adds a fault unless {@code holds}. */
    public void require(boolean holds, String field, FaultCode code, @Nullable Object value) {
        if (!holds) {
            add(null, field, code, value);
        }
    }

    /** A number within a limit; absent is no fault. */
    public void number(String field, @Nullable Double value, Limit limit) {
        number(null, field, value, limit);
    }

    /** A number of a line within a limit; absent is no fault. */
    public void number(@Nullable Integer line, String field, @Nullable Double value, Limit limit) {
        number(line, field, value, limit.least(), limit.most());
    }

    /** A number between two ends that depend on others, both allowed; absent is no fault. */
    public void number(String field, @Nullable Double value, double least, double most) {
        number(null, field, value, least, most);
    }

    private void number(@Nullable Integer line, String field, @Nullable Double value, double least, double most) {
        if (value == null) {
            return;
        }
        if (!Double.isFinite(value)) {
            add(line, field, FaultCode.NOT_A_NUMBER, value);
        } else if (value < least) {
            add(line, field, FaultCode.TOO_SMALL, value, least);
        } else if (value > most) {
            add(line, field, FaultCode.TOO_LARGE, value, most);
        }
    }

    /** A number that must be there, within a limit; 0 when it is not. */
    public double needed(String field, @Nullable Double value, Limit limit) {
        return needed(field, value, limit.least(), limit.most());
    }

    /** A number that must be there, between two ends that depend on others; 0 when it is not. */
    public double needed(String field, @Nullable Double value, double least, double most) {
        if (value == null) {
            add(null, field, FaultCode.MISSING, null);
            return 0;
        }
        number(field, value, least, most);
        return value;
    }

    /** No more of something than allowed; the list itself, cut at the limit when it is longer, so that reading on is safe. */
    public <T> List<T> atMost(String field, @Nullable List<T> list, Limit limit) {
        List<T> there = list == null ? List.of() : list;
        if (there.size() <= limit.mostCount()) {
            return there;
        }
        add(null, field, FaultCode.TOO_MANY, there.size(), limit.most());
        return there.subList(0, limit.mostCount());
    }

    /** A text that must be there, without blanks at its ends, no longer than allowed; empty when it is not. */
    public String text(String field, @Nullable String value, Limit longest) {
        String text = value == null ? "" : value.strip();
        if (text.isEmpty()) {
            add(null, field, FaultCode.MISSING, null);
        }
        return optionalText(field, text, longest);
    }

    /** A text no longer than allowed; empty when it is absent. */
    public String optionalText(String field, @Nullable String value, Limit longest) {
        return optionalText(null, field, value, longest);
    }

    /** A text of a line no longer than allowed, without control characters; empty when it is absent. */
    public String optionalText(@Nullable Integer line, String field, @Nullable String value, Limit longest) {
        String text = value == null ? "" : value.strip();
        if (text.length() > longest.mostCount()) {
            add(line, field, FaultCode.TOO_LONG, text.length(), longest.most());
        } else if (text.chars().anyMatch(Faults::isControl)) {
            add(line, field, FaultCode.CONTROL_CHARACTERS, null);
        }
        return text;
    }

    /** A UUID in its usual writing; a fault when it is none. */
    public String uuid(String field, @Nullable String value) {
        String text = value == null ? "" : value.strip();
        boolean one;
        try {
            one = UUID.fromString(text).toString().equals(text);
        } catch (IllegalArgumentException notOne) {
            one = false;
        }
        require(one, field, text.isEmpty() ? FaultCode.MISSING : FaultCode.UNKNOWN_CODE, text.isEmpty() ? null : text);
        return text;
    }

    private static boolean isControl(int character) {
        return Character.isISOControl(character) && character != '\n' && character != '\r' && character != '\t';
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

    /** How many there are so far. */
    public int count() {
        return found.size();
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

    /** A refusal for one fault. */
    public static RefusedException refusal(
            @Nullable Integer line, String field, FaultCode code, @Nullable Object value) {
        Faults faults = new Faults();
        faults.add(line, field, code, value);
        return new RefusedException(faults.all());
    }
}
