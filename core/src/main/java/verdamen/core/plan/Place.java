package verdamen.core.plan;

import verdamen.core.model.Coded;

/** What a task takes up beside hands while it lasts; a kitchen has so much of each. */
public enum Place implements Coded {
    /** A pan or griddle with its burner. */
    PAN("pan", 0),
    /** An oven. */
    OVEN("oven", 0),
    /** A mixer. */
    MIXER("mixer", 0),
    /** Room in the fridge, litres. */
    FRIDGE("fridge", 0),
    /** A tray with balls of dough. */
    TRAY("tray", Place.ENOUGH);

    /** As much as it takes. */
    static final int ENOUGH = Integer.MAX_VALUE;

    private final String code;
    private final int uncounted;

    Place(String code, int uncounted) {
        this.code = code;
        this.uncounted = uncounted;
    }

    /** How much there is of it where nobody counted it. */
    int uncounted() {
        return uncounted;
    }

    @Override
    public String code() {
        return code;
    }
}
