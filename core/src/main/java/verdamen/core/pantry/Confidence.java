package verdamen.core.pantry;

import verdamen.core.model.Coded;
import verdamen.core.model.Coefficient;

/** How well an absorption is known. */
public enum Confidence implements Coded {
    HIGH("high", Coefficient.CONFIDENCE_HIGH_SD),
    MEDIUM("medium", Coefficient.CONFIDENCE_MEDIUM_SD),
    LOW("low", Coefficient.CONFIDENCE_LOW_SD);

    private final String code;
    private final Coefficient relativeSd;

    Confidence(String code, Coefficient relativeSd) {
        this.code = code;
        this.relativeSd = relativeSd;
    }

    @Override
    public String code() {
        return code;
    }

    /** Relative standard deviation of the absorption, as a share of it. */
    public double relativeSd() {
        return relativeSd.value();
    }
}
