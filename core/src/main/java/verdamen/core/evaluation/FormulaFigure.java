package verdamen.core.evaluation;

import verdamen.core.model.Coded;
import verdamen.core.model.Unit;

/** A figure of a formula by which formulas are compared, and to which a limit can be set. */
public enum FormulaFigure implements Coded {
    /** Plain water that the dough needs; below 0 when it has too much without any. */
    WATER_NEEDED("waterNeeded", Unit.GRAMS, true),
    /** Softness when it is rolled. */
    SOFTNESS("softness", Unit.SOFTNESS, false),
    /** What holds the sheet together: gluten, and gelled starch beside it. */
    SHEET_STRENGTH("sheetStrength", Unit.GLUTEN_POINTS, false),
    /** The thinnest sheet that it holds. */
    THINNEST_SHEET("minSheetMm", Unit.MILLIMETRES, true),
    /** The sheet to which it is rolled. */
    SHEET("sheetMm", Unit.MILLIMETRES, true),
    /** What risks and spring-back leave. */
    ROLLABILITY("rollability", Unit.PERCENT, false),
    /** For how long it can be rolled; 0 when never. */
    WINDOW("window.minutes", Unit.MINUTES, false),
    /** Rest between kneading and rolling. */
    REST("restMinutes", Unit.MINUTES, true),
    /** Risk of sticking. */
    STICK("stick", Unit.PERCENT, true),
    /** Risk of edges cracking. */
    CRACK("crack", Unit.PERCENT, true),
    /** Risk of tearing at its sheet. */
    TEAR("tear", Unit.PERCENT, true),
    /** Spring-back, of the diameter. */
    SPRING_BACK("springBackPct", Unit.PERCENT, true),
    /** Chance of puffing. */
    PUFF("puff", Unit.PERCENT, false),
    /** Hours for which the bread folds, kept in the usual way. */
    SOFT_HOURS("softHours", Unit.HOURS, false),
    /** Salt of the dough, of the flour. */
    SALT("saltPct", Unit.PERCENT, true),
    /** Whole-grain flour, of the flour. */
    WHOLE_GRAIN("wholeGrainPct", Unit.PERCENT, false),
    /** Pulse flour and pulses, on the flour. */
    LEGUME("legumePct", Unit.PERCENT, false),
    /** Vegetables, roots, greens and pulses as they go in, on the flour. */
    INCLUSION("inclusionPct", Unit.PERCENT, false),
    /** Dough of a piece. */
    PIECE("pieceGrams", Unit.GRAMS, false),
    /** Vegetables, roots, greens and pulses of the dough, in a piece. */
    INCLUSION_GRAMS("inclusionGrams", Unit.GRAMS, false),
    /** Protein in a piece, all parts together. */
    PROTEIN("proteinGrams", Unit.GRAMS, false),
    /** Protein of pulses in a piece. */
    LEGUME_PROTEIN("legumeProteinGrams", Unit.GRAMS, false),
    /** Fibre in a piece. */
    FIBRE("fibreGrams", Unit.GRAMS, false),
    /** Fat in a piece. */
    FAT("fatGrams", Unit.GRAMS, true),
    /** Energy of a piece. */
    ENERGY("energyKcal", Unit.KILOCALORIES, true),
    /** Cost of what has a price, of a piece, in the kitchen's currency. */
    COST("costPerPiece", Unit.COUNT, true);

    private final String code;
    private final Unit unit;
    private final boolean lessIsBetter;

    FormulaFigure(String code, Unit unit, boolean lessIsBetter) {
        this.code = code;
        this.unit = unit;
        this.lessIsBetter = lessIsBetter;
    }

    @Override
    public String code() {
        return code;
    }

    /** Its unit. */
    public Unit unit() {
        return unit;
    }

    /** Whether one looks for the least of it; otherwise for the most. */
    public boolean lessIsBetter() {
        return lessIsBetter;
    }
}
