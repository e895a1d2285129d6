package verdamen.core.formula;

import verdamen.core.model.Coded;

/** What the first stage of a two-stage dough is. */
public enum FirstStage implements Coded {
    /** Flour, water and yeast that stand and rise. */
    SPONGE("sponge"),
    /** Flour or meal and liquid that stand and swell. */
    SOAKER("soaker");

    private final String code;

    FirstStage(String code) {
        this.code = code;
    }

    @Override
    public String code() {
        return code;
    }
}
