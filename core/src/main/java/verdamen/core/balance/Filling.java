package verdamen.core.balance;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleFunction;
import org.jspecify.annotations.Nullable;
import verdamen.core.formula.Formula;
import verdamen.core.formula.Line;
import verdamen.core.formula.LineSource;
import verdamen.core.formula.Part;
import verdamen.core.formula.Pieces;
import verdamen.core.formula.Seal;
import verdamen.core.model.Coefficient;
import verdamen.core.model.ExplanationStep;
import verdamen.core.model.Rule;
import verdamen.core.model.Share;
import verdamen.core.model.Symbol;
import verdamen.core.model.Term;
import verdamen.core.model.Unit;
import verdamen.core.pantry.Form;
import verdamen.core.pantry.Ingredient;
import verdamen.core.pantry.Role;
import verdamen.core.prep.FormAfter;
import verdamen.core.prep.Pressing;

/**
 * The balance of a filling: free water % = 100 · max(0, Σ m w · weeps · (1 + 0.10 · salt g per 100 g of filling) − Σ
 * flour and dry additions · A₁₄) / mass. Liquids and dairy in it weep with all their water.
 *
 * @param grams its mass, g
 * @param freeWaterGrams water that runs free, g
 * @param freeWaterPct that, % of the filling
 * @param limitPct most free water for how it is enclosed, %
 * @param seal how it is enclosed
 * @param tooWet whether it is over the limit
 * @param perDough grams of filling for a gram of dough; null without dough
 * @param perPieceGrams filling in a piece, g; null without a piece
 * @param doughPerPieceGrams dough of a piece, g; null without a piece
 * @param saltGrams salt in it, with that of its preparations, g
 * @param saltPct that salt, % of the filling as it is now
 * @param rawSaltPct the same salt, % of what went in, before anything was pressed or cooked out of it
 * @param waysOut what to do when it is too wet, each computed alone; empty when it is not
 * @param steps how the figure comes about
 */
public record Filling(
        double grams,
        double freeWaterGrams,
        double freeWaterPct,
        double limitPct,
        Seal seal,
        boolean tooWet,
        @Nullable Double perDough,
        @Nullable Double perPieceGrams,
        @Nullable Double doughPerPieceGrams,
        double saltGrams,
        double saltPct,
        double rawSaltPct,
        List<FillingWayOut> waysOut,
        List<ExplanationStep> steps) {

    private static final double MOST_COOKED_OFF = Coefficient.FILLING_COOKED_OFF_MOST.value();
    private static final double USUALLY_COOKED_OFF = Coefficient.FILLING_COOKED_OFF_USUAL.value();
    private static final double MOST_FLOUR = Coefficient.FILLING_FLOUR_MOST.value();
    private static final double CLOSE_ENOUGH = 1e-12;
    private static final String USUAL_FLOUR = "chickpea-roasted-flour";

    /**
     * A way out of a filling that is too wet.
     *
     * @param remedy pressing, cooking down, or more flour
     * @param line the line it is done to; absent for a flour that is not in the filling yet
     * @param ingredient code of what is pressed, cooked down or added
     * @param grams liquid, water or flour, g
     * @param obstacle why it cannot be done; absent when it can
     * @param change what it does to a line; absent when it cannot be done, or for a flour not in the filling yet
     * @param afterPct free water afterwards, from the whole balance run again, at most the limit, %; absent when it
     *     cannot be done
     */
    public record FillingWayOut(
            Remedy remedy,
            @Nullable Integer line,
            String ingredient,
            double grams,
            @Nullable Obstacle obstacle,
            @Nullable LineChange change,
            @Nullable Double afterPct) {}

    /** The filling of the formula that a dough belongs to; nothing when it has none. */
    public static Optional<Filling> of(Dough dough) {
        Formula formula = dough.formula();
        List<Line> lines = lines(formula);
        if (lines.stream().mapToDouble(Line::grams).sum() <= 0) {
            return Optional.empty();
        }
        return Optional.of(new Weigher(formula, lines).filling(dough.grams()));
    }

    private static List<Line> lines(Formula formula) {
        return formula.lines().stream()
                .filter(line -> line.part() == Part.FILLING)
                .toList();
    }

    /** Weighs up the lines of one filling. */
    private static final class Weigher {

        private final Formula formula;
        private final List<Line> lines;
        private final double grams;
        private final double saltPct;
        private final double limit;

        private Weigher(Formula formula, List<Line> lines) {
            this.formula = formula;
            this.lines = lines;
            this.grams = lines.stream().mapToDouble(Line::grams).sum();
            this.saltPct = Share.of(
                            lines.stream()
                                    .filter(line -> line.ingredient().role() == Role.SALT)
                                    .mapToDouble(Line::grams)
                                    .sum(),
                            grams)
                    .pct();
            this.limit = formula.method().seal().limitPct();
        }

        private Filling filling(double dough) {
            double free = free();
            double pct = Share.of(free, grams).pct();
            boolean tooWet = pct > limit;
            Pieces pieces = Pieces.of(formula);
            Double count = pieces.count();
            return new Filling(
                    grams,
                    free,
                    pct,
                    limit,
                    formula.method().seal(),
                    tooWet,
                    dough > 0 ? Double.valueOf(grams / dough) : null,
                    count == null ? null : Double.valueOf(grams / count),
                    count == null ? null : Double.valueOf(pieces.doughGrams()),
                    Share.ofPct(saltPct).fraction() * grams,
                    saltPct,
                    rawSaltPct(),
                    tooWet ? waysOut() : List.of(),
                    List.of(ExplanationStep.of(
                            Rule.FILLING_FREE_WATER,
                            pct,
                            Unit.PERCENT,
                            Term.grams(Symbol.FREE_WATER, weeps()),
                            Term.grams(Symbol.FILLING_DRINKS, drinks()),
                            Term.grams(Symbol.FILLING, grams),
                            Term.percent(Symbol.FILLING_SALT_PCT, saltPct))));
        }

        /** What is left weighs less than what went in: the same salt is a smaller share of that. */
        private double rawSaltPct() {
            double raw = 0;
            for (Line line : lines) {
                raw += formula.preps().stream()
                        .filter(chain -> chain.key().equals(line.prep())
                                && chain.result().baseGrams() > 0)
                        .findFirst()
                        .map(chain ->
                                line.grams() * chain.rawGrams() / chain.result().baseGrams())
                        .orElse(line.grams());
            }
            return Share.of(Share.ofPct(saltPct).fraction() * grams, raw).pct();
        }

        private double free() {
            return Math.max(0, weeps() - drinks());
        }

        private double weeps() {
            return lines.stream()
                    .mapToDouble(line -> line.grams() * line.waterShare() * weepsShare(line))
                    .sum();
        }

        /** Share of a line's water that runs free. */
        private double weepsShare(Line line) {
            Form form = line.form();
            double salted = 1 + Coefficient.SALT_DRAW.value() * saltPct;
            if (form != null) {
                return Math.min(1, form.weepsInFilling() * salted);
            }
            return switch (line.ingredient().role()) {
                case LIQUID, DAIRY -> line.ingredient().behaviour() == null ? 1 : 0;
                default -> 0;
            };
        }

        private double drinks() {
            return lines.stream()
                    .filter(line -> line.ingredient().behaviour() != null)
                    .mapToDouble(line -> line.grams() * line.absorption())
                    .sum();
        }

        private List<FillingWayOut> waysOut() {
            List<FillingWayOut> ways = new ArrayList<>();
            for (Line line : lines) {
                if (line.isAsked() && line.form() != null && line.grams() > 0) {
                    double water = line.grams() * line.waterShare();
                    double liquid = Pressing.mostLiquidGrams(line.grams(), line.waterShare());
                    double perGram = Coefficient.PRESSED_LIQUID_WATER.value();
                    ways.add(taking(Remedy.PRESS, line, liquid, grams -> pressed(line, grams, liquid, perGram)));
                    double off = water * MOST_COOKED_OFF;
                    ways.add(taking(Remedy.COOK_DOWN, line, off, grams -> cookedDown(line, grams)));
                }
            }
            ways.add(flour());
            return ways;
        }

        /** Takes liquid or water out of a line, as little as brings the filling to its limit. */
        private FillingWayOut taking(Remedy remedy, Line line, double most, DoubleFunction<Line> done) {
            DoubleFunction<List<Line>> after = grams -> replaced(line, done.apply(grams));
            String code = line.ingredient().code();
            double now = pct(lines);
            double then = pct(after.apply(most));
            if (then > limit) {
                Obstacle obstacle = then < now ? Obstacle.EXCEEDS_WHAT_IS_THERE : Obstacle.DOES_NOT_HELP;
                return new FillingWayOut(remedy, line.index(), code, most, obstacle, null, null);
            }
            double grams = least(most, after);
            // The formula knows whole forms only: what it will hold is evaluated, not what the halving went by.
            Line left = inWholeForm(done.apply(grams));
            return new FillingWayOut(
                    remedy,
                    line.index(),
                    code,
                    grams,
                    null,
                    LineChange.ofTaking(
                            formula,
                            line,
                            left.grams(),
                            left.form() == null ? null : left.form().code(),
                            left.waterShare()),
                    pct(replaced(line, left)));
        }

        private Line inWholeForm(Line line) {
            Form form = line.form() == null
                    ? null
                    : formula.pantry().form(line.form().code()).orElse(line.form());
            return line.prepared(
                    line.grams(), form, Share.ofFraction(line.waterShare()).pct());
        }

        /** What is pressed weeps less the harder it is pressed: fully so at the most that is usual. */
        private Line pressed(Line line, double grams, double most, double waterOfIt) {
            String code = line.form() == null ? "" : line.form().code();
            return without(line, grams, waterOfIt, between(line, FormAfter.pressing(code), grams / most));
        }

        /** What is cooked down weeps less the further it is cooked: fully so when two fifths of it are gone. */
        private Line cookedDown(Line line, double grams) {
            String code = line.form() == null ? "" : line.form().code();
            double share = grams / (USUALLY_COOKED_OFF * line.grams());
            return without(line, grams, 1, between(line, FormAfter.cookingDown(code), share));
        }

        private static Line without(Line line, double grams, double waterOfIt, @Nullable Form form) {
            double left = line.grams() - grams;
            double water = line.grams() * line.waterShare() - waterOfIt * grams;
            return line.prepared(
                    left, form, left > 0 ? Share.of(Math.max(0, water), left).pct() : 0);
        }

        /** A form on its way to another one, as far as its weeping goes. */
        private @Nullable Form between(Line line, String code, double share) {
            Form from = line.form();
            Form to = formula.pantry().form(code).orElse(from);
            if (from == null || to == null) {
                return from;
            }
            double part = Math.max(0, Math.min(1, share));
            double weeps = from.weepsInFilling() + part * (to.weepsInFilling() - from.weepsInFilling());
            return new Form(
                    to.code(),
                    to.name(),
                    to.releaseStart(),
                    to.releaseEnd(),
                    to.releaseTauMin(),
                    to.holdGPerGSolids(),
                    to.starchHoldGPerG(),
                    weeps,
                    to.pieceMm(),
                    to.pieceIsSoft(),
                    to.notes());
        }

        /** The flour of the filling drinks the rest; roasted chickpea flour when there is none in it yet. */
        private FillingWayOut flour() {
            Optional<Line> there = lines.stream()
                    .filter(line -> line.isAsked() && line.ingredient().behaviour() != null)
                    .max(Comparator.comparingDouble(Line::grams));
            Ingredient flour = there.map(Line::ingredient)
                    .orElseGet(() -> formula.pantry().ingredient(USUAL_FLOUR).orElseThrow());
            Line line = there.orElseGet(() -> Line.of(formula.lineCount(), flour, 0, Part.FILLING, LineSource.ASKED));
            DoubleFunction<List<Line>> after = grams -> replaced(line, line.withGrams(line.grams() + grams));
            double more = least(MOST_FLOUR * grams, after);
            return new FillingWayOut(
                    Remedy.MORE_FLOUR,
                    there.map(Line::index).orElse(null),
                    flour.code(),
                    more,
                    null,
                    there.map(each -> LineChange.ofGrams(each.index(), each.grams() + more))
                            .orElse(null),
                    pct(after.apply(more)));
        }

        /** The least amount that brings the filling to its limit, by halving; {@code most} is known to do it. */
        private double least(double most, DoubleFunction<List<Line>> after) {
            double low = 0;
            double high = most;
            while (high - low > CLOSE_ENOUGH * most) {
                double middle = (low + high) / 2;
                if (pct(after.apply(middle)) > limit) {
                    low = middle;
                } else {
                    high = middle;
                }
            }
            return high;
        }

        private List<Line> replaced(Line line, Line other) {
            List<Line> after = new ArrayList<>(lines);
            after.remove(line);
            after.add(other);
            return after;
        }

        private double pct(List<Line> after) {
            Weigher again = new Weigher(formula, after);
            return Share.of(again.free(), again.grams).pct();
        }
    }
}
