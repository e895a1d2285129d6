package verdamen.core.balance;

import verdamen.core.model.Coefficient;
import verdamen.core.model.Share;

/**
 * Gluten strength, G = 100 · (Σ m · protein · quality / Σ non-fat solids) / 0.14 · (1 − 0.6 v) · (1 − min(0.5, 0.9x)); a
 * strong white flour alone is about 100.
 *
 * @param proteinGrams Σ m · protein · quality over all that has a behaviour, g
 * @param solidsGrams Σ m (1 − water − fat) over every row, g
 * @param gelGrams non-fat solids of gelled starch, g
 * @param pieceShare v, share of the dough that is inclusion in pieces above 1 mm
 * @param fatPerFlour x, pure fat of the fat lines over flour
 */
public record Gluten(double proteinGrams, double solidsGrams, double gelGrams, double pieceShare, double fatPerFlour) {

    /** Of what a dough adds up to. */
    public static Gluten of(DoughTotals dough) {
        return new Gluten(
                dough.networkProteinGrams(),
                dough.solidsGrams(),
                dough.gelGrams(),
                dough.pieceShare(),
                dough.fatPerFlour());
    }

    /** G, points. */
    public double points() {
        if (solidsGrams <= 0) {
            return 0;
        }
        double fatLoss = Math.min(
                Coefficient.GLUTEN_LOSS_TO_FAT_MAX.value(), Coefficient.GLUTEN_LOSS_TO_FAT.value() * fatPerFlour);
        return Share.of(proteinGrams, solidsGrams).pct()
                / Coefficient.GLUTEN_REFERENCE.value()
                * (1 - Coefficient.GLUTEN_LOSS_TO_PIECES.value() * pieceShare)
                * (1 - fatLoss);
    }

    /** Share of the solids that is gelled starch, 0 to 1. */
    public double gelShare() {
        return solidsGrams > 0 ? gelGrams / solidsGrams : 0;
    }

    /** Sheet strength E = G + 40 · gel: gelled starch binds a sheet as gluten does. */
    public double sheetStrength() {
        return points() + Coefficient.GEL_STRENGTH.value() * gelShare();
    }
}
