package verdamen.core.handling;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import verdamen.core.balance.Dough;
import verdamen.core.balance.DoughRow;
import verdamen.core.formula.FilledPiece;
import verdamen.core.formula.Formula;
import verdamen.core.formula.Line;
import verdamen.core.formula.Part;
import verdamen.core.formula.Pieces;
import verdamen.core.model.Coefficient;
import verdamen.core.model.ExplanationStep;
import verdamen.core.model.Rule;
import verdamen.core.model.Share;
import verdamen.core.model.Symbol;
import verdamen.core.model.Term;
import verdamen.core.model.Unit;
import verdamen.core.pantry.Form;

/**
 * The piece, to scale: its size at any thickness, and what of inclusions is inside. m = ρ · π/4 · d² · h.
 *
 * @param pieceGrams dough of a piece, g
 * @param fillingShare share of its height that is filling; 0 without one
 * @param sheetMm the thickness asked for, mm
 * @param diameterMm its diameter then, mm
 * @param thinnestMm thinnest sheet the piece can be rolled to, its filling in it, mm
 * @param inclusions the inclusions in pieces that are inside
 * @param fillingPieces what of the filling is in pieces, with its share of the filling; none without one
 * @param thicknesses the piece at a range of thicknesses, the thinnest first
 * @param steps how the piece's mass goes with its size
 */
public record Disc(
        double pieceGrams,
        double fillingShare,
        double sheetMm,
        double diameterMm,
        double thinnestMm,
        List<Inside> inclusions,
        List<Inside> fillingPieces,
        List<AtThickness> thicknesses,
        List<ExplanationStep> steps) {

    private static final double MM_PER_CM = 10;
    private static final double LEAST_MM = Coefficient.THINNEST_ROLLED_MM.value();
    private static final double STEP_MM = Coefficient.DISC_STEP_MM.value();
    private static final int MOST_STEPS = (int) Coefficient.DISC_STEPS_MOST.value();
    private static final double PIECE_DENSITY = Coefficient.PIECE_DENSITY.value();

    /**
     * An inclusion inside the piece.
     *
     * @param line index of its line
     * @param ingredient its code
     * @param name its name
     * @param pieceMm size of its pieces, mm
     * @param soft whether the pieces give way
     * @param sharePct share of the dough, %
     * @param count how many pieces are in a disc, as cubes of that size and the density of water
     * @param countable whether anyone would count them: they are neither too small nor too many
     */
    public record Inside(
            int line,
            String ingredient,
            String name,
            double pieceMm,
            boolean soft,
            double sharePct,
            double count,
            boolean countable) {}

    /**
     * The piece at a thickness.
     *
     * @param sheetMm the thickness, mm
     * @param diameterMm its diameter, mm
     * @param tearPct chance of tearing, %
     * @param puffPct chance of puffing, %; null for styles that do not
     * @param rollability rollability, %; null when nothing drinks
     */
    public record AtThickness(
            double sheetMm,
            double diameterMm,
            double tearPct,
            @Nullable Double puffPct,
            @Nullable Double rollability) {}

    /** The piece of a dough. */
    public static Disc of(RolledDough rolled) {
        return of(rolled, Pieces.of(rolled.formula()).doughGrams());
    }

    /** A piece of so many grams of a dough. */
    public static Disc of(RolledDough rolled, double piece) {
        Dough dough = rolled.dough();
        Formula formula = dough.formula();
        Handling handling = rolled.handling();
        double diameter = formula.style().discDiameterMm(piece * Pieces.withFilling(formula), formula.sheetMm());
        return new Disc(
                piece,
                1 - 1 / Pieces.withFilling(formula),
                formula.sheetMm(),
                diameter,
                handling.thinnestMm(),
                inside(dough, piece),
                insideFilling(formula, piece),
                thicknesses(dough, piece, handling),
                List.of(sizeStep(formula, piece, diameter, formula.sheetMm())));
    }

    /** How the mass of a piece goes with its size, its filling in it. */
    public static ExplanationStep sizeStep(Formula formula, double grams, double diameterMm, double sheetMm) {
        List<Term> size = new ArrayList<>(List.of(
                Term.factor(Symbol.DENSITY, formula.style().densityGPerMl()),
                Term.millimetres(Symbol.DIAMETER, diameterMm),
                Term.millimetres(Symbol.SHEET, sheetMm)));
        boolean filled = Pieces.fillingPerDough(formula) > 0;
        if (filled) {
            size.add(Term.factor(Symbol.WITH_FILLING, Pieces.withFilling(formula)));
        }
        return ExplanationStep.of(
                filled ? Rule.FILLED_PIECE_MASS : Rule.PIECE_MASS, grams, Unit.GRAMS, size.toArray(Term[]::new));
    }

    private static List<Inside> inside(Dough dough, double piece) {
        double all = dough.grams();
        List<Inside> inside = new ArrayList<>();
        for (DoughRow row : dough.rows()) {
            Form form = row.line().form();
            if (row.pieceMm() > 0 && row.grams() > 0 && form != null) {
                inside.add(inside(row.line(), row.pieceMm(), form, row.grams() / all, piece));
            }
        }
        return inside;
    }

    /** What of the filling of a piece of so many grams of dough is in pieces. */
    private static List<Inside> insideFilling(Formula formula, double piece) {
        List<Line> filling = formula.lines().stream()
                .filter(line -> line.part() == Part.FILLING)
                .toList();
        double all = filling.stream().mapToDouble(Line::grams).sum();
        double each = piece * Pieces.fillingPerDough(formula);
        List<Inside> inside = new ArrayList<>();
        for (Line line : filling) {
            Form form = line.form();
            if (form != null && line.pieceMm() > 0 && line.grams() > 0) {
                inside.add(inside(line, line.pieceMm(), form, line.grams() / all, each));
            }
        }
        return inside;
    }

    /** Pieces of a line that has such a share of so many grams. */
    private static Inside inside(Line line, double mm, Form form, double share, double grams) {
        double cm = mm / MM_PER_CM;
        double count = share * grams / (PIECE_DENSITY * cm * cm * cm);
        return new Inside(
                line.index(),
                line.ingredient().code(),
                line.ingredient().name(),
                mm,
                form.pieceIsSoft(),
                Share.ofFraction(share).pct(),
                count,
                mm > Coefficient.PIECES_COUNTED_ABOVE.value() && count < Coefficient.PIECES_COUNTED_BELOW.value());
    }

    private static List<AtThickness> thicknesses(Dough dough, double piece, Handling handling) {
        Formula formula = dough.formula();
        double most = Math.max(
                Coefficient.DISC_STYLE_SHEETS.value() * formula.style().sheetMm(),
                Coefficient.DISC_SHEETS.value() * formula.sheetMm());
        double step = Math.max(STEP_MM, Math.ceil((most - LEAST_MM) / MOST_STEPS / STEP_MM) * STEP_MM);
        FilledPiece filled = dough.totals().filledPiece().orElse(null);
        List<AtThickness> all = new ArrayList<>();
        for (int i = 0; LEAST_MM + i * step <= most + 1e-9; i++) {
            double mm = LEAST_MM + i * step;
            double tear = Handling.tear(filled, handling.minSheetMm(), mm);
            all.add(new AtThickness(
                    mm,
                    formula.style().discDiameterMm(piece * Pieces.withFilling(formula), mm),
                    tear,
                    handling.puff() == null
                            ? null
                            : Double.valueOf(Risks.puff(
                                    handling.sheetStrength(),
                                    mm,
                                    handling.pieceShare(),
                                    handling.pulseShare(),
                                    tear,
                                    handling.stick(),
                                    formula.style())),
                    handling.stick() == null || handling.crack() == null
                            ? null
                            : Double.valueOf(Risks.rollability(
                                    handling.stick(),
                                    handling.crack(),
                                    tear,
                                    handling.springBackPct(),
                                    formula.style()))));
        }
        return all;
    }
}
