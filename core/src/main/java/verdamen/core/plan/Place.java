package verdamen.core.plan;

import verdamen.core.model.Coded;

/** What a task takes up beside hands while it lasts; a kitchen has so much of each. */
public enum Place implements Coded {
    /** A pan or griddle with its burner. */
    PAN("pan"),
    /** An oven. */
    OVEN("oven"),
    /** A mixer. */
    MIXER("mixer"),
    /** Room in the fridge, litres. */
    FRIDGE("fridge"),
    /** A tray with balls of dough. */
    TRAY("tray");

    private final String code;

    Place(String code) {
        this.code = code;
    }

    @Override
    public String code() {
        return code;
    }
}
