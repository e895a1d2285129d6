package verdamen.core.intake;

import verdamen.core.model.Coded;

/** How far a line was understood. */
public enum LineStatus implements Coded {
    /** Ingredient and amount are understood. */
    READ("read"),
    /** Understood, but something should be confirmed. */
    CHECK("check"),
    /** The ingredient is understood, how much of it is not stated. */
    UNKNOWN_AMOUNT("unknown-amount"),
    /** No ingredient of the pantry was recognised. */
    UNREAD("unread");

    private final String code;

    LineStatus(String code) {
        this.code = code;
    }

    @Override
    public String code() {
        return code;
    }
}
