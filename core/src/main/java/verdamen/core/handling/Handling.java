package verdamen.core.handling;

import org.jspecify.annotations.Nullable;
import verdamen.core.balance.Dough;
import verdamen.core.balance.DoughTotals;
import verdamen.core.balance.Gluten;
import verdamen.core.formula.FilledPiece;
import verdamen.core.formula.Formula;
import verdamen.core.pantry.Feel;
import verdamen.core.pantry.Style;

/**
 * How a dough handles at one minute.
 *
 * @param softness S; null when nothing drinks, and with it all that depends on it
 * @param gluten gluten strength G; a strong white flour alone is about 100
 * @param sheetStrength sheet strength E: gluten and gelled starch together, in the same points
 * @param gelShare share of the solids that is gelled starch, 0 to 1
 * @param pieceShare share of the dough that is inclusion in pieces above 1 mm, 0 to 1
 * @param pulseShare pulse flours as a share of the flour, 0 to 1
 * @param hardPieceMm largest hard piece, mm; 0 for none
 * @param softPieceMm largest soft piece, mm; 0 for none
 * @param pieceCoverMm sheet that the pieces need, mm; 0 without pieces
 * @param minSheetMm h_min, thinnest sheet the dough can be rolled to, mm
 * @param wallMm dough on each side of a filling at the sheet asked for, mm; null for a piece without one
 * @param leastWallMm the least wall that holds, h_min/1.35, mm; null for a piece without a filling
 * @param thinnestMm thinnest sheet a piece can be rolled to, its filling in it, mm: the one at which its wall is as thin as holds
 * @param stick risk of sticking, %
 * @param crack risk of edges cracking, %
 * @param tear risk of tearing at the sheet asked for, %; of a filled piece, at its wall
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
        double pulseShare,
        double hardPieceMm,
        double softPieceMm,
        double pieceCoverMm,
        double minSheetMm,
        @Nullable Double wallMm,
        @Nullable Double leastWallMm,
        double thinnestMm,
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

    /** How a dough handles at {@code minute} after wetting, by what it adds up to. */
    public static Handling at(DoughTotals dough, double minute) {
        Formula formula = dough.formula();
        Gluten gluten = Gluten.of(dough);
        double points = gluten.points();
        double strength = gluten.sheetStrength();
        double cover =
                dough.coarsest().map(piece -> piece.coverMm(dough.grams())).orElse(0.0);
        double thinnest = Risks.thinnestSheetMm(strength, cover);
        FilledPiece filled = dough.filledPiece().orElse(null);
        double tear = tear(filled, thinnest, formula.sheetMm());
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
                dough.pulseShare(),
                dough.largestPieceMm(false),
                dough.largestPieceMm(true),
                cover,
                thinnest,
                filled == null ? null : Double.valueOf(filled.wallMm(formula.sheetMm())),
                filled == null ? null : Double.valueOf(FilledPiece.leastWallMm(thinnest)),
                filled == null ? thinnest : FilledPiece.leastWallMm(thinnest) / filled.wallShare(),
                stick,
                crack,
                tear,
                spring,
                stick == null || crack == null
                        ? null
                        : Double.valueOf(Risks.rollability(stick, crack, tear, spring, formula.style())),
                formula.style().puffs() && stick != null
                        ? Double.valueOf(Risks.puff(
                                strength,
                                formula.sheetMm(),
                                gluten.pieceShare(),
                                dough.pulseShare(),
                                tear,
                                stick,
                                formula.style()))
                        : null);
    }

    /** The word for how it feels, with the touch test that fits its figures; null when nothing drinks. */
    public @Nullable Feel feel(Formula formula) {
        return softness == null ? null : feelAt(softness, formula);
    }

    /** The word for how a dough of this strength feels at another softness. */
    public Feel feelAt(double other, Formula formula) {
        return feelAt(other, sheetStrength, springBackPct, formula);
    }

    static Feel feelAt(double softness, double sheetStrength, double springBackPct, Formula formula) {
        Style style = formula.style();
        return formula.pantry()
                .feel(
                        softness,
                        style,
                        Risks.crack(softness, sheetStrength, style),
                        Risks.stick(softness, style),
                        springBackPct);
    }

    /** Risk of tearing at a sheet, %; a filled piece tears at its wall, and nowhere else. */
    static double tear(@Nullable FilledPiece filled, double thinnestMm, double sheetMm) {
        return filled == null ? Risks.tear(thinnestMm, sheetMm) : Risks.filledTear(thinnestMm, filled.wallMm(sheetMm));
    }

    /** The value of a figure; null where it does not apply. */
    @Nullable
    Double value(HandlingFigure figure) {
        return switch (figure) {
            case GLUTEN -> gluten;
            case SHEET_STRENGTH -> sheetStrength;
            case THINNEST_SHEET -> thinnestMm;
            case STICK -> stick;
            case CRACK -> crack;
            case TEAR -> tear;
            case SPRING_BACK -> springBackPct;
            case ROLLABILITY -> rollability;
            case PUFF -> puff;
        };
    }
}
