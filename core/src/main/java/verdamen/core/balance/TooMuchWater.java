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
import verdamen.core.prep.Prepared;
import verdamen.core.prep.Pressing;

/**
 * What to do when a dough has too much water without any added: its excess and the ways out.
 *
 * @param excessGrams E = −W, g, above 0
 * @param waysOut more flour, then for each inclusion pressing, cooking down and leaving out
 */
public record TooMuchWater(double excessGrams, List<WayOut> waysOut) {

    /** The ways out, or nothing when the dough can still take water. */
    static Optional<TooMuchWater> of(Dough dough, double minute) {
        double needed = new WaterNeeded(dough, minute).grams();
        if (needed >= 0) {
            return Optional.empty();
        }
        return Optional.of(new TooMuchWater(-needed, new Finder(dough, minute, -needed).waysOut()));
    }

    /** Looks for the ways out of one dough. */
    private static final class Finder {

        private static final double PERCENT = 100;
        private static final String PRESSED = "pressed";
        private static final String COOKED_DOWN = "cooked-down";

        private final Dough dough;
        private final double minute;
        private final double excess;

        private Finder(Dough dough, double minute, double excess) {
            this.dough = dough;
            this.minute = minute;
            this.excess = excess;
        }

        private List<WayOut> waysOut() {
            List<WayOut> ways = new ArrayList<>();
            ways.add(moreFlour());
            for (WaterAccount account : dough.accounts()) {
                if (account.release() != null && account.row().grams() > 0) {
                    double released = account.release().share(minute);
                    ways.add(press(account.row(), released));
                    ways.add(cookDown(account.row(), released));
                    ways.add(leaveOut(account));
                }
            }
            return ways;
        }

        /** E / (S* · D_flour/F), shared out over the flours in their ratio. */
        private WayOut moreFlour() {
            double drinks = dough.accounts().stream()
                    .filter(account -> account.row().isFlour())
                    .mapToDouble(account -> account.drinks(minute))
                    .sum();
            double perGram = dough.flourGrams() > 0 ? target() * drinks / dough.flourGrams() : 0;
            double weighed = dough.rows().stream()
                    .filter(row -> row.isFlour() && !row.starterHalf())
                    .mapToDouble(DoughRow::grams)
                    .sum();
            if (perGram <= 0 || weighed <= 0) {
                return closed(Remedy.MORE_FLOUR, null, null, null, Obstacle.DOES_NOT_HELP);
            }
            double more = excess / perGram;
            List<LineChange> changes = dough.rows().stream()
                    .filter(row -> row.isFlour() && !row.starterHalf())
                    .map(row -> new LineChange(row.line().index(), row.grams() * (1 + more / weighed), null, null))
                    .toList();
            return open(Remedy.MORE_FLOUR, null, more, null, changes);
        }

        /** L = E / (0.95 · r) of liquid, at most 60 % of the inclusion's water. */
        private WayOut press(DoughRow row, double released) {
            double most = Pressing.mostLiquidGrams(row.grams(), row.waterShare());
            double perGram = Coefficient.PRESSED_LIQUID_WATER.value() * released;
            return taking(Remedy.PRESS, row, perGram, most, liquid -> {
                Prepared left = Pressing.press(row.grams(), row.waterShare(), liquid);
                return change(row, left, formAfterPressing(row.line().form()));
            });
        }

        /** E / r of water. */
        private WayOut cookDown(DoughRow row, double released) {
            double most = row.grams() * row.waterShare();
            return taking(Remedy.COOK_DOWN, row, released, most, water -> {
                Prepared left = CookingDown.cookDown(row.grams(), row.waterShare(), water);
                return change(row, left, formAfterCookingDown(row.line().form()));
            });
        }

        /** E / (w r + 0.45 fat − S*(1 − w − fat)H) of the inclusion: what each gram brings less what it holds. */
        private WayOut leaveOut(WaterAccount account) {
            DoughRow row = account.row();
            double perGram = (account.brings(minute) - target() * account.held()) / row.grams();
            return taking(
                    Remedy.LEAVE_OUT,
                    row,
                    perGram,
                    row.grams(),
                    out -> new LineChange(row.line().index(), row.grams() - out, null, null));
        }

        private WayOut taking(
                Remedy remedy, DoughRow row, double perGram, double most, DoubleFunction<LineChange> change) {
            Integer line = row.line().index();
            if (perGram <= 0) {
                return closed(remedy, line, null, most, Obstacle.DOES_NOT_HELP);
            }
            double grams = excess / perGram;
            if (grams > most) {
                return closed(remedy, line, grams, most, Obstacle.EXCEEDS_WHAT_IS_THERE);
            }
            return open(remedy, line, grams, most, List.of(change.apply(grams)));
        }

        private static LineChange change(DoughRow row, Prepared left, @Nullable String form) {
            return new LineChange(row.line().index(), left.grams(), form, PERCENT * left.waterShare());
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
            Dough after = Dough.of(changed(changes));
            double needed = new WaterNeeded(after, minute).grams();
            double drinks = after.drinksGrams(minute);
            Double softness = drinks > 0 ? Double.valueOf(target() - needed / drinks) : null;
            return new WayOut(remedy, line, grams, most, null, changes, needed, softness);
        }

        private Formula changed(List<LineChange> changes) {
            Formula formula = dough.formula();
            List<Line> lines = new ArrayList<>(formula.lines());
            for (LineChange change : changes) {
                lines.replaceAll(line -> line.index() == change.line() ? applied(formula, line, change) : line);
            }
            return formula.withLines(lines);
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

        /** Cut vegetables become pressed ones; a purée, mash or whole leaf keeps its form. */
        private static @Nullable String formAfterPressing(@Nullable Form form) {
            if (form == null) {
                return null;
            }
            return switch (form.code()) {
                case "raw-chopped", "raw-grated" -> PRESSED;
                default -> form.code();
            };
        }

        /** Pieces and leaves become cooked down; a purée, mash or pulse keeps its form. */
        private static @Nullable String formAfterCookingDown(@Nullable Form form) {
            if (form == null) {
                return null;
            }
            return switch (form.code()) {
                case "raw-leaf", "raw-chopped", "raw-grated", "pressed", "cooked-pieces", "wilted" -> COOKED_DOWN;
                default -> form.code();
            };
        }
    }
}
