package verdamen.core.formula;

import verdamen.core.model.Coded;

/** What a stage before the dough itself is. */
public enum StageKind implements Coded {
    /** Flour, water and yeast that stand and rise. */
    SPONGE("sponge"),
    /** Flour or meal and liquid that stand and swell. */
    SOAKER("soaker"),
    /** Flour, meal or flakes with liquid hot enough to gel their starch. */
    SCALD("scald");

    private final String code;

    StageKind(String code) {
        this.code = code;
    }

    @Override
    public String code() {
        return code;
    }
}
