package verdamen.core.balance;

import verdamen.core.model.Coded;

/** Where the plain water of a formula stands against the range it needs. */
public enum Standing implements Coded {
    /** Less than the range. */
    NEEDS_WATER("needs-water"),
    /** Within the range. */
    IN_BALANCE("in-balance"),
    /** More than the range. */
    TOO_WET("too-wet");

    private final String code;

    Standing(String code) {
        this.code = code;
    }

    @Override
    public String code() {
        return code;
    }

    /** The standing of {@code present} g against a range from {@code low} to {@code high} g. */
    static Standing of(double present, double low, double high) {
        if (present < low) {
            return NEEDS_WATER;
        }
        return present > high ? TOO_WET : IN_BALANCE;
    }
}
