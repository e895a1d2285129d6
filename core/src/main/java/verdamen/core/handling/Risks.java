package verdamen.core.handling;

import verdamen.core.model.Coefficient;
import verdamen.core.model.Share;
import verdamen.core.pantry.Style;

/** The formulas of the handling risks, in percent, and of spring-back, rollability and puff. */
final class Risks {

    private Risks() {}

    /** σ(z) = 1/(1 + e^(−z)). */
    static Share logistic(double z) {
        return Share.ofFraction(1 / (1 + Math.exp(-z)));
    }

    /** What a risk in percent leaves, as a fraction. */
    private static double left(double riskPct) {
        return Share.ofPct(riskPct).rest().fraction();
    }

    /** Sticking, %: 100 σ((S − hi)/0.035). */
    static double stick(double softness, Style style) {
        return logistic((softness - style.softnessHigh()) / Coefficient.STICK_SPREAD.value())
                .pct();
    }

    /** Cracking, %: 100 σ((lo − S)/0.05 + (40 − E)/25 − 1). */
    static double crack(double softness, double strength, Style style) {
        return logistic((style.softnessLow() - softness) / Coefficient.CRACK_SPREAD.value()
                        + (Coefficient.CRACK_STRENGTH.value() - strength) / Coefficient.CRACK_STRENGTH_SPREAD.value()
                        - Coefficient.CRACK_OFFSET.value())
                .pct();
    }

    /** Thinnest sheet, mm: max(0.4 + 60/(E + 22), what the pieces need). */
    static double thinnestSheetMm(double strength, double pieceCoverMm) {
        return Math.max(
                Coefficient.THINNEST_SHEET_FLOOR.value()
                        + Coefficient.THINNEST_SHEET_SPAN.value()
                                / (strength + Coefficient.THINNEST_SHEET_OFFSET.value()),
                pieceCoverMm);
    }

    /** Tearing, %: 100 σ((h_min/h − 1.25)/0.12). */
    static double tear(double thinnestSheetMm, double sheetMm) {
        return logistic((thinnestSheetMm / sheetMm - Coefficient.TEAR_RATIO.value()) / Coefficient.TEAR_SPREAD.value())
                .pct();
    }

    /** Tearing of a filled piece at its wall, %: 100 σ((h_min/w − 1.45)/0.12): the filling supports it. */
    static double filledTear(double thinnestSheetMm, double wallMm) {
        double over = thinnestSheetMm / wallMm - Coefficient.FILLED_TEAR_RATIO.value();
        return logistic(over / Coefficient.TEAR_SPREAD.value()).pct();
    }

    /**
     * Spring-back, % of the diameter: 24 · g^1.3 · (0.1 + 0.9 exp(−Δ/τ_g)), g = min(1.3, G/90), τ_g = 4 + 10 · min(1,
     * G/90).
     *
     * @param minutesAfterKneading Δ, at least 0
     */
    static double springBackPct(double gluten, double minutesAfterKneading) {
        double relative = gluten / Coefficient.SPRING_GLUTEN.value();
        double g = Math.min(Coefficient.SPRING_GLUTEN_MAX.value(), relative);
        double tau =
                Coefficient.SPRING_TAU_LEAST.value() + Coefficient.SPRING_TAU_GLUTEN.value() * Math.min(1, relative);
        double remains = Coefficient.SPRING_REMAINS.value();
        return Coefficient.SPRING_FULL.value()
                * Math.pow(g, Coefficient.SPRING_POWER.value())
                * (remains + (1 - remains) * Math.exp(-minutesAfterKneading / tau));
    }

    /** Rollability, %: what all risks and spring-back over the limit leave of 100. */
    static double rollability(double stick, double crack, double tear, double springBackPct, Style style) {
        double over = Math.max(0, springBackPct - style.springLimitPct()) / Coefficient.SPRING_TOLERANCE.value();
        return Share.ofFraction(left(stick) * left(crack) * left(tear) * (1 - Math.min(1, over)))
                .pct();
    }

    /**
     * Puff, %: 100 σ((E − 35)/12) · exp(−(ln(h/h_style)/0.7)²) · max(0, 1 − 1.5 v) · max(0, 1 − 1.2 p) · (1 − tear) · (1 −
     * stick).
     */
    static double puff(
            double strength,
            double sheetMm,
            double pieceShare,
            double pulseShare,
            double tear,
            double stick,
            Style style) {
        double holds = logistic(
                        (strength - Coefficient.PUFF_STRENGTH.value()) / Coefficient.PUFF_STRENGTH_SPREAD.value())
                .fraction();
        double off = Math.log(sheetMm / style.sheetMm()) / Coefficient.PUFF_SHEET_SPREAD.value();
        double pieces = Math.max(0, 1 - Coefficient.PUFF_LOSS_TO_PIECES.value() * pieceShare);
        double pulses = Math.max(0, 1 - Coefficient.PUFF_LOSS_TO_PULSES.value() * pulseShare);
        return Share.ofFraction(holds * Math.exp(-off * off) * pieces * pulses * left(tear) * left(stick))
                .pct();
    }
}
