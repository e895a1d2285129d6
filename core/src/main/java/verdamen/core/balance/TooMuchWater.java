package verdamen.core.balance;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleFunction;
import org.jspecify.annotations.Nullable;
import verdamen.core.formula.Formula;
import verdamen.core.formula.Line;
import verdamen.core.model.Coefficient;
import verdamen.core.pantry.Form;
import verdamen.core.prep.CookingDown;
import verdamen.core.prep.FormAfter;
import verdamen.core.prep.Pressing;

/**
 * What to do when a dough has too much water without any added: its excess and the ways out.
 *
 * @param excessGrams E = −W, g, above 0
 * @param waysOut more flour, then for each inclusion pressing, cooking down and leaving out
 */
public record TooMuchWater(double excessGrams, List<WayOut> waysOut) {

    /** The ways out, or nothing when the dough can still take water. */
    static Optional<TooMuchWater> of(Dough dough, Moment at) {
        double needed = new WaterNeeded(dough, at).grams();
        if (needed >= 0) {
            return Optional.empty();
        }
        return Optional.of(new TooMuchWater(-needed, new Finder(dough, at, -needed).waysOut()));
    }

    private static final double CLOSE_ENOUGH = 1e-9;
    private static final int MOST_DOUBLINGS = 10;

    /** Looks for the ways out of one dough. */
    private static final class Finder {

        private final Dough dough;
        private final Moment at;
        private final double excess;

        private Finder(Dough dough, Moment at, double excess) {
            this.dough = dough;
            this.at = at;
            this.excess = excess;
        }

        private List<WayOut> waysOut() {
            List<WayOut> ways = new ArrayList<>();
            ways.add(moreFlour());
            for (WaterAccount account : dough.accounts()) {
                if (account.release() != null
                        && account.row().line().isAsked()
                        && account.row().grams() > 0) {
                    double released = account.releasedShare(at);
                    ways.add(press(account.row(), released));
                    ways.add(cookDown(account.row(), released));
                    ways.add(leaveOut(account));
                }
            }
            return ways;
        }

        /** First guess E / (S* · D_flour/F), shared out over the flours in their ratio; salt and fat keep their grams. */
        private WayOut moreFlour() {
            double drinks = dough.accounts().stream()
                    .filter(account -> account.row().countsAsFlour())
                    .mapToDouble(account -> account.drinks(at))
                    .sum();
            double perGram = dough.flourGrams() > 0 ? target() * drinks / dough.flourGrams() : 0;
            double weighed = dough.rows().stream()
                    .filter(row -> row.countsAsFlour() && !row.starterHalf())
                    .mapToDouble(DoughRow::grams)
                    .sum();
            if (perGram <= 0 || weighed <= 0) {
                return closed(Remedy.MORE_FLOUR, null, null, null, Obstacle.DOES_NOT_HELP);
            }
            DoubleFunction<List<LineChange>> changes = more -> dough.rows().stream()
                    .filter(row -> row.countsAsFlour() && !row.starterHalf())
                    .map(row -> LineChange.ofGrams(row.line().index(), row.grams() * (1 + more / weighed)))
                    .toList();
            double most = excess / perGram;
            for (int doubled = 0; needed(changes.apply(most)) < 0; doubled++) {
                if (doubled == MOST_DOUBLINGS) {
                    return closed(Remedy.MORE_FLOUR, null, null, null, Obstacle.DOES_NOT_HELP);
                }
                most *= 2;
            }
            double more = solved(changes, most);
            return open(Remedy.MORE_FLOUR, null, more, null, changes.apply(more));
        }

        /** First guess L = E / (0.95 · r) of liquid, at most 60 % of the inclusion's water. */
        private WayOut press(DoughRow row, double released) {
            double most = Pressing.mostLiquidGrams(row.grams(), row.waterShare());
            double perGram = Coefficient.PRESSED_LIQUID_WATER.value() * released;
            return taking(Remedy.PRESS, row, perGram, most, liquid -> {
                Pressing.Left left = Pressing.press(row.grams(), row.waterShare(), liquid);
                return change(row, left, FormAfter.pressing(formOf(row)));
            });
        }

        /** First guess E / r of water. */
        private WayOut cookDown(DoughRow row, double released) {
            double most = row.grams() * row.waterShare();
            return taking(Remedy.COOK_DOWN, row, released, most, water -> {
                Pressing.Left left = CookingDown.cookDown(row.grams(), row.waterShare(), water);
                return change(row, left, FormAfter.cookingDown(formOf(row)));
            });
        }

        /** First guess E / (w r + 0.45 fat − S*(st · H_st + (1 − w − fat − st) H)) of the inclusion: what each gram brings less what it holds. */
        private WayOut leaveOut(WaterAccount account) {
            DoughRow row = account.row();
            double perGram = (account.brings(at) - target() * account.held()) / row.grams();
            return taking(
                    Remedy.LEAVE_OUT,
                    row,
                    perGram,
                    row.grams(),
                    out -> LineChange.ofGrams(row.line().index(), row.grams() - out));
        }

        private WayOut taking(
                Remedy remedy, DoughRow row, double perGram, double most, DoubleFunction<LineChange> change) {
            Integer line = row.line().index();
            if (perGram <= 0) {
                return closed(remedy, line, null, most, Obstacle.DOES_NOT_HELP);
            }
            DoubleFunction<List<LineChange>> changes = grams -> List.of(change.apply(grams));
            double atMost = needed(changes.apply(most));
            if (atMost <= -excess) {
                return closed(remedy, line, null, most, Obstacle.DOES_NOT_HELP);
            }
            if (atMost < 0) {
                return closed(remedy, line, excess / perGram, most, Obstacle.EXCEEDS_WHAT_IS_THERE);
            }
            // Where the form that results lets go of so much less that water is needed then, the first guess stands.
            boolean formAlone = needed(changes.apply(CLOSE_ENOUGH * most)) > 0;
            double grams = formAlone ? Math.min(most, excess / perGram) : solved(changes, most);
            return open(remedy, line, grams, most, changes.apply(grams));
        }

        /**
         * The amount that leaves no water needed and none too much, on the whole balance: salt that draws, fat that coats,
         * and the form that results are counted. By halving; {@code most} is known to be enough.
         */
        private double solved(DoubleFunction<List<LineChange>> changes, double most) {
            double low = 0;
            double high = most;
            while (high - low > CLOSE_ENOUGH * most) {
                double middle = (low + high) / 2;
                if (needed(changes.apply(middle)) < 0) {
                    low = middle;
                } else {
                    high = middle;
                }
            }
            return high;
        }

        private double needed(List<LineChange> changes) {
            return after(changes).waterNeeded(at);
        }

        private DoughTotals after(List<LineChange> changes) {
            DoughTotals after = dough.totals();
            for (LineChange change : changes) {
                Line before = dough.line(change.line());
                after = after.with(before, applied(dough.formula(), before, change));
            }
            return after;
        }

        private LineChange change(DoughRow row, Pressing.Left left, @Nullable String form) {
            return LineChange.ofTaking(dough.formula(), row.line(), left.grams(), form, left.waterShare());
        }

        private static WayOut closed(
                Remedy remedy,
                @Nullable Integer line,
                @Nullable Double grams,
                @Nullable Double most,
                Obstacle obstacle) {
            return new WayOut(remedy, line, grams, most, obstacle, List.of(), null, null);
        }

        private WayOut open(
                Remedy remedy, @Nullable Integer line, double grams, @Nullable Double most, List<LineChange> changes) {
            DoughTotals after = after(changes);
            double needed = after.waterNeeded(at);
            double drinks = after.drinksGrams(at);
            Double softness = drinks > 0 ? Double.valueOf(target() - needed / drinks) : null;
            return new WayOut(remedy, line, grams, most, null, changes, needed, softness);
        }

        private static Line applied(Formula formula, Line line, LineChange change) {
            if (change.waterPct() == null) {
                return line.withGrams(change.grams());
            }
            Form form = change.form() == null
                    ? line.form()
                    : formula.pantry().form(change.form()).orElse(line.form());
            return line.prepared(change.grams(), form, change.waterPct());
        }

        private double target() {
            return dough.formula().softnessTarget();
        }

        private static String formOf(DoughRow row) {
            if (row.line().form() == null) {
                throw new IllegalStateException("an inclusion has a form once it is read");
            }
            return row.line().form().code();
        }
    }
}
