package verdamen.core.model;

/** What a kitchen scale shows. */
public final class Scale {

    private Scale() {}

    /** A mass as a scale shows it, g: to 1, or to 0.1 below 20. */
    public static double shown(double grams) {
        return grams < Coefficient.FINE_SCALE_BELOW.value()
                ? Math.round(grams / Coefficient.FINE_SCALE_STEP.value()) * Coefficient.FINE_SCALE_STEP.value()
                : Math.round(grams / Coefficient.SCALE_STEP.value()) * Coefficient.SCALE_STEP.value();
    }
}
