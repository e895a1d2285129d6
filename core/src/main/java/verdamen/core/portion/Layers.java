package verdamen.core.portion;

import static verdamen.core.model.Symbol.*;

import java.util.List;
import org.jspecify.annotations.Nullable;
import verdamen.core.formula.Formula;
import verdamen.core.formula.Line;
import verdamen.core.formula.Part;
import verdamen.core.formula.Pieces;
import verdamen.core.model.Coded;
import verdamen.core.model.Coefficient;
import verdamen.core.model.ExplanationStep;
import verdamen.core.model.Faults;
import verdamen.core.model.Limit;
import verdamen.core.model.Rule;
import verdamen.core.model.Term;
import verdamen.core.model.Unit;
import verdamen.core.portion.ShapesQuestion.LayeredSpec;

/**
 * Layers of a piece that is folded, or coiled, and rolled again to the sheet. Source: model page, section 14.
 *
 * @param fold how it is folded
 * @param layers how many layers; of a coil, how many turns, about
 * @param about whether that is told as "about"
 * @param layerMm how thick a layer is in the finished sheet, mm
 * @param merge whether layers so thin run together
 * @param mergeBelowMm layers thinner than this run together, mm
 * @param mostTimes how many times it can be folded before they do; null for a coil
 * @param fatGrams fat on a piece, g
 * @param fatPerLayerGrams fat between two layers, g
 * @param steps how it is worked out
 */
public record Layers(
        Fold fold,
        double layers,
        boolean about,
        double layerMm,
        boolean merge,
        double mergeBelowMm,
        @Nullable Integer mostTimes,
        double fatGrams,
        double fatPerLayerGrams,
        List<ExplanationStep> steps) {

    private static final double MERGE = Coefficient.LAYERS_MERGE_MM.value();

    /** How a sheet becomes layers. */
    public enum Fold implements Coded {
        /** Folded in half. */
        HALF("half", 2),
        /** Folded in three, as a letter. */
        LETTER("letter", 3),
        /** Rolled up and coiled. */
        COIL("coil", 0);

        private final String code;
        private final int parts;

        Fold(String code, int parts) {
            this.code = code;
            this.parts = parts;
        }

        @Override
        public String code() {
            return code;
        }
    }

    static @Nullable Layers of(Formula formula, LayeredSpec asked, Faults faults) {
        int before = faults.count();
        Fold fold = faults.choice("layered.fold", asked.fold(), Fold.class);
        double times = 0;
        double roll = 0;
        if (fold == Fold.COIL) {
            roll = faults.needed("layered.rollMm", asked.rollMm(), Limit.ROLL_MM);
        } else if (fold != null) {
            times = faults.needed(
                    "layered.times", asked.times() == null ? null : Double.valueOf(asked.times()), Limit.FOLDS);
        }
        faults.number("layered.fatGrams", asked.fatGrams(), Limit.GRAMS);
        if (fold == null || faults.count() > before) {
            return null;
        }
        double fat = asked.fatGrams() == null ? surfaceFat(formula) : asked.fatGrams();
        return fold == Fold.COIL ? coiled(formula, roll, fat) : folded(formula, fold, times, fat);
    }

    private static Layers folded(Formula formula, Fold fold, double times, double fat) {
        double layers = Math.pow(fold.parts, times);
        double each = formula.sheetMm() / layers;
        int most = (int) Math.floor(Math.log(formula.sheetMm() / MERGE) / Math.log(fold.parts) + 1e-9);
        return new Layers(
                fold,
                layers,
                false,
                each,
                each < MERGE,
                MERGE,
                Math.max(0, most),
                fat,
                fat / (layers - 1),
                List.of(
                        ExplanationStep.of(
                                Rule.FOLDED_LAYERS,
                                layers,
                                Unit.COUNT,
                                Term.count(PARTS, fold.parts),
                                Term.count(TIMES, times)),
                        thickness(formula, each, layers)));
    }

    /** A sheet as wide as the piece is rolled up to a roll so thick, and coiled: turns ≈ width/(2π · roll radius). */
    private static Layers coiled(Formula formula, double rollMm, double fat) {
        double wide = formula.style().discDiameterMm(Pieces.of(formula).doughGrams(), formula.sheetMm());
        double turns = Math.max(1, wide / (Math.PI * rollMm));
        double each = formula.sheetMm() / turns;
        return new Layers(
                Fold.COIL,
                turns,
                true,
                each,
                each < MERGE,
                MERGE,
                null,
                fat,
                fat / turns,
                List.of(
                        ExplanationStep.of(
                                Rule.COIL_TURNS,
                                turns,
                                Unit.COUNT,
                                Term.millimetres(DIAMETER, wide),
                                Term.millimetres(ROLL, rollMm)),
                        thickness(formula, each, turns)));
    }

    private static ExplanationStep thickness(Formula formula, double each, double layers) {
        return ExplanationStep.of(
                Rule.LAYER_THICKNESS,
                each,
                Unit.MILLIMETRES,
                Term.millimetres(SHEET, formula.sheetMm()),
                Term.count(LAYERS, layers));
    }

    /** Fat of the surface lines in a piece, g. */
    private static double surfaceFat(Formula formula) {
        double surface = formula.lines().stream()
                .filter(line -> line.part() == Part.SURFACE)
                .mapToDouble(Line::grams)
                .sum();
        Double pieces = Pieces.exactCount(formula);
        return pieces == null ? 0 : surface / pieces;
    }
}
