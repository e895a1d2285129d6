package verdamen.core.formula;

import verdamen.core.model.Coded;
import verdamen.core.model.Coefficient;

/** How the dough is kneaded: how fast flour drinks, and when kneading ends. */
public enum Kneading implements Coded {
    /** By hand until smooth; the default. */
    HAND("hand", Coefficient.KNEAD_FACTOR_HAND, Coefficient.KNEAD_END_HAND),
    MACHINE("machine", Coefficient.KNEAD_FACTOR_MACHINE, Coefficient.KNEAD_END_MACHINE),
    /** Just until it holds together. */
    JUST_COMBINED("just-combined", Coefficient.KNEAD_FACTOR_JUST_COMBINED, Coefficient.KNEAD_END_JUST_COMBINED);

    private final String code;
    private final Coefficient uptakeFactor;
    private final Coefficient endMinute;

    Kneading(String code, Coefficient uptakeFactor, Coefficient endMinute) {
        this.code = code;
        this.uptakeFactor = uptakeFactor;
        this.endMinute = endMinute;
    }

    @Override
    public String code() {
        return code;
    }

    /** Factor on the time constant of uptake. */
    public Coefficient uptakeFactor() {
        return uptakeFactor;
    }

    /** Minute after wetting at which kneading ends. */
    public double endMinute() {
        return endMinute.value();
    }
}
