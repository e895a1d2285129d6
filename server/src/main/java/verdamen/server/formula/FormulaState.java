package verdamen.server.formula;

import verdamen.core.model.Coded;

/** Where a formula stands in the kitchen's work. */
public enum FormulaState implements Coded {
    /** Being worked out. */
    DRAFT("draft"),
    /** Being baked and judged. */
    ON_TRIAL("on-trial"),
    /** Good, and made for customers. */
    IN_USE("in-use"),
    /** Not worked on any more. */
    SET_ASIDE("set-aside");

    private final String code;

    FormulaState(String code) {
        this.code = code;
    }

    @Override
    public String code() {
        return code;
    }
}
