package verdamen.core.formula;

import verdamen.core.model.Coded;

/** Where a line belongs. Only {@link #DOUGH} counts in the balance. */
public enum Part implements Coded {
    DOUGH("dough"),
    FILLING("filling"),
    SURFACE("surface"),
    /** What is made or eaten beside the bread: kept with the formula, counted nowhere. */
    BESIDE("beside");

    private final String code;

    Part(String code) {
        this.code = code;
    }

    @Override
    public String code() {
        return code;
    }
}
