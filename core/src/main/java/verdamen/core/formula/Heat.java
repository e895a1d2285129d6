package verdamen.core.formula;

import static verdamen.core.model.Coefficient.*;

import verdamen.core.model.Coded;

/** How a piece is cooked. The styles' own figures are those of a hot dry griddle; the others change them. */
public enum Heat implements Coded {
    /** Fast on a very hot dry griddle, finished on the flame; the styles' own figures. */
    HOT_DRY("hot-dry", 1.0, 1.0, 0, 0),
    /** Slowly on a medium griddle with fat. */
    MEDIUM_FAT(
            "medium-fat",
            HEAT_FAT_LOSS.value(),
            HEAT_FAT_PUFF.value(),
            HEAT_FAT_GRIDDLE_K.value(),
            HEAT_FAT_SURFACE.value()),
    /** Covered, in its own steam. */
    COVERED("covered", HEAT_COVERED_LOSS.value(), HEAT_COVERED_PUFF.value(), HEAT_COVERED_GRIDDLE_K.value(), 0),
    /** In a hot oven on stone. */
    OVEN_STONE("oven-stone", HEAT_STONE_LOSS.value(), HEAT_STONE_PUFF.value(), HEAT_STONE_GRIDDLE_K.value(), 0);

    private final String code;
    private final double lossFactor;
    private final double puffFactor;
    private final double griddleChangeK;
    private final double surfaceFat;

    Heat(String code, double lossFactor, double puffFactor, double griddleChangeK, double surfaceFat) {
        this.code = code;
        this.lossFactor = lossFactor;
        this.puffFactor = puffFactor;
        this.griddleChangeK = griddleChangeK;
        this.surfaceFat = surfaceFat;
    }

    @Override
    public String code() {
        return code;
    }

    /** Factor on the style's loss in cooking. */
    public double lossFactor() {
        return lossFactor;
    }

    /** Factor on the chance of puffing. */
    public double puffFactor() {
        return puffFactor;
    }

    /** How much hotter than the style's griddle it is, K. */
    public double griddleChangeK() {
        return griddleChangeK;
    }

    /** Fat on the surface, as a share of the piece. */
    public double surfaceFat() {
        return surfaceFat;
    }
}
