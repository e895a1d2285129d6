package verdamen.core.cooking;

import verdamen.core.model.Coded;

/** What a cold piece does when it is folded. */
public enum FoldTest implements Coded {
    /** It breaks. */
    BREAKS("breaks"),
    /** It cracks at the edge. */
    CRACKS("cracks"),
    /** It folds. */
    FOLDS("folds");

    private final String code;

    FoldTest(String code) {
        this.code = code;
    }

    @Override
    public String code() {
        return code;
    }

    /** What it counts for in the effects of a series: 0, 1, 2, the better the more. */
    public int counted() {
        return ordinal();
    }
}
