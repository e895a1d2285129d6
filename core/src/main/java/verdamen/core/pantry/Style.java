package verdamen.core.pantry;

import verdamen.core.model.Coefficient;

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
 * @param feelScale 1 for doughs whose feel words stand for the softness itself; otherwise gelled or pressed doughs, which
 *     are handled at what would be a batter in wheat
 * @param sheetWaitMaxMin how long a rolled sheet may wait before it is cooked, minutes
 * @param folds whether the cooked bread is meant to fold; otherwise it is eaten hot, or kept crisp
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
        double sheetWaitMaxMin,
        boolean folds,
        String notes) {

    private static final double MM_PER_CM = 10;
    private static final double FEEL_LOW = Coefficient.FEEL_AT_WINDOW_LOW.value();
    private static final double FEEL_TARGET = Coefficient.FEEL_AT_TARGET.value();
    private static final double FEEL_HIGH = Coefficient.FEEL_AT_WINDOW_HIGH.value();

    /** This style with another softness to aim for and another window; softnesses as above. */
    public Style withWindow(double target, double low, double high) {
        return new Style(
                code,
                name,
                target,
                low,
                high,
                sheetMm,
                diameterMm,
                restMin,
                restMaxMin,
                springLimitPct,
                densityGPerMl,
                puffs,
                griddleLowC,
                griddleHighC,
                sideOneS,
                sideTwoS,
                cookLossPct,
                leavened,
                feelScale,
                sheetWaitMaxMin,
                folds,
                notes);
    }

    /** Whether a softness is inside its window, both ends included. */
    public boolean hasInWindow(double softness) {
        return softness >= softnessLow && softness <= softnessHigh;
    }

    /**
     * S′, the softness whose feel word a dough of this style has: S itself where the feel scale is 1, else linear between
     * (low → 0.90), (target → 1.01) and (high → 1.15), and in proportion beyond.
     *
     * @param softness S, at least 0
     */
    public double feltSoftness(double softness) {
        if (hasFeelOfItsOwn()) {
            if (softness < softnessLow) {
                return FEEL_LOW * softness / softnessLow;
            }
            if (softness < softnessTarget) {
                return between(softness, softnessLow, softnessTarget, FEEL_LOW, FEEL_TARGET);
            }
            return softness < softnessHigh
                    ? between(softness, softnessTarget, softnessHigh, FEEL_TARGET, FEEL_HIGH)
                    : FEEL_HIGH * softness / softnessHigh;
        }
        return softness;
    }

    /**
     * The softness at which a dough of this style feels as S′ says: {@link #feltSoftness} turned back.
     *
     * @param felt S′, at least 0
     */
    public double softnessFelt(double felt) {
        if (hasFeelOfItsOwn()) {
            if (felt < FEEL_LOW) {
                return softnessLow * felt / FEEL_LOW;
            }
            if (felt < FEEL_TARGET) {
                return between(felt, FEEL_LOW, FEEL_TARGET, softnessLow, softnessTarget);
            }
            return felt < FEEL_HIGH
                    ? between(felt, FEEL_TARGET, FEEL_HIGH, softnessTarget, softnessHigh)
                    : softnessHigh * felt / FEEL_HIGH;
        }
        return felt;
    }

    private boolean hasFeelOfItsOwn() {
        return feelScale != 1;
    }

    private static double between(double at, double from, double to, double low, double high) {
        return low + (high - low) * (at - from) / (to - from);
    }

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
