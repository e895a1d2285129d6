package verdamen.core.handling;

import org.jspecify.annotations.Nullable;
import verdamen.core.balance.Dough;
import verdamen.core.balance.DoughTotals;
import verdamen.core.balance.Gluten;
import verdamen.core.formula.Formula;

/**
 * How a dough handles at one minute.
 *
 * @param softness S; null when nothing drinks, and with it all that depends on it
 * @param gluten gluten strength G; a strong white flour alone is about 100
 * @param sheetStrength sheet strength E: gluten and gelled starch together, in the same points
 * @param gelShare share of the solids that is gelled starch, 0 to 1
 * @param pieceShare share of the dough that is inclusion in pieces above 1 mm, 0 to 1
 * @param hardPieceMm largest hard piece, mm; 0 for none
 * @param softPieceMm largest soft piece, mm; 0 for none
 * @param pieceCoverMm sheet that the pieces need, mm; 0 without pieces
 * @param minSheetMm thinnest sheet it can be rolled to, mm
 * @param stick risk of sticking, %
 * @param crack risk of edges cracking, %
 * @param tear risk of tearing at the sheet asked for, %
 * @param springBackPct spring-back, % of the diameter
 * @param rollability what risks and spring-back leave, %
 * @param puff chance of puffing, %; null for styles that do not
 */
public record Handling(
        @Nullable Double softness,
        double gluten,
        double sheetStrength,
        double gelShare,
        double pieceShare,
        double hardPieceMm,
        double softPieceMm,
        double pieceCoverMm,
        double minSheetMm,
        @Nullable Double stick,
        @Nullable Double crack,
        double tear,
        double springBackPct,
        @Nullable Double rollability,
        @Nullable Double puff) {

    /** How a dough handles at {@code minute} after wetting. */
    public static Handling at(Dough dough, double minute) {
        return at(dough.totals(), minute);
    }

    static Handling at(DoughTotals dough, double minute) {
        Formula formula = dough.formula();
        Gluten gluten = Gluten.of(dough);
        double points = gluten.points();
        double strength = gluten.sheetStrength();
        double cover =
                dough.coarsest().map(piece -> piece.coverMm(dough.grams())).orElse(0.0);
        double thinnest = Risks.thinnestSheetMm(strength, cover);
        double tear = Risks.tear(thinnest, formula.sheetMm());
        double spring = Risks.springBackPct(points, minute - formula.timeline().kneadedBefore(minute));
        Double softness = dough.softness(minute);
        Double stick = softness == null ? null : Double.valueOf(Risks.stick(softness, formula.style()));
        Double crack = softness == null ? null : Double.valueOf(Risks.crack(softness, strength, formula.style()));
        return new Handling(
                softness,
                points,
                strength,
                gluten.gelShare(),
                gluten.pieceShare(),
                dough.largestPieceMm(false),
                dough.largestPieceMm(true),
                cover,
                thinnest,
                stick,
                crack,
                tear,
                spring,
                stick == null || crack == null
                        ? null
                        : Double.valueOf(Risks.rollability(stick, crack, tear, spring, formula.style())),
                formula.style().puffs() && stick != null
                        ? Double.valueOf(Risks.puff(
                                strength, formula.sheetMm(), gluten.pieceShare(), tear, stick, formula.style()))
                        : null);
    }

    /** The value of a figure; null where it does not apply. */
    @Nullable
    Double value(HandlingFigure figure) {
        return switch (figure) {
            case GLUTEN -> gluten;
            case SHEET_STRENGTH -> sheetStrength;
            case THINNEST_SHEET -> minSheetMm;
            case STICK -> stick;
            case CRACK -> crack;
            case TEAR -> tear;
            case SPRING_BACK -> springBackPct;
            case ROLLABILITY -> rollability;
            case PUFF -> puff;
        };
    }
}
