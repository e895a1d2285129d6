package verdamen.core.balance;

import java.util.Set;
import org.jspecify.annotations.Nullable;
import verdamen.core.formula.Line;
import verdamen.core.formula.LineSource;
import verdamen.core.model.Coefficient;
import verdamen.core.pantry.Behaviour;
import verdamen.core.pantry.Composition;
import verdamen.core.pantry.Form;
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

    private static final Set<String> GELLED_FORMS = Set.of("mash", "mash-hot", "pulse-mash");
    private static final double LAST_DIGIT = 1e-9;
    private static final String POTATO_FLAKES = "potato-flakes";

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

    /** Whether it is a line of plain water, which the answer replaces; the liquid of pulses that were not drained is none. */
    public boolean isPlainWater() {
        return ingredient.isPlainWater() && !starterHalf && line.isAsked();
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

    /** Relative standard deviation of the absorption: as measured over the table's value, or of the pantry. */
    double absorptionRelativeSd(Behaviour behaviour) {
        Double measured = starterHalf ? null : line.measured().absorptionSdPct();
        return measured == null ? behaviour.absorptionRelativeSd() : measured / behaviour.absorptionPct();
    }

    /** Whether its absorption is known better than the book knows it: measured for the line, or learned by the kitchen. */
    boolean isTaught() {
        Behaviour behaviour = behaviour();
        return behaviour != null
                && absorptionRelativeSd(behaviour) < behaviour.confidence().relativeSd() - LAST_DIGIT;
    }

    /** Whether its bran goes on drinking: a whole-grain flour, but not the one in a starter. */
    boolean hasBran() {
        return isFlour() && !starterHalf && ingredient.wholeGrain();
    }

    /** st, gelled starch that holds water, as a share of the mass: 0 for forms whose starch holds none. */
    double gelledShare() {
        Form form = line.form();
        if (form == null || form.starchHoldGPerG() == 0) {
            return 0;
        }
        Composition holds = ingredient.composition();
        double starch = holds.starchShare().fraction();
        double bookSolids = holds.waterShare().rest().fraction();
        double now = bookSolids > 0 ? starch * (1 - waterShare()) / bookSolids : 0;
        return Math.min(solidsShare(), now);
    }

    /**
     * Solids of gelled starch that bind a sheet, as a share of the mass: a mash's and potato flakes' whole, a flour's as
     * far as the water scalds it.
     */
    double gelShare(double scalding) {
        if (isFlour()) {
            return starterHalf ? 0 : Coefficient.GEL_OF_SCALDED_FLOUR.value() * scalding * solidsShare();
        }
        Form form = line.form();
        boolean gelled = form != null
                ? GELLED_FORMS.contains(form.code())
                : ingredient.code().equals(POTATO_FLAKES);
        return gelled ? solidsShare() : 0;
    }

    /** Largest piece, mm; 0 for what is not an inclusion. */
    public double pieceMm() {
        return line.pieceMm();
    }
}
