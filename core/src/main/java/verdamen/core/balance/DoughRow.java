package verdamen.core.balance;

import org.jspecify.annotations.Nullable;
import verdamen.core.formula.Line;
import verdamen.core.formula.LineSource;
import verdamen.core.pantry.Behaviour;
import verdamen.core.pantry.Ingredient;
import verdamen.core.pantry.Role;

/**
 * A row of the dough as the ledger counts it: a line, or one half of a sourdough starter.
 *
 * @param line the line it comes from
 * @param ingredient what it is; for a starter's half, strong white flour or water
 * @param grams its mass, g
 * @param sdGrams standard deviation of its mass, g
 * @param starterHalf whether it is half of a starter; the flour half is already soaked
 */
public record DoughRow(Line line, Ingredient ingredient, double grams, double sdGrams, boolean starterHalf) {

    /** Whether it is a flour. */
    public boolean isFlour() {
        return ingredient.role() == Role.FLOUR;
    }

    /** Whether it is a flour that belongs to the 100 % of baker's percentages: flour from the bench does not. */
    public boolean countsAsFlour() {
        return isFlour() && !isFromBench();
    }

    /** Whether the dough takes it up from bench or hands. */
    public boolean isFromBench() {
        return line.source() == LineSource.BENCH;
    }

    /** Whether it is a line of plain water, which the answer replaces. */
    public boolean isPlainWater() {
        return ingredient.isPlainWater() && !starterHalf && !isFromBench();
    }

    /** Whether it is an inclusion. */
    public boolean isInclusion() {
        return ingredient.role() == Role.INCLUSION;
    }

    /** Its behaviour, when it drinks the way flour does. */
    public @Nullable Behaviour behaviour() {
        return ingredient.behaviour();
    }

    /** Water, 0 to 1, as measured or of the table; a flour's moisture does not enter. */
    public double waterShare() {
        return starterHalf ? ingredient.composition().waterShare().fraction() : line.waterShare();
    }

    /** Fat, 0 to 1. */
    public double fatShare() {
        return ingredient.composition().fatShare().fraction();
    }

    /** Protein, 0 to 1, as measured or of the table. */
    public double proteinShare() {
        return starterHalf ? ingredient.composition().proteinShare().fraction() : line.proteinShare();
    }

    /** Solids other than fat, 0 to 1. */
    public double solidsShare() {
        return Math.max(0, 1 - waterShare() - fatShare());
    }

    /** Absorption at 14 % moisture as a fraction, as measured or of the table. */
    double absorption(Behaviour behaviour) {
        return starterHalf ? behaviour.absorption().fraction() : line.absorption();
    }

    /** Relative standard deviation of the absorption: as measured over the table's value, or by confidence. */
    double absorptionRelativeSd(Behaviour behaviour) {
        Double measured = starterHalf ? null : line.measured().absorptionSdPct();
        return measured == null ? behaviour.confidence().relativeSd() : measured / behaviour.absorptionPct();
    }

    /** Largest piece, mm; 0 for what is not an inclusion. */
    public double pieceMm() {
        return line.pieceMm();
    }
}
