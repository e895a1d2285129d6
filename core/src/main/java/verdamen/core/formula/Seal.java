package verdamen.core.formula;

import verdamen.core.model.Coded;
import verdamen.core.model.Coefficient;

/** How a filling is enclosed, and how much free water it may have. */
public enum Seal implements Coded {
    /** In a ball of dough, rolled gently from the edges. */
    SEALED("sealed", Coefficient.FILLING_LIMIT_SEALED),
    /** Between two sheets, the edges pressed. */
    BETWEEN_SHEETS("between-sheets", Coefficient.FILLING_LIMIT_BETWEEN),
    /** Strewn over a sheet that is folded or coiled. */
    IN_LAYERS("in-layers", Coefficient.FILLING_LIMIT_LAYERS);

    private static final String LAYERED_STYLE = "layered-paratha";

    private final String code;
    private final Coefficient limit;

    Seal(String code, Coefficient limit) {
        this.code = code;
        this.limit = limit;
    }

    @Override
    public String code() {
        return code;
    }

    /** Most free water of the filling, % of it. */
    public double limitPct() {
        return limit.value();
    }

    /** The usual one of a style. */
    static Seal of(String style) {
        return style.equals(LAYERED_STYLE) ? IN_LAYERS : SEALED;
    }
}
