package verdamen.core.portion;

import verdamen.core.model.Coefficient;

/**
 * A tray on which balls of dough lie until they are rolled.
 *
 * @param longMm its longer side, mm
 * @param shortMm its other side, mm
 */
public record Tray(double longMm, double shortMm) {

    /** As large as most are. */
    public static final Tray USUAL = new Tray(Coefficient.TRAY_LONG_MM.value(), Coefficient.TRAY_SHORT_MM.value());

    private static final double MM3_PER_ML = 1000;

    /**
     * How wide a ball is, mm.
     *
     * @param grams what it weighs, g
     * @param gramsPerMl its density
     */
    public static double ballMm(double grams, double gramsPerMl) {
        double mm3 = grams / gramsPerMl * MM3_PER_ML;
        return 2 * Math.cbrt(3 * mm3 / (4 * Math.PI));
    }

    /** How many balls lie on it, with room between them so that they do not stick together; 1 of a ball that is wider. */
    public int holds(double ballMm) {
        Sheet sheet = new Sheet(Math.max(longMm, shortMm), Math.min(longMm, shortMm), false);
        double room = ballMm + Coefficient.TRAY_APART_MM.value();
        return Math.max(1, room > sheet.shortMm() ? 1 : sheet.rounds(room).size());
    }
}
