package verdamen.core.balance;

import org.jspecify.annotations.Nullable;
import verdamen.core.balance.RowWater.Drinker;
import verdamen.core.pantry.Form;

/**
 * What one row brings and drinks over time, with all that does not change with time worked out.
 *
 * @param row the row
 * @param bringsAtOnce g brought whatever the time: water outside pieces, and what fat, sugar and salt stand for
 * @param releasable g of an inclusion's water, of which a share is in play
 * @param release how that share grows; absent for what is no inclusion
 * @param held g of water that an inclusion's solids hold
 * @param drinksInTheEnd g a flour, dry addition or dry dairy takes up in the end
 * @param branInTheEnd g that bran takes up beside, in the end
 * @param uptakeTau its time constant, minutes; 0 for what is already soaked
 * @param uptakeParts what went into {@code drinksInTheEnd}; absent for what does not drink
 * @param lostWhenHard g of {@code bringsAtOnce} that a fat no longer stands for once it has hardened in the cold
 */
record WaterAccount(
        DoughRow row,
        double bringsAtOnce,
        double releasable,
        @Nullable Release release,
        double held,
        double drinksInTheEnd,
        double branInTheEnd,
        double uptakeTau,
        @Nullable UptakeParts uptakeParts,
        double lostWhenHard) {

    /**
     * What a row's final uptake is made of.
     *
     * @param bookAbsorption A₁₄ as a fraction, as measured or of the table
     * @param hotWater factor for hot water
     * @param moisture the flour's moisture as a fraction; absent for what is no flour
     * @param absorption A(M), or A₁₄ with hot water for what is no flour
     * @param coating share that drinks, c
     */
    record UptakeParts(
            double bookAbsorption,
            double hotWater,
            @Nullable Double moisture,
            double absorption,
            double coating) {}

    /**
     * The account of a row in a dough.
     *
     * @param coating share of the flours that drinks
     * @param slower how much fat rubbed in first slows every uptake
     * @param saltPct grams of salt per 100 g flour
     */
    static WaterAccount of(DoughRow row, RowWater water, double coating, double slower, double saltPct) {
        Drinker drinker = water.drinker();
        Form form = water.form();
        double coat = drinker != null && drinker.coats() ? coating : 1;
        return new WaterAccount(
                row,
                water.bringsAtOnce(),
                water.releasable(),
                form == null ? null : Release.of(form, saltPct),
                water.held(),
                drinker == null ? 0 : drinker.grams() * coat,
                drinker == null ? 0 : drinker.bran() * coat,
                drinker == null ? 0 : drinker.tau() * slower,
                drinker == null
                        ? null
                        : new UptakeParts(
                                drinker.bookAbsorption(),
                                drinker.hotWater(),
                                drinker.moisture(),
                                drinker.absorption(),
                                coat),
                water.lostWhenHard());
    }

    /** Grams of water-like plasticiser in play. */
    double brings(Moment at) {
        double once = at.fatHardened() ? bringsAtOnce - lostWhenHard : bringsAtOnce;
        return release == null ? once : once + releasable * releasedShare(at);
    }

    /** Grams of water taken up, at reference softness. */
    double drinks(Moment at) {
        if (drinksInTheEnd == 0) {
            return held;
        }
        return held + drinksInTheEnd * uptakeShare(at) + branInTheEnd * branShare(at);
    }

    /** Minutes the row has been wet, those of a sponge or soaker too. */
    double wetMinutes(Moment at) {
        return at.working() + row.line().headStartMinutes();
    }

    double uptakeShare(Moment at) {
        return uptakeTau == 0 ? 1 : Uptake.share(wetMinutes(at), uptakeTau);
    }

    /** Share of what bran takes up that it has taken up. */
    double branShare(Moment at) {
        return Uptake.branShare(wetMinutes(at));
    }

    double releasedShare(Moment at) {
        return release == null ? 1 : release.share(wetMinutes(at));
    }
}
