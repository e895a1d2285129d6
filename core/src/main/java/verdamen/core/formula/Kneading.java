package verdamen.core.formula;

import verdamen.core.model.Coded;
import verdamen.core.model.Coefficient;

/** How the dough is kneaded: how fast flour drinks, and when kneading ends. */
public enum Kneading implements Coded {
    /** By hand until smooth; the default. */
    HAND("hand", Coefficient.KNEAD_FACTOR_HAND, Coefficient.KNEAD_END_HAND, Coefficient.FRICTION_HAND),
    MACHINE("machine", Coefficient.KNEAD_FACTOR_MACHINE, Coefficient.KNEAD_END_MACHINE, Coefficient.FRICTION_MACHINE),
    /** Just until it holds together. */
    JUST_COMBINED(
            "just-combined",
            Coefficient.KNEAD_FACTOR_JUST_COMBINED,
            Coefficient.KNEAD_END_JUST_COMBINED,
            Coefficient.FRICTION_HAND);

    private final String code;
    private final Coefficient uptakeFactor;
    private final Coefficient endMinute;
    private final Coefficient friction;

    Kneading(String code, Coefficient uptakeFactor, Coefficient endMinute, Coefficient friction) {
        this.code = code;
        this.uptakeFactor = uptakeFactor;
        this.endMinute = endMinute;
        this.friction = friction;
    }

    @Override
    public String code() {
        return code;
    }

    /** Factor on the time constant of uptake. */
    public Coefficient uptakeFactor() {
        return uptakeFactor;
    }

    /** How much a minute of it warms the dough, K. */
    public Coefficient friction() {
        return friction;
    }

    /** Minute after wetting at which kneading ends. */
    public double endMinute() {
        return endMinute.value();
    }
}
