package verdamen.core.balance;

import verdamen.core.model.Coefficient;

/**
 * The pieces of an inclusion, as far as the sheet has to cover them. A few small pieces do not set the sheet: it needs
 * factor · mm · min(1, share/0.03)^(1/3), share that of the inclusion in the dough.
 *
 * @param line index of the inclusion's line
 * @param mm size of its pieces, mm, above 0
 * @param soft whether they give way
 * @param grams mass of the inclusion, g
 */
public record SheetPiece(int line, double mm, boolean soft, double grams) {

    /** How much sheet a piece needs for its size. */
    public Coefficient factor() {
        return soft ? Coefficient.SOFT_PIECE_COVER : Coefficient.HARD_PIECE_COVER;
    }

    /** Sheet that is needed over it in a dough of so many grams, mm. */
    public double coverMm(double doughGrams) {
        return Math.cbrt(coverCubed(doughGrams));
    }

    double coverCubed(double doughGrams) {
        double whole = factor().value() * mm;
        return whole * whole * whole * Math.min(1, grams / doughGrams / Coefficient.PIECE_SHARE_FULL.value());
    }
}
