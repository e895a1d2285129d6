package verdamen.core.prep;

import verdamen.core.model.Coded;

/** What becomes of the liquid that runs out of an inclusion. */
public enum LiquidUse implements Coded {
    /** Thrown away; the default: nothing enters the dough that was not put there. */
    DISCARDED("discarded"),
    /** Used as water of the dough, with its solids and the salt in it. */
    DOUGH_WATER("dough-water"),
    /** Kept for the next batch. */
    KEPT("kept"),
    /** The inclusion is not pressed at all, and salted liquid stays with it. */
    NEVER_PRESSED("never-pressed");

    private final String code;

    LiquidUse(String code) {
        this.code = code;
    }

    @Override
    public String code() {
        return code;
    }
}
