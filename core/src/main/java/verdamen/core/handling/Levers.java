package verdamen.core.handling;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import verdamen.core.balance.Dough;
import verdamen.core.balance.DoughTotals;
import verdamen.core.balance.PlainWater;
import verdamen.core.formula.Formula;
import verdamen.core.formula.Line;
import verdamen.core.formula.LineSource;
import verdamen.core.formula.Part;
import verdamen.core.handling.Help.Helps;
import verdamen.core.model.Coefficient;
import verdamen.core.model.Share;
import verdamen.core.model.Unit;
import verdamen.core.pantry.Ingredient;
import verdamen.core.pantry.Role;

/**
 * Looks for the changes that would help each figure most: every lever is pulled a little, alone, and the dough looked at
 * again. Plain water stays as far from what is needed as it was, so that no lever is credited with a better water.
 */
final class Levers {

    private static final int SHOWN = 3;
    private static final double REST_STEP = Coefficient.LEVER_REST_MINUTES.value();
    private static final double WATER_SHARE = Coefficient.LEVER_WATER_SHARE.value();
    private static final double FLOUR_SHARE = Coefficient.LEVER_FLOUR_SHARE.value();
    private static final double GLUTEN_SHARE = Coefficient.LEVER_GLUTEN_SHARE.value();
    private static final double INCLUSION_SHARE = Coefficient.LEVER_INCLUSION_SHARE.value();
    private static final double PIECE_SHARE = Coefficient.LEVER_PIECE_SHARE.value();
    private static final double SHEET_STEP = Coefficient.LEVER_SHEET_MM.value();
    private static final double FAT_SHARE = Coefficient.LEVER_FAT_SHARE.value();
    private static final double LEAST_SHEET = Coefficient.THINNEST_ROLLED_MM.value();
    private static final double NOTHING = 1e-6;
    private static final String STRONG_FLOUR = "wheat-strong-white";
    private static final String GLUTEN = "wheat-gluten-vital";

    private final Dough dough;
    private final Formula formula;
    private final Handling now;
    private final double needed;
    private final double off;
    private final double flour;

    private Levers(RolledDough rolled) {
        this.dough = rolled.dough();
        this.formula = dough.formula();
        this.now = rolled.handling();
        this.needed = dough.waterNeeded();
        this.off = PlainWater.grams(formula) - needed;
        this.flour = dough.flourGrams();
    }

    /** The helps for every figure that applies. */
    static List<Helps> of(RolledDough dough) {
        return new Levers(dough).helps();
    }

    /** A lever pulled: the dough afterwards, and how much more whole grain, % of its flour, and inclusion, g, it has. */
    private record Pulled(
            Lever lever,
            @Nullable Line line,
            @Nullable String ingredient,
            double amount,
            Unit unit,
            DoughTotals after,
            double wholeGrain,
            double inclusion) {}

    /** A lever that leaves whole grain and inclusions as they are. */
    private static Pulled pulled(
            Lever lever,
            @Nullable Line line,
            @Nullable String ingredient,
            double amount,
            Unit unit,
            DoughTotals after) {
        return new Pulled(lever, line, ingredient, amount, unit, after, 0, 0);
    }

    /** A lever that changes one inclusion: there may be many of them. */
    private Pulled pulled(Lever lever, Line line, double amount, Unit unit, Line after) {
        return new Pulled(
                lever,
                line,
                line.ingredient().code(),
                amount,
                unit,
                dough.totals().with(line, after),
                0,
                after.grams() - line.grams());
    }

    /** What a pulled lever leads to. */
    private record Outcome(Pulled pulled, Handling handling, double waterChange) {}

    private List<Helps> helps() {
        List<Outcome> outcomes = pulled().stream().map(this::outcome).toList();
        List<Helps> all = new ArrayList<>();
        for (HandlingFigure figure : HandlingFigure.values()) {
            Double value = now.value(figure);
            if (value != null) {
                all.add(new Helps(figure, best(figure, value, outcomes)));
            }
        }
        return all;
    }

    private static List<Help> best(HandlingFigure figure, double value, List<Outcome> outcomes) {
        List<Help> found = new ArrayList<>();
        for (Outcome outcome : outcomes) {
            Double then = outcome.handling().value(figure);
            double gain = then == null ? 0 : (moreIsBetter(figure) ? then - value : value - then);
            if (then != null && gain > NOTHING) {
                Pulled pulled = outcome.pulled();
                found.add(new Help(
                        pulled.lever(),
                        pulled.line() == null
                                ? null
                                : Integer.valueOf(pulled.line().index()),
                        pulled.ingredient(),
                        pulled.amount(),
                        pulled.unit(),
                        then,
                        gain,
                        outcome.waterChange(),
                        pulled.wholeGrain(),
                        pulled.inclusion()));
            }
        }
        found.sort(Comparator.comparingDouble(Help::gain).reversed());
        return List.copyOf(found.subList(0, Math.min(SHOWN, found.size())));
    }

    private static boolean moreIsBetter(HandlingFigure figure) {
        return figure == HandlingFigure.GLUTEN
                || figure == HandlingFigure.SHEET_STRENGTH
                || figure == HandlingFigure.ROLLABILITY
                || figure == HandlingFigure.PUFF;
    }

    private Outcome outcome(Pulled pulled) {
        boolean water = pulled.lever() == Lever.MORE_WATER || pulled.lever() == Lever.LESS_WATER;
        DoughTotals pulledDough = pulled.after();
        double then = pulledDough.waterNeeded();
        DoughTotals after = water ? pulledDough : pulledDough.withPlainWater(Math.max(0, then + off));
        return new Outcome(
                pulled, Handling.at(after, after.formula().rollAtMinute()), water ? pulled.amount() : then - needed);
    }

    private List<Pulled> pulled() {
        List<Pulled> all = new ArrayList<>();
        rest(all);
        water(all);
        strongerFlour(all);
        gluten(all);
        inclusions(all);
        sheet(all);
        fat(all);
        return all;
    }

    private void rest(List<Pulled> all) {
        if (!formula.timeline().phases().isEmpty()) {
            return;
        }
        double rest = formula.restMinutes();
        all.add(pulled(
                Lever.REST_LONGER,
                null,
                null,
                REST_STEP,
                Unit.MINUTES,
                dough.totals().judgedBy(formula.withRest(rest + REST_STEP))));
        if (rest > 0) {
            double less = Math.min(REST_STEP, rest);
            all.add(pulled(
                    Lever.REST_SHORTER,
                    null,
                    null,
                    -less,
                    Unit.MINUTES,
                    dough.totals().judgedBy(formula.withRest(rest - less))));
        }
    }

    private void water(List<Pulled> all) {
        double step = WATER_SHARE * flour;
        double there = PlainWater.grams(formula);
        all.add(pulled(
                Lever.MORE_WATER, null, null, step, Unit.GRAMS, dough.totals().withPlainWater(there + step)));
        if (there >= step) {
            all.add(pulled(
                    Lever.LESS_WATER,
                    null,
                    null,
                    -step,
                    Unit.GRAMS,
                    dough.totals().withPlainWater(there - step)));
        }
    }

    /** A tenth of the flour, taken from the weakest one, becomes strong white flour. */
    private void strongerFlour(List<Pulled> all) {
        Optional<Line> weakest = formula.lines().stream()
                .filter(line -> isFlour(line) && line.grams() > 0)
                .min(Comparator.comparingDouble(Levers::network));
        Optional<Ingredient> strong = formula.pantry().ingredient(STRONG_FLOUR);
        if (weakest.isEmpty()
                || strong.isEmpty()
                || weakest.get().ingredient().code().equals(STRONG_FLOUR)) {
            return;
        }
        double grams = Math.min(FLOUR_SHARE * flour, weakest.get().grams());
        Line weak = weakest.get();
        DoughTotals after = dough.totals()
                .with(weak, weak.withGrams(weak.grams() - grams))
                .with(null, Line.of(formula.lineCount(), strong.get(), grams, Part.DOUGH, LineSource.ASKED));
        double asked = formula.lines().stream()
                .filter(Levers::isFlour)
                .mapToDouble(Line::grams)
                .sum();
        double wholeGrain =
                weak.ingredient().wholeGrain() ? -Share.of(grams, asked).pct() : 0;
        all.add(new Pulled(
                Lever.STRONGER_FLOUR, weak, weak.ingredient().code(), grams, Unit.GRAMS, after, wholeGrain, 0));
    }

    private static double network(Line line) {
        return line.ingredient().behaviour() == null
                ? 0
                : line.proteinShare() * line.ingredient().behaviour().glutenQuality();
    }

    private void gluten(List<Pulled> all) {
        Optional<Ingredient> vital = formula.pantry().ingredient(GLUTEN);
        boolean glutenFree =
                formula.lines().stream().noneMatch(line -> line.ingredient().glutenBearing());
        if (vital.isEmpty() || glutenFree) {
            return;
        }
        double grams = GLUTEN_SHARE * flour;
        Line gluten = Line.of(formula.lineCount(), vital.get(), grams, Part.DOUGH, LineSource.ASKED);
        all.add(pulled(
                Lever.ADD_GLUTEN,
                null,
                GLUTEN,
                grams,
                Unit.GRAMS,
                dough.totals().with(null, gluten)));
    }

    private void inclusions(List<Pulled> all) {
        for (Line line : formula.lines()) {
            if (line.part() != Part.DOUGH || line.form() == null || line.grams() <= 0 || !line.isAsked()) {
                continue;
            }
            double less = INCLUSION_SHARE * line.grams();
            all.add(pulled(Lever.LESS_INCLUSION, line, -less, Unit.GRAMS, line.withGrams(line.grams() - less)));
            double piece = line.pieceMm();
            if (piece > 0) {
                double smaller = piece * PIECE_SHARE;
                all.add(pulled(Lever.SMALLER_PIECES, line, smaller, Unit.MILLIMETRES, line.withPieces(smaller)));
            }
        }
    }

    private void sheet(List<Pulled> all) {
        double sheet = formula.sheetMm();
        all.add(pulled(
                Lever.THICKER_SHEET,
                null,
                null,
                SHEET_STEP,
                Unit.MILLIMETRES,
                dough.totals().judgedBy(formula.withSheet(sheet + SHEET_STEP))));
        if (sheet - SHEET_STEP >= LEAST_SHEET) {
            all.add(pulled(
                    Lever.THINNER_SHEET,
                    null,
                    null,
                    -SHEET_STEP,
                    Unit.MILLIMETRES,
                    dough.totals().judgedBy(formula.withSheet(sheet - SHEET_STEP))));
        }
    }

    private void fat(List<Pulled> all) {
        Optional<Line> fat = formula.lines().stream()
                .filter(line -> line.isAsked()
                        && line.part() == Part.DOUGH
                        && line.ingredient().role() == Role.FAT
                        && line.grams() > 0)
                .max(Comparator.comparingDouble(Line::grams));
        if (fat.isEmpty()) {
            return;
        }
        Line line = fat.get();
        double step = FAT_SHARE * flour;
        String code = line.ingredient().code();
        all.add(pulled(
                Lever.MORE_FAT,
                line,
                code,
                step,
                Unit.GRAMS,
                dough.totals().with(line, line.withGrams(line.grams() + step))));
        double less = Math.min(step, line.grams());
        all.add(pulled(
                Lever.LESS_FAT,
                line,
                code,
                -less,
                Unit.GRAMS,
                dough.totals().with(line, line.withGrams(line.grams() - less))));
    }

    private static boolean isFlour(Line line) {
        return line.isAsked() && line.part() == Part.DOUGH && line.ingredient().role() == Role.FLOUR;
    }
}
