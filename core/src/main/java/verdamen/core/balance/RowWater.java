package verdamen.core.balance;

import org.jspecify.annotations.Nullable;
import verdamen.core.formula.Formula;
import verdamen.core.model.Coefficient;
import verdamen.core.model.Share;
import verdamen.core.pantry.Behaviour;
import verdamen.core.pantry.FatState;
import verdamen.core.pantry.Form;
import verdamen.core.pantry.Role;

/**
 * What one row brings and drinks as far as the rest of the dough has no part in it: salt that draws, fat that coats and
 * slows, and time come later.
 *
 * @param bringsAtOnce g brought whatever the time
 * @param lostWhenHard g of it that a fat no longer stands for once it has hardened in the cold
 * @param releasable g of an inclusion's water, of which a share is in play
 * @param form form of an inclusion, which lets the water go
 * @param held g of water that an inclusion's solids hold
 * @param drinker what it drinks like; absent for what does not drink
 */
record RowWater(
        double bringsAtOnce,
        double lostWhenHard,
        double releasable,
        @Nullable Form form,
        double held,
        @Nullable Drinker drinker) {

    /**
     * What a row drinks like.
     *
     * @param bookAbsorption A₁₄ as a fraction, as measured or of the table
     * @param hotWater factor for hot water
     * @param moisture the flour's moisture as a fraction; absent for what is no flour
     * @param absorption A(M), or A₁₄ with hot water for what is no flour
     * @param grams g taken up in the end were nothing coated
     * @param tau time constant of the uptake before fat, minutes; 0 for what is soaked already
     * @param coats whether fat rubbed in first keeps some of it dry
     * @param bran g that its bran takes up beside, in the end, were nothing coated
     */
    record Drinker(
            double bookAbsorption,
            double hotWater,
            @Nullable Double moisture,
            double absorption,
            double grams,
            double tau,
            boolean coats,
            double bran) {}

    /** What a row of a formula's dough brings and drinks. */
    static RowWater of(Formula formula, DoughRow row) {
        Behaviour behaviour = row.behaviour();
        if (behaviour != null) {
            return new RowWater(0, 0, 0, null, 0, drinker(formula, row, behaviour));
        }
        double m = row.grams();
        double water = m * row.waterShare();
        double foodFat = Coefficient.FOOD_FAT_SOFTENING.value() * m * row.fatShare();
        return switch (row.ingredient().role()) {
            case INCLUSION -> inclusion(row, foodFat);
            case FAT -> fat(row, water);
            case DAIRY, LIQUID -> bringer(water + foodFat);
            case SWEETENER -> bringer(water + Coefficient.SUGAR_SOFTENING.value() * m * sugarShare(row));
            case SALT -> bringer(Coefficient.SALT_SOFTENING.value() * m);
            case FLOUR, DRY_ADDITION, SEED, LEAVENER, SEASONING -> bringer(water);
        };
    }

    private static RowWater bringer(double grams) {
        return new RowWater(grams, 0, 0, null, 0, null);
    }

    private static RowWater fat(DoughRow row, double water) {
        double fat = row.grams() * row.fatShare();
        double lost =
                fat * (softening(row, false).value() - softening(row, true).value());
        return new RowWater(water + softening(row, false).value() * fat, lost, 0, null, 0, null);
    }

    private static RowWater inclusion(DoughRow row, double foodFat) {
        Form form = row.line().form();
        if (form == null) {
            throw new IllegalStateException("an inclusion has a form once it is read");
        }
        double m = row.grams();
        double gelled = row.gelledShare();
        double held = m * (gelled * form.starchHoldGPerG() + (row.solidsShare() - gelled) * form.holdGPerGSolids());
        return new RowWater(foodFat, 0, m * row.waterShare(), form, held, null);
    }

    private static Drinker drinker(Formula formula, DoughRow row, Behaviour behaviour) {
        double book = row.absorption(behaviour);
        double hot = row.starterHalf() ? 1 : Uptake.hotWaterFactor(behaviour, formula.waterTemperatureC(row.line()));
        Double moisture = row.isFlour() ? Double.valueOf(moisture(row)) : null;
        double absorption = moisture == null ? book * hot : Uptake.absorptionAt(book * hot, moisture);
        return new Drinker(
                book,
                hot,
                moisture,
                absorption,
                row.grams() * absorption,
                row.starterHalf() ? 0 : behaviour.uptakeTauMin() * Uptake.stageFactor(formula, row.line()),
                row.isFlour() && !row.starterHalf(),
                row.hasBran() ? Coefficient.BRAN_ABSORPTION.value() * row.grams() : 0);
    }

    /** Moisture of a flour as a fraction: that of its lot, or 14 %. */
    static double moisture(DoughRow row) {
        Double measured = row.starterHalf() ? null : row.line().measured().moisturePct();
        return measured == null
                ? Coefficient.BOOK_FLOUR_MOISTURE.value()
                : Share.ofPct(measured).fraction();
    }

    /** Grams of water a gram of this row's fat stands for; soft fat hardens in the cold, oil does not. */
    static Coefficient softening(DoughRow row, boolean cold) {
        FatState state = row.line().fatState();
        if (state == null) {
            throw new IllegalStateException("a fat has a state once it is read");
        }
        return (cold && state == FatState.SOFT ? FatState.SOLID : state).softening();
    }

    static double sugarShare(DoughRow row) {
        return row.ingredient().composition().sugarsShare().fraction();
    }

    /** Grams of pure fat of a fat line; 0 for anything else. */
    static double pureFat(DoughRow row) {
        return row.ingredient().role() == Role.FAT ? row.grams() * row.fatShare() : 0;
    }
}
