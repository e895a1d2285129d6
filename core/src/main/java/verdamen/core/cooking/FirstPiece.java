package verdamen.core.cooking;

import verdamen.core.model.Coefficient;

/**
 * The first piece as a trial: what it tells of the pan, and what to change for the next.
 *
 * @param lookS seconds after which to look under it: by now it should have blisters and coloured edges
 * @param panIfPaleC pan for the next one when it is pale then, °C
 * @param secondsIfPale how much longer it stays on a side when the pan cannot be hotter, seconds
 * @param panIfDarkC pan for the next one when it is dark before it is dry, °C
 */
public record FirstPiece(double lookS, double panIfPaleC, double secondsIfPale, double panIfDarkC) {

    static FirstPiece of(double panC, double sideOneS, double sideTwoS) {
        double step = Coefficient.FIRST_PIECE_PAN_K.value();
        double longer = Coefficient.FIX_COOK_SHARE.value() * Math.max(sideOneS, sideTwoS);
        return new FirstPiece(
                sideOneS, panC + step, longer, Math.max(Coefficient.COOKING_COLDEST_C.value(), panC - step));
    }
}
