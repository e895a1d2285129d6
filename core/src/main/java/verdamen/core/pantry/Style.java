package verdamen.core.pantry;

/**
 * A style of flatbread: its softness window, its sheet and its usual handling.
 *
 * @param code its code
 * @param name its name
 * @param softnessTarget softness to aim for
 * @param softnessLow lower end of the softness window
 * @param softnessHigh upper end of the softness window
 * @param sheetMm usual rolled thickness, mm
 * @param diameterMm usual diameter, mm
 * @param restMin usual rest between kneading and rolling, minutes
 * @param restMaxMin longest usual rest, minutes
 * @param springLimitPct most spring-back one rolls against, % of the diameter
 * @param densityGPerMl density of the dough, g/ml
 * @param puffs whether it is meant to puff
 * @param griddleLowC lower griddle temperature, °C
 * @param griddleHighC upper griddle temperature, °C
 * @param sideOneS time on the first side, seconds
 * @param sideTwoS time on the second side, seconds
 * @param cookLossPct weight lost in cooking, %
 * @param leavened whether it is leavened
 * @param feelScale what softness is divided by before it has a feel word: some doughs are handled at what would be a
 *     batter in wheat
 * @param notes how it is made
 */
public record Style(
        String code,
        String name,
        double softnessTarget,
        double softnessLow,
        double softnessHigh,
        double sheetMm,
        double diameterMm,
        double restMin,
        double restMaxMin,
        double springLimitPct,
        double densityGPerMl,
        boolean puffs,
        double griddleLowC,
        double griddleHighC,
        double sideOneS,
        double sideTwoS,
        double cookLossPct,
        boolean leavened,
        double feelScale,
        String notes) {

    private static final double MM_PER_CM = 10;

    /** Mass of the usual piece of dough, g. */
    public double pieceGrams() {
        return discGrams(diameterMm, sheetMm);
    }

    /** Mass of a disc so wide and so thin, g: m = ρ · π/4 · d² · h. */
    public double discGrams(double discMm, double thickMm) {
        return perMillimetre(discMm) * thickMm;
    }

    /** How wide a disc of so many grams is when it is so thin, mm. */
    public double discDiameterMm(double grams, double thickMm) {
        return MM_PER_CM * Math.sqrt(4 * grams / (Math.PI * densityGPerMl * thickMm / MM_PER_CM));
    }

    /** How thin a disc of so many grams is when it is so wide, mm. */
    public double discSheetMm(double grams, double discMm) {
        return grams / perMillimetre(discMm);
    }

    /** Mass of a disc so wide, 1 mm thin, g. */
    private double perMillimetre(double discMm) {
        double cm = discMm / MM_PER_CM;
        return densityGPerMl * Math.PI / 4 * cm * cm / MM_PER_CM;
    }
}
