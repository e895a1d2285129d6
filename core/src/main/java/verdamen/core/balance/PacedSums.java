package verdamen.core.balance;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import verdamen.core.balance.RowWater.Drinker;
import verdamen.core.pantry.Form;

/**
 * What rows take up and let go of in time, g: rows of one pace stand in one sum, so that a dough at a minute costs the same
 * however many rows it has.
 */
final class PacedSums {

    /** What is left of a sum after its last row is gone: rounding. */
    private static final double NOTHING = 1e-9;

    /** A pace of taking up water. */
    private record Uptaking(double tau, boolean coats, double headStart) {}

    /** A pace of letting go of water. */
    private record Releasing(Form form, double headStart) {}

    /**
     * Sums by pace. A dough has a handful of paces: looking through them is quicker than a table, and most doughs that are
     * compared have the same ones, so only the sums are copied.
     */
    private static final class Sums<K> {

        private List<K> paces;
        private double[] grams;
        private boolean shared;

        Sums() {
            paces = new ArrayList<>();
            grams = new double[0];
        }

        Sums(Sums<K> other) {
            paces = other.paces;
            grams = other.grams.clone();
            shared = true;
            other.shared = true;
        }

        void add(K pace, double more) {
            int at = paces.indexOf(pace);
            if (at >= 0) {
                grams[at] = sum(grams[at], more);
                return;
            }
            if (shared) {
                paces = new ArrayList<>(paces);
                shared = false;
            }
            grams = Arrays.copyOf(grams, paces.size() + 1);
            grams[paces.size()] = more;
            paces.add(pace);
        }

        int count() {
            return paces.size();
        }
    }

    private final Sums<Uptaking> uptaking;
    private final Sums<Releasing> releasing;
    /** Bran has one time constant, and all of it is flour that fat can coat: its paces differ by the head start only. */
    private final Sums<Double> bran;

    PacedSums() {
        uptaking = new Sums<>();
        releasing = new Sums<>();
        bran = new Sums<>();
    }

    PacedSums(PacedSums other) {
        uptaking = new Sums<>(other.uptaking);
        releasing = new Sums<>(other.releasing);
        bran = new Sums<>(other.bran);
    }

    /** Adds a row, or takes one away with {@code sign} −1. */
    void add(RowWater water, double headStart, int sign) {
        Drinker drinker = water.drinker();
        if (drinker != null) {
            uptaking.add(new Uptaking(drinker.tau(), drinker.coats(), headStart), sign * drinker.grams());
            if (drinker.bran() > 0) {
                bran.add(headStart, sign * drinker.bran());
            }
        }
        if (water.form() != null) {
            releasing.add(new Releasing(water.form(), headStart), sign * water.releasable());
        }
    }

    /** A sum without the rounding that stays when its parts are taken away again. */
    static double sum(double a, double b) {
        double sum = a + b;
        return Math.abs(sum) < NOTHING ? 0 : sum;
    }

    /**
     * All paces with what does not change with time worked out.
     *
     * @param coating share of uptake that fat rubbed in first leaves, 0 to 1
     * @param slower how much fat rubbed in first slows every uptake
     * @param saltPct g of salt per 100 g flour
     */
    Paces paces(double coating, double slower, double saltPct) {
        Paces all = Paces.of(uptaking.count(), bran.count(), releasing.count());
        for (int at = 0; at < uptaking.count(); at++) {
            Uptaking pace = uptaking.paces.get(at);
            all.drinks[at] = uptaking.grams[at] * (pace.coats() ? coating : 1);
            all.drinkTau[at] = pace.tau() * slower;
            all.drinkStart[at] = pace.headStart();
        }
        for (int at = 0; at < bran.count(); at++) {
            all.bran[at] = bran.grams[at] * coating;
            all.branStart[at] = bran.paces.get(at);
        }
        for (int at = 0; at < releasing.count(); at++) {
            Releasing pace = releasing.paces.get(at);
            all.releases[at] = releasing.grams[at];
            all.release[at] = Release.of(pace.form(), saltPct);
            all.releaseStart[at] = pace.headStart();
        }
        return all;
    }

    /**
     * What is taken up or let go in the end, and how fast, pace by pace.
     *
     * @param drinks g taken up in the end
     * @param drinkTau its time constant, minutes; 0 for what is soaked already
     * @param drinkStart minutes of a head start
     * @param bran g that bran takes up beside
     * @param branStart minutes of a head start
     * @param releases g of water in inclusions
     * @param release how its share in play grows
     * @param releaseStart minutes of a head start
     */
    record Paces(
            double[] drinks,
            double[] drinkTau,
            double[] drinkStart,
            double[] bran,
            double[] branStart,
            double[] releases,
            Release[] release,
            double[] releaseStart) {

        private static Paces of(int drinks, int bran, int releases) {
            return new Paces(
                    new double[drinks],
                    new double[drinks],
                    new double[drinks],
                    new double[bran],
                    new double[bran],
                    new double[releases],
                    new Release[releases],
                    new double[releases]);
        }

        /** Taken up after so many minutes, g, that of bran left out. */
        double drinks(double working) {
            double sum = 0;
            for (int i = 0; i < drinks.length; i++) {
                sum += drinks[i] * (drinkTau[i] == 0 ? 1 : Uptake.share(working + drinkStart[i], drinkTau[i]));
            }
            return sum;
        }

        /** Taken up in the end, g, that of bran left out. */
        double drinksInTheEnd() {
            return Arrays.stream(drinks).sum();
        }

        /** Taken up by bran after so many minutes, g. */
        double branDrinks(double working) {
            double sum = 0;
            for (int i = 0; i < bran.length; i++) {
                sum += bran[i] * Uptake.branShare(working + branStart[i]);
            }
            return sum;
        }

        /** Let go of after so many minutes, g. */
        double brings(double working) {
            double sum = 0;
            for (int i = 0; i < releases.length; i++) {
                sum += releases[i] * release[i].share(working + releaseStart[i]);
            }
            return sum;
        }
    }
}
