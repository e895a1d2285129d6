package verdamen.core.model;

/** What a kitchen scale shows. */
public final class Scale {

    private Scale() {}

    /** A mass as a scale shows it, g: to 1, or to 0.1 below 20. */
    public static double shown(double grams) {
        double step = step(grams);
        return Math.round(grams / step) * step;
    }

    /** The least mass that a scale shows and that is no less, g. */
    public static double atLeast(double grams) {
        double step = step(grams);
        return Math.ceil(grams / step) * step;
    }

    /** To what a scale shows such a mass, g. */
    public static double step(double grams) {
        boolean fine = grams < Coefficient.FINE_SCALE_BELOW.value();
        return (fine ? Coefficient.FINE_SCALE_STEP : Coefficient.SCALE_STEP).value();
    }
}
