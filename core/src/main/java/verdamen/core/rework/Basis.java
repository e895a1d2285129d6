package verdamen.core.rework;

import verdamen.core.model.Coded;

/** What stays the same when one thing takes the place of another. */
enum Basis implements Coded {
    /** The mass. */
    GRAMS("grams"),
    /** The mass without water. */
    DRY_MATTER("dry-matter"),
    /** What it is there for: pure fat, sugars, protein, sodium, the strength of a yeast, the gas of soda and powder. */
    ROLE("role");

    private final String code;

    Basis(String code) {
        this.code = code;
    }

    @Override
    public String code() {
        return code;
    }
}
