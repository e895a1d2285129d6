package verdamen.core.formula;

import verdamen.core.model.Coded;

/** Why a line does not count yet. */
public enum Openness implements Coded {
    /** What it is is known, how much of it is not. */
    UNKNOWN_AMOUNT("unknown-amount"),
    /** Its words were not understood. */
    UNREAD("unread");

    private final String code;

    Openness(String code) {
        this.code = code;
    }

    @Override
    public String code() {
        return code;
    }
}
