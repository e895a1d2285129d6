package verdamen.core.rework;

import verdamen.core.model.Coded;
import verdamen.core.model.Unit;

/** A figure of a blend of flours that can be wanted. */
public enum BlendFigure implements Coded {
    /** Protein, as weighed. */
    PROTEIN("proteinPct", Unit.PERCENT, false),
    /** Water that 100 g take up at reference softness, at 14 % moisture. */
    ABSORPTION("absorptionPct", Unit.PERCENT, false),
    /** Whole-grain flour. */
    WHOLE_GRAIN("wholeGrainPct", Unit.PERCENT, false),
    /** What the flours alone give a sheet to hold together by. */
    STRENGTH("sheetStrength", Unit.GLUTEN_POINTS, false),
    /** Cost of a kilogram, in the kitchen's currency. */
    COST("costPerKg", Unit.COUNT, true);

    private final String code;
    private final Unit unit;
    private final boolean lessIsBetter;

    BlendFigure(String code, Unit unit, boolean lessIsBetter) {
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
    boolean lessIsBetter() {
        return lessIsBetter;
    }
}
