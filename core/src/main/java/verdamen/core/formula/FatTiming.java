package verdamen.core.formula;

import verdamen.core.model.Coded;

/** When the fat goes in. */
public enum FatTiming implements Coded {
    /** Rubbed into the dry flour first: coats it and slows it. */
    COAT_FIRST("coat-first"),
    /** With the water; the default. */
    WITH_WATER("with-water"),
    /** Kneaded in last. */
    LAST("last"),
    /** Only on the surface: the fat lines are left out of the dough. */
    SURFACE("surface");

    private final String code;

    FatTiming(String code) {
        this.code = code;
    }

    @Override
    public String code() {
        return code;
    }
}
