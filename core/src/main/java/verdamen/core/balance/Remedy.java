package verdamen.core.balance;

import verdamen.core.model.Coded;

/** A way out of too much water. */
public enum Remedy implements Coded {
    /** More of every flour, in their ratio. */
    MORE_FLOUR("more-flour"),
    /** Liquid pressed out of an inclusion. */
    PRESS("press"),
    /** Water cooked out of an inclusion. */
    COOK_DOWN("cook-down"),
    /** Less of an inclusion. */
    LEAVE_OUT("leave-out");

    private final String code;

    Remedy(String code) {
        this.code = code;
    }

    @Override
    public String code() {
        return code;
    }
}
